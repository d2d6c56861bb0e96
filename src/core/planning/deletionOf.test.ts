import type { Fact } from '../journal/entry';
import { journalOf } from '@testing/entries';
import { deletionOf } from './deletionOf';

const BED: Fact = {
  kind: 'bed.laid',
  body: { bed: 'b', name: 'A', x: 1, y: 1, length: 4, width: 1, rows: 1, turn: 0 },
};
const PLANTS: Fact = {
  kind: 'plants.set',
  body: {
    bed: 'b',
    row: 1,
    variety: 'v',
    plants: [
      { plant: 'p1', place: 1 },
      { plant: 'p2', place: 2 },
    ],
  },
};
const WALKED: Fact = { kind: 'swept', body: { day: '2026-07-18', plants: ['p1'] } };

test('a bed goes with its plants, in one action', () => {
  const journal = journalOf(BED, PLANTS);
  const { facts, plants } = deletionOf(journal, 'bed', 'b')!;
  expect(plants).toBe(2);
  const after = journalOf(BED, PLANTS, ...facts);
  expect(after.all('bed').size).toBe(0);
  expect([...after.all('plant').values()].filter(({ removed }) => !removed)).toEqual([]);
});

test('what flowers were recorded of is not deleted: its records must have a place', () => {
  expect(deletionOf(journalOf(BED, PLANTS, WALKED), 'bed', 'b')).toBeUndefined();
  expect(deletionOf(journalOf(BED, PLANTS, WALKED), 'variety', 'v')).toBeUndefined();
  expect(deletionOf(journalOf(BED), 'bed', 'b')).toMatchObject({ plants: 0 });
});
