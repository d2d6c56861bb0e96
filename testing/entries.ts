import type { Entry, Envelope, Fact } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { isKind, KINDS } from '@/core/journal/kinds/kinds';

type Told = Pick<Envelope, 'id' | 'lamport' | 'at' | 'device' | 'action'>;

/** A fact as a device writes it down, at the moment it happened: for tests. */
export const entryOf = ({ kind, body }: Fact, told: Told): Entry =>
  ({
    ...told,
    kind,
    v: isKind(kind) ? KINDS[kind].version : 1,
    recorded: told.at,
    garden: 'g',
    body,
  }) as Entry;

/** A journal of facts that one device wrote down in this order, each in a tap of its own: for tests. */
export function journalOf(...facts: readonly Fact[]): Journal {
  const journal = new Journal();
  journal.add(
    facts.map((fact, i) =>
      entryOf(fact, {
        id: `e${i}`,
        lamport: i + 1,
        at: '2026-07-17T19:00:00.000Z',
        device: 'd',
        action: `a${i}`,
      }),
    ),
  );
  return journal;
}
