import type { Lot } from '../journal/state';
import { drawerLife, LONGEST_YEARS } from './drawerLife';
import { germinationTests } from './germination';
import type { SeedLot } from './seedLot';

/** Of seed of which no more germinates few plants carry on what many did. Our default. */
const TOO_FEW = 0.5;

/** When a lot has to be grown again, so that it is not lost. */
export interface GrowAgain {
  /** The last season in which such seed still germinates well, by the rule of thumb; missing where that is far off. */
  readonly year?: number;
  /** Its last test says: now. */
  readonly now: boolean;
}

/**
 * The year in which a lot was harvested: as it was told, else in which its seed was taken out.
 *
 * @example harvestYear({ since: '2026-10-20' }) // 2026
 */
export const harvestYear = ({ year, since }: Pick<SeedLot, 'year' | 'since'>): number =>
  year ?? Number(since.slice(0, 4));

/**
 * When a lot has to be grown again: by the least that such seed keeps where it is kept, and at once where fewer than half
 * germinated in its last test. A mixture of years is as old as its oldest, which nobody here knows: it goes by the day on
 * which it was mixed, and its test.
 *
 * @returns `undefined` of what is used up, or of no known crop.
 * @example growAgain(lot, raw) // { year: 2030, now: false }: squash of 2026 in a dry room
 */
export function growAgain(lot: SeedLot, raw: Lot): GrowAgain | undefined {
  const { crop, amount, described } = lot;
  if (!crop || amount.gone) return undefined;
  const { store, packing } = described ?? {};
  const [least] = drawerLife(crop, { ...(store && { store }), ...(packing && { packing }) });
  const test = germinationTests(raw, crop).find(({ ended }) => ended);
  return {
    ...(least < LONGEST_YEARS && { year: harvestYear(lot) + Math.floor(least) }),
    now: test?.share.share !== undefined && test.share.share < TOO_FEW,
  };
}

/** What has to be grown again first comes first: what a test says, then by the year; what is used up last. */
export const compareGrowAgain = (a: GrowAgain | undefined, b: GrowAgain | undefined): number =>
  Number(b?.now ?? false) - Number(a?.now ?? false) || (a ? yearOf(a) : LAST) - (b ? yearOf(b) : LAST);

const LAST = 10_000;
const yearOf = ({ year = LAST - 1 }: GrowAgain): number => year;
