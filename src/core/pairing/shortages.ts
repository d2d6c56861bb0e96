import { groupBy } from '../text/groupBy';
import { isMaleForSeed, mayTake, usesLeft, type FemaleBud, type MaleBud } from './buds';
import { minCostFlow, type Arc } from './minCostFlow';

/** A variety with fewer males than the females want that are to take them. */
export interface Shortage {
  readonly variety: string;
  readonly females: number;
  readonly wanted: number;
  /** Males that any of the females may take. */
  readonly males: number;
  /** Females for which there is no pollen at all. */
  readonly without: number;
}

/**
 * What is short of a morning's males. A male that nobody may take does not count: of her own plant where that is never
 * allowed, of one that a cross does not name, of one that looks diseased, used up, or, for seed, one that was not kept
 * clean or whose plant may be off-type.
 *
 * @example shortagesOf([female], [])[0].without // 1
 */
export function shortagesOf(females: readonly FemaleBud[], males: readonly MaleBud[]): Shortage[] {
  const malesOf = groupBy(males, ({ variety }) => variety);
  const fed = females.filter(({ selfed }) => !selfed);
  return [...groupBy(fed, ({ father }) => father)].flatMap(([variety, own]): Shortage[] => {
    const theirs = (malesOf.get(variety) ?? []).filter((male) => usesLeft(male) > 0);
    const counts = countsOf(theirs);
    const sound = theirs.filter(({ suspect }) => !suspect);
    const healthy = sound.length === theirs.length ? counts : countsOf(sound);
    const wanted = own.reduce((sum, { malesWanted }) => sum + malesWanted, 0);
    const usable = theirs.filter((male) =>
      own.some((female) => isClean(male, female) && mayTake(female, male)),
    );
    // One that stays where it is gives to as many as it serves.
    const uses = usable.reduce((sum, male) => sum + (male.standing ? usesLeft(male) : 1), 0);
    const short =
      wanted > uses ||
      own.some((female) => malesFor(female, female.suspect ? counts : healthy) < female.malesWanted);
    return short
      ? [{ variety, females: own.length, wanted, males: usable.length, without: withoutPollen(own, theirs) }]
      : [];
  });
}

const isClean = (male: MaleBud, { forSeed }: FemaleBud): boolean => !forSeed || isMaleForSeed(male);

interface MaleCounts {
  readonly all: number;
  readonly forSeed: number;
  readonly byPlant: ReadonlyMap<string, readonly MaleBud[]>;
}

const countsOf = (males: readonly MaleBud[]): MaleCounts => ({
  all: males.length,
  forSeed: males.filter(isMaleForSeed).length,
  byPlant: groupBy(males, ({ plant }) => plant),
});

function malesFor(female: FemaleBud, { all, forSeed, byPlant }: MaleCounts): number {
  const of = (plant: string): number =>
    (byPlant.get(plant) ?? []).filter((male) => isClean(male, female)).length;
  const { plant, fathers, ownPollen, stand } = female;
  if (fathers)
    return fathers.reduce((sum, father) => sum + (mayTake(female, { plant: father }) ? of(father) : 0), 0);
  return (female.forSeed ? forSeed : all) - (ownPollen === 'never' && !stand ? of(plant) : 0);
}

/**
 * Females that go without however the males are shared out: all but those whom the largest flow of uses from plants to
 * females reaches.
 */
function withoutPollen(females: readonly FemaleBud[], males: readonly MaleBud[]): number {
  // Those that may take the same are one node, and so are the males of a plant.
  const wanting = groupBy(females, ({ plant, ownPollen, fathers, suspect = false, stand = false }) =>
    JSON.stringify([ownPollen === 'never' && !stand && plant, fathers, suspect]),
  );
  const giving = groupBy(males, ({ plant }) => plant);
  const sink = 1 + wanting.size + giving.size;
  const arcs: Arc[] = [];
  [...wanting.values()].forEach((some, i) => {
    arcs.push({ from: 0, to: 1 + i, capacity: some.length, cost: -1 });
    [...giving.values()].forEach((own, j) => {
      if (!mayTake(some[0]!, own[0]!)) return;
      arcs.push({ from: 1 + i, to: 1 + wanting.size + j, capacity: some.length, cost: 0 });
    });
  });
  [...giving.values()].forEach((own, j) => {
    const uses = own.reduce((sum, male) => sum + usesLeft(male), 0);
    arcs.push({ from: 1 + wanting.size + j, to: sink, capacity: uses, cost: 0 });
  });
  const units = minCostFlow(sink + 1, arcs, 0, sink);
  const reached = arcs.reduce((sum, { from }, i) => (from === 0 ? sum + units[i]! : sum), 0);
  return females.length - reached;
}
