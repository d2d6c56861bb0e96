import type { Journal } from '../journal/journal';

/** @example rowKey('b1', 2) // 'b1|2' */
export const rowKey = (bed: string, row: number): string => `${bed}|${row}`;

/** The last place in use in each row of each bed, by `rowKey`. New plants go after it. */
export function lastPlaces(journal: Journal): Map<string, number> {
  const last = new Map<string, number>();
  for (const { bed, row, place } of journal.all('plant').values()) {
    const key = rowKey(bed, row);
    last.set(key, Math.max(place, last.get(key) ?? 0));
  }
  return last;
}
