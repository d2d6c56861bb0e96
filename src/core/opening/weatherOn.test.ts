import type { Fact, StoredEntry } from '../journal/entry';
import { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { MS_PER_HOUR } from '../time/calendar';
import type { Reading } from '../weather/readings';
import { bloomingCropOf } from '../crops/catalogue';
import { isOpeningWindow, openingWindow, type OpeningWindow } from './openingWindow';
import { airAt, morningWeather, readFacts, weatherOn } from './weatherOn';

const SITE: Garden = {
  id: 'g',
  name: 'Here',
  latitude: 52,
  longitude: 5,
  zone: 'Europe/Amsterdam',
} as Garden;
const DAY = '2026-07-18';
const MIDNIGHT = Date.parse('2026-07-17T22:00:00Z');

let count = 0;
const stored = ({ kind, body }: Fact): StoredEntry => {
  count += 1;
  const at = '2026-07-18T03:00:00.000Z';
  const more = { v: 1, at, recorded: at, garden: 'g', device: 'd', action: `a${count}` };
  return { id: `e${count}`, kind, lamport: count, body, ...more } as StoredEntry;
};
const journalOf = (...facts: Fact[]): Journal => {
  const journal = new Journal();
  journal.add(facts.map(stored));
  return journal;
};
const hours = (from: number, temps: readonly number[], more: Partial<Reading> = {}): Reading[] =>
  temps.map((tempC, i) => ({ ms: from + i * MS_PER_HOUR, tempC, ...more }));
/** A day that warms by a degree an hour from eight at midnight. */
const WARMING = hours(
  MIDNIGHT,
  Array.from({ length: 24 }, (_, i) => 8 + i),
  { humidity: 80 },
);

test('what the grower noted goes before a logger, and a logger before station and forecast', () => {
  const forecast = readFacts(hours(MIDNIGHT, [20, 21, 22]), 'forecast', SITE.zone);
  const logger = readFacts(hours(MIDNIGHT, [10, 11]), 'logger', SITE.zone);
  const station = readFacts(hours(MIDNIGHT, [15]), 'station', SITE.zone);
  for (const facts of [
    [...forecast, ...logger, ...station],
    [...logger, ...station, ...forecast],
  ]) {
    const journal = journalOf(...facts);
    expect(journal.all('readings').get(DAY)).toMatchObject({
      readings: [{ tempC: 10 }, { tempC: 11 }, { tempC: 22 }],
      source: 'forecast',
    });
    expect(weatherOn(journal, SITE, DAY)).toMatchObject({ source: 'forecast', reachedC: 22, rain: 'none' });
  }
  const noted: Fact = { kind: 'weather.noted', body: { day: DAY, dawnC: 5, maxC: 33, rain: 'long' } };
  const both = weatherOn(journalOf(...logger, noted), SITE, DAY)!;
  expect(both).toMatchObject({ source: 'noted', dawnC: 5, maxC: 33, rain: 'long', figures: { max: 11 } });
  // Nor do the hours of an instrument move flowers that the grower saw in other weather.
  expect(both.readings).toHaveLength(2);
  expect(morningWeather(both)).toMatchObject({ dawnC: 5, readings: [] });
  expect(weatherOn(journalOf(noted), SITE, DAY)).toMatchObject({ readings: [], source: 'noted' });
  const taken: Fact = { ...noted, body: { ...noted.body, by: 'forecast' } } as Fact;
  const followed = weatherOn(journalOf(...forecast, noted, taken), SITE, DAY);
  expect(followed).toMatchObject({ source: 'forecast', maxC: 33 });
  expect(morningWeather(followed)!.readings).toHaveLength(3);
  expect(weatherOn(new Journal(), SITE, DAY)).toBeUndefined();
});

test('of two readings of an hour from one source the later recorded counts', () => {
  const twice = [12, 13].flatMap((tempC) => readFacts(hours(MIDNIGHT, [tempC]), 'logger', SITE.zone));
  expect(weatherOn(journalOf(...twice), SITE, DAY)).toMatchObject({ reachedC: 13 });
});

test('readings are filed under the garden’s own day', () => {
  const facts = readFacts(hours(MIDNIGHT - MS_PER_HOUR, [7, 8]), 'logger', SITE.zone);
  expect(facts.map(({ body }) => [body.day, body.readings.length])).toEqual([
    ['2026-07-17', 1],
    ['2026-07-18', 1],
  ]);
  expect(facts[0]!.body.readings[0]).toEqual([MIDNIGHT - MS_PER_HOUR, 7, null, null, null, null]);
});

test('the air of an hour is that of the nearest reading, if there is one within the hour', () => {
  const journal = journalOf(...readFacts(WARMING, 'logger', SITE.zone));
  const weather = weatherOn(journal, SITE, DAY);
  expect(airAt(weather, MIDNIGHT + 3.4 * MS_PER_HOUR)).toMatchObject({ humidity: 80, day: { max: 31 } });
  expect(airAt(weather, MIDNIGHT + 26 * MS_PER_HOUR)).not.toHaveProperty('humidity');
  expect(airAt(undefined, 0)).toEqual({});
});

test('flowers open when the readings reach the crop’s floor, not when a rule of thumb says', () => {
  const melon = bloomingCropOf('melon')!;
  const windowOf = (weather?: Parameters<typeof openingWindow>[3]): OpeningWindow => {
    const window = openingWindow(melon, SITE, DAY, weather);
    if (!isOpeningWindow(window)) throw new Error('no window');
    return window;
  };
  const usual = windowOf().opens[0];
  const weather = weatherOn(journalOf(...readFacts(WARMING, 'logger', SITE.zone)), SITE, DAY)!;
  const floor = melon.floor!.value;
  const warm = MIDNIGHT + (floor - 8) * MS_PER_HOUR;
  expect(windowOf(weather).opens[0]).toBe(Math.max(usual, Math.min(usual + 3 * MS_PER_HOUR, warm)));
  expect(windowOf(weather).opens[0]).toBeGreaterThan(usual);
  // It never gets warm: no later than three hours after all.
  const cold = {
    ...weather,
    readings: hours(
      MIDNIGHT,
      Array.from({ length: 24 }, () => 6),
    ),
  };
  expect(windowOf(cold).opens[0]).toBe(usual + 3 * MS_PER_HOUR);
  // Readings of other hours tell nothing of this morning.
  const elsewhere = { ...weather, dawnC: 25, readings: hours(MIDNIGHT + 15 * MS_PER_HOUR, [6, 6]) };
  expect(windowOf(elsewhere).opens[0]).toBe(usual);
});
