import { cropOf } from '../crops/catalogue';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import type { DayTemperatures } from './degreeDays';
import { firstFlower, type FloweringQuestion } from './flowering';

/** How a variety should flower beside another: at the same time for a cross, or so many days before or after. */
export type Wish = 'together' | 'after' | 'before';

export interface SowingQuestion {
  /** The variety to sow. */
  readonly variety: Omit<FloweringQuestion, 'sowing' | 'firstFlower'>;
  /** First and last day on which the other flowers. */
  readonly other: readonly [Day, Day];
  readonly wish: Wish;
  /** Days wanted between the end of the one flowering and the beginning of the other; of no weight together. */
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
 * @throws RangeError when fewer than no days apart are wished for.
 */
export function sowingDay(
  { variety, other, wish, daysApart, within }: SowingQuestion,
  temperatures: (day: Day) => DayTemperatures,
): SowingDay | undefined {
  if (!(daysApart >= 0)) throw new RangeError('days apart cannot be less than none');
  let best: SowingDay | undefined;
  for (let day = within[0]; day <= within[1]; day = addDays(day, 1)) {
    const first = firstFlower({ ...variety, sowing: { how: 'sown', day } }, temperatures)?.first;
    if (!first) continue;
    const sown = { day, first, last: addDays(first, cropOf(variety.crop).development.flowersFor.value - 1) };
    if (wish === 'after' && daysBetween(other[1], first) >= daysApart) return sown;
    if (wish === 'before' && daysBetween(sown.last, other[0]) >= daysApart) best = sown;
    if (wish === 'together' && (!best || offOf(sown, other) < offOf(best, other))) best = sown;
  }
  return best;
}

const offOf = ({ first }: SowingDay, other: readonly [Day, Day]): number =>
  Math.abs(daysBetween(first, other[0]));
