import type { Donor } from '../journal/kinds/stops';
import { groupBy } from '../text/groupBy';
import { reason, type Reason } from '../text/reason';
import { mayTake, usesLeft, type FemaleBud, type MaleBud } from './buds';
import { minCostFlow, type Arc } from './minCostFlow';

export type PairReason =
  | 'otherPlants'
  | 'fatherPlants'
  | 'shared'
  | 'ownPlantAllowed'
  | 'ownPlantLastResort'
  | 'ownFlower'
  | 'unguarded'
  | 'doubtfulType'
  | 'olderPollen'
  | 'fewerMales'
  | 'noPollen';

export interface Pair {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
  readonly father: string;
  /** Which pollination of it, from 1. */
  readonly application: number;
  /** Not before then, UTC milliseconds. */
  readonly from?: number;
  /** By then where that can be, UTC milliseconds. */
  readonly by?: number;
  readonly donors: readonly Donor[];
  /** Is her seed wanted, so that insects are kept out? */
  readonly forSeed?: true;
  readonly reasons: readonly Reason<PairReason>[];
}

export interface Pairing {
  readonly pairs: readonly Pair[];
  /** Males that are not needed: spares, or blossoms for the kitchen. */
  readonly spare: readonly MaleBud[];
}

/**
 * What the pairing values, each far above the next: some pollen for every female; for seed, that it was kept clean and
 * that its plant is true to the variety; that it is another plant's; the fewest males worth having; not to use a male twice; the males wanted; different fathers for
 * one female; fresh pollen; plants that have fathered few this season; near ones. Whole numbers, so that 0 is 0.
 */
export const VALUES = {
  first: 1e12,
  unguarded: 2e11,
  doubtfulType: 2e11,
  ownLastResort: 1e11,
  needed: 1e10,
  thirdUse: 5e9,
  secondUse: 1e9,
  wanted: 1e8,
  ownAllowed: 1e6,
  sameFather: 1e6,
  dayOlder: 1e4,
  fathered: 100,
  metre: 1,
} as const;

/** More than so many females of a season, or metres, make no difference any more. */
const MAX_FATHERED = 9_999;
const MAX_METRES = 99;

/** The cost of a male's use after so many others. */
export const costOfUse = (before: number): number =>
  before === 0 ? 0 : before === 1 ? VALUES.secondUse : VALUES.thirdUse;

/** The cost of fathering one more female after so many. */
export const costOfFathering = (before: number): number => VALUES.fathered * Math.min(MAX_FATHERED, before);

/** What is known of the plants beyond the flowers of the day. */
export interface Ground {
  /** How many females each plant has fathered this season on other days; none where it is missing. */
  readonly fathered?: ReadonlyMap<string, number>;
  /** Metres between two plants; `undefined` where the place of either is not known. */
  readonly metres?: (from: string, to: string) => number | undefined;
}

/**
 * Assigns males to females: of the variety (and the plants) that are to father her seed, from other plants, with fathers
 * used as evenly as possible over the season; a male is shared when pollen is short; her own plant's pollen only when
 * allowed or when there is nothing else, and for seed one that was not kept clean only then.
 *
 * Solved exactly as a minimum-cost flow, a father variety at a time. Females of a plant that want the same are one node of
 * it, and so are its males that are alike, so that it takes plants × plants steps for each male assigned.
 *
 * @example pairFlowers([female], [maleOfAnotherPlant]).pairs[0].donors // that male
 */
export function pairFlowers(
  females: readonly FemaleBud[],
  males: readonly MaleBud[],
  ground: Ground = {},
): Pairing {
  const malesOf = groupBy(males, ({ variety }) => variety);
  const pairs: Pair[] = [];
  const used = new Set<string>();
  for (const female of females.filter(({ selfed }) => selfed)) pairs.push(ownPollenOf(female));
  const others = females.filter(({ selfed }) => !selfed);
  for (const [father, own] of groupBy(others, (female) => female.father)) {
    for (const pair of pairVariety(own, malesOf.get(father) ?? [], ground)) {
      pairs.push(pair);
      for (const { bloom } of pair.donors) used.add(bloom);
    }
  }
  return { pairs, spare: males.filter((male) => male.used === 0 && !used.has(male.bloom)) };
}

