import { addDays, atClock, MS_PER_HOUR } from '../time/calendar';
import { sunTimes, type Site } from '../time/sun';
import type { Day } from '../time/types';
import type { DayWeather } from './dayWeather';
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
  /** Lowest and highest of the day, midnight to midnight, °C. */
  readonly min: number;
  readonly max: number;
  /** Lowest and highest of the night before, from sunset to sunrise, °C; none without readings of it. */
  readonly night?: { readonly min: number; readonly max: number };
  /** At sunrise, °C; the day's lowest where it does not rise. */
  readonly dawnC: number;
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
  const { sunrise } = sunTimes(day, site);
  const { sunset } = sunTimes(addDays(day, -1), site);
  const night = sunrise !== null && sunset !== null ? temperaturesIn(all, sunset, sunrise) : [];
  const points = own.flatMap(({ tempC, humidity }) => (humidity ? [dewPoint(tempC, humidity)] : []));
  const rain = own.map(({ rainMm = 0 }) => rainMm);
  return {
    day,
    hours: own.length,
    min,
    max: Math.max(...temps),
    ...(night.length > 0 && { night: { min: Math.min(...night), max: Math.max(...night) } }),
    dawnC: sunrise === null ? min : nearest(own, sunrise).tempC,
    rainMm: rain.reduce((sum, mm) => sum + mm, 0),
    rainHours: rain.filter((mm) => mm >= WET_HOUR_MM).length,
    ...(points.length > 0 && { dewPoint: { low: Math.min(...points), high: Math.max(...points) } }),
  };
}

const temperaturesIn = (readings: readonly Reading[], from: number, to: number): number[] =>
  readings.filter(({ ms }) => from <= ms && ms < to).map(({ tempC }) => tempC);

const nearest = (readings: readonly Reading[], ms: number): Reading =>
  readings.reduce((a, b) => (Math.abs(b.ms - ms) < Math.abs(a.ms - ms) ? b : a));

/**
 * What a grower would have noted of a day of readings.
 *
 * @example dayWeatherOf({ day, dawnC: 11, max: 24, rainHours: 0, … }) // { day, dawnC: 11, maxC: 24, rain: 'none' }
 */
export const dayWeatherOf = ({ day, dawnC, max, rainHours }: DayOfReadings): DayWeather => ({
  day,
  dawnC,
  maxC: max,
  rain: rainHours === 0 ? 'none' : rainHours < LONG_RAIN_HOURS ? 'showers' : 'long',
});

/**
 * When the air is first as warm as that, from a moment on, between two readings by a straight line.
 *
 * @returns UTC milliseconds; `undefined` when it never is, or nobody measured.
 * @example warmFrom([{ ms: 0, tempC: 8 }, { ms: 3_600_000, tempC: 12 }], 10, 0) // 1_800_000
 */
export function warmFrom(readings: readonly Reading[], tempC: number, from: number): number | undefined {
  const after = [...readings].sort((a, b) => a.ms - b.ms).filter(({ ms }) => ms >= from - MS_PER_HOUR);
  for (const [i, { ms, tempC: now }] of after.entries()) {
    if (now >= tempC && ms >= from) return ms;
    const next = after[i + 1];
    if (!next || next.ms - ms > 3 * MS_PER_HOUR) continue;
    if (now >= tempC && next.tempC >= tempC) return Math.max(from, ms);
    if (now < tempC && next.tempC >= tempC) {
      const at = ms + ((tempC - now) / (next.tempC - now)) * (next.ms - ms);
      if (from <= next.ms) return Math.max(from, at);
    }
  }
  return undefined;
}
