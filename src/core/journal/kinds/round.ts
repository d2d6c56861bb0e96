import type { Day, Instant } from '../../time/types';
import type { KindDefinitions } from './definition';
import { upcastBlooms } from './renamed';

/** How a covered flower was found in the morning. */
export const FINDINGS = ['shut', 'hole', 'insect', 'open', 'wilted'] as const;
export type Finding = (typeof FINDINGS)[number];

/** Why a flower of the plan was not pollinated. */
export const MISSED_REASONS = [
  'hole',
  'insect',
  'open',
  'wilted',
  'broke',
  'notFound',
  'noPollen',
  'skipped',
] as const;
export type MissedReason = (typeof MISSED_REASONS)[number];

export const POLLINATION_METHODS = ['maleFlower', 'brush', 'swab'] as const;
export type PollinationMethod = (typeof POLLINATION_METHODS)[number];

export interface Donor {
  readonly plant: string;
  /** The male flower's id; empty when only its plant is known. */
  readonly bloom: string;
}

interface StopBase {
  readonly stop: string;
  readonly plant: string;
  readonly variety: string;
  /** Estimated arrival. */
  readonly eta: Instant;
}

export interface PickStop extends StopBase {
  readonly kind: 'pick';
  readonly blooms: readonly string[];
}

export interface PollinateStop extends StopBase {
  readonly kind: 'pollinate';
  readonly bloom: string;
  readonly donors: readonly Donor[];
}

export type Stop = PickStop | PollinateStop;

/** Pollination: the round's plan and what was done at each stop, and flowers pollinated without either. */
export interface RoundBodies {
  'round.planned': { readonly round: string; readonly day: Day; readonly stops: readonly Stop[] };
  picked: {
    readonly round: string;
    readonly stop: string;
    readonly plant: string;
    readonly blooms: readonly string[];
    readonly spoiled: readonly { readonly bloom: string; readonly why: MissedReason }[];
  };
  pollinated: {
    /** One by itself, or a cohort. */
    readonly bloom: string;
    readonly plant: string;
    /** Where no round led to it, both are missing. */
    readonly round?: string;
    readonly stop?: string;
    /** Flowers of a cohort that were pollinated, beyond those that the entries in `after` had counted. */
    readonly count?: number;
    readonly after?: readonly string[];
    readonly donors: readonly Donor[];
    readonly found: Finding;
    readonly method: PollinationMethod;
    readonly shutAgain: boolean;
    readonly tagged: boolean;
  };
  missed: {
    readonly bloom: string;
    readonly plant: string;
    readonly round: string;
    readonly stop: string;
    readonly why: MissedReason;
  };
  /** One of a cohort gets a tag of its own, and is followed by itself from then on. */
  tagged: { readonly bloom: string; readonly of: string; readonly plant: string; readonly code: string };
}

export const ROUND_KINDS: KindDefinitions<RoundBodies> = {
  'round.planned': {
    version: 2,
    structural: false,
    upcast: upcastBlooms,
    subjects: ({ round }, each) => each('round', round),
  },
  picked: {
    version: 2,
    structural: false,
    upcast: upcastBlooms,
    subjects: ({ round, blooms, spoiled }, each) => {
      each('round', round);
      for (const flower of blooms) each('bloom', flower);
      for (const { bloom } of spoiled) each('bloom', bloom);
    },
  },
  pollinated: {
    version: 2,
    structural: false,
    upcast: upcastBlooms,
    subjects: ({ round, bloom }, each) => {
      if (round !== undefined) each('round', round);
      each('bloom', bloom);
    },
  },
  missed: {
    version: 2,
    structural: false,
    upcast: upcastBlooms,
    subjects: ({ round, bloom }, each) => {
      each('round', round);
      each('bloom', bloom);
    },
  },
  tagged: {
    version: 1,
    structural: false,
    subjects: ({ bloom, of }, each) => {
      each('bloom', bloom);
      each('bloom', of);
    },
  },
};
