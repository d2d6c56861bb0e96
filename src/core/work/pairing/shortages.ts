import { groupBy } from '../../text/groupBy';
import { usesLeft, type FemaleBud, type MaleBud } from './buds';

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
 * What is short of a morning's males, by counting alone. A male that nobody may take does not count: of her own plant
 * where that is never allowed, used up, or, for seed, one that was not kept clean.
 *
 * @example shortagesOf([female], [])[0].without // 1
 */
export function shortagesOf(females: readonly FemaleBud[], males: readonly MaleBud[]): Shortage[] {
  const malesOf = groupBy(males, ({ variety }) => variety);
  return [...groupBy(females, ({ father }) => father)].flatMap(([variety, own]): Shortage[] => {
    const theirs = (malesOf.get(variety) ?? []).filter((male) => usesLeft(male) > 0);
    const counts = countsOf(theirs);
    const wanted = own.reduce((sum, { malesWanted }) => sum + malesWanted, 0);
    const usable = theirs.filter((male) => own.some((female) => mayTake(female, male))).length;
    const short = wanted > usable || own.some((female) => malesFor(female, counts) < female.malesWanted);
    return short
      ? [{ variety, females: own.length, wanted, males: usable, without: withoutPollen(own, theirs) }]
      : [];
  });
}

const mayTake = (female: FemaleBud, male: MaleBud): boolean =>
  (male.guarded || !female.forSeed) && (male.plant !== female.plant || female.ownPollen !== 'never');

interface MaleCounts {
  readonly all: number;
  readonly guarded: number;
  readonly byPlant: ReadonlyMap<string, readonly MaleBud[]>;
}

const countsOf = (males: readonly MaleBud[]): MaleCounts => ({
  all: males.length,
  guarded: males.filter(({ guarded }) => guarded).length,
  byPlant: groupBy(males, ({ plant }) => plant),
});

function malesFor({ plant, forSeed, ownPollen }: FemaleBud, { all, guarded, byPlant }: MaleCounts): number {
  const every = forSeed ? guarded : all;
  if (ownPollen !== 'never') return every;
  return every - (byPlant.get(plant) ?? []).filter((male) => male.guarded || !forSeed).length;
}

/**
 * Females that go without however the males are shared out [Hall 1935, On representatives of subsets]: those beyond
 * all uses there are, or those of one plant beyond the uses of all others.
 */
function withoutPollen(females: readonly FemaleBud[], males: readonly MaleBud[]): number {
  const usesOf = (some: readonly MaleBud[]): number => some.reduce((sum, male) => sum + usesLeft(male), 0);
  const all = usesOf(males);
  const byPlant = groupBy(males, ({ plant }) => plant);
  const strict = groupBy(
    females.filter(({ ownPollen }) => ownPollen === 'never'),
    ({ plant }) => plant,
  );
  const ofOnePlant = Array.from(
    strict,
    ([plant, own]) => own.length - (all - usesOf(byPlant.get(plant) ?? [])),
  );
  return Math.max(0, females.length - all, ...ofOnePlant);
}
