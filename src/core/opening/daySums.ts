import { groupBy } from '../text/groupBy';
import type { BudModel, Comparison, Habit } from './budModel';
import { chanceOf } from './countChances';
import { expectedOpen, meanOf, sureOf, varianceOf } from './expectedOpen';

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
      log += Math.log(chanceOf(sum.opened, mean, varianceOf({ mean, sure, spread })));
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
    sum.sure += sureOf(open, share);
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
