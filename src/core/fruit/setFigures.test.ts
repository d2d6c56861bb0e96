import fc from 'fast-check';
import type { Flower, Look } from '../journal/state';
import { addDays } from '../time/calendar';
import { courseOf, nextLook, type Course } from './course';
import { dropsByDay, setByPlant, setFigures } from './setFigures';

const BORN = '2026-07-01';
const onDay = (day: number): string => `${addDays(BORN, day)}T17:00:00.000Z`;
const look = (day: number, seen: Look['seen'], cause?: Look['cause']): Look => ({
  at: onDay(day),
  seen,
  ...(cause && { cause }),
  entry: `look-${day}`,
});

const flower = (looks: readonly Look[], change: Partial<Flower> = {}): Flower => ({
  flower: 'f',
  plant: 'A',
  sex: 'female',
  code: '',
  morning: BORN,
  pollination: {
    at: `${BORN}T05:00:00.000Z`,
    donors: [],
    found: 'shut',
    method: 'maleFlower',
    shutAgain: true,
    tagged: true,
    device: 'd',
    entry: 'e',
  },
  secondDabs: [],
  looks,
  conflicts: [],
  ...change,
});

const course = (age: number, looks: readonly Look[], change: Partial<Flower> = {}): Course =>
  courseOf(flower(looks, change), addDays(BORN, age), 'Europe/London')!;

test('days are counted by the garden’s calendar', () => {
  expect(course(4, [look(4, 'growing')])).toMatchObject({ age: 4, lastGrowing: 4 });
  expect(courseOf(flower([], { pollination: undefined }), BORN, 'UTC')).toBeUndefined();
});

test('a failing look that is followed by a growing one was an error of the eye', () => {
  const seen = course(8, [look(4, 'yellowing', 'rain'), look(8, 'growing')]);
  expect(seen.failed).toBeUndefined();
  expect(seen.cause).toBeUndefined();
});

// The days on which set and drop show: 3–4, 7–8 and, since cucurbits shed to day 10–14, from 14 on
// (common practice, no source).
test.each([
  [2, [], 'early', 3],
  [5, [], 'early', 3],
  [7, [], 'set', 7],
  [5, [look(4, 'growing')], 'set', 7],
  [9, [look(4, 'growing'), look(8, 'growing')], 'kept', 14],
  [20, [look(4, 'growing')], 'kept', 14],
] as const)('at the age of %i days the next look is the right one', (age, looks, kind, from) => {
  expect(nextLook(course(age, looks), looks, 'pepo')).toMatchObject({ kind, from });
});

test('nothing more to look at once it failed, was thinned, was harvested or was seen kept', () => {
  const over = [
    course(20, [look(4, 'gone')]),
    course(20, [], { removed: { how: 'thinned', at: onDay(5) } }),
    course(20, [], { harvest: { use: 'eat', tagThere: true, typical: true, at: onDay(6) } }),
    course(20, [look(15, 'growing')]),
  ];
  for (const each of over) expect(nextLook(each, [], 'pepo')).toBeUndefined();
});

test('three figures, each with what belongs into its denominator', () => {
  const courses = [
    course(20, [look(4, 'growing'), look(8, 'growing'), look(14, 'growing')]),
    course(20, [look(4, 'growing'), look(8, 'growing'), look(14, 'gone')]),
    course(20, [look(4, 'yellowing')]),
    course(9, [look(4, 'growing'), look(8, 'growing')]),
    course(9, [look(4, 'growing')]),
    course(4, [look(4, 'growing')]),
    course(4, [look(4, 'gone')]),
    course(1, []),
    course(20, [look(4, 'growing')], { removed: { how: 'thinned', at: onDay(6) } }),
    course(20, [], { removed: { how: 'lost', at: onDay(2) } }),
  ];
  const { pollinated, soFar, set, kept } = setFigures(courses, 'pepo');
  expect(pollinated).toBe(10);
  expect(soFar).toMatchObject({
    hits: 5,
    of: 8,
    leftOut: { notYetDue: 1, notLookedAt: 0, thinned: 0, lost: 1 },
  });
  expect(set).toMatchObject({
    hits: 3,
    of: 4,
    leftOut: { notYetDue: 3, notLookedAt: 1, thinned: 1, lost: 1 },
  });
  expect(kept).toMatchObject({
    hits: 1,
    of: 3,
    leftOut: { notYetDue: 5, notLookedAt: 0, thinned: 1, lost: 1 },
  });
});

test('a young flower that failed early does not count before the young ones that grow', () => {
  const young = [course(5, [look(4, 'gone')]), course(5, [look(4, 'growing')])];
  expect(setFigures(young, 'pepo').set).toMatchObject({ of: 0, leftOut: { notYetDue: 2 } });
});

test('a drop that was found only after the day that decides counts as failed by it, and is told', () => {
  const { set } = setFigures([course(20, [look(4, 'growing'), look(14, 'gone')])], 'pepo');
  expect(set).toMatchObject({ hits: 0, of: 1, undatedDrops: 1 });
});

test('one picked to eat before the day counts as set and kept once that day has come', () => {
  const picked = { harvest: { use: 'eat', tagThere: true, typical: true, at: onDay(6) } } as const;
  expect(setFigures([course(6, [], picked)], 'pepo').set.of).toBe(0);
  expect(setFigures([course(7, [], picked)], 'pepo').set).toMatchObject({ hits: 1, of: 1 });
});

test('every pollinated flower is in a figure’s denominator or openly left out', () => {
  const seen = fc.constantFrom<Look['seen']>('growing', 'unsure', 'misshapen', 'yellowing', 'gone');
  const looks = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 20 }), seen), { maxLength: 4 })
    .map((raw) => [...raw].sort(([a], [b]) => a - b).map(([day, what]) => look(day, what)));
  const any = fc.tuple(fc.integer({ min: 0, max: 20 }), looks).map(([age, all]) =>
    course(
      age,
      all.filter(({ at }) => at <= onDay(age)),
    ),
  );
  fc.assert(
    fc.property(fc.array(any, { maxLength: 15 }), (courses) => {
      const figures = setFigures(courses, 'maxima');
      for (const { of, leftOut } of [figures.soFar, figures.set, figures.kept]) {
        expect(of + Object.values(leftOut).reduce((a, b) => a + b, 0)).toBe(courses.length);
      }
      expect(figures.kept.hits).toBeLessThanOrEqual(figures.set.hits);
      const failed = courses.filter(({ failed: day }) => day !== undefined).length;
      expect(dropsByDay(courses).reduce((a, b) => a + b, 0)).toBeCloseTo(failed, 9);
    }),
  );
});

test('a drop counts in equal parts on the days between two looks', () => {
  const drops = dropsByDay([
    course(20, [look(4, 'growing'), look(8, 'gone')]),
    course(20, [look(2, 'gone')]),
  ]);
  expect(drops).toEqual([0.5, 0.5, 0, 0, 0.25, 0.25, 0.25, 0.25]);
});

test('plants are told apart', () => {
  const one = course(9, [look(8, 'growing')]);
  const other = { ...course(9, [look(8, 'gone')]), plant: 'B' };
  const byPlant = setByPlant([one, other], 'pepo');
  expect(byPlant.get('A')!.set.share).toBe(1);
  expect(byPlant.get('B')!.set.share).toBe(0);
});
