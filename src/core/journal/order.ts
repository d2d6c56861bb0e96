import type { Envelope } from './entry';

type OrderKey = Pick<Envelope, 'lamport' | 'device' | 'id'>;

/**
 * The total order of entries: Lamport clock, then device, then id. Every device that holds the same set of
 * entries puts them in the same order, whenever they arrived.
 *
 * Source of the clock: Lamport 1978, "Time, clocks, and the ordering of events".
 *
 * @returns negative when `a` comes first, positive when `b` does, 0 for one and the same entry.
 * @example [b, a].sort(compareEntries) // [a, b] where a.lamport < b.lamport
 */
export function compareEntries(a: OrderKey, b: OrderKey): number {
  if (a.lamport !== b.lamport) return a.lamport - b.lamport;
  if (a.device !== b.device) return a.device < b.device ? -1 : 1;
  if (a.id === b.id) return 0;
  return a.id < b.id ? -1 : 1;
}

/**
 * By when it happened: what happened at once stays as it was.
 *
 * @example looks.sort(byTime)
 */
export const byTime = (a: Pick<Envelope, 'at'>, b: Pick<Envelope, 'at'>): number =>
  a.at < b.at ? -1 : a.at > b.at ? 1 : 0;
