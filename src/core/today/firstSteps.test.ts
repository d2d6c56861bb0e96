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
  expect(firstSteps(journalOf(), false)).toMatchObject({ plants: 0, done: [] });
  expect(firstSteps(journalOf(), true)).toMatchObject({ plants: 0, done: [] });
  expect(firstSteps(journalOf(PLANTS), false)).toMatchObject({ plants: 13, done: ['plants'] });
  expect(firstSteps(journalOf(PLANTS), true)).toMatchObject({ plants: 13, done: ['plants', 'crossing'] });
});

test.each([
  ['pepo', 'eat', {}, ['plants', 'walk']],
  ['pepo', 'seedForFun', {}, ['plants', 'crossing', 'walk']],
  // Pollen from elsewhere shows in this year's kernels, and in fruit that should have no seeds.
  ['corn', 'eat', {}, ['plants', 'crossing', 'walk']],
  ['cucumber', 'eat', { parthenocarpic: true }, ['plants', 'crossing', 'walk']],
] as const)('%s, %s: what crosses is looked at where it matters', (crop, purpose, traits, steps) => {
  const variety = { variety: 'v', name: 'Pale Heron', crop, purpose, ownPollen: 'allowed', traits } as const;
  expect(
    firstSteps(journalOf({ kind: 'variety.described', body: { ...variety, seedSource: 'unknown' } }), false)
      ?.steps,
  ).toEqual(steps);
});

test('once flowers were looked at they never come again', () => {
  expect(firstSteps(journalOf(PLANTS, SEEN), false)).toBeUndefined();
});
