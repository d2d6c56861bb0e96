import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { SEASON_DAYS } from '../journal/seasonDays';
import { isUnderGlass } from '../journal/underGlass';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';

/** So long after its last flower a season is taken to be over; after a frost in the open it takes less. Our defaults. */
const QUIET_DAYS = 60;
const QUIET_DAYS_AFTER_FROST = 21;
/** How far back the last flower is looked for: to the spring after it. */
const LOOK_BACK_DAYS = SEASON_DAYS + 120;

/**
 * The last day on which a flower opened, where that was so long ago that the season looks over and plants of one season
 * still stand; `undefined` while it goes on, or where it was closed.
 *
 * @example seasonLooksOver(new Journal(), '2026-11-29') // undefined
 */
export function seasonLooksOver(journal: Journal, today: Day): Day | undefined {
  const varieties = journal.all('variety');
  const plants = journal.all('plant');
  const flower = journal.bloomsBetween(addDays(today, -LOOK_BACK_DAYS), today).findLast(({ plant, day }) => {
    const stands = plants.get(plant);
    const crop = varieties.get(stands?.variety ?? '')?.crop;
    return day !== undefined && stands && !stands.removed && crop && !cropOf(crop).perennial;
  });
  const last = flower?.day;
  if (flower === undefined || last === undefined) return undefined;
  const quiet = daysBetween(last, today);
  const inOpen = !isUnderGlass(journal, plants.get(flower.plant)!);
  const froze =
    inOpen &&
    [...journal.all('weather').values()].some(({ day, dawnC }) => last < day && day <= today && dawnC <= 0);
  return quiet >= (froze ? QUIET_DAYS_AFTER_FROST : QUIET_DAYS) ? last : undefined;
}
