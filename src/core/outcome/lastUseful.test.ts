import fc from 'fast-check';
import { ripensOn } from '../fruit/ripening';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import type { TemperaturesOf } from '../season/flowering';
import { climateAt, normalOf, type Climate } from '../weather/climate';
import { lastUsefulPollination, type LastUseful } from './lastUseful';

const WARM = { coldMin: 6, coldMax: 17, warmMin: 21, warmMax: 32 };
const normalsOf =
  (climate: Climate, latitude: number): TemperaturesOf =>
  (day) =>
    normalOf(day, climate, latitude);
const ask = (more: Partial<Parameters<typeof lastUsefulPollination>[0]> = {}): LastUseful | undefined =>
  lastUsefulPollination({
    ...{ crop: 'pepo', purpose: 'seedToKeep', earlyFrost: '2020-10-01', today: '2026-07-19' },
    ...{ temperatures: normalsOf(WARM, 35), ...more },
  });

// HANDBOOK: squash needs 45 to 50 days at least for seed, more when autumn is cool (common practice, no source).
test('seed of squash fifty days before the early frost, a zucchini to eat four', () => {
  expect(ask()).toEqual({ day: '2026-08-12', days: 50, coolDays: 0, frost: '2026-10-01' });
  expect(ask({ purpose: 'eat' })).toMatchObject({ day: '2026-09-27', days: 4 });
});

test('a cool autumn takes longer', () => {
  const temperatures = normalsOf(climateAt(52), 52);
  const cool = ask({ temperatures })!;
  expect(cool.coolDays).toBeGreaterThan(0);
  expect(cool.days).toBeLessThanOrEqual(60);
  // One pollinated then is ripe in time, one a day later is not.
  const ripe = (day: Day): Day => ripensOn('pepo', 'seed', day, temperatures)!;
  expect(ripe(cool.day) <= cool.frost).toBe(true);
  expect(ripe(addDays(cool.day, 1)) > cool.frost).toBe(true);
});

test('the frost is the next one, for three months after it the last one, and over New Year in the south', () => {
  expect(ask({ today: '2026-10-20' })!.frost).toBe('2026-10-01');
  expect(ask({ today: '2027-01-20' })!.frost).toBe('2027-10-01');
  expect(ask({ today: '2026-12-10', earlyFrost: '2019-04-20' })!.frost).toBe('2027-04-20');
  expect(ask({ earlyFrost: '2024-02-29', today: '2026-01-05' })!.frost).toBe('2026-02-28');
});

test('on any day the frost is at most nine months ahead and three back, and the day before it', () => {
  const day = fc
    .date({ min: new Date('2020-01-01'), max: new Date('2031-12-31'), noInvalidDate: true })
    .map((date): Day => date.toISOString().slice(0, 10));
  fc.assert(
    fc.property(day, day, (today, earlyFrost) => {
      const { frost, day: last, days } = ask({ today, earlyFrost })!;
      expect(daysBetween(today, frost)).toBeGreaterThanOrEqual(-91);
      expect(daysBetween(today, frost)).toBeLessThanOrEqual(277);
      expect(daysBetween(last, frost)).toBe(days);
    }),
  );
});

test('of a crop that is grown for neither nothing is said', () => {
  expect(ask({ crop: 'strawberry' })).toBeUndefined();
});
