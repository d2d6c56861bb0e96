import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import type { Entry } from './entry';
import type { SubjectType } from './kinds/definition';
import { SEASON_DAYS } from './seasonDays';
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
type Described = (typeof DESCRIBED)[number];

/** What would be nowhere before it was first described; all else was what it is before anybody said so. */
const STANDS: ReadonlySet<SubjectType> = new Set<Described>(['barrier', 'outside', 'plant']);

/**
 * How an entry counts. `since`: what is described holds from some day on; `after`: what ended on a day was there for a
 * part of it; `always`: what was seen once of a plant or a variety was so before, and what is about a day names it.
 */
type Counts = 'since' | 'after' | 'always';

/** Each kind that may say something of what is described: one that is missing does not compile. */
const COUNTS: { readonly [K in KindsAbout<Described>]: Counts } = {
  'bed.laid': 'since',
  'barrier.set': 'since',
  'outside.described': 'since',
  'surroundings.described': 'since',
  'surroundings.looked': 'always',
  'plan.removed': 'after',
  'plants.set': 'since',
  'plant.removed': 'after',
  'plants.ended': 'after',
  'plant.noted': 'always',
  'plant.selected': 'always',
  'variety.described': 'since',
  'planting.set': 'since',
  'flowering.seen': 'always',
  'flowering.over': 'always',
};

/**
 * What is described without saying since when may have been so for so many days: a long season. What is noted next
 * spring says nothing of this summer. Our default.
 */
export const HELD_BEFORE_DAYS = SEASON_DAYS;

/** The days on which an entry counts. */
export interface Counted {
  /** From this day on; missing where it counts on all. */
  readonly from?: Day;
  /**
   * The day on which a thing was described again: it may have changed, so that it counts from then on, or a mistake was
   * put right, so that it counts before.
   */
  readonly again?: Day;
}

/**
 * Each entry of a subject with the days on which it counts.
 *
 * What stands somewhere stood there for a while before it was first described; all else was what it is before anybody
 * said so. What is said to be so since a day counts from then on.
 *
 * @param entries all in force that name it, in their total order.
 * @param zone IANA zone of the garden.
 * @example [...counted('plant', [planted, pulledOutOn25July], 'UTC')][1][1].from // '2026-07-26'
 */
export function* counted(
  type: SubjectType,
  entries: readonly Entry[],
  zone: string,
): Generator<readonly [Entry, Counted], undefined> {
  let isFirst = true;
  for (const entry of entries) {
    const counts = (COUNTS as Readonly<Record<string, Counts | undefined>>)[entry.kind] ?? 'always';
    if (counts === 'always') {
      yield [entry, {}];
      continue;
    }
    const day = entry.kind === 'plants.ended' ? entry.body.day : dayAt(toMs(entry.at), zone);
    if (counts === 'after') {
      yield [entry, { from: addDays(day, 1) }];
      continue;
    }
    const since = 'since' in entry.body ? entry.body.since : undefined;
    if (since !== undefined) {
      // Who says since when leaves no doubt.
      yield [entry, { from: since }];
      isFirst = false;
      continue;
    }
    const from = addDays(day, -HELD_BEFORE_DAYS);
    if (!isFirst) yield [entry, { from, again: day }];
    else yield [entry, STANDS.has(type) ? { from } : {}];
    isFirst = false;
  }
  return undefined;
}

/**
 * Of the entries of a subject those that count on a day.
 *
 * @param told what was described again up to this day counts too, as a mistake put right.
 * @example inForceOn('plant', [planted, pulledOut], { day: '2026-07-20', told: '2026-07-20', zone: 'UTC' }) // [planted]
 */
export function inForceOn(
  type: SubjectType,
  entries: readonly Entry[],
  { day, told, zone }: { readonly day: Day; readonly told: Day; readonly zone: string },
): readonly Entry[] {
  const held: Entry[] = [];
  for (const [entry, { from = day, again = day }] of counted(type, entries, zone))
    if (from <= day && again <= told) held.push(entry);
  return held.length === entries.length ? entries : held;
}
