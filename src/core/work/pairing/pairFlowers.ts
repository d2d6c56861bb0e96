import { groupBy } from '../../text/groupBy';
import type { Donor } from '../../journal/kinds/round';
import type { OwnPollenRule } from '../../crops/variety';
import { reason, type Reason } from '../../text/reason';
import { minCostFlow, type Arc } from './minCostFlow';

export interface FemaleBud {
  readonly flower: string;
  readonly plant: string;
  readonly variety: string;
  readonly malesWanted: number;
  /** With fewer than this, males of others are shared. */
  readonly fewestMales: number;
  readonly ownPollen: OwnPollenRule;
}

export interface MaleBud {
  readonly flower: string;
  readonly plant: string;
  readonly variety: string;
}

export type PairReason =
  'otherPlants' | 'shared' | 'ownPlantAllowed' | 'ownPlantLastResort' | 'fewerMales' | 'noPollen';

export interface Pair {
  readonly flower: string;
  readonly plant: string;
  readonly variety: string;
  readonly donors: readonly Donor[];
  readonly reasons: readonly Reason<PairReason>[];
}

/** A variety with fewer males than its females want. */
export interface Shortage {
  readonly variety: string;
  readonly females: number;
  readonly wanted: number;
  readonly males: number;
  /** Females for which there is no pollen at all. */
  readonly without: number;
}

export interface Pairing {
  readonly pairs: readonly Pair[];
  readonly shortages: readonly Shortage[];
  /** Males that are not needed: spares, or blossoms for the kitchen. */
  readonly spare: readonly MaleBud[];
}

/** One male brushes at most this many females. Our default: the pollen of a big male serves several. */
export const MOST_USES = 3;

/**
 * What the pairing values, each far above the next: some pollen for every female; the fewest males worth
 * having; not to use a male twice; the males wanted; different fathers for one female; fathers used evenly.
 */
const WORTH_FIRST = 1e9;
const WORTH_NEEDED = 1e7;
const WORTH_WANTED = 1e5;
const COST_SECOND_USE = 1e6;
const COST_THIRD_USE = 5e6;
const COST_OWN_LAST_RESORT = 1e8;
const COST_OWN_ALLOWED = 3e3;
const COST_SAME_FATHER = 3e3;

/**
 * Assigns males to females: of the same variety, from other plants, with fathers used as evenly as possible; a male
 * is shared when pollen is short; her own plant's pollen only when allowed or when there is nothing else.
 *
 * Solved exactly as a minimum-cost flow, a variety at a time, in females × plants steps per male assigned.
 *
 * @example pairFlowers([female], [maleOfAnotherPlant]).pairs[0].donors // that male
 */
export function pairFlowers(females: readonly FemaleBud[], males: readonly MaleBud[]): Pairing {
  const pairs: Pair[] = [];
  const shortages: Shortage[] = [];
  const spare: MaleBud[] = [];
  const varieties = new Set([...females, ...males].map(({ variety }) => variety));
  for (const variety of varieties) {
    const own = <T extends { variety: string }>(flowers: readonly T[]): T[] =>
      flowers.filter((flower) => flower.variety === variety);
    const paired = pairVariety(own(females), own(males));
    pairs.push(...paired.pairs);
    spare.push(...paired.spare);
    const wanted = own(females).reduce((sum, female) => sum + female.malesWanted, 0);
    if (wanted > own(males).length) {
      const without = paired.pairs.filter(({ donors }) => donors.length === 0).length;
      shortages.push({ variety, females: own(females).length, wanted, males: own(males).length, without });
    }
  }
  return { pairs, shortages, spare };
}

