import type { GardenView } from '../journal/gardenOn';
import type { Season } from '../journal/state';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';

/** A long season: what counts as the present one where none was named. Our default. */
export const SEASON_DAYS = 200;

/**
 * The season a day falls into, of several the one that began last; where none was named, the `SEASON_DAYS` up to it.
 *
 * @example seasonAt(new Journal(), '2026-07-20').from // '2026-01-01'
 */
export function seasonAt(journal: GardenView, day: Day): Season {
  const named = [...journal.all('season').values()]
    .filter(({ from, to }) => from <= day && day <= to)
    .sort((a, b) => (a.from === b.from ? (a.season < b.season ? -1 : 1) : a.from < b.from ? 1 : -1));
  return named[0] ?? { season: '', name: '', from: addDays(day, -SEASON_DAYS), to: day };
}
