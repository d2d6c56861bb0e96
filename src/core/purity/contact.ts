import { crossingFrequency } from '../isolation/compatibility';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import type { MissedReason, Finding } from '../journal/kinds/roundBodies';
import { perRevision } from '../journal/perRevision';
import { pollinationsOf } from '../journal/pollinations';
import { withCohortHistory } from '../journal/withCohortHistory';
import { grownThen } from '../journal/past';
import type { Bloom, Pollination, Variety } from '../journal/state';
import { addDays, MS_PER_HOUR, toMs } from '../time/calendar';
import type { Day, Instant } from '../time/types';

/** What a brush, or hands, had on them from flowers of the same outing before. */
export interface CarriedPollen {
  /** The variety whose pollen it was. */
  readonly variety: string;
  /** Was it noted that they were not cleaned? Else nobody noted either. */
  readonly noted: boolean;
}

/** A female that a male or a brush was in. */
interface Touch {
  readonly female: Bloom;
  readonly pollination: Pollination;
  /** When, UTC milliseconds. */
  readonly ms: number;
}

/** Pollen on a brush is dead after this. Our default: as long as a morning's round. */
const DEAD_AFTER_MS = 6 * MS_PER_HOUR;
/** A bloom can be pollinated so many days after its own. */
const RECEPTIVE_DAYS = 10;
/** A male is kept no longer, days. Our default. */
const KEPT_DAYS = 3;

const varietiesThen = perRevision(() => new Map<string, Variety | undefined>());

/** What a plant was of on a day: asked of the same few plants for every touch of a morning. */
function varietyThen(journal: Journal, plant: string, day: Day): Variety | undefined {
  const known = varietiesThen(journal);
  const key = `${day}|${plant}`;
  if (!known.has(key)) known.set(key, grownThen(journal, plant, day)?.variety);
  return known.get(key);
}

const isBrush = ({ method }: Pollination): boolean => method === 'brush' || method === 'swab';

/** What was touched, by day: each flower of a day reads it again. */
const touchesByDay = perRevision(() => new Map<Day, readonly Touch[]>());

function touchesOn(journal: Journal, day: Day): readonly Touch[] {
  const days = touchesByDay(journal);
  const held = days.get(day);
  if (held) return held;
  const touches = journal.bloomsBetween(addDays(day, -RECEPTIVE_DAYS), day).flatMap((raw) => {
    // Of mixed pollen whose it was.
    const female = journal.all('pollen').size > 0 ? withCohortHistory(journal, raw) : raw;
    return pollinationsOf(female)
      .filter((each) => (each.day ?? female.day) === day)
      .map((pollination) => ({ female, pollination, ms: toMs(pollination.at) }));
  });
  days.set(day, touches);
  return touches;
}

/** By the last day and the days before it. */
const touchesBySpan = perRevision(() => new Map<string, readonly Touch[]>());

/** What was touched on a day and on so many before it, the latest first. */
function touchesUpTo(journal: Journal, day: Day, before: number): readonly Touch[] {
  const spans = touchesBySpan(journal);
  const key = `${day}|${before}`;
  const held = spans.get(key);
  if (held) return held;
  const touches = Array.from({ length: before + 1 }, (_, back) => touchesOn(journal, addDays(day, -back)))
    .flat()
    .sort((a, b) => b.ms - a.ms || (a.pollination.entry < b.pollination.entry ? 1 : -1));
  spans.set(key, touches);
  return touches;
}

/** Touches of the days up to one that came before a pollination, the latest first. */
function touchedBefore(journal: Journal, pollination: Pollination, day: Day, days: number): Touch[] {
  const now = toMs(pollination.at);
  return touchesUpTo(journal, day, days).filter(
    ({ ms, pollination: { entry } }) => ms < now || (ms === now && entry < pollination.entry),
  );
}

/** Rows that were brushed, by day. */
const rowsByDay = perRevision(() => new Map<Day, readonly RowTouch[]>());

/** A brush in all open flowers of a plant, as a row was worked. */
interface RowTouch {
  readonly plant: string;
  readonly at: Instant;
  readonly device: string;
}

function rowsOn(journal: Journal, day: Day): readonly RowTouch[] {
  const days = rowsByDay(journal);
  const held = days.get(day);
  if (held) return held;
  const rows = journal
    .walksBetween(day, day)
    .flatMap(({ plant, rowPollinated: row }) =>
      row?.method === 'brush' ? [{ plant, at: row.at, device: row.device }] : [],
    );
  days.set(day, rows);
  return rows;
}

/** The plants in whose open flowers a brush was, as rows were worked, since it was clean. */
function rowsOfBrush(journal: Journal, pollination: Pollination, day: Day): RowTouch[] {
  if (!isBrush(pollination) || pollination.tool === 'clean') return [];
  const now = toMs(pollination.at);
  const clean = touchedBefore(journal, pollination, day, 1).find(
    ({ pollination: each }) => each.device === pollination.device && isBrush(each) && each.tool === 'clean',
  );
  const since = Math.max(now - DEAD_AFTER_MS, clean ? toMs(clean.pollination.at) : -Infinity);
  return [...rowsOn(journal, addDays(day, -1)), ...rowsOn(journal, day)].filter(
    ({ at, device }) => device === pollination.device && since <= toMs(at) && toMs(at) < now,
  );
}

