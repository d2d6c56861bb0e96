import { LIMITS, type Limit } from '../journal/limits';
import { celsiusFrom, MM_PER_INCH } from '../text/units';
import { atClock, isDay, MS_PER_HOUR, MS_PER_MINUTE } from '../time/calendar';
import type { Reading } from '../weather/readings';
import { dateOrderOf, type DateOrder } from './dateOrder';
import { LOGGER_COLUMNS, type LoggerColumn, type LoggerMapping } from './loggerMapping';

export interface LoggerFault {
  /** Line of the file, from 1. */
  readonly line: number;
  readonly column: LoggerColumn;
  readonly found: string;
}

export interface LoggerFile {
  /** One for each hour: means, and the sum of rain. */
  readonly readings: readonly Reading[];
  /** Rows that were read. */
  readonly rows: number;
  readonly faults: readonly LoggerFault[];
}

type Table = readonly (readonly string[])[];

/** Lines in which the names of columns are looked for. */
const PREAMBLE = 40;
/** Rows that are looked at to tell the order of day and month. */
const SAMPLE = 2_000;

const NAMES: Readonly<Record<LoggerColumn, RegExp>> = {
  time: /^(date|timestamp|time|day|datum|zeit)/i,
  clock: /^(time|hour|clock|zeit|uhrzeit)\b/i,
  tempC: /temp|°\s?[cf]\b/i,
  humidity: /hum|\brh\b|feucht/i,
  rainMm: /rain|precip|regen/i,
  wind: /wind/i,
  light: /solar|light|radiation|w\/m/i,
};
/** Columns of other things with like names. */
const OTHERS = /dew|chill|index|indoor|inside|gust|dir|rate|soil|max|min\b|high|low/i;

/**
 * What the columns of a logger's file most likely are, by their names and their first rows.
 *
 * @param zone IANA zone of the garden.
 * @example guessMapping([['Time', 'Temp (°F)'], ['2026-07-18 05:00', '52.1']], 'UTC').temperature // 'F'
 */
export function guessMapping(table: Table, zone: string): LoggerMapping {
  const named = table.slice(0, PREAMBLE).map((row) => Object.keys(columnsOf(row)).length);
  const header = Math.max(0, named.indexOf(Math.max(0, ...named)));
  const names = table[header] ?? [];
  const columns = columnsOf(names);
  const nameOf = (column: LoggerColumn): string => names[columns[column] ?? -1] ?? '';
  const dates = dateOrderOf(
    table.slice(header + 1, header + 1 + SAMPLE).map((row) => row[columns.time ?? -1] ?? ''),
  );
  return {
    header,
    columns,
    temperature: /°\s?f\b|\(f\)|_f\b|fahrenheit/i.test(nameOf('tempC')) ? 'F' : 'C',
    rain: /\bin\b|inch/i.test(nameOf('rainMm')) ? 'in' : 'mm',
    wind: /km\/?h|kph/i.test(nameOf('wind')) ? 'km/h' : /mph/i.test(nameOf('wind')) ? 'mph' : 'm/s',
    ...(dates && { dates }),
    zone,
  };
}

function columnsOf(names: readonly string[]): Partial<Record<LoggerColumn, number>> {
  const columns: Partial<Record<LoggerColumn, number>> = {};
  names.forEach((raw, i) => {
    const name = raw.trim();
    const column = LOGGER_COLUMNS.find(
      (each) =>
        columns[each] === undefined && NAMES[each].test(name) && !(OTHERS.test(name) && each !== 'time'),
    );
    // A time of day by itself only follows a date.
    if (column && (column !== 'clock' || columns.time !== undefined)) columns[column] = i;
  });
  return columns;
}

