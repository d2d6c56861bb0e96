import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

export const BLOSSOM_USES = ['eat', 'sell'] as const;
export type BlossomUse = (typeof BLOSSOM_USES)[number];

/** What a grower asks for blossoms, in money of their own. */
export interface BlossomPrice {
  readonly piece?: number;
  /** Pieces in a case, and what it costs. */
  readonly inCase?: number;
  readonly case?: number;
  /** As it is written: `€`, `£`, `kr`. */
  readonly currency: string;
}

/** Male flowers that were picked to be eaten. */
export interface BlossomBodies {
  'blossoms.picked': {
    readonly pick: string;
    /** Of their opening. */
    readonly day: Day;
    readonly use: BlossomUse;
    /** Each plant once. */
    readonly of: readonly { readonly plant: string; readonly count: number }[];
    /** The grower says that nothing was sprayed on them that keeps them from being eaten. */
    readonly unsprayed: true;
    /** Of those sold, as it was that day. */
    readonly price?: BlossomPrice;
  };
  'blossoms.priced': BlossomPrice;
}

/** The subjects that entries of each kind may name. */
export interface BlossomAbout {
  readonly 'blossoms.picked': 'blossoms';
  readonly 'blossoms.priced': 'blossomPrice';
}

export const BLOSSOM_KINDS: KindDefinitions<BlossomBodies, BlossomAbout> = {
  'blossoms.picked': {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ pick }, each) => each('blossoms', pick),
  },
  'blossoms.priced': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: (_, each) => each('blossomPrice', ''),
  },
};
