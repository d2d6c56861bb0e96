import type { Day } from './types';

/**
 * The next day, from one on, that has the month and day of another. The 29th of February is the 28th.
 *
 * @example nextYearDay('2025-10-01', '2026-10-02') // '2027-10-01'
 */
export function nextYearDay(like: Day, from: Day): Day {
  const monthDay = like.slice(5) === '02-29' ? '02-28' : like.slice(5);
  const inYear = (year: number): Day => `${String(year).padStart(4, '0')}-${monthDay}`;
  const year = Number(from.slice(0, 4));
  return inYear(year) >= from ? inYear(year) : inYear(year + 1);
}
