import type { Lot } from '../state';
import { type EntryAbout, taking } from '../taking';

const takeOf = taking<'lot'>()({
  'seed.extracted': 'all',
  'seed.prepared': 'all',
  'lot.received': 'all',
  'lot.filled': 'all',
  'lot.measured': 'all',
  'lot.used': 'all',
  'lot.described': 'last',
  'germination.begun': 'all',
  'germination.counted': 'all',
});

/** Seed has pages of its own, which load late: what its entries mean is told there (`core/seed`). */
export const reduceLot = (lot: string, entries: readonly EntryAbout<'lot'>[]): Lot | undefined =>
  entries.length === 0 ? undefined : { lot, ...takeOf(entries) };