/** Nodes: 0 the source, then females, then the plants that have males, last the sink. */
function pairVariety(
  females: readonly FemaleBud[],
  males: readonly MaleBud[],
): { pairs: Pair[]; spare: MaleBud[] } {
  const malesOf = groupBy(males, ({ plant }) => plant);
  const fathers = [...malesOf.keys()];
  const sink = 1 + females.length + fathers.length;
  const arcs: Arc[] = [];
  females.forEach((female, f) => {
    for (let unit = 0; unit < female.malesWanted; unit += 1) {
      const worth = unit === 0 ? WORTH_FIRST : unit < female.fewestMales ? WORTH_NEEDED : WORTH_WANTED;
      arcs.push({ from: 0, to: 1 + f, capacity: 1, cost: -worth });
    }
  });
  const assignable: { readonly arc: number; readonly female: number; readonly father: string }[] = [];
  females.forEach((female, f) => {
    fathers.forEach((father, p) => {
      const own = father === female.plant;
      if (own && female.ownPollen === 'never') return;
      const ownCost = !own ? 0 : female.ownPollen === 'allowed' ? COST_OWN_ALLOWED : COST_OWN_LAST_RESORT;
      const count = Math.min(female.malesWanted, malesOf.get(father)!.length);
      for (let unit = 0; unit < count; unit += 1) {
        assignable.push({ arc: arcs.length, female: f, father });
        const cost = ownCost + unit * COST_SAME_FATHER;
        arcs.push({ from: 1 + f, to: 1 + females.length + p, capacity: 1, cost });
      }
    });
  });
  fathers.forEach((father, p) => {
    const flowers = malesOf.get(father)!.length;
    for (let use = 0; use < flowers * MOST_USES; use += 1) {
      const round = Math.floor(use / flowers);
      const sharing = round === 0 ? 0 : round === 1 ? COST_SECOND_USE : COST_THIRD_USE;
      arcs.push({ from: 1 + females.length + p, to: sink, capacity: 1, cost: sharing + use });
    }
  });
  const units = minCostFlow(sink + 1, arcs, 0, sink);

  const fathersOf: string[][] = females.map(() => []);
  for (const { arc, female, father } of assignable) if (units[arc] === 1) fathersOf[female]!.push(father);
  return nameFlowers(females, fathersOf, malesOf);
}

/** Turns "two males of plant A" into named flowers, each used once before any is used again. */
function nameFlowers(
  females: readonly FemaleBud[],
  fathersOf: readonly (readonly string[])[],
  malesOf: ReadonlyMap<string, readonly MaleBud[]>,
): { pairs: Pair[]; spare: MaleBud[] } {
  const uses = new Map<string, number>();
  const donorsOf = fathersOf.map((fathers) =>
    fathers.map((father): Donor => {
      const flowers = malesOf.get(father)!;
      const turn = uses.get(father) ?? 0;
      uses.set(father, turn + 1);
      return { plant: father, flower: flowers[turn % flowers.length]!.flower };
    }),
  );
  const timesUsed = new Map<string, number>();
  for (const { flower } of donorsOf.flat()) timesUsed.set(flower, (timesUsed.get(flower) ?? 0) + 1);
  const pairs = females.map((female, f): Pair => {
    const donors = donorsOf[f]!;
    const { flower, plant, variety } = female;
    return { flower, plant, variety, donors, reasons: reasonsFor(female, donors, timesUsed) };
  });
  const spare = [...malesOf.values()].flat().filter(({ flower }) => !timesUsed.has(flower));
  return { pairs, spare };
}

function reasonsFor(
  female: FemaleBud,
  donors: readonly Donor[],
  timesUsed: ReadonlyMap<string, number>,
): Reason<PairReason>[] {
  if (donors.length === 0) return [reason('noPollen')];
  const reasons: Reason<PairReason>[] = [];
  const others = new Set(donors.map(({ plant }) => plant).filter((plant) => plant !== female.plant));
  if (others.size > 0) reasons.push(reason('otherPlants', { count: others.size }));
  if (donors.some(({ plant }) => plant === female.plant)) {
    reasons.push(reason(female.ownPollen === 'allowed' ? 'ownPlantAllowed' : 'ownPlantLastResort'));
  }
  const shared = donors.filter(({ flower }) => (timesUsed.get(flower) ?? 0) > 1).length;
  if (shared > 0) reasons.push(reason('shared', { count: shared }));
  if (donors.length < female.malesWanted)
    reasons.push(reason('fewerMales', { got: donors.length, wanted: female.malesWanted }));
  return reasons;
}
