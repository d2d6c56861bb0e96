import type { Lot } from '../journal/state';

/**
 * What a lot is called: as its packet was last described, else as it began.
 *
 * @returns `undefined` of one that is only named by what was taken of it.
 * @example lotName(lot) // 'Redring 2026'
 */
export const lotName = (lot: Lot): string | undefined =>
  lot['lot.described']?.body.name ??
  lot['seed.extracted'].at(-1)?.body.name ??
  lot['lot.received'].at(-1)?.body.name ??
  lot['lot.filled'].findLast(({ body }) => body.lot === lot.lot)?.body.name;
