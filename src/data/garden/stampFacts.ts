import type { Entry, Fact } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { KINDS } from '@/core/journal/kinds/kinds';
import { toInstant } from '@/core/time/calendar';
import { newId } from '../clock';

export interface Stamp {
  readonly journal: Journal;
  /** Of the garden. */
  readonly id: string;
  readonly device: string;
}

/**
 * Makes entries of the facts of one action: by whom, when, and after what they were recorded.
 *
 * @param now of the tap, UTC milliseconds.
 */
export function stampFacts(facts: readonly Fact[], now: number, { journal, id, device }: Stamp): Entry[] {
  const action = newId();
  return facts.map((fact, i) => {
    const { kind, body, at } = journal.asStored(fact);
    return {
      id: newId(),
      kind,
      v: KINDS[kind].version,
      at: toInstant(Math.min(at ?? now, now)),
      recorded: toInstant(now),
      lamport: journal.lamport + 1 + i,
      garden: id,
      device,
      action,
      body,
    } as Entry;
  });
}
