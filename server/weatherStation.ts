import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import { addDays, atClock, dayAt, MS_PER_HOUR } from '../src/core/time/calendar';
import { sunTimes, type Site } from '../src/core/time/sun';
import type { Day } from '../src/core/time/types';
import { climateAt, normalOf, type Climate } from '../src/core/weather/climate';
import { relativeHumidity } from '../src/core/weather/dewPoint';
import type { Reading, StationAnswer } from '../src/core/weather/readings';

/**
 * A simulated weather station: no instrument and no service, only weather as it could be at a place and season. The
 * same place and hour give the same weather. All figures of its course are our own choice.
 */

const DAY_MS = 24 * MS_PER_HOUR;

const MIXED_AFTER = 16;

/** Even chance in [-1, 1) for a whole number, the same each time. */
function chanceAt(channel: number, index: number): number {
  const generator = xoroshiro128plus(Math.imul(channel, 0x9e3779b1) ^ (index | 0));
  // Its first numbers still look like the seed.
  for (let i = 0; i < MIXED_AFTER; i += 1) generator.unsafeNext();
  return unsafeUniformIntDistribution(0, 0x3fffffff, generator) / 0x20000000 - 1;
}

/** Chance that changes smoothly with time [value noise], in [-1, 1), over about `period` milliseconds. */
function drift(channel: number, ms: number, period: number): number {
  const at = ms / period;
  const index = Math.floor(at);
  const share = at - index;
  const ease = share * share * (3 - 2 * share);
  return chanceAt(channel, index) * (1 - ease) + chanceAt(channel, index + 1) * ease;
}

/** What drifts, each by itself. */
const CHANNELS = { warmth: 1, cloud: 2, showers: 3, wind: 4, moisture: 5, early: 6, error: 7 } as const;

/** The sun by the clock where it does not rise or set. */
const USUAL_SUNRISE_H = 5;
const USUAL_SUNSET_H = 19;
/** It is warmest so long after the sun's highest point. */
const WARMEST_AFTER_NOON_H = 2.5;
const OVERCAST_FROM = 0.62;
const LIGHT_AT_NOON = 900;

interface SunOfDay {
  readonly sunrise: number;
  readonly sunset: number;
  readonly warmest: number;
}

interface Extremes {
  readonly min: number;
  readonly max: number;
}

interface Station {
  readonly site: Site;
  readonly climate: Climate;
  readonly seed: number;
  /** Worked out once a day. */
  readonly suns: Map<Day, SunOfDay>;
  readonly extremes: Map<Day, Extremes>;
}

function once<T>(held: Map<Day, T>, day: Day, compute: () => T): T {
  const value = held.get(day) ?? compute();
  held.set(day, value);
  return value;
}

const sunOf = ({ site, suns }: Station, day: Day): SunOfDay =>
  once(suns, day, () => {
    const { sunrise, sunset, noon } = sunTimes(day, site);
    return {
      sunrise: sunrise ?? atClock(day, USUAL_SUNRISE_H, site.zone),
      sunset: sunset ?? atClock(day, USUAL_SUNSET_H, site.zone),
      warmest: noon + WARMEST_AFTER_NOON_H * MS_PER_HOUR,
    };
  });

/** Fronts pass every three days or so: from 0, a clear sky, to 1. */
const cloudAt = ({ seed }: Station, ms: number): number =>
  Math.min(1, Math.max(0, 0.5 + 0.75 * drift(CHANNELS.cloud + seed, ms, 2.6 * DAY_MS)));

/** Lowest and highest of a day under its own sky: cloud takes from the days and gives to the nights. */
const extremesOf = (station: Station, day: Day): Extremes =>
  once(station.extremes, day, () => {
    const { site, climate, seed } = station;
    const normal = normalOf(day, climate, site.latitude);
    const noon = atClock(day, 12, site.zone);
    const warmth = 5 * drift(CHANNELS.warmth + seed, noon, 5 * DAY_MS);
    const range = normal.max - normal.min;
    const cloud = cloudAt(station, noon) - 0.5;
    return {
      min: normal.min + warmth + 0.3 * range * cloud,
      max: normal.max + warmth - 0.45 * range * cloud,
    };
  });

