import type { CropId } from '../crops/catalogue';
import type { Span } from '../crops/crop';
import type { SeedPacking, SeedStore } from '../journal/kinds/seed';
import { LONGEST_YEARS, STORE_C } from './drawerLife';

/** A species' constants of the viability equation. */
interface ViabilityConstants {
  readonly ke: number;
  readonly cw: number;
  readonly ch: number;
  readonly cq: number;
}

/**
 * Constants as published, from memory: corn [Ellis & Roberts 1980, Annals of Botany 45, 13–30], lettuce [Kraak & Vos 1987]. Of other crops none are known here.
 */
const CONSTANTS: Readonly<Partial<Record<CropId, ViabilityConstants>>> = {
  corn: { ke: 8.579, cw: 4.91, ch: 0.0329, cq: 0.000478 },
  lettuce: { ke: 8.218, cw: 4.797, ch: 0.0489, cq: 0.000365 },
};

/** Water in seed by how it is packed, per cent of its weight. Our defaults: nobody measures it at home. */
const WATER: Readonly<Record<SeedPacking, Span>> = { paper: [9, 12], sealed: [8, 10], desiccant: [5, 7] };

const DAYS_PER_YEAR = 365.25;
/** Of fresh seed 95 of 100 germinate (our default): so many standard deviations of the times of death lie before half. */
const FROM_FRESH_TO_HALF = 1.645;

/**
 * How far the times at which the seeds of a lot die are spread, days: the viability equation of Ellis & Roberts 1980.
 *
 * @param water per cent of the seed's weight.
 * @returns `undefined` of a crop whose constants are not known.
 * @example deathsSpread('corn', 12, 20) // 270
 */
export function deathsSpread(crop: CropId, water: number, celsius: number): number | undefined {
  const known = CONSTANTS[crop];
  if (!known) return undefined;
  const { ke, cw, ch, cq } = known;
  return 10 ** (ke - cw * Math.log10(water) - ch * celsius - cq * celsius ** 2);
}

/** How long half of a lot lives, as far as it can be told. */
export interface HalfLife {
  /** From few to many, at most `LONGEST_YEARS`. */
  readonly years: Span;
  /** Per cent. */
  readonly water: Span;
}

/**
 * After how many years half of a lot still germinates, by the viability equation, for as much water as it may hold.
 *
 * @example halfLife('corn', { packing: 'paper' })?.years // [1.2, 5.0]
 */
export function halfLife(
  crop: CropId,
  { store = 'room', packing = 'paper' }: { readonly store?: SeedStore; readonly packing?: SeedPacking },
): HalfLife | undefined {
  const water = WATER[packing];
  // In paper, air brings as much water in as cold keeps out.
  const celsius = STORE_C[packing === 'paper' ? 'room' : store];
  const years = (percent: number): number =>
    Math.min(LONGEST_YEARS, (FROM_FRESH_TO_HALF * deathsSpread(crop, percent, celsius)!) / DAYS_PER_YEAR);
  return CONSTANTS[crop] && { years: [years(water[1]), years(water[0])], water };
}
