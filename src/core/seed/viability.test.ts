import fc from 'fast-check';
import { SEED_PACKINGS, SEED_STORES } from '../journal/kinds/seed';
import { LONGEST_YEARS } from './drawerLife';
import { deathsSpread, halfLife } from './viability';

// Worked by hand from the published constants: 8.579 − 4.91 log 12 − 0.0329 · 20 − 0.000478 · 400 = 2.431.
test('corn with 12 % of water at 20 °C', () => {
  expect(deathsSpread('corn', 12, 20)).toBeCloseTo(10 ** 2.431, 0);
});

// Two published rules of the same thing, found apart: Harrington 1972 says twice for each 5 °C and each per cent of water.
test('near a dry room it agrees with Harrington’s rule of thumb, within the spread of either', () => {
  for (const crop of ['corn', 'lettuce'] as const) {
    const spread = (water: number, celsius: number): number => deathsSpread(crop, water, celsius)!;
    for (const [water, celsius] of [
      [10, 20],
      [8, 15],
      [9, 25],
    ] as const) {
      const by5C = spread(water, celsius - 5) / spread(water, celsius);
      const byPercent = spread(water - 1, celsius) / spread(water, celsius);
      for (const times of [by5C, byPercent]) {
        expect(times).toBeGreaterThan(1.5);
        expect(times).toBeLessThan(2.7);
      }
    }
  }
});

test('drier and colder is never shorter, and nothing is told of crops without constants, nor beyond a drawer’s years', () => {
  fc.assert(
    fc.property(fc.constantFrom(...SEED_STORES), fc.constantFrom(...SEED_PACKINGS), (store, packing) => {
      const { years } = halfLife('corn', { store, packing })!;
      expect(years[0]).toBeLessThanOrEqual(years[1]);
      expect(years[1]).toBeLessThanOrEqual(LONGEST_YEARS);
      expect(years[0]).toBeGreaterThanOrEqual(halfLife('corn', { packing: 'paper' })!.years[0]);
      expect(halfLife('pepo', { store, packing })).toBeUndefined();
    }),
  );
});
