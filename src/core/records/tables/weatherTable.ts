import { READING_SOURCES } from '../../journal/kinds/weather';
import type { HourlyReadings } from '../../journal/state';
import { byId } from '../../text/byId';
import { toInstant } from '../../time/calendar';
import { RAIN_AMOUNTS, type DayWeather } from '../../weather/dayWeather';
import type { Reading } from '../../weather/readings';
import { ALWAYS, column, inUnit, oneOf, recordTable } from './table';

const CELSIUS = inUnit('degC');

/** Days whose weather somebody noted. */
export const WEATHER_DAY_TABLE = recordTable<DayWeather>({
  holds: 'a day whose weather was noted',
  key: ['day'],
  columns: [
    column('day', 'date', 'the day', ({ day }) => day, ALWAYS),
    column('dawn', 'number', 'air temperature at dawn', ({ dawnC }) => dawnC, CELSIUS),
    column('highest', 'number', 'the day’s highest', ({ maxC }) => maxC, CELSIUS),
    column('rain', 'string', 'how much it rained', ({ rain }) => rain, oneOf(RAIN_AMOUNTS)),
    column(
      'by',
      'string',
      'where a station told it, or expected it; else the grower',
      ({ by }) => by,
      oneOf(['station', 'forecast']),
    ),
  ],
  items: ({ journal }) => [...journal.all('weather').values()].sort((a, b) => byId(a.day, b.day)),
});

interface HourRow {
  readonly reading: Reading;
  readonly source: HourlyReadings['source'];
}

/** Hours that were measured, or forecast when that was read. */
export const WEATHER_HOUR_TABLE = recordTable<HourRow>({
  holds: 'an hour of readings',
  key: ['at'],
  columns: [
    column('at', 'instant', 'when the hour begins', ({ reading }) => toInstant(reading.ms), ALWAYS),
    column(
      'source',
      'string',
      'of that day’s readings the least believed',
      ({ source }) => source,
      oneOf(READING_SOURCES),
    ),
    column('temperature', 'number', 'of the air', ({ reading }) => reading.tempC, CELSIUS),
    column('humidity', 'number', 'relative', ({ reading }) => reading.humidity, inUnit('percent')),
    column('rain', 'number', 'in the hour', ({ reading }) => reading.rainMm, inUnit('mm')),
    column('wind', 'number', 'its speed', ({ reading }) => reading.wind, inUnit('m/s')),
    column('light', 'number', 'of the sun', ({ reading }) => reading.light, inUnit('W/m2')),
  ],
  items: ({ journal }) =>
    [...journal.all('readings').values()]
      .flatMap(({ readings, source }) => readings.map((reading) => ({ reading, source })))
      .sort((a, b) => a.reading.ms - b.reading.ms),
});
