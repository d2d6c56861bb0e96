import fc from 'fast-check';
import { cohortId, cohortOf, countedFlowers, type Counting } from './cohort';

test('the id of a cohort says what it is, and that of a bloom by itself says nothing', () => {
  const cohort = { plant: 'p1', day: '2026-07-19', part: 'flower', sex: 'female' } as const;
  expect(cohortOf(cohortId(cohort))).toEqual(cohort);
  expect(cohortOf('01KXP05R3EX61KSARRVGVBV5EH')).toBeUndefined();
});

const counting = (entry: string, count: number, ...after: string[]): Counting => ({ entry, count, after });

test('counts add where the writer knew of the earlier one, and else the larger holds', () => {
  expect(countedFlowers([])).toEqual({ count: 0, clash: false });
  expect(countedFlowers([counting('a', 2), counting('b', 1, 'a')])).toEqual({ count: 3, clash: false });
  expect(countedFlowers([counting('a', 2), counting('b', 3)])).toEqual({ count: 3, clash: true });
  // Somebody who had seen both settles it, and adds one.
  expect(countedFlowers([counting('a', 2), counting('b', 3), counting('c', 1, 'a', 'b')])).toEqual({
    count: 4,
    clash: false,
  });
});

test('an entry that was taken back no longer counts, and what came before it still does', () => {
  expect(countedFlowers([counting('a', 2), counting('c', 1, 'a', 'gone')])).toEqual({
    count: 3,
    clash: false,
  });
});

test('a ring that only damage can make counts each once', () => {
  const { count } = countedFlowers([counting('a', 2, 'b'), counting('b', 1, 'a')]);
  expect(count).toBe(3);
});

test('the order of the entries does not matter, and one more never makes it fewer', () => {
  const some = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 5 }), fc.array(fc.nat(20), { maxLength: 3 })), {
      maxLength: 10,
    })
    .map((raw) =>
      raw.map(([count, after], i) =>
        counting(`e${i}`, count, ...after.filter((before) => before < i).map((before) => `e${before}`)),
      ),
    );
  fc.assert(
    fc.property(some, (countings) => {
      const all = countedFlowers(countings);
      expect(countedFlowers([...countings].reverse())).toEqual(all);
      expect(countedFlowers(countings.slice(0, -1)).count).toBeLessThanOrEqual(all.count);
      expect(all.count).toBeLessThanOrEqual(countings.reduce((sum, { count }) => sum + count, 0));
    }),
  );
});
