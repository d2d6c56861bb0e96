import type { Day } from '../time/types';
import { groupBy } from '../text/groupBy';
import { countChances } from './countChances';
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
 * Share of the usual flowers whose buds were too young to be counted, by what passed since, in mild days of buds of the
 * usual pace. Our defaults: with them a plant that opens as many flowers every day, and has the buds for them, is expected
 * to go on so.
 */
const UNSEEN = {
  withPins: [0, 0, 0.03, 0.2, 0.42, 0.72, 0.9, 1],
  without: [0, 0.02, 0.4, 1],
} as const;

/** Between whole days in a straight line. */
function unseenAfter(passed: number, pinsCounted: boolean): number {
  const shares = pinsCounted ? UNSEEN.withPins : UNSEEN.without;
  const last = shares.length - 1;
  const day = Math.min(Math.floor(passed), last);
  const [from, to] = [shares[day]!, shares[Math.min(day + 1, last)]!];
  return from + (passed - day) * (to - from);
}

/** Flowers to expect on a day: by eve buds and what is usual, which own counts tell; and of the younger buds. */
export interface ExpectedOpen {
  readonly known: number;
  readonly ofYounger: number;
  /**
   * By how much their number varies less than if each opened at any time: buds that are there open once, if at all. The
   * sums of the squared chances of those of `known` and `ofYounger`.
   */
  readonly sure: readonly [known: number, ofYounger: number];
}

/** What is expected of one plant. */
export interface ExpectedOfPlant {
  readonly days: readonly ExpectedOpen[];
  /** On the days from one on. */
  readonly from: (day: number) => ExpectedOpen;
}

/**
 * Flowers to expect of one plant on each day, for buds of one pace.
 *
 * @param development see `opensOn`.
 * @param usual flowers that such a plant opens on a mild day; stands for buds that were too young to be seen.
 * @param factors by what is expected so many days after the count is multiplied; 1 where none is given.
 * @example expectedOpen({ eve: 2, green: 0 }, [0], 0, 1).days[0]!.known > 1.7 // true
 */
export function expectedOpen(
  seen: BudsSeen,
  development: readonly number[],
  {
    usual,
    pace,
    factors = [],
  }: { readonly usual: number; readonly pace: number; readonly factors?: readonly number[] },
): ExpectedOfPlant {
  const factorOn = (day: number): number => factors[day] ?? 1;
  const stages = COUNTED_STAGES.flatMap((stage) => {
    const count = seen[stage] ?? 0;
    if (count === 0) return [];
    const shares = opensOn(stage, development, pace).map((share, day) => Math.min(1, share * factorOn(day)));
    return [{ count, shares, of: stage === 'eve' ? 0 : 1 }];
  });
  const unseen = development.map(
    (passed, day) =>
      factorOn(day) *
      usual *
      (passed - (development[day - 1] ?? 0)) *
      unseenAfter(passed / pace, seen.pin !== undefined),
  );
  const within = (from: number, to: number): ExpectedOpen => {
    const mean = [0, 0];
    const sure: [number, number] = [0, 0];
    for (let day = from; day < to; day += 1) mean[0]! += unseen[day]!;
    for (const { count, shares, of } of stages) {
      let share = 0;
      for (let day = from; day < to; day += 1) share += shares[day]!;
      mean[of]! += count * share;
      sure[of]! += count * Math.min(1, share) ** 2;
    }
    return { known: mean[0]!, ofYounger: mean[1]!, sure };
  };
  return {
    days: development.map((_, day) => within(day, day + 1)),
    from: (day) => within(day, development.length),
  };
}

/** Under a habit: see `Habit.yield`. */
const meanOf = ({ known, ofYounger }: ExpectedOpen, share: number): number => known + share * ofYounger;

/** Their number varies by no less than this part of the mean: eyes err. Our default. */
const LEAST_VARIANCE = 0.03;

/**
 * The variance of their number under a habit.
 *
 * @param spread by how much the mean itself varies, as the square of a share of it.
 */
