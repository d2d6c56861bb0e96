import fc from 'fast-check';
import { equalSeed, type SeedOfMothers } from './equalSeed';

const lot = (id: string, seeds: number, ...mothers: string[]): SeedOfMothers => ({
  lot: id,
  seeds,
  mothers: new Map(mothers.map((mother) => [mother, 1 / mothers.length])),
});
const amounts = (lots: readonly SeedOfMothers[], wanted: number): Record<string, number> =>
  Object.fromEntries(equalSeed(lots, wanted).take.map(({ lot: id, seeds }) => [id, seeds]));

test('each gives alike; who has too little gives all, and two in one lot count for two', () => {
  const lots = [lot('a', 100, 'A'), lot('b', 30, 'B'), lot('c', 200, 'C', 'D')];
  expect(amounts(lots, 100)).toEqual({ a: 25, b: 25, c: 50 });
  expect(amounts(lots, 210)).toEqual({ a: 60, b: 30, c: 120 });
  expect(equalSeed(lots, 210).ofMother).toEqual(
    new Map([
      ['A', 60],
      ['B', 30],
      ['C', 60],
      ['D', 60],
    ]),
  );
  expect(equalSeed([], 10)).toEqual({ take: [], ofMother: new Map() });
});

test('of a hundred thousand seeds it comes to the very seed as well', () => {
  const lots = [lot('a', 90_000, 'A'), lot('b', 777, 'B'), lot('c', 50_001, 'C')];
  expect(amounts(lots, 100_001)).toEqual({ a: 49_612, b: 777, c: 49_612 });
});

test('a mother with seed in two lots counts once', () => {
  expect(amounts([lot('a', 50, 'A'), lot('b', 50, 'A'), lot('c', 50, 'B')], 40)).toMatchObject({ c: 20 });
  // What both have in common is taken of neither while there is other seed of one of them.
  expect(amounts([lot('a', 50, 'A'), lot('ab', 50, 'A', 'B')], 30)).toEqual({ a: 0, ab: 30 });
});

test('as many as are wanted, none more than there are, and no other choice is more equal', () => {
  const one = fc.record({
    seeds: fc.integer({ min: 0, max: 6 }),
    mothers: fc.uniqueArray(fc.constantFrom('A', 'B', 'C'), { minLength: 1, maxLength: 3 }),
  });
  const squares = (lots: readonly SeedOfMothers[], take: readonly number[]): number =>
    ['A', 'B', 'C'].reduce(
      (sum, mother) =>
        sum + lots.reduce((own, each, i) => own + take[i]! * (each.mothers.get(mother) ?? 0), 0) ** 2,
      0,
    );
  fc.assert(
    fc.property(fc.array(one, { maxLength: 4 }), fc.integer({ min: 0, max: 26 }), (all, wanted) => {
      const lots = all
        .map(({ seeds, mothers }, i) => lot(`l${i}`, seeds, ...mothers))
        .filter(({ seeds }) => seeds > 0);
      const { take } = equalSeed(lots, wanted);
      const there = lots.reduce((sum, { seeds }) => sum + seeds, 0);
      expect(take.reduce((sum, { seeds }) => sum + seeds, 0)).toBe(Math.min(wanted, there));
      take.forEach(({ seeds }, i) => expect(seeds).toBeLessThanOrEqual(lots[i]!.seeds));
      let best = Infinity;
      const every = (i: number, chosen: readonly number[], left: number): void => {
        if (i === lots.length) {
          if (left === 0) best = Math.min(best, squares(lots, chosen));
          return;
        }
        for (let n = 0; n <= Math.min(left, lots[i]!.seeds); n += 1) every(i + 1, [...chosen, n], left - n);
      };
      every(0, [], Math.min(wanted, there));
      // A part of a seed here or there is nothing.
      expect(
        squares(
          lots,
          take.map(({ seeds }) => seeds),
        ),
      ).toBeLessThanOrEqual(best + 1);
    }),
    { numRuns: 300 },
  );
});
