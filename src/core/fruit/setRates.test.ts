import { cropOf } from '../crops/catalogue';
import fc from 'fast-check';
import type { Bloom, Look } from '../journal/state';
import { addDays } from '../time/calendar';
import { fruitHistory, nextLook, type FruitHistory } from './fruitHistory';
import { fruitSetRates } from './setRates';

const BORN = '2026-07-01';
const onDay = (day: number): string => `${addDays(BORN, day)}T17:00:00.000Z`;
const look = (day: number, seen: Look['seen'], cause?: Look['cause']): Look => ({
  at: onDay(day),
  seen,
  ...(cause && { cause }),
  entry: `look-${day}`,
});

const flower = (looks: readonly Look[], change: Partial<Bloom> = {}): Bloom => ({
  bloom: 'f',
  plant: 'A',
  sex: 'female',
  code: '',
  role: 'hand',
  day: BORN,
  pollination: {
    at: `${BORN}T05:00:00.000Z`,
    donors: [],
    found: 'shut',
    method: 'maleFlower',
    shutAgain: true,
    tagged: true,
    application: 1,
    device: 'd',
    entry: 'e',
  },
  part: 'flower',
  count: 1,
  countedBy: [],
  members: [],
  laterPollinations: [],
  reports: [],
  looks,
  conflicts: [],
  ...change,
});

/** When squashes are looked at. */
const LOOKS = cropOf('pepo').looks;

const history = (age: number, looks: readonly Look[], change: Partial<Bloom> = {}): FruitHistory =>
  fruitHistory(flower(looks, change), LOOKS, addDays(BORN, age), 'Europe/London')!;

test('days are counted by the garden’s calendar', () => {
  expect(history(4, [look(4, 'growing')])).toMatchObject({ age: 4, lastGrowing: 4 });
  expect(fruitHistory(flower([], { pollination: undefined }), LOOKS, BORN, 'UTC')).toBeUndefined();
});

test('a failing look that is followed by a growing one was an error of the eye', () => {
  const seen = history(8, [look(4, 'yellowing', 'rain'), look(8, 'growing')]);
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
] as const)('at the age of %i days the next look is the right one', (age, looks, stage, from) => {
  expect(nextLook(history(age, looks), looks.length)).toMatchObject({ stage, from });
});

test('nothing more to look at once it failed, was thinned, was harvested or was seen kept', () => {
  const over = [
    history(20, [look(4, 'gone')]),
    history(20, [], { removed: { how: 'thinned', at: onDay(5) } }),
    history(20, [], { harvest: { use: 'eat', tagThere: true, typical: true, at: onDay(6) } }),
    history(20, [look(15, 'growing')]),
  ];
  for (const each of over) expect(nextLook(each, 0)).toBeUndefined();
});

test('three rates, each with what belongs in its denominator', () => {
  const histories = [
    history(20, [look(4, 'growing'), look(8, 'growing'), look(14, 'growing')]),
    history(20, [look(4, 'growing'), look(8, 'growing'), look(14, 'gone')]),
    history(20, [look(4, 'yellowing')]),
    history(9, [look(4, 'growing'), look(8, 'growing')]),
    history(9, [look(4, 'growing')]),
    history(4, [look(4, 'growing')]),
    history(4, [look(4, 'gone')]),
    history(1, []),
    history(20, [look(4, 'growing')], { removed: { how: 'thinned', at: onDay(6) } }),
    history(20, [], { removed: { how: 'lost', at: onDay(2) } }),
  ];
  const { pollinated, soFar, set, kept } = fruitSetRates(histories);
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
  const young = [history(5, [look(4, 'gone')]), history(5, [look(4, 'growing')])];
  expect(fruitSetRates(young).set).toMatchObject({ of: 0, leftOut: { notYetDue: 2 } });
});

test('a drop that was found only after the day that decides counts as failed by it, and is counted as undated', () => {
  const { set } = fruitSetRates([history(20, [look(4, 'growing'), look(14, 'gone')])]);
  expect(set).toMatchObject({ hits: 0, of: 1, undatedDrops: 1 });
});

test('one picked to eat before the day counts as set and kept once that day has come', () => {
  const picked = { harvest: { use: 'eat', tagThere: true, typical: true, at: onDay(6) } } as const;
  expect(fruitSetRates([history(6, [], picked)]).set.of).toBe(0);
  expect(fruitSetRates([history(7, [], picked)]).set).toMatchObject({ hits: 1, of: 1 });
});

test('what was taken off is not failed afterwards, and was there until then', () => {
  const thinned = (day: number): Partial<Bloom> => ({ removed: { how: 'thinned', at: onDay(day) } });
  const gone = fruitSetRates([history(20, [look(4, 'growing'), look(8, 'gone')], thinned(5))]);
  expect(gone.set).toMatchObject({ of: 0, leftOut: { thinned: 1 } });
  expect(gone.soFar).toMatchObject({ hits: 1, of: 1 });
  const late = fruitSetRates([history(30, [look(4, 'growing'), look(6, 'growing')], thinned(16))]);
  expect(late.set).toMatchObject({ hits: 1, of: 1 });
  expect(late.kept).toMatchObject({ hits: 1, of: 1 });
  const failing = fruitSetRates([history(20, [look(4, 'yellowing')], thinned(5))]);
  expect(failing.set).toMatchObject({ hits: 0, of: 1 });
});

test('every pollinated flower is in a rate’s denominator or counted as left out', () => {
  const seen = fc.constantFrom<Look['seen']>('growing', 'unsure', 'misshapen', 'yellowing', 'gone');
  const looks = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 20 }), seen), { maxLength: 4 })
    .map((raw) => [...raw].sort(([a], [b]) => a - b).map(([day, what]) => look(day, what)));
  const any = fc.tuple(fc.integer({ min: 0, max: 20 }), looks).map(([age, all]) =>
    history(
      age,
      all.filter(({ at }) => at <= onDay(age)),
    ),
  );
  fc.assert(
    fc.property(fc.array(any, { maxLength: 15 }), (histories) => {
      const rates = fruitSetRates(histories);
      for (const { of, leftOut } of [rates.soFar, rates.set, rates.kept]) {
        expect(of + Object.values(leftOut).reduce((a, b) => a + b, 0)).toBe(histories.length);
      }
      expect(rates.kept.hits).toBeLessThanOrEqual(rates.set.hits);
    }),
  );
});
