import { addDays, atClock, MS_PER_HOUR } from '../time/calendar';
import { sunTimes, type Site } from '../time/sun';
import type { Day } from '../time/types';
import type { PartWeather } from './dayWeather';
import { dewPoint } from './dewPoint';

/** What a station or logger measured in the hour that begins then. */
export interface Reading {
  /** UTC milliseconds. */
  readonly ms: number;
  /** Air temperature, °C. */
  readonly tempC: number;
  /** Relative humidity, per cent. */
  readonly humidity?: number;
  readonly rainMm?: number;
  /** Metres a second. */
  readonly wind?: number;
  /** Sunlight, watts a square metre. */
  readonly light?: number;
}

/** What a weather station answers: what it measured by the hour, and what it expects. */
export interface StationAnswer {
  /** UTC milliseconds at which the forecast was made. */
  readonly issued: number;
  readonly readings: readonly Reading[];
  readonly forecast: readonly Reading[];
}

/** A day of readings in figures. */
export interface DayOfReadings {
  readonly day: Day;
  /** Hours with a reading. */
  readonly hours: number;
  /** Lowest and highest that was measured, midnight to midnight, °C. */
  readonly min: number;
  readonly max: number;
  /** Was it measured in the hours of the afternoon in which a day is warmest? Else it may have become warmer. */
  readonly hasAfternoon: boolean;
  /** Lowest and highest of the night before, from sunset to sunrise, °C; none without readings of it. */
  readonly night?: { readonly min: number; readonly max: number; readonly isWhole: boolean };
  /** At sunrise, °C; the day's lowest where it does not rise. Missing where nobody measured about then. */
  readonly dawnC?: number;
  readonly rainMm: number;
  /** Hours in which it rained. */
  readonly rainHours: number;
  /** Lowest and highest dew point, °C, where humidity was measured. */
  readonly dewPoint?: { readonly low: number; readonly high: number };
}

/** Less rain in an hour than this is dew or a gauge's drop. Our default. */
const WET_HOUR_MM = 0.2;
/** So many wet hours of a day are long rain, which shuts flowers and washes pollen. Our default. */
const LONG_RAIN_HOURS = 4;

/**
 * Readings of a day in figures; `undefined` without any. A reading that is repeated counts once, the later of the list.
 *
 * @example dayOfReadings([], '2026-07-19', site) // undefined
 */
export function dayOfReadings(readings: readonly Reading[], day: Day, site: Site): DayOfReadings | undefined {
  const [from, to] = [atClock(day, 0, site.zone), atClock(addDays(day, 1), 0, site.zone)];
  const byTime = new Map(readings.map((reading) => [reading.ms, reading]));
  const all = [...byTime.values()].sort((a, b) => a.ms - b.ms);
  const own = all.filter(({ ms }) => from <= ms && ms < to);
  if (own.length === 0) return undefined;
  const temps = own.map(({ tempC }) => tempC);
  const min = Math.min(...temps);
  const { sunrise, noon } = sunTimes(day, site);
  const { sunset } = sunTimes(addDays(day, -1), site);
  const hasNight = sunrise !== null && sunset !== null;
  const night = hasNight ? temperaturesIn(all, sunset, sunrise) : [];
  const dawnC = sunrise === null ? (isMeasured(own, from, to) ? min : undefined) : atDawn(own, sunrise);
  const points = own.flatMap(({ tempC, humidity }) => (humidity ? [dewPoint(tempC, humidity)] : []));
  const rain = own.map(({ rainMm = 0 }) => rainMm);
  return {
    day,
    hours: own.length,
    min,
    max: Math.max(...temps),
    hasAfternoon: isMeasured(own, noon, noon + WARMEST_BY_H * MS_PER_HOUR),
    ...(night.length > 0 && {
      night: {
        ...{ min: Math.min(...night), max: Math.max(...night) },
        isWhole: hasNight && isMeasured(all, sunset, sunrise),
      },
    }),
    ...(dawnC !== undefined && { dawnC }),
    rainMm: rain.reduce((sum, mm) => sum + mm, 0),
    rainHours: rain.filter((mm) => mm >= WET_HOUR_MM).length,
    ...(points.length > 0 && { dewPoint: { low: Math.min(...points), high: Math.max(...points) } }),
  };
}

const temperaturesIn = (readings: readonly Reading[], from: number, to: number): number[] =>
  readings.filter(({ ms }) => from <= ms && ms < to).map(({ tempC }) => tempC);

/** A day is warmest so many hours after the sun was highest, at the latest. Our default. */
const WARMEST_BY_H = 4;
/** Readings tell of what lies within this of them: those of many stations are three hours apart. Our default, hours. */
const TELLS_H = 1.75;

/** Is there no time from one moment to another of which no reading tells? */
function isMeasured(readings: readonly Reading[], from: number, to: number): boolean {
  let told = from;
  for (const { ms } of readings) {
    if (ms - TELLS_H * MS_PER_HOUR > told) break;
    told = Math.max(told, ms + TELLS_H * MS_PER_HOUR);
  }
  return told >= to;
}

/** The temperature of the reading nearest to sunrise; what was measured later or sooner is none of the dawn. */
function atDawn(readings: readonly Reading[], sunrise: number): number | undefined {
  const off = ({ ms }: Reading): number => Math.abs(ms - sunrise);
  const nearest = readings.reduce((a, b) => (off(b) < off(a) ? b : a));
  return off(nearest) <= TELLS_H * MS_PER_HOUR ? nearest.tempC : undefined;
}

/**
 * What a grower would have noted of a day of readings, as far as they go.
 *
 * @example dayWeatherOf({ day, dawnC: 11, max: 24, rainHours: 0, … }) // { day, dawnC: 11, maxC: 24, rain: 'none', … }
 */
export const dayWeatherOf = ({ day, dawnC, max, hasAfternoon, rainHours }: DayOfReadings): PartWeather => ({
  ...{ day, reachedC: max },
  ...(dawnC !== undefined && { dawnC }),
  ...(hasAfternoon && { maxC: max }),
  rain: rainHours === 0 ? 'none' : rainHours < LONG_RAIN_HOURS ? 'showers' : 'long',
});

/**
 * When the air is first as warm as that, from a moment on, between two readings by a straight line.
 *
 * @returns UTC milliseconds; `undefined` when it never is, or nobody measured.
 * @example warmFrom([{ ms: 0, tempC: 8 }, { ms: 3_600_000, tempC: 12 }], 10, 0) // 1_800_000
 */
export function warmFrom(readings: readonly Reading[], tempC: number, from: number): number | undefined {
  const sorted = [...readings].sort((a, b) => a.ms - b.ms);
  for (const [i, { ms, tempC: now }] of sorted.entries()) {
    if (now >= tempC && ms >= from) return ms;
    const next = sorted[i + 1];
    if (!next || next.ms <= from || next.ms - ms > 2 * TELLS_H * MS_PER_HOUR) continue;
    const begins = Math.max(from, ms);
    const [rise, lasts] = [next.tempC - now, next.ms - ms];
    if (now + (rise * (begins - ms)) / lasts >= tempC) return begins;
    if (next.tempC >= tempC) return ms + ((tempC - now) / rise) * lasts;
  }
  return undefined;
}
