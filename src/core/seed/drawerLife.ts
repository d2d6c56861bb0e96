import type { CropId } from '../crops/catalogue';
import type { Span } from '../crops/crop';
import type { SeedPacking, SeedStore } from '../journal/kinds/seed';
import { seedFactsOf } from './seedFacts';

/** How warm it is where seed is kept, °C. Our defaults. */
export const STORE_C: Readonly<Record<SeedStore, number>> = { room: 20, cool: 12, fridge: 5, freezer: -18 };
/** For a dry room, in paper, the figures of the crops are meant. */
const USUAL_C = 20;

/** How much drier seed becomes than in paper, per cent of its weight. Our default. */
const DRIER: Readonly<Record<SeedPacking, number>> = { paper: 0, sealed: 0, desiccant: 2 };

/** Each so many degrees less, and each per cent of water less, doubles its life. */
const DOUBLES_C = 5;
const DOUBLES_PERCENT = 1;
/** The rule is meant for temperatures down to this. */
const COLDEST_C = 0;

/** A drawer is not a gene bank: of longer nobody here can say. */
export const LONGEST_YEARS = 25;

/**
 * Years for which seed keeps, by where it is kept: Harrington's rule of thumb, that each 5 °C and each per cent of water
 * less double its life [Harrington 1972, Seed storage and longevity, from memory], on the years by crop for a dry room.
 * Damp air undoes what cold does: what is not sealed is not kept longer for being cold.
 *
 * @returns from few to many years, at most `LONGEST_YEARS`.
 * @example drawerLife('tomato', { store: 'fridge', packing: 'desiccant' })[0] // 25: at the least
 */
export function drawerLife(
  crop: CropId,
  { store = 'room', packing = 'paper' }: { readonly store?: SeedStore; readonly packing?: SeedPacking },
): Span {
  const cold = packing === 'paper' ? USUAL_C : Math.max(COLDEST_C, STORE_C[store]);
  const times = 2 ** ((USUAL_C - cold) / DOUBLES_C + DRIER[packing] / DOUBLES_PERCENT);
  const [least, most] = seedFactsOf(crop).keeps.value;
  return [Math.min(LONGEST_YEARS, least * times), Math.min(LONGEST_YEARS, most * times)];
}
