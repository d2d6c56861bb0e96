import type { StoredEntry } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { compareEntries } from '../journal/order';
import { groupBy } from '../text/groupBy';
import { MS_PER_HOUR, MS_PER_MINUTE, toMs } from '../time/calendar';

/** What a device wrote without a long pause. */
export interface WritingSession {
  readonly device: string;
  /** In their order. */
  readonly entries: readonly StoredEntry[];
  /** When the first and the last were recorded, UTC milliseconds, corrected where they were. */
  readonly from: number;
  readonly to: number;
  /** The device had recorded a later time before: one of the two is wrong. */
  readonly clockWentBack: boolean;
}

/** Longer than a round's longest stop, shorter than from the evening walk to the morning. */
const PAUSE_MS = 2 * MS_PER_HOUR;
/** A phone that sets itself by the network moves its clock by some minutes. */
const LITTLE_MS = 10 * MS_PER_MINUTE;

/**
 * The times at which each device wrote, to find those at which its clock was wrong; the newest entries first.
 *
 * @example writingSessions(journal)[0]?.clockWentBack // false
 */
export function writingSessions(journal: Journal): WritingSession[] {
  const sorted = [...journal.entries()].sort(compareEntries);
  const sessions = [...groupBy(sorted, ({ device }) => device)].flatMap(([device, entries]) =>
    sessionsOf(device, entries, (entry) => toMs(journal.recordedAt(entry))),
  );
  return sessions.sort((a, b) => compareEntries(b.entries[0]!, a.entries[0]!));
}

function sessionsOf(
  device: string,
  entries: readonly StoredEntry[],
  recordedAt: (entry: StoredEntry) => number,
): WritingSession[] {
  const sessions: (WritingSession & { entries: StoredEntry[]; to: number })[] = [];
  let latest = -Infinity;
  for (const entry of entries) {
    const at = recordedAt(entry);
    const last = sessions.at(-1);
    const wentBack = latest - at > LITTLE_MS;
    if (last && at - last.to <= PAUSE_MS && last.to - at <= LITTLE_MS) {
      last.entries.push(entry);
      last.to = Math.max(last.to, at);
    } else sessions.push({ device, entries: [entry], from: at, to: at, clockWentBack: wentBack });
    latest = Math.max(latest, at);
  }
  return sessions;
}