/** Between the lowest at sunrise and the highest of the afternoon: two half waves, the second over the night. */
function temperatureAt(station: Station, ms: number): number {
  const { site } = station;
  const today = dayAt(ms, site.zone);
  const wave = (from: number, to: number, start: number, end: number): number =>
    from + ((to - from) * (1 - Math.cos((Math.PI * (ms - start)) / (end - start)))) / 2;
  const sun = sunOf(station, today);
  const own = extremesOf(station, today);
  if (ms < sun.sunrise) {
    const before = addDays(today, -1);
    return wave(extremesOf(station, before).max, own.min, sunOf(station, before).warmest, sun.sunrise);
  }
  if (ms < sun.warmest) return wave(own.min, own.max, sun.sunrise, sun.warmest);
  const after = addDays(today, 1);
  return wave(own.max, extremesOf(station, after).min, sun.warmest, sunOf(station, after).sunrise);
}

/** Moisture changes with the air and hardly with the hour, so it is dampest at dawn, when dew falls. */
function dewPointAt(station: Station, ms: number): number {
  const { site, seed } = station;
  const { min } = extremesOf(station, dayAt(ms, site.zone));
  const cloud = cloudAt(station, ms);
  return min - 2.5 + 3 * cloud + 1.5 * drift(CHANNELS.moisture + seed, ms, 1.5 * DAY_MS);
}

function readingAt(station: Station, ms: number): Reading {
  const { site, seed } = station;
  const cloud = cloudAt(station, ms);
  const showers = drift(CHANNELS.showers + seed, ms, 5 * MS_PER_HOUR);
  const raining = cloud > OVERCAST_FROM && showers > 0.15;
  const rainMm = raining ? 5 * (cloud - OVERCAST_FROM) * (showers + 0.4) : 0;
  // Rain cools the air and fills it.
  const tempC = temperatureAt(station, ms) - (raining ? 1.5 : 0);
  const humidity = raining
    ? 94 + 5 * cloud
    : relativeHumidity(tempC, Math.min(tempC, dewPointAt(station, ms)));
  const { sunrise, sunset } = sunOf(station, dayAt(ms, site.zone));
  const height = Math.sin((Math.PI * (ms - sunrise)) / (sunset - sunrise));
  const isDay = sunrise < ms && ms < sunset;
  return {
    ms,
    tempC: round(tempC, 1),
    humidity: round(Math.min(100, humidity), 0),
    rainMm: round(rainMm, 1),
    wind: round(
      Math.max(0, 1.6 + (isDay ? height : 0) + 1.5 * drift(CHANNELS.wind + seed, ms, 7 * MS_PER_HOUR)),
      1,
    ),
    light: isDay ? round(LIGHT_AT_NOON * height * (1 - 0.75 * cloud), 0) : 0,
  };
}

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A forecast errs the more the further it looks: by a degree or so tomorrow, and fronts come early or late. */
function forecastAt(station: Station, ms: number, issued: number): Reading {
  const lead = (ms - issued) / DAY_MS;
  // The next hours of one forecast err alike; each six hours it is made again.
  const made = Math.floor(issued / (6 * MS_PER_HOUR));
  const early = 3 * lead * drift(CHANNELS.early + station.seed + made, ms, 2 * DAY_MS);
  const said = readingAt(station, ms + Math.round(early) * MS_PER_HOUR);
  const off = 1.6 * Math.sqrt(lead) * drift(CHANNELS.error + station.seed + made, ms, DAY_MS);
  return { ...said, ms, tempC: round(said.tempC + off, 1) };
}

export interface StationQuery {
  readonly site: Site;
  /** UTC milliseconds: readings end and the forecast begins there. */
  readonly now: number;
  readonly hoursBack: number;
  readonly hoursAhead: number;
}

/**
 * Hourly readings of the past and a forecast of what comes.
 *
 * @example weatherAtStation({ site, now, hoursBack: 48, hoursAhead: 72 }).forecast.length // 72
 */
export function weatherAtStation({ site, now, hoursBack, hoursAhead }: StationQuery): StationAnswer {
  const seed = 1000 * Math.round(site.latitude * 10) + Math.round(site.longitude * 10) * 7;
  const station: Station = {
    site,
    climate: climateAt(site.latitude),
    seed,
    suns: new Map(),
    extremes: new Map(),
  };
  const hour = Math.floor(now / MS_PER_HOUR) * MS_PER_HOUR;
  const hours = (count: number, from: number): number[] =>
    Array.from({ length: count }, (_, i) => from + i * MS_PER_HOUR);
  return {
    issued: now,
    readings: hours(hoursBack, hour - (hoursBack - 1) * MS_PER_HOUR).map((ms) => readingAt(station, ms)),
    forecast: hours(hoursAhead, hour + MS_PER_HOUR).map((ms) => forecastAt(station, ms, now)),
  };
}
