import type { LoggerColumn, LoggerMapping } from '@/core/records/loggerMapping';
import type { LoggerFault } from '@/core/records/loggerTable';
import { dayAt } from '@/core/time/calendar';
import type { Reading } from '@/core/weather/readings';
import type { Format } from '../format/format';

/** What a column of a logger's file holds. */
export type LoggerUse = LoggerColumn | 'none';

export const LOGGER_USES: Readonly<Record<LoggerUse, string>> = {
  time: 'Date and time',
  clock: 'Time of day, beside the date',
  tempC: 'Air temperature',
  humidity: 'Humidity, %',
  rainMm: 'Rain',
  wind: 'Wind',
  light: 'Sunlight, W/m²',
  none: 'Not used',
};

export function sayMissing({ columns, dates }: LoggerMapping): string {
  if (columns.time === undefined) return 'Which column holds date and time?';
  if (columns.tempC === undefined) return 'Which column holds the temperature of the air?';
  return dates === undefined
    ? 'Days and months cannot be told apart in this file: say how they are written.'
    : '';
}

export const sayFault = ({ line, column, found }: LoggerFault, f: Format): string =>
  `Line ${f.number(line)}, ${LOGGER_USES[column].toLowerCase()}: ${found === '' ? 'empty' : `“${found.slice(0, 40)}”`}`;

export function sayReading({ ms, tempC, humidity, rainMm }: Reading, zone: string, f: Format): string {
  return [
    `${f.shortDay(dayAt(ms, zone))}, ${f.time(ms)}: ${f.temperature(tempC)}`,
    humidity === undefined ? '' : f.percent(humidity / 100),
    rainMm === undefined || rainMm === 0 ? '' : `${f.rain(rainMm)} of rain`,
  ]
    .filter(Boolean)
    .join(', ');
}
