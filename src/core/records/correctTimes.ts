import { cohortOf } from '../journal/cohort';
import type { Fact, StoredEntry } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { compareEntries } from '../journal/order';
import { daysIn } from '../journal/retiming';
import { forEachSubject } from '../journal/subjects';
import { knownEntry, upcast } from '../journal/upcast';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';

/** Entries of which one fact corrects the times: a file may not hold longer lists than a few thousand. */
const TOGETHER = 1000;

export interface TimeShift {
  /** Minutes by which the clock was behind. */
  readonly by: number;
  /** Days by which the days are behind on which flowers were counted, covered and pollinated. */
  readonly days: number;
}

/**
 * By how many days the days that were written move with the clock: half a day and more is the next. A clock that is some
 * hours wrong mostly leaves the day right, since an evening's walk is for the morning after.
 *
 * @param by minutes by which the clock was behind.
 * @example daysMoved(1500) // 1
 */
export const daysMoved = (by: number): number => Math.round(by / (24 * 60)) || 0;

/**
 * The days that some entries name after all corrections so far: those of flowers, walks, rounds and weather.
 *
 * @example daysNamed(journal, session.entries) // ['2020-05-12']
 */
export function daysNamed(journal: Journal, entries: readonly StoredEntry[]): Day[] {
  const days = entries.flatMap(({ id }) => {
    const said = journal.effective(id);
    return said ? daysIn(said.kind, said.body) : [];
  });
  return [...new Set(days)].sort();
}

/**
 * The facts that correct the times of some entries, by more than they are corrected already.
 *
 * Flowers that were counted together are named by their day; where that day was wrong, all that was ever recorded of
 * them is brought along.
 *
 * @example correctTimes(journal, [], { by: 60, days: 0 }) // []
 */
export function correctTimes(
  journal: Journal,
  entries: readonly StoredEntry[],
  { by, days }: TimeShift,
): Fact[] {
  const chosen = new Set(entries.map(({ id }) => id));
  const named = days === 0 ? [] : cohortsNamed(journal);
  const first = new Map<string, string>();
  for (const { entry, cohort } of named) if (!first.has(cohort)) first.set(cohort, entry.id);
  const moved = named.filter(({ cohort }) => chosen.has(first.get(cohort)!));
  const cohortsOf = groupBy(moved, ({ entry }) => entry.id);
  // What names no day of its own but theirs: a look, a tag, a harvest.
  const along = moved.flatMap(({ entry }) => (chosen.has(entry.id) || 'day' in entry.body ? [] : [entry]));
  const corrections = [
    ...entries.map((entry) => ({ entry, minutes: by })),
    ...[...new Set(along)].map((entry) => ({ entry, minutes: 0 })),
  ];
  const alike = groupBy(corrections, ({ entry, minutes }) => {
    const before = journal.retimingOf(entry.id);
    return `${before.by + minutes} ${before.days + days}`;
  });
  return [...alike].flatMap(([shift, group]) => {
    const [minutes, dayShift] = shift.split(' ').map(Number) as [number, number];
    return inParts(group).map((part): Fact => {
      const targets = part.map(({ entry }) => entry.id);
      const cohorts = [
        ...new Set(targets.flatMap((id) => (cohortsOf.get(id) ?? []).map(({ cohort }) => cohort))),
      ];
      return {
        kind: 'times.corrected',
        body: { targets, by: minutes, days: dayShift, ...(cohorts.length > 0 && { cohorts }) },
      };
    });
  });
}

interface CohortNamed {
  readonly entry: StoredEntry;
  readonly cohort: string;
}

/** Each naming of flowers that go by their day, as stored, in the order of entries. */
function cohortsNamed(journal: Journal): CohortNamed[] {
  const named: CohortNamed[] = [];
  for (const entry of [...journal.entries()].sort(compareEntries)) {
    const known = knownEntry(entry);
    if (!known) continue;
    forEachSubject(upcast(known), (type, id) => {
      if (type === 'bloom' && cohortOf(id)?.day !== undefined) named.push({ entry, cohort: id });
    });
  }
  return named;
}

function inParts<T>(all: readonly T[]): T[][] {
  const parts: T[][] = [];
  for (let i = 0; i < all.length; i += TOGETHER) parts.push(all.slice(i, i + TOGETHER));
  return parts;
}
