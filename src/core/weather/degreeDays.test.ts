import * as fc from 'fast-check';
import { degreeDays, type DayTemperatures, type Thermal } from './degreeDays';

const CORN_F: Thermal = { base: 50, cap: 86 };

// Nielsen, Purdue University, Heat unit concepts related to corn development: the 86/50 method, °F (from memory).
test.each([
  [80, 55, 17.5],
  [90, 72, 29],
  [68, 41, 9],
])('corn, highest %i and lowest %i °F: %d', (max, min, sum) => {
  expect(degreeDays({ min, max }, CORN_F, 'limitEnds')).toBe(sum);
});

// McMaster & Wilhelm 1997: the two readings of one equation part when the lowest temperature is below the base;
// then the second gives more. Figures recomputed by the definitions.
test('the two methods part when the lowest temperature is below the base', () => {
  const wheat: Thermal = { base: 0 };
  expect(degreeDays({ min: -5, max: 20 }, wheat, 'limitMean')).toBe(7.5);
  expect(degreeDays({ min: -5, max: 20 }, wheat, 'limitEnds')).toBe(10);
  expect(degreeDays({ min: -12, max: 8 }, wheat, 'limitMean')).toBe(0);
  expect(degreeDays({ min: -12, max: 8 }, wheat, 'limitEnds')).toBe(4);
  expect(degreeDays({ min: 4, max: 20 }, wheat, 'limitMean')).toBe(12);
  expect(degreeDays({ min: 4, max: 20 }, wheat, 'limitEnds')).toBe(12);
});

const dayOf = fc
  .tuple(fc.double({ min: -30, max: 45, noNaN: true }), fc.double({ min: 0, max: 25, noNaN: true }))
  .map(([min, range]): DayTemperatures => ({ min, max: min + range }));

test('never negative, never more than from base to cap, and the second method never gives less without a cap', () => {
  fc.assert(
    fc.property(dayOf, (day) => {
      for (const method of ['limitMean', 'limitEnds'] as const) {
        const sum = degreeDays(day, { base: 10, cap: 30 }, method);
        expect(sum).toBeGreaterThanOrEqual(0);
        expect(sum).toBeLessThanOrEqual(20);
      }
      const open: Thermal = { base: 10 };
      expect(degreeDays(day, open, 'limitEnds')).toBeGreaterThanOrEqual(
        degreeDays(day, open, 'limitMean') - 1e-9,
      );
    }),
  );
});

test('a degree is a degree in either scale', () => {
  fc.assert(
    fc.property(dayOf, ({ min, max }) => {
      const celsius = degreeDays({ min, max }, { base: 10, cap: 30 }, 'limitEnds');
      const f = (c: number): number => (c * 9) / 5 + 32;
      const fahrenheit = degreeDays({ min: f(min), max: f(max) }, CORN_F, 'limitEnds');
      expect(fahrenheit).toBeCloseTo((celsius * 9) / 5, 9);
    }),
  );
});

test('impossible temperatures throw', () => {
  expect(() => degreeDays({ min: 20, max: 10 }, CORN_F, 'limitEnds')).toThrow(RangeError);
  expect(() => degreeDays({ min: Number.NaN, max: 10 }, CORN_F, 'limitMean')).toThrow(RangeError);
  expect(() => degreeDays({ min: 1, max: 10 }, { base: 10, cap: 5 }, 'limitMean')).toThrow(RangeError);
});
