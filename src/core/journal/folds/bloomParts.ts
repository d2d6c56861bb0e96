import type { Counting } from '../cohort';
import type { EntryOf } from '../entry';
import type { MissedReason } from '../kinds/roundBodies';
import type { Look, Missed, Pollination, Uncovering } from '../state';

/** A state while its entries are read. */
export type Mutable<T> = { -readonly [K in keyof T]: T[K] };

// What an entry may leave out is set one by one below: spread, it costs more than all the rest of a fold.

export function pollinationOf({ id, at, device, body }: EntryOf<'pollinated'>): Pollination {
  const { donors, found, method, shutAgain, tagged, application = 1 } = body;
  const { tool, hands, faded, openMinutes, mating, matingEntry, count, day } = body;
  const pollination: Mutable<Pollination> = {
    at,
    donors,
    found,
    method,
    shutAgain,
    tagged,
    application,
    device,
    entry: id,
  };
  if (tool) pollination.tool = tool;
  if (hands) pollination.hands = hands;
  if (faded) pollination.faded = faded;
  if (openMinutes !== undefined) pollination.openMinutes = openMinutes;
  if (mating !== undefined) {
    pollination.mating = mating;
    if (matingEntry !== undefined) pollination.matingEntry = matingEntry;
  }
  if (count !== undefined) pollination.count = count;
  if (day !== undefined) pollination.day = day;
  return pollination;
}

export function lookOf({ id, at, body }: EntryOf<'looked'>): Look {
  const { seen, cause, signs, without, tag, mm, growing, of } = body;
  const look: Mutable<Look> = { at, seen, entry: id };
  if (cause) look.cause = cause;
  if (signs) look.signs = signs;
  if (without) look.without = without;
  if (tag) look.tag = tag;
  if (mm !== undefined) look.mm = mm;
  if (growing !== undefined) look.growing = growing;
  if (of !== undefined) look.of = of;
  return look;
}

/** A flower that was come to and passed over, female or male. */
export function reportOf(
  { id, at, device, body }: EntryOf<'missed'> | EntryOf<'picked'>,
  why: MissedReason,
): Missed {
  const report: Mutable<Missed> = { why, at, device, entry: id };
  if (body.day !== undefined) report.day = body.day;
  if ('count' in body && body.count !== undefined) report.count = body.count;
  return report;
}

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
