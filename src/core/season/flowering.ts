import { cropOf, type CropId } from '../crops/catalogue';
import type { Sowing } from '../crops/variety';
import { reason, type Reason } from '../text/reason';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { firstFlowering, type SeenFlowering } from './seenFlowering';
import { degreeDays, type DayTemperatures, type Thermal } from '../weather/degreeDays';

/** What is known of when a variety flowers. */
export interface FloweringQuestion {
  readonly crop: CropId;
  readonly sowing?: Sowing;
  readonly daysToFlower?: number;
  /** What was seen of it, the earliest first. */
  readonly seen?: SeenFlowering;
  /** Degree days to flower by this variety's own record, where there is one. */
  readonly ownDegreeDays?: number;
}

export type FloweringReason =
  'seenFlowering' | 'seenOver' | 'daysGiven' | 'byDegreeDays' | 'byOwnDegreeDays' | 'untilFrost';

export interface FloweringForecast {
  readonly first: Day;
  readonly last: Day;
  readonly by: 'seen' | 'days' | 'degreeDays';
  readonly reasons: readonly Reason<FloweringReason>[];
}

/** Temperatures of any day, °C. */
export type TemperaturesOf = (day: Day) => DayTemperatures;

/** No annual crop takes longer than this to flower. */
const LONGEST_DAYS = 250;

/** The temperatures between which a crop develops, °C. */
const thermalOf = (crop: CropId): Thermal => {
  const { base, cap } = cropOf(crop).development;
  return { base: base.value, ...(cap && { cap: cap.value }) };
};

/** Degree days that a crop still needs from a sowing, or from a planting out, to its first flower. */
export function degreeDaysToFlower(
  crop: CropId,
  how: Sowing['how'],
  own = cropOf(crop).development.toFlower.value,
): number {
  return how === 'plantedOut' ? own * (1 - cropOf(crop).development.transplantFraction.value) : own;
}

/**
 * When a variety flowers: as was seen, else by the days its grower gives, else by degree days from sowing with the
 * crop's own base and cap.
 *
 * @param seasonEnd the frost, after which nothing flowers.
 * @returns `undefined` when its sowing is not known, or it is not warm enough before the season ends.
 * @example
 * const sowing = { how: 'sown', day: '2026-05-12' };
 * floweringForecast({ crop: 'pepo', sowing, daysToFlower: 50 }, temperatures)?.first // '2026-07-01'
 */
export function floweringForecast(
  question: FloweringQuestion,
  temperatures: TemperaturesOf,
  seasonEnd?: Day,
): FloweringForecast | undefined {
  const begins = firstFlower(question, temperatures);
  if (!begins || (seasonEnd && begins.first > seasonEnd)) return undefined;
  const { over, last: lastSeen = begins.first } = question.seen ? firstFlowering(question.seen) : {};
  if (over !== undefined)
    return {
      ...begins,
      // It was earlier than expected.
      first: over < begins.first ? over : begins.first,
      last: over,
      reasons: [...begins.reasons, reason('seenOver', { day: over })],
    };
  const usual = addDays(begins.first, cropOf(question.crop).development.floweringDays.value - 1);
  // It goes on as long as it is seen, whatever is usual.
  const natural = usual < lastSeen ? lastSeen : usual;
  const cut = seasonEnd !== undefined && natural > seasonEnd;
  return {
    ...begins,
    last: cut ? seasonEnd : natural,
    reasons: cut ? [...begins.reasons, reason('untilFrost', { day: seasonEnd })] : begins.reasons,
  };
}

/** The first flower alone, without the end of the season. */
function firstFlower(
  { crop, sowing, daysToFlower, seen, ownDegreeDays }: FloweringQuestion,
  temperatures: TemperaturesOf,
): Omit<FloweringForecast, 'last'> | undefined {
  const [first] = seen?.days ?? [];
  if (first) return { first, by: 'seen', reasons: [reason('seenFlowering', { day: first })] };
  if (!sowing) return undefined;
  if (daysToFlower !== undefined) {
    return {
      first: addDays(sowing.day, daysToFlower),
      by: 'days',
      reasons: [reason('daysGiven', { days: daysToFlower })],
    };
  }
  const needed = degreeDaysToFlower(crop, sowing.how, ownDegreeDays);
  const reached = dayOfSum(sowing.day, needed, degreeDaysOf(crop, temperatures));
  if (!reached) return undefined;
  const { base } = cropOf(crop).development;
  const code = ownDegreeDays === undefined ? 'byDegreeDays' : 'byOwnDegreeDays';
  return {
    first: reached,
    by: 'degreeDays',
    reasons: [reason(code, { sum: Math.round(needed), baseC: base.value })],
  };
}

