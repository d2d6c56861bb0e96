import { createEvents, type DateTime, type EventAttributes } from 'ics';
import type { CalendarEvent, EventTime } from '@/core/calendar/events';
import { addDays } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';

/** An event in words. */
export interface EventWords {
  readonly title: string;
  readonly note: string;
}

/** An event that was in a calendar before and is not due any more, or was done. */
export type GoneEvent = Pick<CalendarEvent, 'uid' | 'time'>;

export interface CalendarToWrite {
  /** Of the garden, ULID: ids of two gardens never meet. */
  readonly id: string;
  readonly name: string;
  readonly events: readonly (CalendarEvent & EventWords)[];
  readonly gone: readonly GoneEvent[];
  /** UTC milliseconds. */
  readonly now: number;
}

/** Written later is newer: minutes since 2020, so that it counts up on every device and stays below 2^31. */
const SINCE = Date.UTC(2020, 0, 1);
const sequenceAt = (now: number): number => Math.max(0, Math.floor((now - SINCE) / 60_000));

/**
 * A calendar [RFC 5545]: instants in UTC, so that no zone and no change of clocks can move them, whole days as dates. An
 * event keeps its UID, and a later SEQUENCE replaces it; what is not due any more is cancelled.
 *
 * @throws Error where an event cannot be written.
 */
export function encodeCalendar({ id, name, events, gone, now }: CalendarToWrite): string {
  // When it was written; known to the package, not to its types.
  const common = (uid: string): Partial<EventAttributes> & { readonly timestamp: number } => ({
    uid: `${uid}@${id}.steady-trowel`,
    sequence: sequenceAt(now),
    timestamp: now,
  });
  const written = [
    ...events.map(({ uid, time, title, note }): EventAttributes => ({
      ...common(uid),
      ...spanOf(time),
      title,
      description: note,
      status: 'CONFIRMED',
      busyStatus: 'day' in time ? 'FREE' : 'BUSY',
    })),
    ...gone.map(({ uid, time }): EventAttributes => ({
      ...common(uid),
      ...spanOf(time),
      title: 'Not due any more',
      status: 'CANCELLED',
    })),
  ];
  const { error, value } = createEvents(written, {
    productId: 'steady-trowel',
    calName: name,
    method: 'PUBLISH',
  });
  if (error || !value) throw error ?? new Error('no calendar');
  return value
    .replace(/\r\n[\t ]/g, '')
    .split('\r\n')
    .map(folded)
    .join('\r\n');
}

/** Octets of a line, its first blank too [RFC 5545, 3.1: at most 75]; the package counts letters. */
const LONGEST_LINE = 75;

function folded(line: string): string {
  const octets = (letter: string): number => new TextEncoder().encode(letter).length;
  const lines = [''];
  let long = 0;
  for (const letter of line) {
    if (long + octets(letter) > LONGEST_LINE) {
      lines.push('');
      long = 1;
    }
    lines[lines.length - 1] += letter;
    long += octets(letter);
  }
  return lines.join('\r\n ');
}

interface Span {
  readonly start: DateTime;
  readonly end: DateTime;
  readonly startInputType?: 'utc';
  readonly startOutputType?: 'utc';
  readonly endInputType?: 'utc';
  readonly endOutputType?: 'utc';
}

function spanOf(time: EventTime): Span {
  if ('day' in time) return { start: dateOf(time.day), end: dateOf(addDays(time.day, 1)) };
  const utc = {
    startInputType: 'utc',
    startOutputType: 'utc',
    endInputType: 'utc',
    endOutputType: 'utc',
  } as const;
  return { start: time.from, end: time.to, ...utc };
}

const dateOf = (day: Day): [year: number, month: number, day: number] => {
  const [year, month, date] = day.split('-').map(Number);
  return [year!, month!, date!];
};