/** The touches of one brush before a pollination, from the last on back to where it was clean. */
function touchesOfBrush(journal: Journal, pollination: Pollination, day: Day): Touch[] {
  if (!isBrush(pollination) || pollination.tool === 'clean') return [];
  const own = touchedBefore(journal, pollination, day, 1).filter(
    ({ ms, pollination: each }) =>
      each.device === pollination.device && isBrush(each) && toMs(pollination.at) - ms <= DEAD_AFTER_MS,
  );
  const cleaned = own.findIndex(({ pollination: { tool } }) => tool === 'clean');
  return cleaned < 0 ? own : own.slice(0, cleaned + 1);
}

/** Hands that came from another variety and were not cleaned: at the female, or where her males were taken. */
function onHands(journal: Journal, { hands, donors }: Pollination): string | undefined {
  const males = donors.map(({ bloom }) => journal.all('bloom').get(bloom));
  const all = [
    hands,
    ...males.flatMap((male) => [male?.picked, ...(male?.pickedBefore ?? [])].map((each) => each?.hands)),
  ];
  return all.find((each) => each?.state === 'used')?.of;
}

/**
 * What a brush, a swab or hands may have carried to a flower from another variety that crosses: one person uses one
 * brush, until it is noted that a clean one was used; of hands it is asked. `undefined` when nothing came along.
 *
 * @example pollenCarriedTo(new Journal(), bloom) // undefined
 */
export function pollenCarriedTo(journal: Journal, bloom: Bloom): CarriedPollen | undefined {
  for (const pollination of pollinationsOf(bloom)) {
    const day = pollination.day ?? bloom.day;
    if (day === undefined) continue;
    const own = fathersOf(journal, pollination, day);
    if (own.size === 0) continue;
    const handled = onHands(journal, pollination);
    if (handled !== undefined) return { variety: handled, noted: true };
    let noted = pollination.tool === 'used';
    for (const { pollination: each } of touchesOfBrush(journal, pollination, day)) {
      for (const variety of fathersOf(journal, each, day).values())
        if (isForeign(variety, own)) return { variety: variety.variety, noted };
      noted ||= each.tool === 'used';
    }
    for (const { plant } of rowsOfBrush(journal, pollination, day)) {
      const variety = varietyThen(journal, plant, day);
      if (variety && isForeign(variety, own)) return { variety: variety.variety, noted };
    }
  }
  return undefined;
}

/** The varieties whose pollen was put on, as far as they are known, by id. */
const fathersOf = (journal: Journal, { donors }: Pollination, day: Day): Map<string, Variety> =>
  new Map(
    donors.flatMap(({ plant }) => {
      const variety = varietyThen(journal, plant, day);
      return variety ? [[variety.variety, variety] as const] : [];
    }),
  );

const isForeign = (variety: Variety, own: ReadonlyMap<string, Variety>): boolean =>
  !own.has(variety.variety) && [...own.values()].some((other) => cross(variety, other));

const cross = (one: Variety | undefined, other: Variety | undefined): boolean =>
  one !== undefined && other !== undefined && crossingFrequency(one.crop, other.crop) !== 'never';

/** Found so, something may have been in a flower before. */
const VISITED: readonly (Finding | MissedReason)[] = ['hole', 'insect', 'open'];

/** May insects have left pollen in a female before she was pollinated? */
const mayHaveBeenVisited = ({ female, pollination }: Touch): boolean =>
  VISITED.includes(pollination.found) ||
  !isCovered(female) ||
  female.reports.some(({ why, at }) => VISITED.includes(why) && toMs(at) <= toMs(pollination.at));

/** An open flower of a row, of which nothing else is known. */
const openFlowerOf = ({ plant }: RowTouch, day: Day): Bloom => ({
  ...{ bloom: '', plant, part: 'flower', count: 1, countedBy: [], members: [], sex: undefined, code: '' },
  ...{ role: 'hand', day, laterPollinations: [], reports: [], looks: [], conflicts: [] },
});

/**
 * The females that insects may have visited and that a male or a brush was in before it came to this flower: it carries
 * what they had. Open flowers of a row that was brushed are such. A male keeps it as long as its pollen; a brush until it is cleaned.
 *
 * @example visitedBefore(new Journal(), bloom) // []
 */
export function visitedBefore(journal: Journal, bloom: Bloom): readonly Bloom[] {
  return pollinationsOf(bloom).flatMap((pollination) => {
    const day = pollination.day ?? bloom.day;
    if (day === undefined) return [];
    const males = new Set(pollination.donors.flatMap(({ bloom: male }) => male || []));
    const ofMales =
      males.size === 0
        ? []
        : touchedBefore(journal, pollination, day, KEPT_DAYS).filter(({ pollination: { donors } }) =>
            donors.some((donor) => males.has(donor.bloom)),
          );
    return [
      ...[...ofMales, ...touchesOfBrush(journal, pollination, day)]
        .filter(mayHaveBeenVisited)
        .map(({ female }) => female),
      ...rowsOfBrush(journal, pollination, day).map((row) => openFlowerOf(row, day)),
    ].filter(
      (female) =>
        female.bloom !== bloom.bloom &&
        cross(varietyThen(journal, female.plant, day), varietyThen(journal, bloom.plant, day)),
    );
  });
}

/**
 * Was a male in a female that insects may have visited? For seed it is used no more.
 *
 * @param day up to which; males are not kept for longer than some days.
 * @example isTainted(journal, 'm2', '2026-07-19') // true after it brushed a female with a hole
 */
export const isTainted = (journal: Journal, male: string, day: Day): boolean =>
  touchesUpTo(journal, day, KEPT_DAYS).some(
    (touch) => touch.pollination.donors.some(({ bloom }) => bloom === male) && mayHaveBeenVisited(touch),
  );
