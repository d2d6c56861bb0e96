import type { Day, Instant } from '../../time/types';
import type { KindDefinitions } from './definition';

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
  readonly flower: string;
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
  readonly flowers: readonly string[];
}

export interface PollinateStop extends StopBase {
  readonly kind: 'pollinate';
  readonly flower: string;
  readonly donors: readonly Donor[];
}

export type Stop = PickStop | PollinateStop;

/** The morning round: its plan, and what was done at each stop. */
export interface RoundBodies {
  'round.planned': { readonly round: string; readonly morning: Day; readonly stops: readonly Stop[] };
  picked: {
    readonly round: string;
    readonly stop: string;
    readonly plant: string;
    readonly flowers: readonly string[];
    readonly spoiled: readonly { readonly flower: string; readonly why: MissedReason }[];
  };
  pollinated: {
    readonly flower: string;
    readonly plant: string;
    readonly round: string;
    readonly stop: string;
    readonly donors: readonly Donor[];
    readonly found: Finding;
    readonly method: PollinationMethod;
    readonly shutAgain: boolean;
    readonly tagged: boolean;
  };
  missed: {
    readonly flower: string;
    readonly plant: string;
    readonly round: string;
    readonly stop: string;
    readonly why: MissedReason;
  };
}

export const ROUND_KINDS: KindDefinitions<RoundBodies> = {
  'round.planned': { version: 1, structural: false, subjects: ({ round }, each) => each('round', round) },
  picked: {
    version: 1,
    structural: false,
    subjects: ({ round, flowers, spoiled }, each) => {
      each('round', round);
      for (const flower of flowers) each('flower', flower);
      for (const { flower } of spoiled) each('flower', flower);
    },
  },
  pollinated: {
    version: 1,
    structural: false,
    subjects: ({ round, flower }, each) => {
      each('round', round);
      each('flower', flower);
    },
  },
  missed: {
    version: 1,
    structural: false,
    subjects: ({ round, flower }, each) => {
      each('round', round);
      each('flower', flower);
    },
  },
};
