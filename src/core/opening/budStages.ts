import type { Figure, Span } from '../crops/crop';
import { ourDefault, practice } from '../crops/figures';

/** Ages at which buds are counted on a walk. */
export const COUNTED_STAGES = ['eve', 'green', 'pin'] as const;
export type CountedStage = (typeof COUNTED_STAGES)[number];

/** From the day on which the eve buds open until a younger bud does. */
interface TimeToOpen {
  /** Median, in days of a mild day. */
  readonly days: Figure;
  /** Standard deviation of its logarithm. */
  readonly spread: Figure;
}

/**
 * A green bud opens in about two days, a pin in three or more, from the evening on which they are seen (common practice,
 * no source); one day less counts from the day of the eve buds. The spread is our default.
 */
const TIME_TO_OPEN: Readonly<Record<Exclude<CountedStage, 'eve'>, TimeToOpen>> = {
  green: { days: practice(0.95, 'd'), spread: ourDefault(0.35, 'share') },
  pin: { days: practice(3, 'd'), spread: ourDefault(0.35, 'share') },
};

/** Share of the buds of an age that opens at all: the others are eaten, dry up or fall. */
const OPENS_AT_ALL: Readonly<Record<CountedStage, Figure>> = {
  eve: ourDefault(0.97, 'share'),
  green: ourDefault(0.9, 'share'),
  pin: ourDefault(0.75, 'share'),
};

/** What buds that were taken for one age are: taking green for eve is the classic error. Our defaults. */
const TAKEN_FOR: Readonly<Record<CountedStage, Readonly<Record<CountedStage, number>>>> = {
  eve: { eve: 0.94, green: 0.06, pin: 0 },
  green: { eve: 0.05, green: 0.9, pin: 0.05 },
  pin: { eve: 0, green: 0.06, pin: 0.94 },
};

/** A logistic distribution of standard deviation 1 has this scale. */
const LOGISTIC_SCALE = Math.sqrt(3) / Math.PI;

/** Of a standard logistic distribution, in its standard deviations. */
const TENTH = Math.log(9) * LOGISTIC_SCALE;

/**
 * Days until a bud of an age opens, on mild days: four of five open within them.
 *
 * @example daysToOpening('green') // [2, 3]
 */
export function daysToOpening(stage: CountedStage): Span {
  if (stage === 'eve') return [1, 1];
  const { days, spread } = TIME_TO_OPEN[stage];
  const within = Math.exp(TENTH * spread.value);
  return [Math.round(1 + days.value / within), Math.ceil(1 + days.value * within)];
}

/** Share of the buds that really are of an age that has opened by a day; log-logistic in their development. */
function openedBy(stage: CountedStage, development: number, pace: number): number {
  if (stage === 'eve') return 1;
  const { days, spread } = TIME_TO_OPEN[stage];
  const z = Math.log(development / (days.value * pace)) / spread.value;
  return 1 / (1 + Math.exp(-z / LOGISTIC_SCALE));
}

/**
 * Share of the buds counted at an age that opens on each day, from the day of the eve buds on.
 *
 * @param development what has passed up to each of the days, in mild days; the first is 0.
 * @param pace the development that a bud needs against the usual, 1 where it is as usual.
 * @returns for each day a share; together no more than those that open at all.
 * @example opensOn('green', [0, 1, 2], 1)[1] // 0.5
 */
export function opensOn(stage: CountedStage, development: readonly number[], pace: number): number[] {
  const by = (passed: number): number =>
    COUNTED_STAGES.reduce((sum, real) => sum + TAKEN_FOR[stage][real] * openedBy(real, passed, pace), 0);
  const total = development.map((passed) => OPENS_AT_ALL[stage].value * by(passed));
  return total.map((opened, i) => opened - (i === 0 ? 0 : total[i - 1]!));
}
