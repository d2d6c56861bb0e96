import { COUNTED_STAGES, opensOn, type CountedStage } from './budStages';

/** Buds of one sex on one plant, as they were counted for the flowers of a day. */
export type BudsSeen = Readonly<Record<Exclude<CountedStage, 'pin'>, number>> & {
  /** Left out where they were not counted. */
  readonly pin?: number;
};

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
 * @example expectedOpen({ eve: 2, green: 0 }, [0], { usual: 0, pace: 1 }).days[0]!.known > 1.7 // true
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

/**
 * Their mean where of the younger buds another share opens than expected.
 *
 * @example meanOf({ known: 1, ofYounger: 2, sure: [0, 0] }, 0.5) // 2
 */
export const meanOf = ({ known, ofYounger }: ExpectedOpen, share: number): number =>
  known + share * ofYounger;

/**
 * By how much less their number varies, of the younger buds another share than expected: see `ExpectedOpen.sure`.
 *
 * @example sureOf({ known: 1, ofYounger: 2, sure: [0.9, 1] }, 0.5) // 1.15
 */
export const sureOf = ({ sure: [known, ofYounger] }: ExpectedOpen, share: number): number =>
  known + share ** 2 * ofYounger;

/** Their number varies by no less than this part of the mean: eyes err. Our default. */
const LEAST_VARIANCE = 0.03;

/**
 * The variance of a number of flowers.
 *
 * @param spread by how much the mean itself varies, as the square of a share of it.
 * @example varianceOf({ mean: 10, sure: 4, spread: 0.01 }) // 7
 */
export const varianceOf = ({
  mean,
  sure,
  spread,
}: {
  readonly mean: number;
  readonly sure: number;
  readonly spread: number;
}): number => Math.max(LEAST_VARIANCE * mean, mean - sure) + spread * mean ** 2;
