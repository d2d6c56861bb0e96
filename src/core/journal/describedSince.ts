import type { Day } from '../time/types';
import { amendOrRecord } from './amend';
import type { Fact } from './entry';
import type { Journal } from './journal';
import type { Bodies } from './kinds/kinds';

/** Since when is it so? It always was, and a mistake is put right; or it has changed, and is so from today. */
export type Since = 'always' | 'today';

/** What is described, and what it is described as. */
const DESCRIBES = {
  'bed.laid': 'bed',
  'variety.described': 'variety',
  'outside.described': 'outside',
  'barrier.set': 'barrier',
} as const;
export type DescribingKind = keyof typeof DESCRIBES;

/**
 * What is described again: as a mistake put right in the entry that said it last, which goes on to count from when it did, or
 * as it is from a day on; without either for the first time, or where there is no fruit yet to judge.
 *
 * @param id of what is described.
 * @param since `same`: nothing changes by which fruit is judged, so that the change before it goes on to count from its day.
 * @example describedSince(journal, 'bed.laid', body, { id: 'b', since: 'today', today }).body.since // today
 */
export function describedSince<K extends DescribingKind>(
  journal: Journal,
  kind: K,
  body: Bodies[K],
  {
    id,
    since,
    today,
  }: { readonly id: string; readonly since: Since | 'same' | undefined; readonly today: Day },
): Fact {
  const last = journal.entriesAbout(DESCRIBES[kind], id).findLast((entry) => entry.kind === kind);
  if (!last || !since) return { kind, body } as Fact;
  if (since === 'today') return { kind, body: { ...body, since: today } } as Fact;
  const before = (last.body as { readonly since?: Day }).since;
  const again = { ...body, ...(before !== undefined && { since: before }) };
  return since === 'same' ? ({ kind, body: again } as Fact) : amendOrRecord(kind, again, last.id);
}
