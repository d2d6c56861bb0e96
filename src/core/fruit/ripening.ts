import { cropOf, type CropId } from '../crops/catalogue';
import type { Span } from '../crops/crop';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { isUnderGlass } from '../journal/underGlass';
import { temperaturesAt } from '../opening/temperaturesAt';
import { mildDaysOf, type TemperaturesOf } from '../season/flowering';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { underGlass } from '../weather/climate';
import type { Fruit } from './fruits';

export type Use = 'eat' | 'seed';

/** Days until a fruit of a crop can be eaten, or its seed is ripe: the shortest and the longest; some are grown for neither. */
export const ripeAfter = (crop: CropId, use: Use): Span | undefined => {
  const { eatAfter, seedAfter } = cropOf(crop);
  return (use === 'seed' ? seedAfter : eatAfter)?.value;
};

/** Sums of fractions that come to a whole number may miss it by less. */
const ROUNDING = 1e-9;

/**
 * The day on which a fruit is ripe, by the temperatures of its life. Of the span its crop takes, the shortest time holds
 * where it is mild or warmer all along and the longest where it is cool: a mild day counts whole, a cooler one less, by
 * its degree days, and none less than what makes the longest time of the span (our default).
 *
 * @param since the day it was pollinated.
 * @example ripensOn('pepo', 'seed', '2026-07-01', () => MILD_DAY) // '2026-08-20', fifty days on
 */
export function ripensOn(crop: CropId, use: Use, since: Day, temperatures: TemperaturesOf): Day | undefined {
  const span = ripeAfter(crop, use);
  return span && spent(span, since, mildDaysOf(crop, temperatures));
}

function spent(span: Span, since: Day, mildDays: (day: Day) => number): Day {
  const [shortest] = span;
  let day = since;
  for (let left = shortest; left > ROUNDING;) {
    day = addDays(day, 1);
    left -= ripeningOf(span, mildDays(day));
  }
  return day;
}

/**
 * How much a day counts of the shortest time.
 *
 * @param mildDays of that day.
 * @example ripeningOf([50, 60], 0.4) // 5/6
 */
export const ripeningOf = ([shortest, longest]: Span, mildDays: number): number =>
  Math.min(1, Math.max(shortest / longest, mildDays));

/**
 * The days on which fruits of a garden are ripe, where they stand.
 *
 * @example ripeningAt(journal, garden)(fruit, 'seed') // '2026-08-29'
 */
export function ripeningAt(
  journal: Journal,
  garden: Garden,
): (fruit: Pick<Fruit, 'plant' | 'variety' | 'history'>, use: Use) => Day | undefined {
  // Asked for when the first fruit is.
  let outside: TemperaturesOf | undefined;
  const known = new Map<string, Day | undefined>();
  return ({ plant, variety: { crop }, history: { since } }, use) => {
    const glass = isUnderGlass(journal, plant);
    const key = `${crop} ${use} ${glass} ${since}`;
    if (!known.has(key)) {
      outside ??= temperaturesAt(journal, garden);
      known.set(key, ripensOn(crop, use, since, glass ? underGlass(outside) : outside));
    }
    return known.get(key);
  };
}
