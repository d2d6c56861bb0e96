import type { Journal } from './journal';
import type { Bodies } from './kinds/kinds';

/**
 * A variety as it was described last, also one that was taken off the plan since: its seed may still be there.
 *
 * @example varietyEver(journal, 'v')?.name // 'Redring'
 */
export function varietyEver(journal: Journal, id: string): Bodies['variety.described'] | undefined {
  const now = journal.all('variety').get(id);
  if (now) return now;
  const last = journal.entriesAbout('variety', id).findLast(({ kind }) => kind === 'variety.described');
  return last?.kind === 'variety.described' ? last.body : undefined;
}
