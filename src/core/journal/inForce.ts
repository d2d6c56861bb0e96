import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import type { Entry } from './entry';
import type { SubjectType } from './kinds/definition';
import type { KindsAbout } from './kinds/kinds';

/** What is described of a garden: it holds from a day to a day. All else is about a day of its own. */
export const DESCRIBED = [
  'surroundings',
  'bed',
  'variety',
  'planting',
  'barrier',
  'outside',
  'plant',
] as const satisfies readonly SubjectType[];
export type Described = (typeof DESCRIBED)[number];

/** What would be nowhere before it was first described; all else was what it is before anybody said so. */
export const STANDS: ReadonlySet<SubjectType> = new Set<Described>(['barrier', 'outside', 'plant']);

/**
 * How an entry counts. `since`: what is described holds from some day on; `after`: what ended on a day was there for a
 * part of it; `always`: what was seen once of a plant or a variety was so before, and what is about a day names it.
 */
type Counts = 'since' | 'after' | 'always';

/**
 * Who describes a thing anew may have found a mistake, or it changed. Where that was not said, either may be so: what is
 * judged holds only if it holds under both readings.
 */
export const READINGS = ['changed', 'corrected'] as const;
export type Reading = (typeof READINGS)[number];

/** Each kind that may say something of what is described: one that is missing does not compile. */
const COUNTS: { readonly [K in KindsAbout<Described>]: Counts } = {
  'bed.laid': 'since',
  'barrier.set': 'since',
  'outside.described': 'since',
  'surroundings.described': 'since',
  'plan.removed': 'after',
  'plants.set': 'since',
  'plant.removed': 'after',
  'plant.noted': 'always',
  'variety.described': 'since',
  'planting.set': 'since',
  'flowering.seen': 'always',
};

/**
 * What is described without saying since when may have been so for so many days: a long season. What is noted next
 * spring says nothing of this summer. Our default.
 */
export const HELD_BEFORE_DAYS = 200;

/** The days from which an entry counts on, under each reading; `undefined` where it counts on all. */
export type CountsFrom = Readonly<Record<Reading, Day | undefined>>;

const ALWAYS: CountsFrom = { changed: undefined, corrected: undefined };

/**
 * From which day on an entry counts.
 *
 * @param isFirst is it the first that describes the subject? What stands somewhere stood there for a while before it
 * was described; all else was what it is before anybody said so.
 * @param zone IANA zone of the garden.
 * @example countsFrom('plant', pulledOutOn25July, false, 'UTC').changed // '2026-07-26'
 */
export function countsFrom(type: SubjectType, entry: Entry, isFirst: boolean, zone: string): CountsFrom {
  const counts = (COUNTS as Readonly<Record<string, Counts | undefined>>)[entry.kind] ?? 'always';
  if (counts === 'always') return ALWAYS;
  const day = dayAt(toMs(entry.at), zone);
  if (counts === 'after') return { changed: addDays(day, 1), corrected: addDays(day, 1) };
  const before = addDays(day, -HELD_BEFORE_DAYS);
  if (isFirst) return STANDS.has(type) ? { changed: before, corrected: before } : ALWAYS;
  return { changed: day, corrected: before };
}

/**
 * Each entry of a subject with the days from which it counts on.
 *
 * @param entries all in force that name it, in their total order.
 */
export function* dated(
  type: SubjectType,
  entries: readonly Entry[],
  zone: string,
): Generator<readonly [Entry, CountsFrom], undefined> {
  let isFirst = true;
  for (const entry of entries) {
    yield [entry, countsFrom(type, entry, isFirst, zone)];
    if ((COUNTS as Readonly<Record<string, Counts | undefined>>)[entry.kind] === 'since') isFirst = false;
  }
  return undefined;
}

/**
 * Of the entries of a subject those that count on a day.
 *
 * @example inForceOn('plant', [planted, pulledOut], '2026-07-20', 'changed', 'UTC') // [planted]
 */
export function inForceOn(
  type: SubjectType,
  entries: readonly Entry[],
  day: Day,
  reading: Reading,
  zone: string,
): readonly Entry[] {
  const held: Entry[] = [];
  for (const [entry, from] of dated(type, entries, zone)) if ((from[reading] ?? day) <= day) held.push(entry);
  return held.length === entries.length ? entries : held;
}
