import type { PollinationMethod } from '../../crops/crop';
import type { Outing } from '../../crops/outing';
import type { Day, Instant } from '../../time/types';
import type { KindDefinitions } from './definition';
import type { Flower1 } from './renamed';

/** How a covered flower was found in the morning. `torn`: its cover was, and the petals were shut and whole. */
export const FINDINGS = ['shut', 'torn', 'hole', 'insect', 'open', 'wilted'] as const;
export type Finding = (typeof FINDINGS)[number];

/**
 * Why a flower of the plan was not pollinated. `notYet`: still green and shut, covered a day too early; under its cover
 * it waits for the next day.
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
  'skipped',
] as const;
export type MissedReason = (typeof MISSED_REASONS)[number];

/** Was the brush or swab a clean one, or had it been on another variety? */
export const TOOL_STATES = ['clean', 'used'] as const;
export type ToolState = (typeof TOOL_STATES)[number];

export interface Donor {
  /** Empty for pollen of several plants. */
  readonly plant: string;
  /** The male flower's id, or that of a portion of mixed pollen; empty when only its plant is known. */
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
  /** Which pollination of it this is, from the second on. */
  readonly application?: number;
  /** The variety that is to father the seed, where it is another. */
  readonly father?: string;
  readonly donors: readonly Donor[];
}

/** Covers come off that have done their work, at one plant. */
export interface UncoverStop extends StopBase {
  readonly kind: 'uncover';
  readonly blooms: readonly string[];
}

/** A plant carries more than it ripens: these are taken off. */
export interface ThinStop extends StopBase {
  readonly kind: 'thin';
  readonly blooms: readonly string[];
}

/** Fruit that set by itself is taken off, before flowers are pollinated for seed. */
export interface StripStop extends StopBase {
  readonly kind: 'strip';
}

export type Stop = PickStop | PollinateStop | UncoverStop | ThinStop | StripStop;

/** What is done at a plant without any pollen, before it is planned when. */
export type Chore =
  Omit<UncoverStop, 'stop' | 'eta'> | Omit<ThinStop, 'stop' | 'eta'> | Omit<StripStop, 'stop' | 'eta'>;

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
    /** Flowers of a cohort that were pollinated, beyond those that the entries in `after` had counted. */
    readonly count?: number;
    readonly after?: readonly string[];
    readonly donors: readonly Donor[];
    readonly found: Finding;
    readonly method: PollinationMethod;
    /** Noted where the brush could have come from a variety that crosses. */
    readonly tool?: ToolState;
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

type Donor1 = Flower1 & { readonly plant: string };
type Stop1 =
  | (Omit<PickStop, 'blooms'> & { readonly flowers: readonly string[] })
  | (Omit<PollinateStop, 'bloom' | 'donors'> & Flower1 & { readonly donors: readonly Donor1[] });
interface Planned1 {
  readonly round: string;
  readonly morning: Day;
  readonly stops: readonly Stop1[];
}
type Picked1 = Pick<RoundBodies['picked'], 'round' | 'stop' | 'plant'> & {
  readonly flowers: readonly string[];
  readonly spoiled: readonly (Flower1 & { readonly why: MissedReason })[];
};
type Pollinated1 = Required<Pick<RoundBodies['pollinated'], 'round' | 'stop'>> &
  Omit<RoundBodies['pollinated'], 'bloom' | 'donors'> &
  Flower1 & { readonly donors: readonly Donor1[] };
type Missed1 = Required<Pick<RoundBodies['missed'], 'round' | 'stop'>> &
  Omit<RoundBodies['missed'], 'bloom'> &
  Flower1;

const upcastDonors = (donors: readonly Donor1[]): Donor[] =>
  donors.map(({ plant, flower }) => ({ plant, bloom: flower }));

function upcastStop(old: Stop1): Stop {
  const { stop, plant, variety, eta } = old;
  if (old.kind === 'pick') return { stop, kind: 'pick', plant, variety, eta, blooms: old.flowers };
  const donors = upcastDonors(old.donors);
  return { stop, kind: 'pollinate', plant, variety, eta, bloom: old.flower, donors };
}

function upcastPlanned(body: object): RoundBodies['round.planned'] {
  if (!('morning' in body)) return body as RoundBodies['round.planned'];
  const { round, morning, stops } = body as Planned1;
  return { round, day: morning, stops: stops.map(upcastStop) };
}

function upcastPicked(body: object): RoundBodies['picked'] {
  if (!('flowers' in body)) return body as RoundBodies['picked'];
  const { round, stop, plant, flowers, spoiled } = body as Picked1;
  return {
    round,
    stop,
    plant,
    blooms: flowers,
    spoiled: spoiled.map(({ flower, why }) => ({ bloom: flower, why })),
  };
}

function upcastPollinated(body: object): RoundBodies['pollinated'] {
  if (!('flower' in body)) return body as RoundBodies['pollinated'];
  const { flower, plant, round, stop, donors, found, method, shutAgain, tagged } = body as Pollinated1;
  return {
    bloom: flower,
    plant,
    round,
    stop,
    donors: upcastDonors(donors),
    found,
    method,
    shutAgain,
    tagged,
  };
}

function upcastMissed(body: object): RoundBodies['missed'] {
  if (!('flower' in body)) return body as RoundBodies['missed'];
  const { flower, plant, round, stop, why } = body as Missed1;
  return { bloom: flower, plant, round, stop, why };
}

/** The subjects that entries of each kind may name. */
export interface RoundAbout {
  readonly 'round.planned': 'round';
  readonly picked: 'round' | 'bloom';
  readonly pollinated: 'round' | 'bloom';
  readonly missed: 'round' | 'bloom';
  readonly uncovered: 'bloom';
  readonly 'stop.left': 'round';
  readonly tagged: 'bloom';
}

export const ROUND_KINDS: KindDefinitions<RoundBodies, RoundAbout> = {
  'round.planned': {
    // Version 3: stops without pollen.
    version: 3,
    structural: false,
    clockDays: true,
    upcast: upcastPlanned,
    subjects: ({ round }, each) => each('round', round),
  },
  picked: {
    // Version 3: a male that was not open yet.
    version: 3,
    structural: false,
    clockDays: true,
    upcast: upcastPicked,
    subjects: ({ round, blooms, spoiled }, each) => {
      each('round', round);
      for (const flower of blooms) each('bloom', flower);
      for (const { bloom } of spoiled) each('bloom', bloom);
    },
  },
  pollinated: {
    // Version 3: heads rubbed together.
    version: 3,
    structural: false,
    clockDays: true,
    upcast: upcastPollinated,
    subjects: ({ round, bloom }, each) => {
      if (round !== undefined) each('round', round);
      each('bloom', bloom);
    },
  },
  missed: {
    // Version 3: a flower that was not open yet.
    version: 3,
    structural: false,
    clockDays: true,
    upcast: upcastMissed,
    subjects: ({ round, bloom }, each) => {
      if (round !== undefined) each('round', round);
      each('bloom', bloom);
    },
  },
  uncovered: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ bloom }, each) => each('bloom', bloom),
  },
  'stop.left': {
    version: 1,
    structural: false,
    clockDays: false,
    subjects: ({ round }, each) => each('round', round),
  },
  tagged: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ bloom, of }, each) => {
      each('bloom', bloom);
      each('bloom', of);
    },
  },
};
