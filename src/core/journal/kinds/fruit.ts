import type { KindDefinitions } from './definition';

export const LOOK_FINDINGS = ['growing', 'unsure', 'misshapen', 'yellowing', 'gone'] as const;
export type LookFinding = (typeof LOOK_FINDINGS)[number];

/** Causes of failure, in terms of what is seen rather than of what is guessed. */
export const CAUSES = [
  'neverPollinated',
  'partlyPollinated',
  'blossomEndRot',
  'tooMuchFruit',
  'heatOrCold',
  'rain',
  'wetRot',
  'pest',
  'handled',
  'unknown',
] as const;
export type Cause = (typeof CAUSES)[number];

export const TAG_STATES = ['there', 'gone'] as const;
export type TagState = (typeof TAG_STATES)[number];

/** `thinned`: taken off by choice; `lost`: to something that is no fault of the pollination. */
export const FRUIT_REMOVALS = ['thinned', 'lost'] as const;
export type FruitRemoval = (typeof FRUIT_REMOVALS)[number];

export const HARVEST_USES = ['seed', 'eat'] as const;
export type HarvestUse = (typeof HARVEST_USES)[number];

/** What became of a pollinated flower. */
export interface FruitBodies {
  looked: {
    readonly flower: string;
    readonly seen: LookFinding;
    readonly cause?: Cause;
    readonly tag?: TagState;
  };
  removed: { readonly flower: string; readonly how: FruitRemoval };
  harvested: {
    readonly flower: string;
    readonly use: HarvestUse;
    readonly tagThere: boolean;
    /** The mother looked healthy and true to its variety. */
    readonly typical: boolean;
  };
}

export const FRUIT_KINDS: KindDefinitions<FruitBodies> = {
  looked: { version: 1, structural: false, subjects: ({ flower }, each) => each('flower', flower) },
  removed: { version: 1, structural: false, subjects: ({ flower }, each) => each('flower', flower) },
  harvested: { version: 1, structural: false, subjects: ({ flower }, each) => each('flower', flower) },
};
