import type { PollinationMethod } from '../../crops/crop';
import type { Outing } from '../../crops/outing';
import type { Day } from '../../time/types';
import type { Donor, Stop } from './stops';

/** How a covered flower was found in the morning. `torn`: its cover was, and the petals were shut and whole. */
export const FINDINGS = ['shut', 'torn', 'hole', 'insect', 'open', 'wilted'] as const;

export type Finding = (typeof FINDINGS)[number];

/**
 * Why a flower of the plan was not pollinated. `notYet`: still green and shut, covered a day too early; under its cover
 * it waits for the next day. `leftToInsects`: on purpose, to compare.
 */
export const MISSED_REASONS = [
  'notYet',
  'hole',
  'open',
  'torn',
  'insect',
  'wilted',
  'broke',
  'notFound',
  'noPollen',
  'leftToInsects',
  'skipped',
] as const;

export type MissedReason = (typeof MISSED_REASONS)[number];

/** Is it how a flower was found, so that it may be pollinated all the same? */
export const isFinding = (why: MissedReason): why is Finding & MissedReason =>
  (FINDINGS as readonly string[]).includes(why);

/** Was the brush or swab a clean one, or had it been on another variety? */
export const TOOL_STATES = ['clean', 'used'] as const;

export type ToolState = (typeof TOOL_STATES)[number];

/** Hands that had been on another variety that crosses: were they cleaned before this? */
export interface HandsState {
  /** The variety. */
  readonly of: string;
  readonly state: ToolState;
}

/** How a cover was found when it came off, the better first. `whole`: the grower took it off. */
export const COVER_FINDINGS = ['whole', 'loose', 'torn', 'off'] as const;

export type CoverFinding = (typeof COVER_FINDINGS)[number];

/** What one outing's work was split into: each person walks a round of their own. */
export interface RoundShare {
  /** Rounds of one split have the same. */
  readonly split: string;
  /** From 1. */
  readonly person: number;
  readonly people: number;
}

/** Pollination: the round's plan and what was done at each stop, and flowers pollinated without either. */
export interface RoundBodies {
  'round.planned': {
    readonly round: string;
    /** The day whose flowers it serves; a round from dusk crosses midnight. */
    readonly day: Day;
    /** Without it the morning. */
    readonly outing?: Outing;
    /** Missing where one person does all. */
    readonly share?: RoundShare;
    readonly stops: readonly Stop[];
  };
  picked: {
    readonly round: string;
    readonly stop: string;
    readonly plant: string;
    readonly blooms: readonly string[];
    readonly spoiled: readonly { readonly bloom: string; readonly why: MissedReason }[];
    /** The day that it serves, where one of them was not open yet, or gives pollen on other days as well. */
    readonly day?: Day;
    /** Noted where they come from another variety that crosses. */
    readonly hands?: HandsState;
  };
  pollinated: {
    /** One by itself, or a cohort. */
    readonly bloom: string;
    readonly plant: string;
    /** Where no round led to it, both are missing. */
    readonly round?: string;
    readonly stop?: string;
    /** The day that it serves, where it is not the one on which the bloom opened. */
    readonly day?: Day;
    /** Which pollination of it this is, from the second on. */
    readonly application?: number;
    /** What it was meant for, where that is not the variety with itself. */
    readonly mating?: string;
    /** The entry that said of that mating what was known when it was pollinated. */
    readonly matingEntry?: string;
    /** Flowers of a cohort that were pollinated, beyond those that the entries in `after` had counted. */
    readonly count?: number;
    readonly after?: readonly string[];
    readonly donors: readonly Donor[];
    readonly found: Finding;
    readonly method: PollinationMethod;
    /** Noted where the brush could have come from a variety that crosses. */
    readonly tool?: ToolState;
    readonly hands?: HandsState;
    /** A male that was past its best: it sets less often. */
    readonly faded?: true;
    /** Minutes for which it stood open before it was shut again, where that was longer than the work takes. */
    readonly openMinutes?: number;
    readonly shutAgain: boolean;
    readonly tagged: boolean;
  };
  missed: {
    readonly bloom: string;
    readonly plant: string;
    readonly round?: string;
    readonly stop?: string;
    /** The day that was missed, where it is not the one on which the bloom opened. */
    readonly day?: Day;
    /** Of a cohort: how many of it, besides those that got pollen. */
    readonly count?: number;
    readonly why: MissedReason;
  };
  /** A cover that is not there any more. */
  uncovered: {
    readonly bloom: string;
    readonly plant: string;
    readonly found: CoverFinding;
    /** The day on which it came off, torn or loose, where that is known. */
    readonly day?: Day;
  };
  /** A stop that needs no flower's answer was left as it is. */
  'stop.left': { readonly round: string; readonly stop: string; readonly plant: string };
  /** One of a cohort gets a tag of its own, and is followed by itself from then on. */
  tagged: { readonly bloom: string; readonly of: string; readonly plant: string; readonly code: string };
}
