import type { SeedSource } from '../../crops/variety';
import type { Grade } from './grades';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

/** How the flesh of a fruit tasted that was opened for its seed. */
export const TASTES = ['good', 'plain', 'poor', 'bitter'] as const;
export type Taste = (typeof TASTES)[number];

/** Why a fruit that was picked for seed gave none. */
export const SEED_LOSSES = ['rotten', 'bitter', 'empty', 'eaten', 'lost'] as const;
export type SeedLoss = (typeof SEED_LOSSES)[number];

/** How seed is taken out: of wet flesh, or of what is dry. */
export const EXTRACTIONS = ['wet', 'dry'] as const;
export type Extraction = (typeof EXTRACTIONS)[number];

/** What is done to seed after it was taken out, in this order. */
export const SEED_STEPS = ['rinsed', 'dried'] as const;
type SeedStep = (typeof SEED_STEPS)[number];

/** Where seed went. `discarded`: spoilt, lost or thrown away. */
export const LOT_USES = ['sown', 'given', 'discarded'] as const;
export type LotUse = (typeof LOT_USES)[number];

/** How warm it is where seed is kept. */
export const SEED_STORES = ['room', 'cool', 'fridge', 'freezer'] as const;
export type SeedStore = (typeof SEED_STORES)[number];

/** What seed is kept in. `paper`: air comes in; `sealed`: none does; `desiccant`: sealed, with something that dries. */
export const SEED_PACKINGS = ['paper', 'sealed', 'desiccant'] as const;
export type SeedPacking = (typeof SEED_PACKINGS)[number];

/** So many seeds, or all that were left. */
export interface SeedsTaken {
  readonly seeds?: number;
  readonly all?: true;
}

/** What seed is by its parents. */
export const DESCENTS = ['line', 'hybrid', 'cross', 'complex', 'mixture', 'unknown'] as const;

/** What whoever grew seed tells of it. Nobody here can check it, and nothing is judged by it. */
export interface ToldLot {
  /** Its id and its name there, and the name of that garden. */
  readonly lot: string;
  readonly name: string;
  readonly garden: string;
  /** Botanical name. */
  readonly species: string;
  /** When its seed was taken out, or was had. */
  readonly since: Day;
  /** Of seed that came from elsewhere: the year in which it was harvested. */
  readonly year?: number;
  /** When this was told. */
  readonly told: Day;
  readonly descent: (typeof DESCENTS)[number];
  /** Its pedigree by the names of varieties, mother first: `A/B, F2`; empty where nobody knows. */
  readonly ancestry: string;
  /** How pure it is by the records of that garden. */
  readonly grade?: Grade;
  /** Plants that bore and fathered it, where they are known, and how many that gave alike they amount to. */
  readonly mothers?: number;
  readonly fathers?: number;
  readonly size?: number;
  /** Of the latest germination test that has ended. */
  readonly germinated?: { readonly day: Day; readonly seeds: number; readonly up: number };
}

/** Seed, from the fruit it is taken out of to where it goes. */
export interface SeedBodies {
  /** A fruit that was picked for seed was opened: how its flesh tasted, and why it gave no seed where it gave none. */
  'fruit.opened': {
    readonly bloom: string;
    readonly day: Day;
    readonly taste?: Taste;
    readonly none?: SeedLoss;
  };
  /** Seed of fruits was taken out and put together: a lot begins, or gets more. */
  'seed.extracted': {
    readonly lot: string;
    readonly name: string;
    readonly day: Day;
    readonly how: Extraction;
    /** It is left in its juice for some days. */
    readonly ferments?: true;
    /** With the seeds of each, where somebody counted them apart. */
    readonly of: readonly { readonly bloom: string; readonly seeds?: number }[];
  };
  'seed.prepared': { readonly lot: string; readonly step: SeedStep; readonly day: Day };
  /** Seed from elsewhere: a packet, a swap, or of a season before there were records. */
  'lot.received': {
    readonly lot: string;
    readonly name: string;
    readonly variety: string;
    readonly source: SeedSource;
    readonly day: Day;
    /** The year in which it was harvested. */
    readonly year?: number;
    /** What is told of it where it came from, and then of the lots that it goes back to, the nearest first. */
    readonly told?: readonly ToldLot[];
  };
  /** Seed of some lots went into one: a lot that is split, or several that are mixed. */
  'lot.filled': {
    readonly lot: string;
    readonly name: string;
    readonly day: Day;
    readonly from: readonly (SeedsTaken & { readonly lot: string })[];
  };
  /** So much of it there was on a day. */
  'lot.measured': {
    readonly lot: string;
    readonly day: Day;
    readonly seeds?: number;
    readonly grams?: number;
    /** What a thousand seeds weigh, grams. */
    readonly thousandGrams?: number;
  };
  'lot.used': SeedsTaken & {
    readonly lot: string;
    readonly day: Day;
    readonly how: LotUse;
    /** Who got it, or what it was sown as. */
    readonly to?: string;
  };
  /** What its packet says and where it is, instead of what was said before. */
  'lot.described': {
    readonly lot: string;
    readonly name: string;
    readonly place?: string;
    readonly note?: string;
    readonly store?: SeedStore;
    readonly packing?: SeedPacking;
  };
  /** Seeds were laid out, to count how many germinate. */
  'germination.begun': {
    readonly lot: string;
    readonly test: string;
    readonly day: Day;
    readonly seeds: number;
  };
  /** So many had germinated by a day, all of the test together. */
  'germination.counted': {
    readonly lot: string;
    readonly test: string;
    readonly day: Day;
    readonly up: number;
    /** It was the last count. */
    readonly ended?: true;
  };
}

/** The subjects that entries of each kind may name. */
export interface SeedAbout {
  readonly 'fruit.opened': 'bloom';
  readonly 'seed.extracted': 'lot' | 'bloom';
  readonly 'seed.prepared': 'lot';
  readonly 'lot.received': 'lot';
  readonly 'lot.filled': 'lot';
  readonly 'lot.measured': 'lot';
  readonly 'lot.used': 'lot';
  readonly 'lot.described': 'lot';
  readonly 'germination.begun': 'lot';
  readonly 'germination.counted': 'lot';
}

/** Of one lot. The drawer is small, and asked for whatever year it is. */
const ofLot = {
  version: 1,
  structural: true,
  clockDays: true,
  subjects: ({ lot }: { readonly lot: string }, each: (type: 'lot', id: string) => void): void =>
    each('lot', lot),
} as const;

export const SEED_KINDS: KindDefinitions<SeedBodies, SeedAbout> = {
  'fruit.opened': {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ bloom }, each) => each('bloom', bloom),
  },
  'seed.extracted': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: ({ lot, of }, each) => {
      each('lot', lot);
      for (const { bloom } of of) each('bloom', bloom);
    },
  },
  'seed.prepared': ofLot,
  // Version 2: what is told of it.
  'lot.received': { ...ofLot, version: 2 },
  'lot.filled': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: ({ lot, from }, each) => {
      each('lot', lot);
      for (const source of from) each('lot', source.lot);
    },
  },
  'lot.measured': ofLot,
  'lot.used': ofLot,
  'lot.described': ofLot,
  'germination.begun': ofLot,
  'germination.counted': ofLot,
};
