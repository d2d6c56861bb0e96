import type { Donor } from '../../journal/kinds/round';
import { groupBy } from '../../text/groupBy';
import { reason, type Reason } from '../../text/reason';
import { usesLeft, type FemaleBud, type MaleBud } from './buds';
import { minCostFlow, type Arc } from './minCostFlow';

export type PairReason =
  | 'otherPlants'
  | 'shared'
  | 'ownPlantAllowed'
  | 'ownPlantLastResort'
  | 'unguarded'
  | 'fewerMales'
  | 'noPollen';

export interface Pair {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
  readonly father: string;
  /** Which pollination of it, from 1. */
  readonly application: number;
  readonly donors: readonly Donor[];
  readonly reasons: readonly Reason<PairReason>[];
}

export interface Pairing {
  readonly pairs: readonly Pair[];
  /** Males that are not needed: spares, or blossoms for the kitchen. */
  readonly spare: readonly MaleBud[];
}

/**
 * What the pairing values, each far above the next: some pollen for every female; for seed, that it was kept clean;
 * the fewest males worth having; not to use a male twice; the males wanted; different fathers for one female; fathers
 * used evenly.
 */
const WORTH_FIRST = 1e9;
const WORTH_NEEDED = 1e7;
const WORTH_WANTED = 1e5;
const COST_UNGUARDED = 2e8;
const COST_OWN_LAST_RESORT = 1e8;
const COST_SECOND_USE = 1e6;
const COST_THIRD_USE = 5e6;
const COST_OWN_ALLOWED = 3e3;
const COST_SAME_FATHER = 3e3;

const costOfUse = (before: number): number =>
  before === 0 ? 0 : before === 1 ? COST_SECOND_USE : COST_THIRD_USE;

/**
 * Assigns males to females: of the variety that is to father her seed, from other plants, with fathers used as evenly as possible; a male
 * is shared when pollen is short; her own plant's pollen only when allowed or when there is nothing else, and for seed
 * one that was not kept clean only then.
 *
 * Solved exactly as a minimum-cost flow, a father variety at a time. Females of a plant that want the same are one node of
 * it, and so are its males, so that it takes plants × plants steps for each male assigned.
 *
 * @example pairFlowers([female], [maleOfAnotherPlant]).pairs[0].donors // that male
 */
export function pairFlowers(females: readonly FemaleBud[], males: readonly MaleBud[]): Pairing {
  const malesOf = groupBy(males, ({ variety }) => variety);
  const pairs: Pair[] = [];
  const used = new Set<string>();
  for (const [father, own] of groupBy(females, (female) => female.father)) {
    for (const pair of pairVariety(own, malesOf.get(father) ?? [])) {
      pairs.push(pair);
      for (const { bloom } of pair.donors) used.add(bloom);
    }
  }
  return { pairs, spare: males.filter((male) => male.used === 0 && !used.has(male.bloom)) };
}

/** Females of one plant that want the same. */
type Mothers = readonly [FemaleBud, ...FemaleBud[]];
/** Males of one plant, all kept clean or none. */
type Fathers = readonly [MaleBud, ...MaleBud[]];

/** Nodes: 0 the source, then mothers, then fathers, last the sink. */
function pairVariety(females: readonly FemaleBud[], males: readonly MaleBud[]): Pair[] {
  const mothers = [...groupBy(females, sortOf).values()] as unknown as Mothers[];
  const useful = males.filter((male) => usesLeft(male) > 0);
  const fathers = [
    ...groupBy(useful, ({ plant, guarded }) => `${plant}|${guarded}`).values(),
  ] as unknown as Fathers[];
  const sink = 1 + mothers.length + fathers.length;
  const arcs: Arc[] = [];
  mothers.forEach((some, m) => {
    const [{ malesWanted, fewestMales }] = some;
    for (let unit = 0; unit < malesWanted; unit += 1) {
      const worth = unit === 0 ? WORTH_FIRST : unit < fewestMales ? WORTH_NEEDED : WORTH_WANTED;
      arcs.push({ from: 0, to: 1 + m, capacity: some.length, cost: -worth });
    }
  });
  const given: { readonly arc: number; readonly mothers: number; readonly fathers: number }[] = [];
  mothers.forEach((some, m) => {
    fathers.forEach((theirs, p) => {
      const cost = costBetween(some[0], theirs[0]);
      if (cost === undefined) return;
      const most = Math.min(some[0].malesWanted, theirs.length);
      for (let unit = 0; unit < most; unit += 1) {
        given.push({ arc: arcs.length, mothers: m, fathers: p });
        const to = 1 + mothers.length + p;
        arcs.push({ from: 1 + m, to, capacity: some.length, cost: cost + unit * COST_SAME_FATHER });
      }
    });
  });
  fathers.forEach((theirs, p) => {
    const uses = theirs.flatMap((male) => Array.from({ length: usesLeft(male) }, (_, i) => male.used + i));
    const before = theirs.reduce((sum, { used }) => sum + used, 0);
    uses.sort((a, b) => a - b);
    uses.forEach((use, i) => {
      const cost = costOfUse(use) + before + i;
      arcs.push({ from: 1 + mothers.length + p, to: sink, capacity: 1, cost });
    });
  });
  const units = minCostFlow(sink + 1, arcs, 0, sink);

  const fathersOf = mothers.map((): number[] => []);
  for (const { arc, mothers: m, fathers: p } of given) {
    for (let unit = 0; unit < units[arc]!; unit += 1) fathersOf[m]!.push(p);
  }
  return nameFlowers(mothers, fathers, fathersOf);
}

