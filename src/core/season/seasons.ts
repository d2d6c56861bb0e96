import type { GardenView } from '../journal/gardenOn';
import { SEASON_DAYS } from '../journal/seasonDays';
import type { Season } from '../journal/state';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';

/**
 * The season a day falls into, of several the one that began last; where none was named, the `SEASON_DAYS` up to it, as far
 * as no season that was named ended in them.
 *
 * @example seasonAt(new Journal(), '2026-07-20').from // '2026-01-01'
 */
export function seasonAt(journal: GardenView, day: Day): Season {
  const named = [...journal.all('season').values()]
    .filter(({ from, to }) => from <= day && day <= to)
    .sort((a, b) => (a.from === b.from ? (a.season < b.season ? -1 : 1) : a.from < b.from ? 1 : -1));
  if (named[0]) return named[0];
  const from = [addDays(day, -SEASON_DAYS), firstDayAfterSeasons(journal, day) ?? ''].sort().at(-1)!;
  return { season: '', name: '', from, to: day };
}

/**
 * The day after the last season that ended before a day; `undefined` where none did.
 *
 * @example firstDayAfterSeasons(new Journal(), '2026-07-20') // undefined
 */
export const firstDayAfterSeasons = (journal: GardenView, day: Day): Day | undefined =>
  [...journal.all('season').values()]
    .map(({ to }) => addDays(to, 1))
    .filter((next) => next <= day)
    .sort()
    .at(-1);

/** All seasons that were named, the latest first. */
export const seasonsOf = (journal: GardenView): readonly Season[] =>
  [...journal.all('season').values()].sort((a, b) => (a.from < b.from ? 1 : a.from > b.from ? -1 : 0));
