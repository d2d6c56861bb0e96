import fc from 'fast-check';
import { pepo } from '../crops/pepo';
import type { FruitHistory } from '../fruit/fruitHistory';
import { seededChance } from '../random/chance';
import { dropBracket, dropCurve, type DropBracket } from './dropCurve';

const HISTORY: FruitHistory = {
  bloom: 'f',
  followed: 'pollinated',
  plant: 'p1',
  looks: pepo.looks,
  since: '2026-07-01',
  age: 20,
  lastGrowing: 0,
};

test('a look brackets the day of a drop; what was thinned, picked or lost was growing until then', () => {
  const bracket = (known: Partial<FruitHistory>): readonly [number, number] | undefined => {
    const found = dropBracket({ ...HISTORY, ...known });
    return found && [found.after, found.by];
  };
  expect(bracket({ lastGrowing: 3, failed: 7 })).toEqual([3, 7]);
  expect(bracket({ failed: 4 })).toEqual([0, 4]);
  // Seen growing and failed on one day, and failed on its first day.
  expect(bracket({ lastGrowing: 4, failed: 4 })).toEqual([3, 4]);
  expect(bracket({ failed: 0 })).toEqual([0, 1]);
  expect(bracket({ lastGrowing: 8 })).toEqual([8, Infinity]);
  expect(bracket({ lastGrowing: 3, harvested: 6 })).toEqual([6, Infinity]);
  expect(bracket({ lastGrowing: 3, ended: { how: 'thinned', day: 9 } })).toEqual([9, Infinity]);
  // When it went nobody knows.
  expect(bracket({ lastGrowing: 3, ended: { how: 'unseen', day: 40 } })).toEqual([3, Infinity]);
  // Not looked at, not pollinated.
  expect(bracket({})).toBeUndefined();
  expect(bracket({ followed: 'control', lastGrowing: 5 })).toBeUndefined();
});

/** Looks on days 4, 8 and 14 at flowers of which `kept` never drop, the others on a day from 1 to 13. */
function simulated(plants: number, each: number, seed: number, kept = 0.6): DropBracket[] {
  const chance = seededChance(seed);
  return Array.from({ length: plants }, (_, plant) =>
    Array.from({ length: each }, (): DropBracket => {
      const day = chance.below(1) < kept ? Infinity : 1 + chance.index(13);
      const looks = [0, 4, 8, 14];
      const after = looks.filter((look) => look < day).at(-1)!;
      return {
        plant: `p${plant}`,
        after,
        by: day === Infinity ? Infinity : looks.find((look) => look >= day)!,
      };
    }),
  ).flat();
}

test('the curve falls, its band holds it, and more plants make it narrower', () => {
  const [few, many] = [dropCurve(simulated(8, 5, 1))!, dropCurve(simulated(80, 5, 2))!];
  for (const { days } of [few, many]) {
    for (const [i, { growing, band }] of days.entries()) {
      expect(growing.low).toBeLessThanOrEqual(growing.high);
      expect(growing.high).toBeLessThanOrEqual(days[i - 1]?.growing.high ?? 1);
      expect(band![0]).toBeLessThanOrEqual(growing.high);
      expect(band![1]).toBeGreaterThanOrEqual(growing.low);
    }
  }
  const width = ({ days }: typeof few): number => days[14]!.band![1] - days[14]!.band![0];
  expect(width(many)).toBeLessThan(width(few) / 2);
  expect(many.days[14]!.growing.low).toBeCloseTo(0.6, 1);
});

test('between two looks nobody can tell, and on the day of a look one can', () => {
  const { days } = dropCurve(simulated(30, 5, 3))!;
  for (const look of [0, 4, 8, 14]) expect(days[look]!.growing.high).toBeCloseTo(days[look]!.growing.low, 9);
  expect(days[6]!.growing.high).toBeGreaterThan(days[6]!.growing.low);
});

test('the band covers what it says', () => {
  let inside = 0;
  for (let run = 0; run < 60; run += 1) {
    const [low, high] = dropCurve(simulated(25, 3, 100 + run))!.days[14]!.band!;
    if (low <= 0.6 && 0.6 <= high) inside += 1;
  }
  expect(inside).toBeGreaterThanOrEqual(53);
});

test('few plants have no band; half of the drops and the day from which it is safe', () => {
  const of = (after: number, by: number, count: number): DropBracket[] =>
    Array.from({ length: count }, (_, i) => ({ plant: `p${i % 3}`, after, by }));
  const curve = dropCurve([...of(2, 3, 6), ...of(6, 7, 3), ...of(11, 12, 1), ...of(20, Infinity, 30)])!;
  expect(curve).toMatchObject({ flowers: 40, plants: 3, dropped: 10, medianDay: 3, safeAfter: 7 });
  expect(curve.days[8]!.band).toBeUndefined();
  // Followed to the end are too few to call any day safe.
  expect(dropCurve([...of(2, 3, 6), ...of(5, Infinity, 30)])!.safeAfter).toBe(3);
  expect(dropCurve([...of(6, 7, 6), ...of(5, Infinity, 30)])!.safeAfter).toBeUndefined();
  // None dropped.
  const none = dropCurve(of(8, Infinity, 12))!;
  expect([none.dropped, none.medianDay, none.safeAfter]).toEqual([0, undefined, undefined]);
  expect(dropCurve([])).toBeUndefined();
});

test('the curve ends where hardly any is followed; of few flowers it goes to the last day known', () => {
  const of = (after: number, by: number, count: number): DropBracket[] =>
    Array.from({ length: count }, (_, i) => ({ plant: `p${i}`, after, by }));
  const { days } = dropCurve([
    ...of(2, 3, 6),
    ...of(8, Infinity, 9),
    ...of(20, 21, 2),
    ...of(30, Infinity, 2),
  ])!;
  expect(days.map(({ day }) => day)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
  expect(days.map(({ followed }) => followed)).toEqual([19, 19, 19, 19, 13, 13, 13, 13, 13]);
  expect(dropCurve([...of(2, 3, 1), ...of(10, Infinity, 2)])!.days).toHaveLength(11);
});

test('the order of flowers changes nothing', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(simulated(6, 4, 9), { minLength: 24 }), (shuffled) => {
      expect(dropCurve(shuffled)).toEqual(dropCurve(simulated(6, 4, 9)));
    }),
    { numRuns: 10 },
  );
});