const ownPollenOf = ({ bloom, plant, variety, father, application, forSeed }: FemaleBud): Pair => ({
  ...{ bloom, plant, variety, father, application },
  ...(forSeed && { forSeed }),
  donors: [{ plant, bloom }],
  reasons: [reason('ownFlower')],
});

/** Females of one plant that want the same. */
type Mothers = readonly [FemaleBud, ...FemaleBud[]];
/** Males of one plant that are alike: any of them will do. */
type Alike = readonly [MaleBud, ...MaleBud[]];

/** Nodes of the network; all others are numbered from there on. */
const SOURCE = 0;
const SINK = 1;

/** An arc by which so many males that are alike go to females of one plant. */
interface Given {
  readonly arc: number;
  readonly mothers: Mothers;
  readonly alike: Alike;
}

function pairVariety(females: readonly FemaleBud[], males: readonly MaleBud[], ground: Ground): Pair[] {
  const mothers = [...groupBy(females, sortOf).values()] as unknown as Mothers[];
  const useful = males.filter((male) => usesLeft(male) > 0);
  const arcs: Arc[] = [];
  const given: Given[] = [];
  let nodes = SINK + 1;
  const nodeOf = new Map(mothers.map((some) => [some, nodes++]));
  for (const some of mothers) {
    const [{ malesWanted, fewestMales }] = some;
    for (let unit = 0; unit < malesWanted; unit += 1) {
      const worth = unit === 0 ? VALUES.first : unit < fewestMales ? VALUES.needed : VALUES.wanted;
      arcs.push({ from: SOURCE, to: nodeOf.get(some)!, capacity: some.length, cost: -worth });
    }
  }
  for (const [father, ofPlant] of groupBy(useful, ({ plant }) => plant)) {
    const kinds = [...groupBy(ofPlant, kindOf).values()] as unknown as Alike[];
    const plant = nodes++;
    const kindNodes = kinds.map((alike) => {
      const node = nodes++;
      const [{ used, serves, standing }] = alike;
      for (let use = used; use < serves; use += 1)
        arcs.push({ from: node, to: plant, capacity: alike.length, cost: standing ? 0 : costOfUse(use) });
      return node;
    });
    const today = ofPlant.reduce((sum, { used }) => sum + used, 0);
    const before = (ground.fathered?.get(father) ?? 0) + today;
    const uses = ofPlant.reduce((sum, male) => sum + usesLeft(male), 0);
    for (let use = 0; use < uses; use += 1)
      arcs.push({ from: plant, to: SINK, capacity: 1, cost: costOfFathering(before + use) });
    for (const some of mothers) {
      const costs = kinds.map(([male]) => costBetween(some[0], male, ground));
      const most = Math.min(some[0].malesWanted, ofPlant.length);
      const only = kinds.length === 1;
      if (costs.every((cost) => cost === undefined)) continue;
      // Where its males are of several kinds, they meet in a node of their own before they part.
      const via = only ? kindNodes[0]! : nodes++;
      for (let unit = 0; unit < most; unit += 1) {
        const cost = unit * VALUES.sameFather + (only ? costs[0]! : 0);
        if (only) given.push({ arc: arcs.length, mothers: some, alike: kinds[0]! });
        arcs.push({ from: nodeOf.get(some)!, to: via, capacity: some.length, cost });
      }
      if (only) continue;
      kinds.forEach((alike, i) => {
        given.push({ arc: arcs.length, mothers: some, alike });
        arcs.push({ from: via, to: kindNodes[i]!, capacity: some.length * alike.length, cost: costs[i]! });
      });
    }
  }
  const units = minCostFlow(nodes, arcs, SOURCE, SINK);
  return nameFlowers(mothers, given, units);
}

const sortOf = ({
  plant,
  malesWanted,
  fewestMales,
  ownPollen,
  forSeed,
  fathers,
  suspect,
  stand,
}: FemaleBud): string =>
  JSON.stringify([plant, malesWanted, fewestMales, ownPollen, forSeed, fathers, suspect, stand]);

