import { addDays, clockHour, MS_PER_HOUR } from '../time/calendar';
import { bloomingCropOf, COVERED_CROP_IDS } from '../crops/catalogue';
import {
  isOpeningWindow,
  openingWindow,
  pollenAlive,
  type MorningWeather,
  type OpeningWindow,
} from './openingWindow';
import { sunTimes } from '../time/sun';
import { worthByTime } from './worth';

const SITE = { latitude: 52.3, longitude: -1.9, zone: 'Europe/London' };
const DAY = '2026-07-18';
const MILD: MorningWeather = { dawnC: 14, maxC: 24, rain: 'none' };
const { sunrise } = sunTimes(DAY, SITE);

function windowOf(crop: Parameters<typeof bloomingCropOf>[0], weather?: MorningWeather): OpeningWindow {
  const window = openingWindow(bloomingCropOf(crop)!, SITE, DAY, weather);
  if (!isOpeningWindow(window)) throw new Error('the sun rises here');
  return window;
}
const fromSunrise = (ms: number): number => (ms - sunrise!) / MS_PER_HOUR;

// Hours of the handbook's table of crops, §3.
test.each([
  ['pepo', [-0.5, 0.5], [4, 6]],
  ['maxima', [-1, 0], [4, 5]],
  ['moschata', [-1, 0], [4, 5]],
  ['argyrosperma', [-1, 0], [4, 4]],
] as const)('%s opens and shuts at its hours on a mild morning', (crop, opens, shuts) => {
  const window = windowOf(crop, MILD);
  expect(window.opens.map(fromSunrise)).toEqual(opens.map((h) => expect.closeTo(h, 6)));
  expect(window.shuts.map(fromSunrise)).toEqual(shuts.map((h) => expect.closeTo(h, 6)));
});

test('pollinating pepo ends by ten at the latest, however late the sunrise', () => {
  // Common practice, no source: by 10:00 at the latest to be safe.
  const spain = { latitude: 43.3, longitude: -8.4, zone: 'Europe/Madrid' };
  const window = openingWindow(bloomingCropOf('pepo')!, spain, '2026-08-20');
  if (!isOpeningWindow(window)) throw new Error('the sun rises here');
  expect(clockHour(window.lastSafe, spain.zone)).toBe(10);
  expect(window.reasons.map(({ code }) => code)).toContain('doneByClock');
  expect(window.lastSafe).toBeLessThan(window.shuts[0]);
});

test('a dawn below ten degrees opens the flowers later, and the colder the later', () => {
  const cool = windowOf('pepo', { ...MILD, dawnC: 8 });
  const cold = windowOf('pepo', { ...MILD, dawnC: 6 });
  expect(cool.opens[0]).toBeGreaterThan(windowOf('pepo', MILD).opens[0]);
  expect(cold.opens[0]).toBeGreaterThan(cool.opens[0]);
  expect(cool.reasons.map(({ code }) => code)).toContain('coldDawn');
});

test('heat shortens the morning and cool weather lengthens it', () => {
  const mild = windowOf('maxima', MILD);
  expect(windowOf('maxima', { ...MILD, maxC: 33 }).lastSafe).toBeLessThan(mild.lastSafe);
  expect(windowOf('maxima', { ...MILD, maxC: 16 }).lastSafe).toBeGreaterThan(mild.lastSafe);
});

test('most insects wait for about thirteen degrees; squash bees are mentioned at any temperature', () => {
  const [cold, mild] = [windowOf('pepo', { ...MILD, dawnC: 10 }).insects!, windowOf('pepo', MILD).insects!];
  expect(cold).toBeGreaterThan(mild);
  for (const crop of COVERED_CROP_IDS)
    expect(windowOf(crop).reasons.some(({ code }) => code === 'earlyBees')).toBe(
      ['pepo', 'maxima', 'moschata', 'argyrosperma'].includes(crop),
    );
});

test('wind carries the pollen of corn, so that no insect is waited for', () => {
  const { insects, reasons } = windowOf('corn');
  expect(insects).toBeUndefined();
  expect(reasons.map(({ code }) => code)).toContain('windCarries');
  expect(reasons.map(({ code }) => code)).not.toContain('insectsLight');
});

test('without a sunrise there is a reason and no window', () => {
  const polar = { latitude: 69.6, longitude: 18.9, zone: 'Europe/Oslo' };
  expect(openingWindow(bloomingCropOf('pepo')!, polar, '2026-06-21')).toEqual({
    reasons: [{ code: 'noSunrise', params: { polar: 'day' } }],
  });
});

test('pollen is best at opening and falls to three in four grains at shutting', () => {
  // Nepi & Pacini 1993, from memory: about 92 % alive at opening, 75 % at shutting.
  const window = windowOf('pepo', MILD);
  expect(pollenAlive(window, window.opens[0])).toBeCloseTo(0.9);
  expect(pollenAlive(window, window.shuts[1])).toBeCloseTo(0.75);
  expect(pollenAlive(window, window.opens[0] - 1)).toBe(0);
});

