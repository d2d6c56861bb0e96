import type { Fact } from '../journal/entry';
import type { GardenView } from '../journal/gardenOn';
import type { ReadingRow, ReadingSource } from '../journal/kinds/weather';
import type { Garden } from '../journal/state';
import { groupBy } from '../text/groupBy';
import { addDays, dayAt, MS_PER_HOUR } from '../time/calendar';
import type { Day } from '../time/types';
import type { PartWeather } from '../weather/dayWeather';
import { dayOfReadings, dayWeatherOf, type DayOfReadings, type Reading } from '../weather/readings';
import type { MorningWeather } from './openingWindow';
import type { Air } from './pollenTrouble';

/** What the journal knows of a day's weather. */
export interface KnownWeather extends PartWeather {
  /** `noted`: by the grower's own eye or thermometer. */
  readonly source: ReadingSource | 'noted';
  /** By the hour, the day before included; none where nothing was measured or forecast. */
  readonly readings: readonly Reading[];
  readonly figures?: DayOfReadings;
}

/**
 * The weather of a day: as it was noted, by the grower's hand or a tap on what a station says, else by the readings of a
 * logger; `undefined` where neither is there.
 *
 * @example weatherOn(new Journal(), garden, '2026-07-19') // undefined
 */
export function weatherOn(journal: GardenView, garden: Garden, day: Day): KnownWeather | undefined {
  const noted = journal.all('weather').get(day);
  const own = journal.all('readings').get(day);
  const told = noted && { ...noted, reachedC: noted.maxC, source: noted.by ?? ('noted' as const) };
  if (!own) return told && { ...told, readings: [] };
  const before = journal.all('readings').get(addDays(day, -1))?.readings ?? [];
  const readings = [...before, ...own.readings];
  const figures = dayOfReadings(readings, day, garden);
  if (told) return { ...told, readings, ...(figures && { figures }) };
  return figures && { ...dayWeatherOf(figures), source: own.source, readings, figures };
}

/**
 * The weather that moves the hours of a day's flowers. What was noted by hand goes before what an instrument said of the
 * same hours.
 *
 * @example morningWeather(undefined) // undefined
 */
export const morningWeather = (weather: KnownWeather | undefined): MorningWeather | undefined =>
  weather?.source === 'noted' ? { ...weather, readings: [] } : weather;

/**
 * The air a flower lives in, on a day and at the hour of the work.
 *
 * @param ms UTC milliseconds; readings within an hour of it count.
 * @param glass under glass what a station says of the air outside holds only where it is too hot: there it is no cooler. A
 *   logger hangs where the grower wants to know it.
 * @example airAt(undefined, 0) // {}
 */
export function airAt(weather: KnownWeather | undefined, ms: number, glass = false): Air {
  if (!weather) return {};
  if (glass && weather.source !== 'logger')
    return weather.figures ? { day: { max: weather.figures.max } } : {};
  const off = (reading: Reading): number => Math.abs(reading.ms - ms);
  const near = weather.readings
    .filter((reading) => reading.humidity !== undefined && off(reading) <= MS_PER_HOUR)
    .sort((a, b) => off(a) - off(b));
  const [nearest] = near;
  return {
    ...(weather.figures && { day: weather.figures }),
    ...(nearest?.humidity !== undefined && { humidity: nearest.humidity }),
  };
}

/**
 * Readings as entries, one for each day of the garden.
 *
 * @example readFacts([{ ms: 0, tempC: 9 }], 'logger', 'UTC')[0].body.day // '1970-01-01'
 */
export function readFacts(
  readings: readonly Reading[],
  source: ReadingSource,
  zone: string,
): Extract<Fact, { kind: 'weather.read' }>[] {
  return [...groupBy(readings, ({ ms }) => dayAt(ms, zone))].map(([day, own]) => ({
    kind: 'weather.read',
    body: { day, source, readings: own.map(rowOf) },
  }));
}

const rowOf = ({ ms, tempC, humidity, rainMm, wind, light }: Reading): ReadingRow => [
  ms,
  tempC,
  humidity ?? null,
  rainMm ?? null,
  wind ?? null,
  light ?? null,
];
