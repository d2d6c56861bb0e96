import type { StoredEntry } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { compareEntries } from '../journal/order';
import { MS_PER_HOUR, MS_PER_MINUTE, toMs } from '../time/calendar';
import { finished, type InSteps } from '../time/inSteps';

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

/** Entries between two pauses: some milliseconds on a slow phone. */
const STEP = 4_000;

/**
 * The times at which each device wrote, to find those at which its clock was wrong; the newest entries first.
 *
 * @example writingSessions(journal)[0]?.clockWentBack // false
 */
export const writingSessions = (journal: Journal): WritingSession[] =>
  finished(writingSessionsInSteps(journal));

/** The same, with a pause now and then in which something else can be done. */
export function* writingSessionsInSteps(journal: Journal): InSteps<WritingSession[]> {
  const sorted = yield* sortedInSteps([...journal.entries()]);
  const devices = new Map<string, DeviceSessions>();
  for (const [i, entry] of sorted.entries()) {
    if (i % STEP === 0) yield undefined;
    const of = devices.get(entry.device) ?? { sessions: [], latest: -Infinity };
    devices.set(entry.device, of);
    put(of, entry, toMs(journal.recordedAt(entry)));
  }
  const sessions = [...devices.values()].flatMap((each) => each.sessions);
  return sessions.sort((a, b) => compareEntries(b.entries[0]!, a.entries[0]!));
}

/** Entries in their order [merge sort]: short runs are sorted one by one, then merged two at a time. */
function* sortedInSteps(entries: readonly StoredEntry[]): InSteps<readonly StoredEntry[]> {
  let runs: StoredEntry[][] = [];
  for (let from = 0; from < entries.length; from += STEP) {
    yield undefined;
    runs.push(entries.slice(from, from + STEP).sort(compareEntries));
  }
  while (runs.length > 1) {
    const merged: StoredEntry[][] = [];
    for (let i = 0; i < runs.length; i += 2) {
      yield undefined;
      merged.push(mergedRuns(runs[i]!, runs[i + 1] ?? []));
    }
    runs = merged;
  }
  return runs[0] ?? [];
}

function mergedRuns(a: readonly StoredEntry[], b: readonly StoredEntry[]): StoredEntry[] {
  const merged: StoredEntry[] = [];
  let [i, j] = [0, 0];
  while (i < a.length && j < b.length) merged.push(compareEntries(b[j]!, a[i]!) < 0 ? b[j++]! : a[i++]!);
  while (i < a.length) merged.push(a[i++]!);
  while (j < b.length) merged.push(b[j++]!);
  return merged;
}

interface DeviceSessions {
  readonly sessions: (WritingSession & { readonly entries: StoredEntry[]; to: number })[];
  /** The latest time it had recorded, UTC milliseconds. */
  latest: number;
}

function put(of: DeviceSessions, entry: StoredEntry, at: number): void {
  const last = of.sessions.at(-1);
  const clockWentBack = of.latest - at > LITTLE_MS;
  if (last && at - last.to <= PAUSE_MS && last.to - at <= LITTLE_MS) {
    last.entries.push(entry);
    last.to = Math.max(last.to, at);
  } else of.sessions.push({ device: entry.device, entries: [entry], from: at, to: at, clockWentBack });
  of.latest = Math.max(of.latest, at);
}