test('the worth of a morning rises with opening, is best before insects, and ends with the window', () => {
  const window = windowOf('pepo', MILD);
  const points = worthByTime(window);
  expect(points[0]!.worth).toBe(0);
  expect(points.at(-1)).toEqual({ ms: window.shuts[1], worth: 0 });
  for (const { worth } of points) {
    expect(worth).toBeGreaterThanOrEqual(0);
    expect(worth).toBeLessThanOrEqual(1);
  }
  const best = points.reduce((a, b) => (b.worth > a.worth ? b : a));
  expect(fromSunrise(best.ms)).toBeLessThan(1);
});

test('the last safe moment never comes before the flowers open, and no later than the first shut', () => {
  // North-west Spain at the end of September, dawn 6 °C: with the named ten o'clock alone it would.
  const spain = { latitude: 43.3, longitude: -8.4, zone: 'Europe/Madrid' };
  const cold = openingWindow(bloomingCropOf('pepo')!, spain, '2026-09-25', {
    dawnC: 6,
    maxC: 19,
    rain: 'none',
  });
  if (!isOpeningWindow(cold)) throw new Error('the sun rises here');
  expect(cold.lastSafe).toBeGreaterThan(cold.opens[1]);
  expect(cold.reasons.map(({ code }) => code)).toContain('doneByClockLater');
  for (const crop of COVERED_CROP_IDS) {
    for (let month = 1; month <= 12; month += 1) {
      for (const longitude of [-9, 20, 60]) {
        for (const dawnC of [2, 8, 16]) {
          const day = `2026-${String(month).padStart(2, '0')}-20`;
          const site = { ...spain, longitude };
          const window = openingWindow(bloomingCropOf(crop)!, site, day, {
            dawnC,
            maxC: dawnC + 15,
            rain: 'none',
          });
          if (!isOpeningWindow(window)) throw new Error('the sun rises here');
          expect(window.lastSafe).toBeGreaterThanOrEqual(window.opens[1]);
          expect(window.lastSafe).toBeLessThanOrEqual(window.shuts[0]);
        }
      }
    }
  }
});

// Hours of the handbook's table of crops, §3: bottle gourds open about sunset and shut next morning.
test('a bottle gourd belongs to the day of its dusk and is open until the next morning', () => {
  const window = openingWindow(bloomingCropOf('bottleGourd')!, SITE, DAY, MILD);
  if (!isOpeningWindow(window)) throw new Error('the sun sets here');
  const { sunset } = sunTimes(DAY, SITE);
  const next = sunTimes('2026-07-19', SITE).sunrise!;
  expect(window.opens).toEqual([sunset! - MS_PER_HOUR, sunset! + MS_PER_HOUR]);
  expect(window.shuts).toEqual([next + 2 * MS_PER_HOUR, next + 3 * MS_PER_HOUR]);
  expect(window.lastSafe).toBe(window.shuts[0]);
  expect(window.insects).toBe(sunset);
});

test('where nights hardly get dark the hours to expect follow the coolest time of the day, and prove nothing', () => {
  const squash = bloomingCropOf('pepo')!;
  const at = (latitude: number) => {
    const site = { latitude, longitude: 15, zone: 'Europe/Stockholm' };
    const hours = (expected: boolean) => openingWindow(squash, site, '2026-06-21', undefined, { expected });
    return [hours(false), hours(true)] as const;
  };
  // In most of the world nothing changes.
  for (const latitude of [-45, 0, 35, 52]) expect(at(latitude)[1]).toEqual(at(latitude)[0]);
  const [sun, felt] = at(65);
  if (!isOpeningWindow(sun) || !isOpeningWindow(felt)) throw new Error('the sun rises and sets there');
  expect((felt.opens[0] - sun.opens[0]) / 3_600_000).toBeGreaterThan(1);
  // By the sun, midnight is about one o'clock of summer time there.
  expect(new Date(felt.opens[0]).getUTCHours()).toBeGreaterThanOrEqual(1);
  expect(felt.reasons[0]!.code).toBe('lightNights');
  const [unknown, guessed] = at(70);
  expect(isOpeningWindow(unknown)).toBe(false);
  expect(isOpeningWindow(guessed)).toBe(true);
  const site = { latitude: 70, longitude: 15, zone: 'Europe/Stockholm' };
  const night = openingWindow(squash, site, '2026-12-21', undefined, { expected: true });
  expect(isOpeningWindow(night)).toBe(false);
});

test('hours to expect move little from one day to the next where the sun ceases to set', () => {
  const squash = bloomingCropOf('pepo')!;
  const site = { latitude: 67.5, longitude: 15, zone: 'Europe/Stockholm' };
  const opens = Array.from({ length: 120 }, (_, i) => {
    const day = addDays('2026-04-20', i);
    const window = openingWindow(squash, site, day, undefined, { expected: true });
    return isOpeningWindow(window) ? window.opens[0] - Date.parse(day) : NaN;
  });
  opens.slice(1).forEach((ms, i) => expect(Math.abs(ms - opens[i]!)).toBeLessThan(15 * 60_000));
});
