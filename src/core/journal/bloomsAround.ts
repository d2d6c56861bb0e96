import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { Journal } from './journal';
import { perRevision } from './perRevision';
import type { Bloom } from './state';

const DAYS_OF_A_MONTH = 31;

/**
 * What follows from the blooms of so many days before and after a day, made once for all days of its month: seasons that
 * are further away are not folded for it.
 *
 * @param make may be given some more than were asked for.
 * @example const byTag = bloomsAround(200, (blooms) => groupBy(blooms, ({ code }) => code))
 */
export function bloomsAround<T>(
  days: number,
  make: (blooms: readonly Bloom[], journal: Journal) => T,
): (journal: Journal, day: Day) => T {
  const months = perRevision(() => new Map<string, T>());
  return (journal, day) => {
    const known = months(journal);
    const month = day.slice(0, 'YYYY-MM'.length);
    const held = known.get(month);
    if (held !== undefined) return held;
    const first = `${month}-01`;
    const blooms = journal.bloomsBetween(addDays(first, -days), addDays(first, DAYS_OF_A_MONTH + days));
    const made = make(blooms, journal);
    known.set(month, made);
    return made;
  };
}
