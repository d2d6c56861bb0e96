import { cropOf } from '../crops/catalogue';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { firstFlowerBySowing, type FloweringQuestion, type TemperaturesOf } from './flowering';

/** How a variety should flower relative to another: at the same time for a cross, or so many days before or after. */
export type Wish = 'together' | 'after' | 'before';

export interface SowingQuestion {
  /** The variety to sow. */
  readonly variety: Omit<FloweringQuestion, 'sowing' | 'seen'>;
  /** First and last day on which the other flowers. */
  readonly other: readonly [Day, Day];
  readonly wish: Wish;
  /** Days wanted between the end of one flowering and the beginning of the other; ignored for `together`. */
  readonly daysApart: number;
  /** First and last day on which it may be sown. */
  readonly within: readonly [Day, Day];
}

export interface SowingDay {
  readonly day: Day;
  /** When it will flower, sown on that day. */
  readonly first: Day;
  readonly last: Day;
}

/**
 * The day on which to sow a variety so that it flowers with another, or so many days after or before it. Sowings in
 * a cool spring catch up with each other, since what is sown later grows in warmer days: so the wait between two
 * sowings is longer than the days it puts between their flowers.
 *
 * @returns the earliest sowing that flowers late enough after, the latest that is over early enough before, or the
 *   one that comes nearest together; `undefined` when none of the days will do.
 * @throws RangeError when `daysApart` is negative.
 * @example
 * const other = ['2026-07-01', '2026-07-10'];
 * sowingDay({ variety, other, wish: 'after', daysApart: 14, within }, temperatures)?.first // '2026-07-24'
 */
export function sowingDay(
  { variety, other, wish, daysApart, within }: SowingQuestion,
  temperatures: TemperaturesOf,
): SowingDay | undefined {
  if (!(daysApart >= 0)) throw new RangeError('days apart cannot be negative');
  const firstFlower = firstFlowerBySowing(variety, temperatures, within[0]);
  const floweringDays = cropOf(variety.crop).development.floweringDays.value;
  let best: SowingDay | undefined;
  for (let i = 0; i <= daysBetween(within[0], within[1]); i += 1) {
    const first = firstFlower(i);
    if (!first) continue;
    const sown = { day: addDays(within[0], i), first, last: addDays(first, floweringDays - 1) };
    if (wish === 'after' && daysBetween(other[1], first) >= daysApart) return sown;
    if (wish === 'before' && daysBetween(sown.last, other[0]) >= daysApart) best = sown;
    if (wish === 'together' && (!best || gapOf(sown, other) < gapOf(best, other))) best = sown;
  }
  return best;
}

/** Days between the two first flowers, either way. */
const gapOf = ({ first }: SowingDay, other: readonly [Day, Day]): number =>
  Math.abs(daysBetween(first, other[0]));
