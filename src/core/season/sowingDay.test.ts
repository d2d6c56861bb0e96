import * as fc from 'fast-check';
import { addDays, daysBetween } from '../time/calendar';
import { normalOf } from '../weather/climate';
import { floweringForecast } from './flowering';
import { sowingDay, type SowingQuestion } from './sowingDay';

const WARM = () => ({ min: 15, max: 25 });
const CLIMATE = { coldMin: 0, coldMax: 6, warmMin: 13, warmMax: 24 };
const spring = (day: string) => normalOf(day, CLIMATE, 51);
const YEAR = ['2026-01-01', '2026-08-31'] as const;

const question = (change: Partial<SowingQuestion> = {}): SowingQuestion => ({
  variety: { crop: 'corn' },
  other: ['2026-07-10', '2026-07-19'],
  wish: 'after',
  daysApart: 14,
  within: YEAR,
  ...change,
});

test('where every day is alike, two sowings are as far apart as the gap plus the flowering between', () => {
  // Ten degree days a day: corn takes 62 days and flowers for ten.
  const first = floweringForecast({ crop: 'corn', sowing: { how: 'sown', day: '2026-05-01' } }, WARM)!;
  expect(daysBetween('2026-05-01', first.first)).toBe(62);
  const second = sowingDay(question({ other: [first.first, first.last] }), WARM)!;
  expect(daysBetween('2026-05-01', second.day)).toBe(14 + 9);
});

// Sowings in a cool spring catch up with each other (common practice, no source).
test('in a cool spring the wait is longer than the gap it makes', () => {
  const sown = '2026-04-20';
  const first = floweringForecast({ crop: 'corn', sowing: { how: 'sown', day: sown } }, spring)!;
  const second = sowingDay(question({ other: [first.first, first.last] }), spring)!;
  expect(daysBetween(first.last, second.first)).toBeGreaterThanOrEqual(14);
  expect(daysBetween(sown, second.day)).toBeGreaterThan(daysBetween(first.first, second.first));
});

test('before the other, it is over early enough, and no later sowing is', () => {
  const other = ['2026-08-31', '2026-09-09'] as const;
  const found = sowingDay(question({ other, wish: 'before', daysApart: 5 }), spring)!;
  expect(daysBetween(found.last, other[0])).toBeGreaterThanOrEqual(5);
  const later = floweringForecast(
    { crop: 'corn', sowing: { how: 'sown', day: addDays(found.day, 1) } },
    spring,
  )!;
  expect(daysBetween(later.last, other[0])).toBeLessThan(5);
});

test.each(['pepo', 'melon', 'corn', 'tomato', 'runnerBean'] as const)(
  'two %s parents that should flower together do so within a day or two',
  (crop) => {
    const other = ['2026-08-10', '2026-08-31'] as const;
    const found = sowingDay(question({ variety: { crop }, other, wish: 'together' }), spring)!;
    expect(Math.abs(daysBetween(found.first, other[0]))).toBeLessThanOrEqual(2);
  },
);

test('more days apart never lead to an earlier sowing', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 25 }), (daysApart) => {
      const less = sowingDay(question({ daysApart }), spring);
      const more = sowingDay(question({ daysApart: daysApart + 1 }), spring);
      if (less && more) expect(more.day >= less.day).toBe(true);
    }),
    { numRuns: 20 },
  );
});

test('gives undefined for a season that is too short or too cold', () => {
  expect(
    sowingDay(
      question({ within: ['2026-01-01', '2026-03-01'], other: ['2026-09-10', '2026-09-19'] }),
      spring,
    ),
  ).toBeUndefined();
  expect(sowingDay(question(), () => ({ min: 0, max: 8 }))).toBeUndefined();
  expect(() => sowingDay(question({ daysApart: -1 }), spring)).toThrow(RangeError);
});
