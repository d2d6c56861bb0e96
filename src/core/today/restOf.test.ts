import { restOf } from './restOf';

const at = (bed: string, row: number, day = '2026-07-19') => ({ plant: { bed, row }, day });

test('the rest of the row, and of the bed where more is left in it; one plant has its own button', () => {
  const left = [at('a', 1), at('a', 1), at('a', 2), at('b', 1), at('a', 1, '2026-07-20')];
  expect(restOf(left, left[0]!).map(({ of, plants }) => [of, plants.length])).toEqual([
    ['row', 2],
    ['bed', 3],
  ]);
  expect(restOf(left, left[2]!).map(({ of, plants }) => [of, plants.length])).toEqual([['bed', 3]]);
  expect(restOf(left, left[3]!)).toEqual([]);
  // In a bed of one row it is said once.
  expect(restOf(left.slice(0, 2), left[0]!).map(({ of }) => of)).toEqual(['bed']);
});