/** A time as `normalTime` spells it: three numbers of the day, the clock, the half of the day, the offset from UTC. */
const WRITTEN =
  /^(\d{1,4})-(\d{1,2})-(\d{1,4}) (\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?(?: ([AP])M)?(?: ?(Z|[+-]\d{2}:?\d{2}))?$/;
/** Where year, month and day stand. */
const PLACES: Readonly<Record<DateOrder, readonly [year: number, month: number, day: number]>> = {
  yearFirst: [1, 2, 3],
  dayFirst: [3, 2, 1],
  monthFirst: [3, 1, 2],
};
const CENTURY = 2000;

/** UTC milliseconds of a written time; `undefined` where there is no such day or hour. */
function timeOf(text: string, order: DateOrder, zone: string): number | undefined {
  const found = WRITTEN.exec(text);
  if (!found) return undefined;
  const [year, month, date] = PLACES[order].map((place) => found[place]!) as [string, string, string];
  const full = year.length <= 2 ? CENTURY + Number(year) : Number(year);
  const day = `${full}-${month.padStart(2, '0')}-${date.padStart(2, '0')}`;
  const [, , , , clock, minute, second = '0', half, offset] = found;
  const hour = hourOf(Number(clock), half);
  if (!isDay(day) || hour === undefined || Number(minute) > 59 || Number(second) > 59) return undefined;
  const more = Number(second) * 1_000;
  if (offset === undefined) return atClock(day, hour + Number(minute) / 60, zone) + more;
  const asUtc = Date.parse(`${day}T00:00:00Z`) + hour * MS_PER_HOUR + Number(minute) * MS_PER_MINUTE;
  return asUtc + more - offsetOf(offset);
}

/** Hours since midnight; `undefined` where no clock shows that. */
function hourOf(clock: number, half: string | undefined): number | undefined {
  if (half === undefined) return clock < 24 ? clock : undefined;
  if (clock < 1 || clock > 12) return undefined;
  return (clock % 12) + (half === 'P' ? 12 : 0);
}

/** Milliseconds by which a clock is ahead of UTC: `Z` or `+02:00`. */
function offsetOf(offset: string): number {
  if (offset === 'Z') return 0;
  const [sign, hours, minutes] = [offset[0], offset.slice(1, 3), offset.slice(-2)];
  return (sign === '-' ? -1 : 1) * (Number(hours) * MS_PER_HOUR + Number(minutes) * MS_PER_MINUTE);
}

/** What was measured within an hour, to be put together. */
type Hour = Map<Value, { readonly sum: number; readonly count: number }>;

/**
 * Reads a logger's file: every row that has a time and a temperature, put together by the hour. Cells that are not right
 * are named and left out; nothing is guessed.
 *
 * @example readLogger([['Time', 'Temp'], ['2026-07-18 05:00', '9']], mapping).readings[0].tempC // 9
 */
export function readLogger(table: Table, mapping: LoggerMapping & { readonly dates: DateOrder }): LoggerFile {
  const { header, columns, dates, zone } = mapping;
  const hours = new Map<number, Hour>();
  const faults: LoggerFault[] = [];
  let rows = 0;
  table.slice(header + 1).forEach((cells, i) => {
    const cell = (column: LoggerColumn): string => (cells[columns[column] ?? -1] ?? '').trim();
    const line = header + 2 + i;
    if (cells.every((each) => each.trim() === '')) return;
    const text = normalTime(columns.clock === undefined ? cell('time') : `${cell('time')} ${cell('clock')}`);
    const ms = timeOf(text, dates, zone);
    if (ms === undefined || ms < LIMITS.ms[0] || ms > LIMITS.ms[1]) {
      faults.push({ line, column: 'time', found: cell('time') });
      return;
    }
    const values = VALUES.flatMap((column) => {
      const found = cell(column);
      if (isMissing(found)) return [];
      const value = inOurUnits(column, numberIn(found), mapping);
      const [least, most] = LIMITS[LIMIT_OF[column]];
      if (value >= least && value <= most) return [[column, value] as const];
      faults.push({ line, column, found });
      return [];
    });
    if (!values.some(([column]) => column === 'tempC')) {
      if (isMissing(cell('tempC'))) faults.push({ line, column: 'tempC', found: '' });
      return;
    }
    rows += 1;
    const start = Math.floor(ms / MS_PER_HOUR) * MS_PER_HOUR;
    const hour: Hour = hours.get(start) ?? new Map();
    hours.set(start, hour);
    for (const [column, value] of values) {
      const { sum, count } = hour.get(column) ?? { sum: 0, count: 0 };
      hour.set(column, { sum: sum + value, count: count + 1 });
    }
  });
  const readings = [...hours].sort(([a], [b]) => a - b).map(([ms, hour]) => readingOf(ms, hour));
  return { readings, rows, faults };
}

const VALUES = ['tempC', 'humidity', 'rainMm', 'wind', 'light'] as const;
type Value = (typeof VALUES)[number];
const LIMIT_OF: Readonly<Record<Value, Limit>> = {
  tempC: 'airC',
  humidity: 'humidity',
  rainMm: 'rainMm',
  wind: 'wind',
  light: 'light',
};

/** One spelling of dates and times: bars and points as hyphens, one space before the clock. */
const normalTime = (text: string): string =>
  text
    .trim()
    .replace(/^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})[T, ]*/, '$1-$2-$3 ')
    .replace(/\s+/g, ' ')
    .replace(/ ?([ap])\.?m\.?$/i, (_, half: string) => ` ${half.toUpperCase()}M`);

const isMissing = (cell: string): boolean => /^([-–—*]+|n\/?a|nan|null|no data)?$/i.test(cell);

/** A decimal comma counts as a point; a unit behind the number is passed over. */
const numberIn = (cell: string): number => {
  const found = /^[-+]?\d+(?:[.,]\d+)?(?=\s*(?:°?\s*[CF]|%|mm|in|m\/s|km\/h|mph|W\/m²)?$)/i.exec(cell);
  return found ? Number(found[0].replace(',', '.')) : NaN;
};

/** Metres a second. */
const WIND: Readonly<Record<LoggerMapping['wind'], number>> = { 'm/s': 1, 'km/h': 1 / 3.6, mph: 0.44704 };

function inOurUnits(column: Value, value: number, { temperature, rain, wind }: LoggerMapping): number {
  switch (column) {
    case 'tempC':
      return temperature === 'F' ? celsiusFrom('imperial', value) : value;
    case 'rainMm':
      return rain === 'in' ? value * MM_PER_INCH : value;
    case 'wind':
      return value * WIND[wind];
    case 'humidity':
    case 'light':
      return value;
  }
}

function readingOf(ms: number, hour: Hour): Reading {
  const mean = (column: Value): number | undefined => {
    const held = hour.get(column);
    if (!held) return undefined;
    // What has fallen adds up; all else is how it was on average.
    return rounded(column === 'rainMm' ? held.sum : held.sum / held.count);
  };
  const [humidity, rainMm, wind, light] = [mean('humidity'), mean('rainMm'), mean('wind'), mean('light')];
  return {
    ms,
    tempC: mean('tempC')!,
    ...(humidity !== undefined && { humidity }),
    ...(rainMm !== undefined && { rainMm: Math.min(LIMITS.rainMm[1], rainMm) }),
    ...(wind !== undefined && { wind }),
    ...(light !== undefined && { light }),
  };
}

const rounded = (value: number): number => Math.round(value * 100) / 100;
