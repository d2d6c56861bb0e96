import type { CropId } from '../crops/catalogue';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';

/** Somebody looked so many metres far from the beds on a day: all that crosses with these crops is described. */
export interface Looked {
  readonly crops: readonly CropId[];
  readonly metres: number;
  readonly day: Day;
}

/**
 * Who looks around sees what is in flower, what was and what will be within so many days: between a look and a flower
 * nothing is sown, flowers and is gone again. Our default.
 */
const LOOK_HOLDS_DAYS = 45;

/**
 * The farthest that somebody looked around for what crosses with a crop, near enough to a day; `undefined` where nobody
 * did: then it is not known what grows.
 *
 * @example farthestLook([{ crops: ['okra'], metres: 800, day: '2026-07-01' }], 'okra', '2026-07-19')?.metres // 800
 */
export const farthestLook = (looked: readonly Looked[], crop: CropId, day: Day): Looked | undefined =>
  looked
    .filter((each) => each.crops.includes(crop) && Math.abs(daysBetween(each.day, day)) <= LOOK_HOLDS_DAYS)
    .sort((a, b) => b.metres - a.metres)[0];
