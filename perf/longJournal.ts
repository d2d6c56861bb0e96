import { liveSeason } from '../demo/season';
import type { Entry } from '../src/core/journal/entry';
import { isStructural, KINDS } from '../src/core/journal/kinds/kinds';

const ULID = /\b01[JK][0-9A-HJKMNP-TV-Z]{23}\b/g;
const DAY = /\b20\d\d-\d\d-\d\d/g;

const addYears = (day: string, years: number): string => `${Number(day.slice(0, 4)) + years}${day.slice(4)}`;

/**
 * A garden's journal of a given length: the demo's season as it is, and before it the same season lived again
 * and again, a year earlier each, on the same beds and plants. Clocks count in the order in which it was lived.
 *
 * @param season the demo's, where it was lived before: to live it takes seconds.
 */
export function longJournal(length: number, season: readonly Entry[] = liveSeason()): Entry[] {
  const structure = season.filter(({ kind }) => isStructural(kind));
  const lived = season.filter(({ kind }) => !isStructural(kind));
  const kept = new Set(JSON.stringify(structure).match(ULID));
  const years = [lived.slice(-(length - structure.length))];
  let missing = length - structure.length - years[0]!.length;
  for (let year = 1; missing > 0; year += 1) {
    const mark = `0${String(year).padStart(2, '0')}`;
    const earlier = lived.slice(-missing).map((entry) => {
      const text = JSON.stringify(entry)
        .replace(ULID, (id) => (kept.has(id) ? id : mark + id.slice(3)))
        .replace(DAY, (day) => addYears(day, -year));
      return JSON.parse(text) as Entry;
    });
    years.unshift(earlier);
    missing -= earlier.length;
  }
  return [...structure, ...years.flat()].map((entry, i) => ({ ...entry, lamport: i + 1 }));
}

/** The same journal as it was written in version 1 of the kinds, which spoke of flowers and mornings. */
export const inVersion1 = (entries: readonly Entry[]): Entry[] =>
  entries.map((entry) => {
    if (KINDS[entry.kind].version !== 2 || isStructural(entry.kind)) return entry;
    const text = JSON.stringify(entry)
      .replaceAll('"bloom":', '"flower":')
      .replaceAll('"blooms":', '"flowers":')
      .replaceAll('"day":', '"morning":');
    return { ...(JSON.parse(text) as Entry), v: 1 };
  });
