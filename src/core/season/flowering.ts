import { cropOf, type CropId } from '../crops/catalogue';
import type { Sowing } from '../journal/entry';
import { reason, type Reason } from '../reason';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { degreeDays, type DayTemperatures, type Thermal } from './degreeDays';

/** What is known of when a variety flowers. */
export interface FloweringQuestion {
  readonly crop: CropId;
  readonly sowing?: Sowing;
  readonly daysToFlower?: number;
  /** The first flower that was seen. */
  readonly firstFlower?: Day;
  /** Degree days to flower by this variety's own record, where there is one. */
  readonly ownDegreeDays?: number;
}

export type FloweringReason =
  'seenFlowering' | 'daysGiven' | 'byDegreeDays' | 'byOwnDegreeDays' | 'untilFrost';

export interface FloweringForecast {
  readonly first: Day;
  readonly last: Day;
  readonly by: 'seen' | 'days' | 'degreeDays';
  readonly reasons: readonly Reason<FloweringReason>[];
}

/** Longer than this no annual crop takes to flower. */
const LONGEST_DAYS = 250;

export const thermalOf = (crop: CropId): Thermal => {
  const { base, cap } = cropOf(crop).development;
  return { base: base.value, ...(cap && { cap: cap.value }) };
};

/** Degree days that a crop still needs from a sowing, or from a planting out, to its first flower. */
export function degreeDaysWanted(
  crop: CropId,
  how: Sowing['how'],
  own = cropOf(crop).development.toFlower.value,
): number {
  return how === 'plantedOut' ? own * (1 - cropOf(crop).development.raised.value) : own;
}

/**
 * When a variety flowers: as was seen, else by the days its grower gives, else by degree days from sowing with the
 * crop's own base and cap.
 *
 * @param temperatures of any day, °C.
 * @param seasonEnd the frost, after which nothing flowers.
 * @returns `undefined` when nothing is known of its sowing, or the warmth does not suffice before the season ends.
 */
export function floweringOf(
  question: FloweringQuestion,
  temperatures: (day: Day) => DayTemperatures,
  seasonEnd?: Day,
): FloweringForecast | undefined {
  const begins = firstFlower(question, temperatures);
  if (!begins || (seasonEnd && begins.first > seasonEnd)) return undefined;
  const natural = addDays(begins.first, cropOf(question.crop).development.flowersFor.value - 1);
  const cut = seasonEnd !== undefined && natural > seasonEnd;
  return {
    ...begins,
    last: cut ? seasonEnd : natural,
    reasons: cut ? [...begins.reasons, reason('untilFrost', { day: seasonEnd })] : begins.reasons,
  };
}

/** The first flower alone, without the end of the season. */
export function firstFlower(
  { crop, sowing, daysToFlower, firstFlower: seen, ownDegreeDays }: FloweringQuestion,
  temperatures: (day: Day) => DayTemperatures,
): Omit<FloweringForecast, 'last'> | undefined {
  if (seen) return { first: seen, by: 'seen', reasons: [reason('seenFlowering', { day: seen })] };
  if (!sowing) return undefined;
  if (daysToFlower !== undefined) {
    const first = addDays(sowing.day, daysToFlower);
    return { first, by: 'days', reasons: [reason('daysGiven', { days: daysToFlower })] };
  }
  const wanted = degreeDaysWanted(crop, sowing.how, ownDegreeDays);
  const first = dayOfSum(sowing.day, wanted, crop, temperatures);
  if (!first) return undefined;
  const { base } = cropOf(crop).development;
  const code = ownDegreeDays === undefined ? 'byDegreeDays' : 'byOwnDegreeDays';
  return { first, by: 'degreeDays', reasons: [reason(code, { sum: Math.round(wanted), baseC: base.value })] };
}

/** The day on which a sum of degree days is reached from the day after `from`. */
export function dayOfSum(
  from: Day,
  wanted: number,
  crop: CropId,
  temperatures: (day: Day) => DayTemperatures,
): Day | undefined {
  let sum = 0;
  for (let i = 1; i <= LONGEST_DAYS; i += 1) {
    const day = addDays(from, i);
    sum += degreeDays(temperatures(day), thermalOf(crop), cropOf(crop).development.method);
    if (sum >= wanted) return day;
  }
  return undefined;
}

/**
 * Degree days from sowing to flower by a variety's own record: what its sowing and its first flower tell, put
 * back to a sowing in place where it was planted out. Foretells its other sowings.
 *
 * @returns `undefined` unless it was sown and seen to flower later.
 */
export function ownDegreeDays(
  { crop, sowing, firstFlower: seen }: FloweringQuestion,
  temperatures: (day: Day) => DayTemperatures,
): number | undefined {
  if (!sowing || !seen || seen <= sowing.day) return undefined;
  const { method, raised } = cropOf(crop).development;
  let sum = 0;
  for (let i = 1; i <= daysBetween(sowing.day, seen); i += 1) {
    sum += degreeDays(temperatures(addDays(sowing.day, i)), thermalOf(crop), method);
  }
  return sowing.how === 'plantedOut' ? sum / (1 - raised.value) : sum;
}
