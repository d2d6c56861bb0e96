import type { Day } from '../time/types';
import { negativeBinomial } from './negativeBinomial';
import { COUNTED_STAGES, opensOn, type CountedStage } from './budStages';

/** Buds of one sex on one plant, as they were counted for the flowers of a day. */
export type BudsSeen = Readonly<Record<Exclude<CountedStage, 'pin'>, number>> & {
  /** Left out where they were not counted. */
  readonly pin?: number;
};

/** One way in which a garden's buds may differ from the usual. */
interface Habit {
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
  /** Comparisons of a count with what was expected of it that it was learnt from. */
  readonly learntFrom: number;
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
  learntFrom: 0,
};

/** A count with the counts before it from which it was to be expected. */
export interface Comparison {
  readonly day: Day;
  readonly seen: BudsSeen;
  /** Up to each day from that of the counts before, in mild days; the last day is the one compared. */
  readonly development: readonly number[];
  /** Flowers a plant opens a day on average, where that is known from elsewhere. */
  readonly usual: number;
  /** Flowers that opened, as they were counted. */
  readonly opened: number;
}

/**
 * Share of a day's usual flowers whose buds were too young to be counted, day by day. Our defaults: with them a plant
 * that opens as many flowers every day, and has the buds for them, is expected to go on so.
 */
const UNSEEN = {
  withPins: [0, 0, 0.03, 0.2, 0.42, 0.72, 0.9, 1],
  without: [0, 0.02, 0.4, 1],
} as const;

const unseenOn = (day: number, pinsCounted: boolean): number => {
  const shares = pinsCounted ? UNSEEN.withPins : UNSEEN.without;
  return shares[Math.min(day, shares.length - 1)]!;
};

/** Flowers to expect on a day: by eve buds and what is usual, which own counts tell; and of the younger buds. */
export interface ExpectedOpen {
  readonly known: number;
  readonly ofYounger: number;
}

/**
 * Flowers to expect of one plant on each day, for buds of one pace.
 *
 * @param development see `opensOn`.
 * @param usual flowers that such a plant opens a day; stands for buds that were too young to be seen.
 * @example expectedOpen({ eve: 2, green: 0 }, [0], 0, 1)[0]!.known > 1.7 // true
 */
export function expectedOpen(
  seen: BudsSeen,
  development: readonly number[],
  usual: number,
  pace: number,
): ExpectedOpen[] {
  const openOf = (stage: CountedStage): readonly number[] => {
    const count = seen[stage] ?? 0;
    return count > 0 ? opensOn(stage, development, pace).map((share) => count * share) : [];
  };
  const [eve, green, pin] = COUNTED_STAGES.map(openOf) as [
    readonly number[],
    readonly number[],
    readonly number[],
  ];
  return development.map((_, day) => ({
    known: (eve[day] ?? 0) + usual * unseenOn(day, seen.pin !== undefined),
    ofYounger: (green[day] ?? 0) + (pin[day] ?? 0),
  }));
}

/** Under a habit: see `Habit.yield`. */
const meanOf = ({ known, ofYounger }: ExpectedOpen, share: number): number => known + share * ofYounger;

/**
 * What counts that follow each other say of a garden's buds: each is compared with what was to be expected of the counts
 * before it, under every habit that buds may have [Bayes' rule on a grid; counts are negative binomial]. A few counts
 * move little.
 *
 * @example learnBuds([]) // USUAL_BUDS
 */
export function learnBuds(comparisons: readonly Comparison[]): BudModel {
  if (comparisons.length === 0) return USUAL_BUDS;
  const expected = PACES.map((pace) =>
    comparisons.map(({ seen, development, usual }) => expectedOpen(seen, development, usual, pace).at(-1)!),
  );
  const weights = weightsOf(comparisons);
  const logs = USUAL_BUDS.habits.map(({ pace, yield: share, size, weight }) => {
    const means = expected[PACES.indexOf(pace)]!;
    return comparisons.reduce(
      (sum, { opened }, i) => sum + weights[i]! * Math.log(chanceOf(opened, meanOf(means[i]!, share), size)),
      Math.log(weight),
    );
  });
  const most = Math.max(...logs);
  const habits = USUAL_BUDS.habits.map((habit, i) => ({ ...habit, weight: Math.exp(logs[i]! - most) }));
  return {
    habits: normalised(habits.filter(({ weight }) => weight > NEGLIGIBLE)),
    learntFrom: comparisons.length,
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
  for (const { day } of comparisons) ofDay.set(day, (ofDay.get(day) ?? 0) + 1);
  return comparisons.map(({ day }) => 1 / (1 + (ofDay.get(day)! - 1) * LIKENESS));
}

/** Against the most likely habit. */
const NEGLIGIBLE = 1e-4;
/** No count is impossible: eyes and fingers err. */
const SLIP = 0.002;

const chanceOf = (opened: number, mean: number, size: number): number =>
  SLIP + (1 - SLIP) * negativeBinomial(Math.max(mean, 1e-6), size, opened)[opened]!;

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

/** What is expected of several plants, or of several days. */
export interface Together extends ExpectedOpen {
  /**
   * How much of what they differ by from what is expected they share: 1 where all differ alike, 1/n where each of n differs
   * by itself.
   */
  readonly shared: number;
  /** What all of them have in common besides, as the square of a share of their mean. */
  readonly common: number;
}

/**
 * Chances of 0, 1, 2 … flowers on one day together from plants whose means are known for each pace.
 *
 * @param expected for each pace of the model: the sum of the plants' means, and how much together they differ from it:
 *   see `Together.shared`.
 * @example chancesOfOpen(USUAL_BUDS, () => ({ known: 0, ofYounger: 0, shared: 1, common: 0 }))[0] // 1
 */
export function chancesOfOpen(model: BudModel, expected: (pace: number) => Together): number[] {
  const byPace = new Map(
    [...new Set(model.habits.map(({ pace }) => pace))].map((pace) => [pace, expected(pace)]),
  );
  const parts = model.habits.map(({ pace, yield: share, size, weight }) => {
    const together = byPace.get(pace)!;
    // The sum has the variance of all, as if it were one plant of a larger size.
    const spread = together.shared / size + together.common;
    return { mean: meanOf(together, share), size: 1 / spread, weight };
  });
  const upTo = Math.ceil(
    Math.max(...parts.map(({ mean, size }) => mean + 6 * Math.sqrt(mean + (mean * mean) / size))) + 4,
  );
  const chances = new Array<number>(upTo + 1).fill(0);
  for (const { mean, size, weight } of parts) {
    negativeBinomial(mean, size, upTo).forEach((chance, n) => {
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
