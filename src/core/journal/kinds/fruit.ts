import type { KindDefinitions, SubjectCallback } from './definition';
import { upcastBlooms } from './renamed';

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
    readonly bloom: string;
    readonly seen: LookFinding;
    readonly cause?: Cause;
    readonly tag?: TagState;
    /** Of a cohort: how many were growing, of how many that were looked for. */
    readonly growing?: number;
    readonly of?: number;
  };
  removed: { readonly bloom: string; readonly how: FruitRemoval };
  harvested: {
    readonly bloom: string;
    readonly use: HarvestUse;
    readonly tagThere: boolean;
    /** The mother looked healthy and true to its variety. */
    readonly typical: boolean;
  };
}

const ABOUT_A_BLOOM = {
  version: 2,
  structural: false,
  upcast: upcastBlooms,
  subjects: ({ bloom }: { readonly bloom: string }, each: SubjectCallback) => each('bloom', bloom),
} as const;

export const FRUIT_KINDS: KindDefinitions<FruitBodies> = {
  looked: ABOUT_A_BLOOM,
  removed: ABOUT_A_BLOOM,
  harvested: ABOUT_A_BLOOM,
};