const sortOf = ({ plant, malesWanted, fewestMales, ownPollen, forSeed }: FemaleBud): string =>
  `${plant}|${malesWanted}|${fewestMales}|${ownPollen}|${forSeed}`;

/** `undefined` where she may not take it. */
function costBetween(female: FemaleBud, male: MaleBud): number | undefined {
  const unguarded = female.forSeed && !male.guarded ? COST_UNGUARDED : 0;
  if (male.plant !== female.plant) return unguarded;
  switch (female.ownPollen) {
    case 'never':
      return undefined;
    case 'allowed':
      return unguarded + COST_OWN_ALLOWED;
    case 'lastResort':
      return unguarded + COST_OWN_LAST_RESORT;
  }
}

/**
 * Turns "two males of plant A for the females of plant B" into named flowers. Fathers are dealt out in turn, so that
 * each female gets as many as the next, and of one father as few; of a plant's males the least used is taken.
 */
function nameFlowers(
  mothers: readonly Mothers[],
  fathers: readonly Fathers[],
  fathersOf: readonly (readonly number[])[],
): Pair[] {
  const uses = new Map(fathers.flat().map(({ bloom, used }) => [bloom, used]));
  const donorsOf = new Map<string, Donor[]>();
  mothers.forEach((some, m) => {
    const inTurn = [...fathersOf[m]!].sort((a, b) => a - b);
    inTurn.forEach((p, i) => {
      const { bloom } = some[i % some.length]!;
      const held = donorsOf.get(bloom) ?? [];
      const male = leastUsed(fathers[p]!, uses, held);
      if (!male) return;
      uses.set(male.bloom, uses.get(male.bloom)! + 1);
      donorsOf.set(bloom, [...held, { plant: male.plant, bloom: male.bloom }]);
    });
  });
  const malesById = new Map(fathers.flat().map((male) => [male.bloom, male]));
  return mothers.flat().map((female): Pair => {
    const { bloom, plant, variety, father, application } = female;
    const donors = donorsOf.get(bloom) ?? [];
    const males = donors.map((donor) => malesById.get(donor.bloom)!);
    return { bloom, plant, variety, father, application, donors, reasons: reasonsFor(female, males, uses) };
  });
}

function leastUsed(
  males: Fathers,
  uses: ReadonlyMap<string, number>,
  held: readonly Donor[],
): MaleBud | undefined {
  const free = males.filter(
    ({ bloom, serves }) => uses.get(bloom)! < serves && !held.some((donor) => donor.bloom === bloom),
  );
  return free.reduce<MaleBud | undefined>(
    (best, male) => (!best || uses.get(male.bloom)! < uses.get(best.bloom)! ? male : best),
    undefined,
  );
}

function reasonsFor(
  female: FemaleBud,
  donors: readonly MaleBud[],
  uses: ReadonlyMap<string, number>,
): Reason<PairReason>[] {
  if (donors.length === 0) return [reason('noPollen')];
  const reasons: Reason<PairReason>[] = [];
  const others = new Set(donors.map(({ plant }) => plant).filter((plant) => plant !== female.plant));
  if (others.size > 0) reasons.push(reason('otherPlants', { count: others.size }));
  if (donors.some(({ plant }) => plant === female.plant)) {
    reasons.push(reason(female.ownPollen === 'allowed' ? 'ownPlantAllowed' : 'ownPlantLastResort'));
  }
  const shared = donors.filter(({ bloom }) => uses.get(bloom)! > 1).length;
  if (shared > 0) reasons.push(reason('shared', { count: shared }));
  if (female.forSeed && donors.some(({ guarded }) => !guarded)) reasons.push(reason('unguarded'));
  if (donors.length < female.malesWanted)
    reasons.push(reason('fewerMales', { got: donors.length, wanted: female.malesWanted }));
  return reasons;
}
