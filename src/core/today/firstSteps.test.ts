import { journalOf } from '@testing/entries';
import type { Fact } from '../journal/entry';
import { firstSteps } from './firstSteps';

const PLANTS: Fact = {
  kind: 'plants.set',
  body: {
    bed: 'b',
    row: 1,
    variety: 'v',
    plants: [
      { plant: 'p1', place: 1 },
      { plant: 'p2', place: 2, count: 12 },
    ],
  },
};
const SEEN: Fact = {
  kind: 'scouted',
  body: { plant: 'p1', day: '2026-07-18', eve: { female: 0, male: 0 }, green: { female: 0, male: 0 } },
} as Fact;

test('each step is ticked off by what was done', () => {
  expect(firstSteps(journalOf(), false)).toEqual({ plants: 0, done: [] });
  expect(firstSteps(journalOf(), true)).toEqual({ plants: 0, done: [] });
  expect(firstSteps(journalOf(PLANTS), false)).toEqual({ plants: 13, done: ['plants'] });
  expect(firstSteps(journalOf(PLANTS), true)).toEqual({ plants: 13, done: ['plants', 'crossing'] });
});

test('once flowers were looked at they never come again', () => {
  expect(firstSteps(journalOf(PLANTS, SEEN), false)).toBeUndefined();
});
