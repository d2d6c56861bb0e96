import { negativeBinomial } from '../opening/negativeBinomial';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { FlowersToCome, VarietyToCome } from './flowersToCome';

export interface Mornings {
  /** The first day that is counted. */
  readonly from: Day;
  /** By these days as many flowers have opened with a chance of 1, 5 and 9 of 10; missing where there is no such day. */
  readonly soon?: Day;
  readonly likely?: Day;
  readonly late?: Day;
  /** With which chance as many open at all, 0 to 1. */
  readonly chance: number;
  /** Flowers that bear, a mild day, of all its plants. */
  readonly females: number;
  /** Males that they take, and those to expect meanwhile. */
  readonly males: { readonly needed: number; readonly expected: number };
}

/**
 * In how many mornings so many flowers open: their number is Poisson with a mean that is believed as a gamma (together
 * negative binomial); of several plantings by the mean and the variance of their sum.
 *
 * @param flowers that are to be pollinated, 1 or more.
 * @param until the last day on which that is worth while.
 * @returns `undefined` where no flower that bears is to come by then.
 */
export function morningsFor(
  { plantings, malesEach }: VarietyToCome,
  flowers: number,
  until?: Day,
): Mornings | undefined {
  const [first] = plantings.map(({ from }) => from).sort();
  const [season] = plantings
    .map(({ last }) => last)
    .sort()
    .reverse();
  const last = until !== undefined && until < season! ? until : season!;
  if (first === undefined || last < first) return undefined;
  const days: Day[] = [];
  for (let day = first; day <= last; day = addDays(day, 1)) days.push(day);
  const sums = plantings.map((planting) => sumsOf(planting, days));
  const chanceBy = (i: number): number =>
    chanceOfAtLeast(
      plantings,
      sums.map((of) => of[i]!),
      flowers,
    );
  const firstWith = (chance: number): number | undefined => {
    if (chanceBy(days.length - 1) < chance) return undefined;
    let [before, enough] = [-1, days.length - 1];
    while (enough - before > 1) {
      const middle = (before + enough) >> 1;
      if (chanceBy(middle) >= chance) enough = middle;
      else before = middle;
    }
    return enough;
  };
  const [soon, likely, late] = [0.1, 0.5, 0.9].map(firstWith);
  const until50 = likely ?? days.length - 1;
  return {
    from: first,
    ...(soon !== undefined && { soon: days[soon]! }),
    ...(likely !== undefined && { likely: days[likely]! }),
    ...(late !== undefined && { late: days[late]! }),
    chance: chanceBy(days.length - 1),
    females: plantings.reduce((sum, { plants, females }) => sum + plants * females.mean, 0),
    males: {
      needed: Math.ceil(flowers * malesEach),
      expected: plantings.reduce((sum, { males }, i) => sum + males.mean * sums[i]![until50]!, 0),
    },
  };
}

/** Plants times mild days, added up to each of some days. */
function sumsOf({ plants, from, last, mild }: FlowersToCome, days: readonly Day[]): number[] {
  let sum = 0;
  return days.map((day) => (sum += day >= from && day <= last ? plants * mild(day) : 0));
}

function chanceOfAtLeast(
  plantings: readonly FlowersToCome[],
  sums: readonly number[],
  wanted: number,
): number {
  let [mean, excess] = [0, 0];
  for (const [i, { females }] of plantings.entries()) {
    const own = females.mean * sums[i]!;
    mean += own;
    // A gamma of shape mean × of: what the mean is not known by.
    excess += own ** 2 / (females.mean * females.of);
  }
  if (mean === 0) return 0;
  const fewer = negativeBinomial(mean, mean ** 2 / excess, wanted - 1);
  return Math.max(0, 1 - fewer.reduce((sum, chance) => sum + chance, 0));
}
