import type { CropId } from '../../crops/catalogue';
import type { DayWeather } from '../../weather/dayWeather';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

/** Where readings come from, the most believed first. */
export const READING_SOURCES = ['logger', 'station', 'forecast'] as const;
export type ReadingSource = (typeof READING_SOURCES)[number];

/**
 * An hour of readings: UTC milliseconds, air temperature in °C, relative humidity in per cent, rain in millimetres, wind
 * in metres a second, sunlight in watts a square metre; `null` for what was not measured.
 */
export type ReadingRow = readonly [
  ms: number,
  tempC: number,
  humidity: number | null,
  rainMm: number | null,
  wind: number | null,
  light: number | null,
];

/** How the flowers of a crop were found at a time of day. */
export const SEEN_HOURS = ['notYet', 'open', 'shut'] as const;

export interface WeatherBodies {
  /** At the time of the entry, of flowers of that day. */
  'hours.seen': { readonly crop: CropId; readonly day: Day; readonly seen: (typeof SEEN_HOURS)[number] };
  'weather.noted': DayWeather;
  /** Readings of one calendar day of the garden, hour by hour. */
  'weather.read': {
    readonly day: Day;
    readonly source: ReadingSource;
    readonly readings: readonly ReadingRow[];
  };
}

/** The subjects that entries of each kind may name. */
export interface WeatherAbout {
  readonly 'hours.seen': 'hours';
  readonly 'weather.noted': 'weather';
  readonly 'weather.read': 'readings';
}

export const WEATHER_KINDS: KindDefinitions<WeatherBodies, WeatherAbout> = {
  'hours.seen': {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ crop }, each) => each('hours', crop),
  },
  'weather.noted': {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ day }, each) => each('weather', day),
  },
  'weather.read': {
    version: 1,
    structural: false,
    // Stamped by the instrument, whatever the device's clock said.
    clockDays: false,
    subjects: ({ day }, each) => each('readings', day),
  },
};
