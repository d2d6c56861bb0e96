import { liveSeason } from '../demo/season';
import type { Entry } from '../src/core/journal/entry';

const STRUCTURE = new Set([
  'garden.described',
  'device.named',
  'season.named',
  'bed.laid',
  'variety.described',
  'plants.set',
]);
const ULID = /\b01K[0-9A-HJKMNP-TV-Z]{23}\b/g;
const DAY = /\b20\d\d-\d\d-\d\d/g;

const addYears = (day: string, years: number): string => `${Number(day.slice(0, 4)) + years}${day.slice(4)}`;

/**
 * A garden's journal of a given length: the demo's season as it is, and before it the same season lived again
 * and again, a year earlier each, on the same beds and plants.
 */
export function longJournal(length: number): Entry[] {
  const season = liveSeason(20260718);
  const structure = season.filter(({ kind }) => STRUCTURE.has(kind));
  const lived = season.filter(({ kind }) => !STRUCTURE.has(kind));
  const kept = new Set(JSON.stringify(structure).match(ULID));
  const entries = [...structure, ...lived];
  if (length <= entries.length) return entries.slice(0, length);
  for (let year = 1; entries.length < length; year += 1) {
    const mark = `0${String(year).padStart(2, '0')}`;
    for (const entry of lived.slice(0, length - entries.length)) {
      const text = JSON.stringify(entry)
        .replace(ULID, (id) => (kept.has(id) ? id : mark + id.slice(3)))
        .replace(DAY, (day) => addYears(day, -year));
      entries.push(JSON.parse(text) as Entry);
    }
  }
  return entries;
}
