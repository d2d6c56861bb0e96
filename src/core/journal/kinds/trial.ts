import type { CarryingMethod } from '../../crops/crop';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

/** What two ways of a trial may differ in. */
export const TRIAL_COMPARISONS = ['males', 'method', 'pollen', 'hours', 'insects'] as const;
export type TrialComparison = (typeof TRIAL_COMPARISONS)[number];

export const TRIAL_POLLEN = ['own', 'others'] as const;
export const TRIAL_HOURS = ['early', 'late'] as const;

/** One of the two ways of a trial: what it lays down, and nothing else. */
export interface TrialWay {
  /** Male flowers for each female. */
  readonly males?: number;
  readonly method?: CarryingMethod;
  /** Whose pollen: that of her own plant, or of others only. */
  readonly pollen?: (typeof TRIAL_POLLEN)[number];
  /** In which half of the hours that are good for her. */
  readonly hours?: (typeof TRIAL_HOURS)[number];
  /** Left to the insects. */
  readonly insects?: true;
}

/** Which of the two ways: the first or the second. */
export const TRIAL_SIDES = [0, 1] as const;
export type TrialSide = (typeof TRIAL_SIDES)[number];

/** A flower, or the flowers of a visit, that a way fell to. */
export interface Dealt {
  readonly bloom: string;
  readonly plant: string;
  readonly side: TrialSide;
}

/** Two ways tried on the same plants, dealt at random in pairs. */
export interface TrialBodies {
  'trial.planned': {
    readonly trial: string;
    readonly variety: string;
    readonly compares: TrialComparison;
    readonly ways: readonly [TrialWay, TrialWay];
    /** So many pairs shall be known. */
    readonly pairs: number;
    /** The difference between the shares that set for which it was planned, 0 to 1. */
    readonly difference: number;
    /** First day on which flowers are dealt. */
    readonly from: Day;
  };
  /** Before anything is done to them, so that nobody chooses afterwards. */
  'trial.dealt': { readonly trial: string; readonly day: Day; readonly dealt: readonly Dealt[] };
  /** No more flowers are dealt from then on. */
  'trial.ended': { readonly trial: string };
}

/** The subjects that entries of each kind may name. */
export interface TrialAbout {
  readonly 'trial.planned': 'trial';
  readonly 'trial.dealt': 'trial' | 'bloom';
  readonly 'trial.ended': 'trial';
}

export const TRIAL_KINDS: KindDefinitions<TrialBodies, TrialAbout> = {
  'trial.planned': {
    // Version 2: the father's anthers.
    version: 2,
    structural: true,
    clockDays: true,
    subjects: ({ trial }, each) => each('trial', trial),
  },
  'trial.dealt': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: ({ trial, dealt }, each) => {
      each('trial', trial);
      for (const { bloom } of dealt) each('bloom', bloom);
    },
  },
  'trial.ended': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ trial }, each) => each('trial', trial),
  },
};
