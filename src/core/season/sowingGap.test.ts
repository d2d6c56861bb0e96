import * as fc from 'fast-check';
import { sowingGap, type SowingGapQuestion } from './sowingGap';

/** Corn, °C: the 86/50 method's base and cap (Cross & Zuber 1972). */
const CORN = { base: 10, cap: 30 };
const even = (min: number, max: number, count = 200): { min: number; max: number }[] =>
  Array.from({ length: count }, () => ({ min, max }));
/** A spring that warms by a tenth of a degree a day. */
const warming = (count = 200): { min: number; max: number }[] =>
  Array.from({ length: count }, (_, i) => ({ min: 6 + i / 10, max: 16 + i / 10 }));

const question = (change: Partial<SowingGapQuestion> = {}): SowingGapQuestion => ({
  days: even(15, 25),
  thermal: CORN,
  first: { degreeDays: 600, shedDays: 7 },
  second: { degreeDays: 600, shedDays: 7 },
  wantedDays: 14,
  ...change,
});

test('where every day is alike, the wait is the shedding and the gap wanted', () => {
  // Ten degree days a day: both need sixty days.
  expect(sowingGap(question())).toEqual({ wait: 21, lastShed: 66, firstSilk: 80 });
});

// Sowings in a cool spring catch up with each other (common practice, no source).
test('in a cool spring the wait is longer than the gap it makes', () => {
  const found = sowingGap(question({ days: warming() }))!;
  expect(found.firstSilk - found.lastShed).toBeGreaterThanOrEqual(14);
  expect(found.wait).toBeGreaterThan(21);
});

test('a late variety after an early one needs little or no wait', () => {
  expect(sowingGap(question({ second: { degreeDays: 810, shedDays: 7 } }))).toMatchObject({ wait: 0 });
  expect(sowingGap(question({ second: { degreeDays: 700, shedDays: 7 } }))).toMatchObject({ wait: 11 });
});

test('a season that is too short is said to be so', () => {
  expect(sowingGap(question({ days: even(15, 25, 70) }))).toBeUndefined();
  expect(sowingGap(question({ days: even(0, 8) }))).toBeUndefined();
});

test('the wait found is the shortest one, and asking for more never shortens it', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 25 }),
      fc.integer({ min: 300, max: 800 }),
      fc.integer({ min: 300, max: 800 }),
      (wantedDays, early, late) => {
        const asked = question({
          days: warming(),
          first: { degreeDays: early, shedDays: 7 },
          second: { degreeDays: late, shedDays: 7 },
          wantedDays,
        });
        const found = sowingGap(asked);
        if (!found) return;
        expect(found.firstSilk - found.lastShed).toBeGreaterThanOrEqual(wantedDays);
        const more = sowingGap({ ...asked, wantedDays: wantedDays + 1 });
        if (more) expect(more.wait).toBeGreaterThanOrEqual(found.wait);
      },
    ),
  );
});

test('less than nothing cannot be wanted', () => {
  expect(() => sowingGap(question({ wantedDays: -1 }))).toThrow(RangeError);
});
