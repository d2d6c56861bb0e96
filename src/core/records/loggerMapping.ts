import { tzOffset } from '@date-fns/tz/tzOffset';
import type { DateOrder } from './dateOrder';

/** What a column of a logger's file can hold; `clock` where date and time stand apart. */
export const LOGGER_COLUMNS = ['time', 'clock', 'tempC', 'humidity', 'rainMm', 'wind', 'light'] as const;
export type LoggerColumn = (typeof LOGGER_COLUMNS)[number];

/** How a logger's file is to be read. */
export interface LoggerMapping {
  /** Index of the line that names the columns; rows come after it. */
  readonly header: number;
  readonly columns: Readonly<Partial<Record<LoggerColumn, number>>>;
  readonly temperature: 'C' | 'F';
  readonly rain: 'mm' | 'in';
  readonly wind: 'm/s' | 'km/h' | 'mph';
  /** Missing where the file does not tell: 5/6 may be in May or in June. */
  readonly dates?: DateOrder;
  /** IANA zone of the times in the file, unless they name their own. */
  readonly zone: string;
}

/**
 * The zone in which the clocks of a zone would be without summer time, as many loggers keep theirs; `undefined` where they
 * are never put forward, or by no whole hour.
 *
 * @param year of which the rule is asked.
 * @example standardZone('Europe/Berlin', 2026) // 'Etc/GMT-1'
 */
export function standardZone(zone: string, year: number): string | undefined {
  const offset = (month: number): number => tzOffset(zone, new Date(Date.UTC(year, month, 15)));
  const [january, july] = [offset(0), offset(6)];
  const hours = Math.min(january, july) / MINUTES_PER_HOUR;
  if (january === july || !Number.isInteger(hours)) return undefined;
  // By POSIX, the sign is the other way round.
  return hours === 0 ? 'UTC' : `Etc/GMT${hours > 0 ? '-' : '+'}${Math.abs(hours)}`;
}

const MINUTES_PER_HOUR = 60;
