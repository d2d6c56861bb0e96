import { tzOffset } from '@date-fns/tz/tzOffset';
import type { Day, Instant } from './types';

export const MS_PER_DAY = 86_400_000;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_MINUTE = 60_000;

/**
 * UTC milliseconds of an instant; NaN when it is none.
 *
 * @example toMs('1970-01-01T00:00:01.000Z') // 1000
 */
export const toMs = (instant: Instant): number => Date.parse(instant);

/**
 * UTC milliseconds as ISO 8601 with milliseconds. Throws RangeError when they are no time.
 *
 * @example toInstant(0) // '1970-01-01T00:00:00.000Z'
 */
export const toInstant = (ms: number): Instant => new Date(ms).toISOString();

const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/;

/**
 * Is the text an instant as `toInstant` writes it, of the last or the coming centuries?
 *
 * @example isInstant('2026-02-30T00:00:00.000Z') // false
 */
export function isInstant(text: string): boolean {
  // Looked at before it is parsed: engines read dates into texts that are none.
  if (!INSTANT.test(text) || !isDay(text.slice(0, 10))) return false;
  const ms = toMs(text);
  return !Number.isNaN(ms) && toInstant(ms) === text;
}

/** Offsets by zone and minute: the browser takes long to tell one, and the same instants come again and again. */
const offsets = new Map<string, Map<number, number>>();
const MAX_OFFSETS = 20_000;

/**
 * How far clocks in `zone` are ahead of UTC at an instant, milliseconds. Where that is the same at both ends of a day, it
 * is so all day: no zone puts its clocks forward and back in one.
 */
function offsetAt(ms: number, zone: string): number {
  const begins = Math.floor(ms / MS_PER_DAY) * MS_PER_DAY;
  const offset = offsetAtMinute(begins, zone);
  return offset === offsetAtMinute(begins + MS_PER_DAY, zone) ? offset : offsetAtMinute(ms, zone);
}

/** Clocks are put forward and back at whole minutes. */
function offsetAtMinute(ms: number, zone: string): number {
  let known = offsets.get(zone);
  if (!known || known.size > MAX_OFFSETS) offsets.set(zone, (known = new Map()));
  const minute = Math.floor(ms / MS_PER_MINUTE);
  let offset = known.get(minute);
  if (offset === undefined) {
    offset = tzOffset(zone, new Date(ms)) * MS_PER_MINUTE;
    known.set(minute, offset);
  }
  return offset;
}

/** Zones by name; a difference from UTC is none, since nothing follows from it about summer time. */
const ZONE_NAME = /^[A-Za-z][A-Za-z0-9_+/-]*$/;

/**
 * Is `zone` an IANA time zone this machine knows?
 *
 * @example isZone('Europe/London') // true
 */
export function isZone(zone: string): boolean {
  if (!ZONE_NAME.test(zone)) return false;
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}

/**
 * The calendar day in `zone` at an instant.
 *
 * @param ms UTC, milliseconds since 1970.
 * @example dayAt(Date.parse('2026-07-18T23:30:00Z'), 'Europe/London') // '2026-07-19'
 */
export const dayAt = (ms: number, zone: string): Day =>
  dayNamed(Math.floor((ms + offsetAt(ms, zone)) / MS_PER_DAY));

/**
 * Is it that day in `zone` at an instant? Quicker than to ask which day it is, where it is mostly another.
 *
 * @example isOnDay('2026-07-18T23:30:00.000Z', '2026-07-19', 'Europe/London') // true
 */
export function isOnDay(at: Instant, day: Day, zone: string): boolean {
  // Clocks are at most fourteen hours from UTC: its day is this one, or one beside it.
  const apart = daysBetween(day, at.slice(0, 10));
  return Math.abs(apart) <= 1 && dayAt(toMs(at), zone) === day;
}

/**
 * Hours since midnight by the clock in `zone`: 5.5 is half past five.
 *
 * @example clockHour(Date.parse('2026-07-18T04:30:00Z'), 'Europe/London') // 5.5
 */
export function clockHour(ms: number, zone: string): number {
  const local = ms + offsetAt(ms, zone);
  return (((local % MS_PER_DAY) + MS_PER_DAY) % MS_PER_DAY) / MS_PER_HOUR;
}

/**
 * The instant at which clocks in `zone` show `hour` on `day`. An hour that comes twice gives the first; one that
 * the clocks skip is counted on from before the jump, so 1:30 becomes 2:30.
 *
 * @param hour hours since midnight, 0 to 24.
 * @returns UTC milliseconds.
 * @throws RangeError when `day` is not a calendar day.
 * @example atClock('2026-07-18', 5.5, 'Europe/London') // 04:30 UTC
 */
export function atClock(day: Day, hour: number, zone: string): number {
  if (!isDay(day)) throw new RangeError(`not a calendar day: ${day}`);
  const asUtc = dayNumber(day) * MS_PER_DAY + Math.round(hour * 60) * MS_PER_MINUTE;
  const before = asUtc - offsetAt(asUtc - MS_PER_DAY, zone);
  const after = asUtc - offsetAt(asUtc + MS_PER_DAY, zone);
  const shown = (ms: number): boolean => ms + offsetAt(ms, zone) === asUtc;
  const first = Math.min(before, after);
  if (shown(first)) return first;
  return shown(after) ? after : before;
}

/**
 * Is the text a day of the calendar, from 1900 to 2199, written `YYYY-MM-DD`?
 *
 * @example isDay('2026-02-29') // false
 */
export function isDay(text: string): boolean {
  if (!/^(19|20|21)\d{2}-\d{2}-\d{2}$/.test(text)) return false;
  const ms = Date.parse(`${text}T00:00:00Z`);
  return !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(text);
}

/** Days since 1970 by their names, and the other way round: the same few hundred come again and again. */
const numbers = new Map<Day, number>();
const names = new Map<number, Day>();
const MAX_DAYS = 20_000;

/** Days since 1970; NaN where it is no day. */
function dayNumber(day: Day): number {
  const known = numbers.get(day);
  if (known !== undefined) return known;
  const number = Date.parse(`${day}T00:00:00Z`) / MS_PER_DAY;
  if (numbers.size > MAX_DAYS) numbers.clear();
  numbers.set(day, number);
  return number;
}

/** The day so many days after 1970 began. Throws RangeError when that is no number. */
function dayNamed(number: number): Day {
  const known = names.get(number);
  if (known !== undefined) return known;
  const day = new Date(number * MS_PER_DAY).toISOString().slice(0, 10);
  if (names.size > MAX_DAYS) names.clear();
  names.set(number, day);
  return day;
}

/** @example addDays('2026-02-28', 1) // '2026-03-01' */
export const addDays = (day: Day, days: number): Day => dayNamed(dayNumber(day) + days);

/**
 * Whole days from `from` to `to`; negative when `to` is earlier.
 *
 * @example daysBetween('2026-02-27', '2026-03-01') // 2
 */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from);
