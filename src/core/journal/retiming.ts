import { addDays, isDay, isInstant, MS_PER_MINUTE, toInstant, toMs } from '../time/calendar';
import type { Day, Instant } from '../time/types';
import { cohortId, cohortOf } from './cohort';
import type { Entry } from './entry';
import type { KindDefinition } from './kinds/definition';
import { KINDS, type Bodies, type Kind } from './kinds/kinds';

/** By how much the times of an entry are put right, from what is stored. */
export type Retiming = Omit<Bodies['times.corrected'], 'targets'>;

/** Of entries whose times nobody corrected. */
export const AS_STORED: Retiming = { by: 0, days: 0 };

/** The other way round: back to what is stored. */
export const reversed = ({ by, days, cohorts = [] }: Retiming): Retiming => ({
  by: -by,
  days: -days,
  cohorts: cohorts.map((id) => movedCohort(id, days)),
});

/**
 * An instant moved; one that would leave the calendar stays.
 *
 * @example movedInstant('2026-07-18T05:00:00.000Z', { by: 60, days: 0 }) // '2026-07-18T06:00:00.000Z'
 */
export function movedInstant(instant: Instant, { by }: Retiming): Instant {
  const moved = toInstant(toMs(instant) + by * MS_PER_MINUTE);
  return isInstant(moved) ? moved : instant;
}

function movedDay(day: Day, days: number): Day {
  const moved = addDays(day, days);
  return isDay(moved) ? moved : day;
}

function movedCohort(id: string, days: number): string {
  const cohort = cohortOf(id);
  if (cohort?.day === undefined || !isDay(cohort.day)) return id;
  return cohortId({ ...cohort, day: movedDay(cohort.day, days) });
}

/** Days, instants and the ids of cohorts that move; every other text stays. */
function movedText(text: string, retiming: Retiming): string {
  if (isDay(text)) return movedDay(text, retiming.days);
  if (isInstant(text)) return movedInstant(text, retiming);
  return retiming.cohorts?.includes(text) ? movedCohort(text, retiming.days) : text;
}

function moved(value: unknown, retiming: Retiming): unknown {
  if (typeof value === 'string') return movedText(value, retiming);
  if (Array.isArray(value)) return value.map((each) => moved(each, retiming));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([field, each]) => [field, moved(each, retiming)]));
}

/**
 * A body with the days that follow the clock moved.
 *
 * @example movedBody('weather.noted', { day: '2020-01-01' }, { by: 0, days: 1 }) // { day: '2020-01-02' }
 */
export const movedBody = <Body extends object>(kind: Kind, body: Body, retiming: Retiming): Body =>
  (KINDS[kind] as KindDefinition<object>).clockDays ? (moved(body, retiming) as Body) : body;

/** The entry as it would be had the clock been right. */
export const retimed = (entry: Entry, retiming: Retiming): Entry =>
  ({
    ...entry,
    at: movedInstant(entry.at, retiming),
    recorded: movedInstant(entry.recorded, retiming),
    body: movedBody(entry.kind, entry.body, retiming),
  }) as Entry;

/** The days in a body that follow the clock, without those in ids. */
export function daysIn(kind: Kind, body: object): Day[] {
  return (KINDS[kind] as KindDefinition<object>).clockDays ? textsIn(body).filter(isDay) : [];
}

function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  return value === null || typeof value !== 'object' ? [] : Object.values(value).flatMap(textsIn);
}
