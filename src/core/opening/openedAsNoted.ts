import type { CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { shelterThen } from '../journal/underGlass';
import { toMs } from '../time/calendar';
import type { Day } from '../time/types';

/**
 * When the first flowers of a crop opened on a day, by what was noted of that day where that says more than what is
 * expected: not before they were found shut still, and not after they were found open. Of notes that contradict each other
 * the one that they were open counts.
 *
 * @param expected UTC milliseconds; `undefined` where that cannot be calculated.
 * @example openedAsNoted(new Journal(), 'bottleGourd', '2026-07-19', expected) // as expected
 */
export function openedAsNoted(
  journal: Journal,
  crop: CropId,
  day: Day,
  expected: number | undefined,
): number | undefined {
  if (expected === undefined) return undefined;
  const notes =
    journal
      .all('hours')
      .get(crop)
      ?.seen.filter((note) => note.day === day) ?? [];
  const at = (...kinds: readonly string[]): number[] =>
    notes.filter(({ seen }) => kinds.includes(seen)).map((note) => toMs(note.at));
  // Those that were shut still may have been the others, where some stand under glass.
  const isOfAll = shelterThen(journal, crop, day) !== 'both';
  const notBefore = Math.max(expected, ...(isOfAll ? at('notYet') : []));
  return Math.min(notBefore, ...at('open', 'shut'));
}