const kindOf = ({ guarded, used, serves, ageDays, standing }: MaleBud): string =>
  `${guarded}|${used}|${serves}|${ageDays}|${standing}`;

/** `undefined` where she may not take it. */
export function costBetween(female: FemaleBud, male: MaleBud, { metres }: Ground): number | undefined {
  if (!mayTake(female, male)) return undefined;
  const far = Math.min(MAX_METRES, Math.round(metres?.(female.plant, male.plant) ?? 0));
  const cost =
    (female.forSeed && !male.guarded ? VALUES.unguarded : 0) +
    (female.forSeed && male.doubtful ? VALUES.doubtfulType : 0) +
    VALUES.dayOlder * male.ageDays +
    VALUES.metre * far;
  if (male.plant !== female.plant || female.stand) return cost;
  return cost + (female.ownPollen === 'allowed' ? VALUES.ownAllowed : VALUES.ownLastResort);
}

/**
 * Turns "two males of plant A for the females of plant B" into named flowers. Males are dealt out in turn, so that each
 * female gets as many as the next, and of one plant as few; and those that are alike in turn, so that none is used
 * more often than another, nor twice on one female.
 */
function nameFlowers(mothers: readonly Mothers[], given: readonly Given[], units: readonly number[]): Pair[] {
  const givenTo = groupBy(given, (each) => each.mothers);
  const next = new Map<Alike, number>();
  const uses = new Map<string, number>();
  const pairs = mothers.flatMap((some) => {
    const kinds = (givenTo.get(some) ?? []).flatMap(({ arc, alike }) =>
      Array.from({ length: units[arc]! }, () => alike),
    );
    return some.map((female, i) => {
      const donors = kinds
        .filter((_, unit) => unit % some.length === i)
        .map((alike) => {
          const at = next.get(alike) ?? 0;
          next.set(alike, at + 1);
          const male = alike[at % alike.length]!;
          uses.set(male.bloom, (uses.get(male.bloom) ?? male.used) + 1);
          return male;
        });
      return { female, donors };
    });
  });
  return pairs.map(({ female, donors }): Pair => {
    const { bloom, plant, variety, father, application, from, by, forSeed } = female;
    return {
      ...(from !== undefined && { from }),
      ...(by !== undefined && { by }),
      ...(forSeed && { forSeed }),
      bloom,
      plant,
      variety,
      father,
      application,
      donors: donors.map((male) => ({ plant: male.plant, bloom: male.bloom })),
      reasons: reasonsFor(female, donors, uses),
    };
  });
}

function reasonsFor(
  female: FemaleBud,
  donors: readonly MaleBud[],
  uses: ReadonlyMap<string, number>,
): Reason<PairReason>[] {
  if (donors.length === 0) return [reason('noPollen')];
  const reasons: Reason<PairReason>[] = [];
  const isOwn = ({ plant }: MaleBud): boolean => plant === female.plant && !female.stand;
  const others = new Set(donors.filter((male) => !isOwn(male)).map(({ plant }) => plant));
  const crossed = female.father !== female.variety;
  if (others.size > 0) reasons.push(reason(crossed ? 'fatherPlants' : 'otherPlants', { count: others.size }));
  if (donors.some(isOwn)) {
    reasons.push(reason(female.ownPollen === 'allowed' ? 'ownPlantAllowed' : 'ownPlantLastResort'));
  }
  const shared = donors.filter(({ bloom, standing }) => !standing && uses.get(bloom)! > 1).length;
  if (shared > 0) reasons.push(reason('shared', { count: shared }));
  if (female.forSeed && donors.some(({ guarded }) => !guarded)) reasons.push(reason('unguarded'));
  if (female.forSeed && donors.some(({ doubtful }) => doubtful)) reasons.push(reason('doubtfulType'));
  const older = donors.filter(({ ageDays }) => ageDays > 0).length;
  if (older > 0) reasons.push(reason('olderPollen', { count: older }));
  if (donors.length < female.malesWanted)
    reasons.push(reason('fewerMales', { got: donors.length, wanted: female.malesWanted }));
  return reasons;
}
