import type { Day } from '../time/types';
import { chanceOf, countChances } from './countChances';
import { expectedOpen, meanOf, sureOf, varianceOf, type BudsSeen } from './expectedOpen';
import type { Together } from './together';

/** One way in which a garden's buds may differ from the usual. */
export interface Habit {
  /** The development that a bud needs, against the usual. */
  readonly pace: number;
  /** Flowers that open of younger buds, against those expected; eve buds, and what is usual, are as they were counted. */
  readonly yield: number;
  /** How far plants differ: shape of the gamma. */
  readonly size: number;
  readonly weight: number;
}

/** What is believed of a garden's buds: ways they may differ, with weights that sum to 1. */
export interface BudModel {
  readonly habits: readonly Habit[];
}

/** Standard deviations of the logarithms before anything was seen. Our defaults. */
const PACE_SD = 0.3;
const YIELD_SD = 0.25;
const PACES = [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.12, 1.26, 1.42, 1.6, 1.85];
const YIELDS = [0.5, 0.62, 0.75, 0.87, 1, 1.15, 1.33, 1.6];
const SIZES = [1.2, 3, 8, 30];

const logNormal = (value: number, sd: number): number => Math.exp(-0.5 * (Math.log(value) / sd) ** 2);

/** The crop's usual, before anything was seen of a garden. */
export const USUAL_BUDS: BudModel = {
  habits: normalised(
    PACES.flatMap((pace) =>
      YIELDS.flatMap((share) =>
        SIZES.map((size) => ({
          pace,
          yield: share,
          size,
          weight: logNormal(pace, PACE_SD) * logNormal(share, YIELD_SD),
        })),
      ),
    ),
  ),
};

/** A count with one before it from which it was to be expected. */
export interface Comparison {
  /** Of which variety and sex. */
  readonly group: string;
  readonly day: Day;
  readonly seen: BudsSeen;
  /** Up to each day from that of the counts before, in mild days; the last day is the one compared. */
  readonly development: readonly number[];
  /** Flowers a plant opens on a mild day on average, where that is known from elsewhere. */
  readonly usual: number;
  /** Flowers that opened, as they were counted. */
  readonly opened: number;
  /** Its part where a count is compared with several. */
  readonly weight: number;
}

/**
 * What counts that follow each other say of a garden's buds: each is compared with what was to be expected of the counts
 * before it, under every habit that buds may have [Bayes' rule on a grid; counts as in `countChances`]. A few counts
 * move little.
 *
 * @example learnBuds([]) // USUAL_BUDS
 */
export function learnBuds(comparisons: readonly Comparison[]): BudModel {
  if (comparisons.length === 0) return USUAL_BUDS;
  const expected = PACES.map((pace) =>
    comparisons.map(({ seen, development, usual }) =>
      expectedOpen(seen, development, { usual, pace }).days.at(-1)!,
    ),
  );
  const weights = weightsOf(comparisons);
  const logs = USUAL_BUDS.habits.map(({ pace, yield: share, size, weight }) => {
    const means = expected[PACES.indexOf(pace)]!;
    return comparisons.reduce((sum, { opened }, i) => {
      const mean = meanOf(means[i]!, share);
      return (
        sum +
        weights[i]! *
          Math.log(
            chanceOf(opened, mean, varianceOf({ mean, sure: sureOf(means[i]!, share), spread: 1 / size })),
          )
      );
    }, Math.log(weight));
  });
  const most = Math.max(...logs);
  const habits = USUAL_BUDS.habits.map((habit, i) => ({ ...habit, weight: Math.exp(logs[i]! - most) }));
  return {
    habits: normalised(habits.filter(({ weight }) => weight > NEGLIGIBLE)),
  };
}

/** So alike are comparisons of one day. Our default. */
const LIKENESS = 0.05;

/**
 * Comparisons of one day share its weather and their reader's eye: together they say less than as many of different days.
 * By the design effect [Kish 1965, Survey Sampling, 5.4].
 */
function weightsOf(comparisons: readonly Comparison[]): readonly number[] {
  const ofDay = new Map<Day, number>();
  for (const { day, weight } of comparisons) ofDay.set(day, (ofDay.get(day) ?? 0) + weight);
  return comparisons.map(({ day, weight }) => weight / (1 + Math.max(0, ofDay.get(day)! - 1) * LIKENESS));
}

/** Against the most likely habit. */
const NEGLIGIBLE = 1e-4;

function normalised<T extends { readonly weight: number }>(habits: readonly T[]): T[] {
  const sum = habits.reduce((all, { weight }) => all + weight, 0);
  return habits.map((habit) => ({ ...habit, weight: habit.weight / sum }));
}

/** How many flowers to expect on a day: on average, and in four of five cases from `low` to `high`. */
export interface Expected {
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}

const LOW = 0.1;
const HIGH = 0.9;

/**
 * Chances of 0, 1, 2 … flowers on one day together from plants whose means are known for each pace.
 *
 * @param expected for each pace of the model: the sum of the plants' means, and how much together they differ from it:
 *   see `Together.shared`.
 * @example chancesOfOpen(USUAL_BUDS, () => ofPlants([]))[0] // 1
 */
export function chancesOfOpen(model: BudModel, expected: (pace: number) => Together): number[] {
  const byPace = new Map(
    [...new Set(model.habits.map(({ pace }) => pace))].map((pace) => [pace, expected(pace)]),
  );
  const parts = model.habits.map(({ pace, yield: share, size, weight }) => {
    const together = byPace.get(pace)!;
    // The sum has the variance of all, as if it were one plant of a larger size.
    const spread = together.shared / size + together.common;
    const mean = meanOf(together, share);
    return { mean, variance: varianceOf({ mean, sure: sureOf(together, share), spread }), weight };
  });
  const upTo = Math.ceil(Math.max(...parts.map(({ mean, variance }) => mean + 6 * Math.sqrt(variance))) + 4);
  const chances = new Array<number>(upTo + 1).fill(0);
  for (const { mean, variance, weight } of parts) {
    countChances(mean, variance, upTo).forEach((chance, n) => {
      chances[n]! += weight * chance;
    });
  }
  return chances;
}

/**
 * The mean and the range in which four of five cases lie.
 *
 * @param chances of 0, 1, 2 …
 * @example expectedOf([0, 1]) // { mean: 1, low: 1, high: 1 }
 */
export function expectedOf(chances: readonly number[]): Expected {
  let sum = 0;
  let low: number | undefined;
  let high: number | undefined;
  let mean = 0;
  for (const [n, chance] of chances.entries()) {
    sum += chance;
    mean += n * chance;
    if (low === undefined && sum >= LOW) low = n;
    if (high === undefined && sum >= HIGH) high = n;
  }
  const last = chances.length - 1;
  return { mean, low: low ?? last, high: high ?? last };
}
