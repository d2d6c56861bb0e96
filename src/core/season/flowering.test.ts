import * as fc from 'fast-check';
import { addDays, daysBetween } from '../time/calendar';
import { climateAt, normalOf, temperaturesBy } from '../weather/climate';
import { degreeDaysToFlower, floweringForecast, ownDegreeDays } from './flowering';

const even = () => ({ min: 15, max: 25 });
const sown = { how: 'sown', day: '2026-05-01' } as const;

test('the warmest days come in July in the north and in January in the south', () => {
  const climate = climateAt(52);
  expect(normalOf('2026-07-21', climate, 52).min).toBeCloseTo(climate.warmMin, 3);
  expect(normalOf('2026-07-21', climate, 52).max).toBeCloseTo(climate.warmMax, 3);
  const south = climateAt(-37);
  expect(normalOf('2026-01-20', south, -37).max).toBeCloseTo(south.warmMax, 1);
  expect(normalOf('2026-07-21', south, -37).max).toBeCloseTo(south.coldMax, 1);
});

test('a climate by latitude is mirrored at the equator and never upside down', () => {
  fc.assert(
    fc.property(fc.double({ min: -90, max: 90, noNaN: true }), (latitude) => {
      const { coldMin, coldMax, warmMin, warmMax } = climateAt(latitude);
      expect(climateAt(-latitude)).toEqual(climateAt(latitude));
      expect(coldMin).toBeLessThan(coldMax);
      expect(warmMin).toBeLessThan(warmMax);
      expect(coldMax).toBeLessThan(warmMax);
    }),
  );
});

test('what was noted takes precedence over what is to be expected', () => {
  const note = { day: '2026-07-01', dawnC: 9, maxC: 14, rain: 'none' } as const;
  const temperatures = temperaturesBy(climateAt(52), 52, new Map([[note.day, note]]));
  expect(temperatures('2026-07-01')).toEqual({ min: 9, max: 14 });
  expect(temperatures('2026-07-02').max).toBeGreaterThan(20);
});

test('by degree days: 620 of corn’s at ten a day are 62 days', () => {
  const found = floweringForecast({ crop: 'corn', sowing: sown }, even)!;
  expect(found).toMatchObject({ first: '2026-07-02', by: 'degreeDays', reasons: [{ code: 'byDegreeDays' }] });
  expect(daysBetween(found.first, found.last)).toBe(9);
});

test('planted out is ahead of sown in place', () => {
  expect(degreeDaysToFlower('tomato', 'plantedOut')).toBeLessThan(degreeDaysToFlower('tomato', 'sown'));
  const plantedOut = floweringForecast({ crop: 'pepo', sowing: { ...sown, how: 'plantedOut' } }, even)!;
  expect(plantedOut.first < floweringForecast({ crop: 'pepo', sowing: sown }, even)!.first).toBe(true);
});

test('the grower’s own days take precedence over degree days, and what was seen over both', () => {
  const given = { crop: 'corn', sowing: sown, daysToFlower: 70 } as const;
  expect(floweringForecast(given, even)).toMatchObject({ first: '2026-07-10', by: 'days' });
  expect(floweringForecast({ ...given, seen: { days: ['2026-07-08'], over: [] } }, even)).toMatchObject({
    first: '2026-07-08',
    by: 'seen',
  });
});

test('the season ends it, and without a sowing or warmth there is no forecast', () => {
  const cut = floweringForecast({ crop: 'tomato', sowing: sown }, even, '2026-07-20')!;
  expect(cut.last).toBe('2026-07-20');
  expect(cut.reasons.at(-1)!.code).toBe('untilFrost');
  expect(floweringForecast({ crop: 'tomato', sowing: sown }, even, '2026-06-01')).toBeUndefined();
  expect(floweringForecast({ crop: 'tomato' }, even)).toBeUndefined();
  expect(floweringForecast({ crop: 'tomato', sowing: sown }, () => ({ min: 0, max: 6 }))).toBeUndefined();
});

test('a variety’s own record foretells the day on which it was seen', () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 120 }), fc.constantFrom('sown', 'plantedOut'), (days, how) => {
      const sowing = { how, day: '2026-05-01' } as const;
      const seen = { crop: 'melon', sowing, seen: { days: [addDays(sowing.day, days)], over: [] } } as const;
      const own = ownDegreeDays(seen, even)!;
      const again = floweringForecast({ crop: 'melon', sowing, ownDegreeDays: own - 1e-6 }, even)!;
      expect(again.first).toBe(seen.seen.days[0]);
      expect(again.reasons[0]!.code).toBe('byOwnDegreeDays');
    }),
  );
  expect(ownDegreeDays({ crop: 'melon', seen: { days: ['2026-07-01'], over: [] } }, even)).toBeUndefined();
});