/**
 * The first flower of a variety for every day of sowing it in place, from `from` on.
 *
 * @returns a function of days after `from`; `undefined` where it is not warm enough in time.
 */
export function firstFlowerBySowing(
  { crop, daysToFlower, ownDegreeDays }: Omit<FloweringQuestion, 'sowing' | 'seen'>,
  temperatures: TemperaturesOf,
  from: Day,
): (daysAfter: number) => Day | undefined {
  if (daysToFlower !== undefined) return (daysAfter) => addDays(from, daysAfter + daysToFlower);
  const degreeDaysOfDay = degreeDaysOf(crop, temperatures);
  const needed = degreeDaysToFlower(crop, 'sown', ownDegreeDays);
  // Running sums, so that no day is added up again for each sowing.
  const sums = [0];
  const sumUntil = (daysAfter: number): number => {
    while (sums.length <= daysAfter) sums.push(sums.at(-1)! + degreeDaysOfDay(addDays(from, sums.length)));
    return sums[daysAfter]!;
  };
  return (daysAfter) => {
    const before = sumUntil(daysAfter);
    for (let i = 1; i <= LONGEST_DAYS; i += 1) {
      if (sumUntil(daysAfter + i) - before >= needed) return addDays(from, daysAfter + i);
    }
    return undefined;
  };
}

/**
 * Degree days that each day adds for a crop.
 *
 * @example degreeDaysOf('corn', () => ({ min: 12, max: 28 }))('2026-07-01') // 10
 */
export const degreeDaysOf =
  (crop: CropId, temperatures: TemperaturesOf): ((day: Day) => number) =>
  (day) =>
    degreeDays(temperatures(day), thermalOf(crop), cropOf(crop).development.method);

/** A day of which lengths in mild days are true, °C. */
export const MILD_DAY = { min: 15, max: 25 } as const;

/**
 * How much each day counts for a crop, against a mild one.
 *
 * @example mildDaysOf('corn', () => MILD_DAY)('2026-07-01') // 1
 */
export function mildDaysOf(crop: CropId, temperatures: TemperaturesOf): (day: Day) => number {
  const mild = degreeDaysOf(crop, () => MILD_DAY)('');
  const ofDay = degreeDaysOf(crop, temperatures);
  return (day) => ofDay(day) / mild;
}

/** The day on which a sum of degree days is reached, counted from the day after `from`. */
function dayOfSum(from: Day, needed: number, degreeDaysOfDay: (day: Day) => number): Day | undefined {
  let sum = 0;
  let day = from;
  for (let i = 1; i <= LONGEST_DAYS; i += 1) {
    day = addDays(day, 1);
    sum += degreeDaysOfDay(day);
    if (sum >= needed) return day;
  }
  return undefined;
}

const NOTHING_SEEN: SeenFlowering = { days: [], over: [] };

/**
 * Degree days from sowing to flower by a variety's own record: what its sowing and its first flower tell, converted
 * to a sowing in place where it was planted out. Used to forecast its other sowings.
 *
 * @returns `undefined` unless it was sown and seen to flower later.
 * @example
 * const sowing = { how: 'sown', day: '2026-05-01' };
 * ownDegreeDays({ crop: 'corn', sowing, seen: { days: ['2026-07-01'], over: [] } }, () => ({ min: 12, max: 28 })) // 610
 */
export function ownDegreeDays(
  { crop, sowing, seen: { days: [seen] } = NOTHING_SEEN }: FloweringQuestion,
  temperatures: TemperaturesOf,
): number | undefined {
  if (!sowing || !seen || seen <= sowing.day) return undefined;
  const degreeDaysOfDay = degreeDaysOf(crop, temperatures);
  let sum = 0;
  for (let i = 1; i <= daysBetween(sowing.day, seen); i += 1) sum += degreeDaysOfDay(addDays(sowing.day, i));
  const { transplantFraction } = cropOf(crop).development;
  return sowing.how === 'plantedOut' ? sum / (1 - transplantFraction.value) : sum;
}
