import { dayOfReadings } from '../src/core/weather/readings';
import { addDays, atClock } from '../src/core/time/calendar';
import { climateAt, normalOf } from '../src/core/weather/climate';
import { weatherAtStation } from './weatherStation';

const NORTH = { latitude: 52.2, longitude: -1.7, zone: 'Europe/London' };
const SOUTH = { latitude: -37.8, longitude: 145, zone: 'Australia/Melbourne' };
const POLAR = { latitude: 69.6, longitude: 18.9, zone: 'Europe/Oslo' };
const HOUR = 3_600_000;
const NOW = Date.parse('2026-07-19T05:30:00Z');

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

const past = (site: typeof NORTH, now: number, hoursBack: number) =>
  weatherAtStation({ site, now, hoursBack, hoursAhead: 0 }).readings;

test('the same hour at the same place has the same weather, whenever it is looked up', () => {
  const [early, late] = [past(NORTH, NOW, 48), past(NORTH, NOW + 24 * HOUR, 72)];
  expect(late.slice(0, 48)).toEqual(early);
  expect(past(SOUTH, NOW, 48)).not.toEqual(early);
});

test.each([
  ['north, summer', NORTH, '2026-07-19'],
  ['south, summer', SOUTH, '2027-01-19'],
  ['where the sun does not set', POLAR, '2026-06-21'],
])('figures are of this world and near what the place is used to: %s', (_, site, day) => {
  const all = past(site, atClock(addDays(day, 1), 0, site.zone), 24 * 60);
  for (const { tempC, humidity, rainMm, wind, light } of all) {
    expect(tempC).toBeGreaterThan(-20);
    expect(tempC).toBeLessThan(45);
    expect(humidity).toBeGreaterThan(5);
    expect(humidity).toBeLessThanOrEqual(100);
    expect(rainMm).toBeGreaterThanOrEqual(0);
    expect(rainMm).toBeLessThan(15);
    expect(wind).toBeGreaterThanOrEqual(0);
    expect(light).toBeLessThanOrEqual(1000);
  }
  const usual = normalOf(addDays(day, -30), climateAt(site.latitude), site.latitude);
  expect(Math.abs(mean(all.map(({ tempC }) => tempC)) - (usual.min + usual.max) / 2)).toBeLessThan(4);
  const wet = all.filter(({ rainMm }) => rainMm! > 0).length / all.length;
  expect(wet).toBeGreaterThan(0.02);
  expect(wet).toBeLessThan(0.3);
});

test('it is coldest about sunrise, warmest in the afternoon, and dampest when it is coldest', () => {
  const days = Array.from({ length: 30 }, (_, i) => addDays('2026-07-01', i));
  const all = past(NORTH, atClock('2026-08-01', 0, NORTH.zone), 24 * 32);
  const at = (hour: number): number[] =>
    days.map((day) => all.find(({ ms }) => ms === atClock(day, hour, NORTH.zone))!.tempC);
  expect(mean(at(5))).toBeLessThan(mean(at(9)));
  expect(mean(at(9))).toBeLessThan(mean(at(15)));
  expect(mean(at(22))).toBeLessThan(mean(at(15)));
  const [cold, warm] = [5, 15].map((hour) =>
    mean(days.map((day) => all.find(({ ms }) => ms === atClock(day, hour, NORTH.zone))!.humidity!)),
  );
  expect(cold).toBeGreaterThan(warm! + 15);
});

test('the light comes with the sun', () => {
  const day = past(NORTH, atClock('2026-07-20', 0, NORTH.zone), 24);
  const lit = day.filter(({ light }) => light! > 0).length;
  expect(lit).toBeGreaterThanOrEqual(15);
  expect(lit).toBeLessThanOrEqual(17);
});

test('a forecast errs, the more the further it looks, and not absurdly', () => {
  const errors = (ahead: number): number =>
    mean(
      Array.from({ length: 60 }, (_, i) => {
        const now = NOW + i * 26 * HOUR;
        const said = weatherAtStation({ site: NORTH, now, hoursBack: 1, hoursAhead: 96 }).forecast[
          ahead - 1
        ]!;
        const was = past(NORTH, said.ms, 1)[0]!;
        expect(was.ms).toBe(said.ms);
        return Math.abs(said.tempC - was.tempC);
      }),
    );
  const [soon, tomorrow, later] = [errors(2), errors(24), errors(90)];
  expect(soon).toBeLessThan(tomorrow);
  expect(tomorrow).toBeLessThan(later);
  expect(soon).toBeGreaterThan(0);
  expect(later).toBeLessThan(5);
});

test('a day of it gives all figures of a day', () => {
  const readings = past(NORTH, atClock('2026-07-20', 0, NORTH.zone), 60);
  const day = dayOfReadings(readings, '2026-07-19', NORTH)!;
  expect(day.hours).toBe(24);
  expect(day.night).toBeDefined();
  expect(day.dewPoint).toBeDefined();
  expect(day.dawnC).toBeGreaterThanOrEqual(day.min);
});
