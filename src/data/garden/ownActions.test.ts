import type { StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { entryOf } from '@testing/entries';
import { OwnActions } from './ownActions';

/** An action of so many entries. */
const action = (name: string, first: number, count: number): StoredEntry[] =>
  Array.from({ length: count }, (_, i) =>
    entryOf(
      {
        kind: 'barrier.set',
        body: { barrier: `${name}${i}`, sort: 'wall', from: { x: 0, y: 0 }, to: { x: 1, y: 0 } },
      },
      {
        ...{ id: `${name}-${String(i).padStart(4, '0')}`, lamport: first + i, device: 'a', action: name },
        at: '2026-07-01T09:00:00.000Z',
      },
    ),
  );

test.each([[1], [40], [1000]])('a large action is taken back whole, read in portions of %i', (portion) => {
  const entries = [...action('small', 1, 30), ...action('large', 31, 360)];
  const journal = new Journal();
  journal.add(entries);
  for (const order of [entries, entries.toReversed()]) {
    const own = new OwnActions(journal, 'a');
    for (let i = 0; i < order.length; i += portion) own.note(order.slice(i, i + portion));
    expect(own.undoable('plan')).toHaveLength(360);
  }
});
