import type { SeedSource, Sowing } from '../../crops/variety';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

/** `clean`: hatched, or kept from all flowers for days; `caught`: they may bring pollen along. */
export const INSECTS_FROM = ['clean', 'caught'] as const;

/** One sowing of a variety, from one lot of seed. */
export interface PlantingBodies {
  'planting.set': {
    readonly planting: string;
    readonly variety: string;
    readonly sowing?: Sowing;
    readonly seedSource: SeedSource;
    /** The seed it was sown from, as it is named on the packet. */
    readonly lot?: string;
    /** The lot of this garden that it was sown from. */
    readonly fromLot?: string;
    /** Days from sowing or planting out to the first flower, where the grower or the packet knows. */
    readonly daysToFlower?: number;
  };
  /** Plants in a cage that keeps insects out, from the moment this was recorded. */
  'cage.set': { readonly cage: string; readonly name: string; readonly plants: readonly string[] };
  /** It stood open to insects on a day. */
  'cage.opened': { readonly cage: string; readonly day: Day };
  /** Insects were put into it on a day, to do the work: raised without flowers, or caught outside. */
  'cage.stocked': {
    readonly cage: string;
    readonly day: Day;
    readonly from: (typeof INSECTS_FROM)[number];
  };
}

/** The subjects that entries of each kind may name. */
export interface PlantingAbout {
  readonly 'planting.set': 'planting';
  readonly 'cage.set': 'cage';
  readonly 'cage.opened': 'cage';
  readonly 'cage.stocked': 'cage';
}

export const PLANTING_KINDS: KindDefinitions<PlantingBodies, PlantingAbout> = {
  // Version 2: the lot it was sown from.
  'planting.set': {
    version: 2,
    structural: true,
    clockDays: false,
    subjects: ({ planting }, each) => each('planting', planting),
  },
  'cage.set': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ cage }, each) => each('cage', cage),
  },
  'cage.stocked': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: ({ cage }, each) => each('cage', cage),
  },
  'cage.opened': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: ({ cage }, each) => each('cage', cage),
  },
};
