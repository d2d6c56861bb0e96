import type { Counting } from '../cohort';
import type { EntryOf } from '../entry';
import type { MissedReason } from '../kinds/roundBodies';
import type { Look, Missed, Pollination, Uncovering } from '../state';

/** A state while its entries are read. */
export type Mutable<T> = { -readonly [K in keyof T]: T[K] };

export const pollinationOf = (entry: EntryOf<'pollinated'>): Pollination => ({
  at: entry.at,
  donors: entry.body.donors,
  found: entry.body.found,
  method: entry.body.method,
  ...(entry.body.tool && { tool: entry.body.tool }),
  ...(entry.body.faded && { faded: true }),
  ...(entry.body.openMinutes !== undefined && { openMinutes: entry.body.openMinutes }),
  shutAgain: entry.body.shutAgain,
  tagged: entry.body.tagged,
  application: entry.body.application ?? 1,
  ...(entry.body.mating !== undefined && {
    mating: entry.body.mating,
    ...(entry.body.matingEntry !== undefined && { matingEntry: entry.body.matingEntry }),
  }),
  ...(entry.body.count !== undefined && { count: entry.body.count }),
  ...(entry.body.day !== undefined && { day: entry.body.day }),
  device: entry.device,
  entry: entry.id,
});

export function lookOf(entry: EntryOf<'looked'>): Look {
  const { seen, cause, tag, growing, of } = entry.body;
  return {
    at: entry.at,
    seen,
    ...(cause && { cause }),
    ...(tag && { tag }),
    ...(growing !== undefined && { growing }),
    ...(of !== undefined && { of }),
    entry: entry.id,
  };
}

/** A flower that was come to and passed over, female or male. */
export const reportOf = (
  { id, at, device, body }: EntryOf<'missed'> | EntryOf<'picked'>,
  why: MissedReason,
): Missed => ({
  why,
  at,
  ...(body.day !== undefined && { day: body.day }),
  device,
  entry: id,
});

export const countingOf = ({ id, body }: EntryOf<'pollinated'>): Counting => ({
  entry: id,
  count: body.count ?? 1,
  after: body.after ?? NONE,
});

export const uncoveredOf = ({ at, body: { found, day } }: EntryOf<'uncovered'>): Uncovering => ({
  at,
  found,
  ...(day !== undefined && { day }),
});

/** One for all blooms that have none. */
export const NONE: readonly never[] = [];