function varianceOf(
  { sure: [known, ofYounger] }: ExpectedOpen,
  mean: number,
  share: number,
  spread: number,
): number {
  const byChance = Math.max(LEAST_VARIANCE * mean, mean - known - share ** 2 * ofYounger);
  return byChance + spread * mean ** 2;
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
        sum + weights[i]! * Math.log(chanceOf(opened, mean, varianceOf(means[i]!, mean, share, 1 / size)))
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

/**
 * Plants of a variety share a day's weather and their reader's eye: what they have in common on a day, as the square of a
 * share of their flowers, grows with the days since they were counted. Our defaults, before own counts speak.
 *
 * @example commonOn(0) // 0.0009: 3 of 100 more or less
 */
export const commonOn = (days: number): number => (COMMON[0] + days * COMMON[1]) ** 2;
const COMMON = [0.03, 0.07] as const;
/** Against it, as squares; the standard deviation of their logarithm before anything was seen. */
const COMMONS = [0.01, 0.1, 0.3, 0.6, 1, 1.7, 3, 5, 8, 13];
const COMMON_SD = 1.2;

/** What own counts say of sums of a day's flowers. */
export interface LearntSums {
  /** Flowers that opened so many days after they were counted, against what was to be expected of them. */
  readonly opened: readonly number[];
  /** What plants have in common so many days after they were counted, against the usual, as squares: see `commonOn`. */
  readonly common: readonly number[];
}

interface DaySum {
  readonly days: number;
  expected: number;
  squares: number;
  /** See `ExpectedOpen.sure`. */
  sure: number;
  opened: number;
  plants: number;
}

/** How far what opens after so many days may differ from what is expected, before own counts speak. Our default. */
const OPENED_SD = 0.25;

/**
 * What is left to correct once habits are learnt, and how sure sums are: by how far the sums of a day's flowers were from
 * what was to be expected of them.
 *
 * @example learnSums(USUAL_BUDS, []).opened // []: as expected
 */
export function learnSums(model: BudModel, comparisons: readonly Comparison[]): LearntSums {
  const mean = (of: (habit: Habit) => number): number =>
    model.habits.reduce((sum, habit) => sum + habit.weight * of(habit), 0);
  const differ = mean(({ size }) => 1 / size);
  const sums = sumsByDay(
    comparisons,
    mean(({ pace }) => pace),
    mean((habit) => habit.yield),
  );
  const opened = openedAfter(sums, differ);
  const common: number[] = [];
  for (const [days, own] of groupBy(sums, (sum) => sum.days))
    common[days] = commonOf(own, opened[days] ?? 1, differ);
  return { opened, common };
}

/** What sums of as many days after the counts say of what plants have in common: the geometric mean of what is believed. */
function commonOf(sums: readonly DaySum[], opened: number, differ: number): number {
  const logs = COMMONS.map((common) => {
    let log = -0.5 * (Math.log(common) / COMMON_SD) ** 2;
    // Of one plant it cannot be told from what it differs by itself.
    for (const { days, expected, squares, sure, plants, ...sum } of sums) {
      if (plants < 2 || expected === 0) continue;
      const mean = expected * opened;
      const spread = (differ * squares) / expected ** 2 + common * commonOn(days);
      const variance = Math.max(LEAST_VARIANCE * mean, mean - sure) + spread * mean ** 2;
      log += Math.log(chanceOf(sum.opened, mean, variance));
    }
    return log;
  });
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return Math.exp(COMMONS.reduce((sum, common, i) => sum + (weights[i]! / all) * Math.log(common), 0));
}

function sumsByDay(comparisons: readonly Comparison[], pace: number, share: number): DaySum[] {
  const sums = new Map<string, DaySum>();
  for (const { group, day, seen, development, usual, opened } of comparisons) {
    const days = development.length - 1;
    const key = `${group}|${day}|${days}`;
    const sum = sums.get(key) ?? { days, expected: 0, squares: 0, sure: 0, opened: 0, plants: 0 };
    sums.set(key, sum);
    const open = expectedOpen(seen, development, { usual, pace }).days.at(-1)!;
    const expected = meanOf(open, share);
    sum.expected += expected;
    sum.sure += open.sure[0] + share ** 2 * open.sure[1];
    sum.squares += expected ** 2;
    sum.opened += opened;
    sum.plants += 1;
  }
  return [...sums.values()];
}

/** By days after the count: what opened against what was expected, drawn to 1 the more the fewer they are. */
function openedAfter(sums: readonly DaySum[], differ: number): number[] {
  const found: number[] = [];
  for (const [days, own] of groupBy(sums, (sum) => sum.days)) {
    let [expected, opened, variance] = [0, 0, 0];
    for (const sum of own) {
      expected += sum.expected;
      opened += sum.opened;
      variance += sum.expected + differ * sum.squares + commonOn(days) * sum.expected ** 2;
    }
    if (expected === 0) continue;
    const weight = OPENED_SD ** 2 / (OPENED_SD ** 2 + variance / expected ** 2);
    found[days] = 1 + weight * (opened / expected - 1);
  }
  return found;
}

/** Against the most likely habit. */
const NEGLIGIBLE = 1e-4;
/** No count is impossible: eyes and fingers err. */
const SLIP = 0.002;

const chanceOf = (opened: number, mean: number, variance: number): number =>
  SLIP + (1 - SLIP) * countChances(Math.max(mean, 1e-6), Math.max(variance, 1e-6), opened)[opened]!;

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
    const mean = meanOf(together, share);
    return { mean, variance: varianceOf(together, mean, share, spread), weight };
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
