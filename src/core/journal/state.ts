import type { PollinationMethod, RowMethod, Part } from '../crops/crop';
import type { CropId } from '../crops/catalogue';
import type { Outing } from '../crops/outing';
import type { OwnPollenRule, Purpose } from '../crops/variety';
import type { Day, Instant } from '../time/types';
import type { DayWeather } from '../weather/dayWeather';
import type { Reading } from '../weather/readings';
import type { EntryOf, Envelope } from './entry';
import type {
  Cause,
  FruitEnd,
  FruitRemoval,
  FruitSign,
  HarvestUse,
  LookFinding,
  TagState,
} from './kinds/fruit';
import type { Bodies } from './kinds/kinds';
import type { ReadingSource, SEEN_HOURS } from './kinds/weather';
import type {
  CoverFinding,
  Finding,
  HandsState,
  MissedReason,
  RoundShare,
  ToolState,
} from './kinds/roundBodies';
import type { Donor, Stop } from './kinds/stops';
import type { Role } from './kinds/role';
import type { SeedLoss, Taste } from './kinds/seed';
import type { Dealt, TrialSide } from './kinds/trial';
import type { BloomSex, BudCount, CoverMethod, PollenFlight } from './kinds/walk';

export type Garden = Bodies['garden.described'] & { readonly id: string };
export type Device = Bodies['device.named'] & { readonly device: string };
export type Season = Bodies['season.named'];
export type Bed = Bodies['bed.laid'];
/**
 * `flowered`: the days on which a grower noted its first flower, of whatever year and of no planting in particular,
 * the earliest first. `over`: likewise those after which no flower of it opened. `purposes`: what it was grown for, and
 * from when on; the earliest first.
 */
export type Variety = Bodies['variety.described'] & {
  readonly flowered: readonly Day[];
  readonly over: readonly Day[];
  readonly purposes: readonly PurposeSince[];
  /** The entry that described it last. */
  readonly describedBy: string;
};

export interface PurposeSince {
  readonly from: Instant;
  readonly purpose: Purpose;
  readonly ownPollen: OwnPollenRule;
}

export type Planting = Bodies['planting.set'] & Pick<Variety, 'flowered' | 'over'>;
/** What an entry said of a mating. */
export type MatingSaid = Bodies['mating.set'] & Pick<Envelope, 'id' | 'lamport' | 'device' | 'at'>;
/** As it is now; `versions`: all that was ever said of it, the earliest first. */
export type Mating = Omit<MatingSaid, 'at'> & { readonly versions: readonly MatingSaid[] };
/**
 * `from`: when it was set up; `sets`: what stood in it from when on, the earliest first; `openOn`: the days on which it
 * stood open to insects; `stocked`: when insects were put in, the earliest first.
 */
export type Cage = Bodies['cage.set'] & {
  readonly from: Instant;
  readonly sets: readonly { readonly at: Instant; readonly plants: readonly string[] }[];
  readonly openOn: readonly Day[];
  readonly stocked?: readonly Omit<Bodies['cage.stocked'], 'cage'>[];
};
/** `fills`: what was put into it each time, the earliest first. */
export type PollenMix = Bodies['pollen.mixed'] & {
  readonly at: Instant;
  readonly fills: readonly { readonly at: Instant; readonly of: readonly string[] }[];
  /** Used up or thrown away, and not filled since. */
  readonly emptied?: Instant;
};
type WaysState = Bodies['ways.set'];
type TieState = Bodies['tie.set'];
export type Barrier = Bodies['barrier.set'];
export type Outside = Bodies['outside.described'];
/** `looked`: how far somebody looked around, and for what. */
export type Surroundings = Partial<Bodies['surroundings.described']> & {
  readonly looked: readonly Bodies['surroundings.looked'][];
};

export interface Plant {
  readonly plant: string;
  readonly bed: string;
  readonly row: number;
  readonly place: number;
  /** More than one of a stand that nobody numbers. */
  readonly count: number;
  readonly variety: string;
  readonly planting?: string;
  /** `ended`: with its season. */
  readonly removed?: {
    readonly why: Bodies['plant.removed']['why'] | 'ended';
    readonly at: Instant;
  };
  /** How it looked when that was last noted. */
  readonly noted?: Omit<Bodies['plant.noted'], 'plant'> & { readonly at: Instant };
  readonly selected?: Omit<Bodies['plant.selected'], 'plant'>;
}

/** What was seen and covered at one plant for the flowers of one day. */
export interface Walk {
  readonly plant: string;
  readonly day: Day;
  readonly at: Instant;
  readonly eve: BudCount;
  readonly green: BudCount;
  readonly pin?: BudCount;
  /** There was nothing to cover. */
  readonly swept?: true;
  /** All its open flowers were shaken or brushed. */
  readonly rowPollinated?: RowPollinated;
  /** Flowers found open on the day. */
  readonly open?: BudCount;
  /** Flowers covered or marked on that visit for the day. */
  readonly blooms: readonly string[];
  /** What was covered green on that visit, and what was found receptive for the day. */
  readonly coveredGreen: readonly string[];
  readonly receptive: readonly string[];
  /** Entries to amend when the visit is corrected: what was counted last, and all that say what was covered. */
  readonly scoutedEntry?: string;
  readonly countedEntry?: string;
  readonly coveredEntries: readonly string[];
  /** Fruit that had set by itself and was taken off on the day. */
  readonly stripped?: number;
  readonly coveredGreenEntries: readonly string[];
  readonly receptiveEntries: readonly string[];
  readonly emasculatedEntries: readonly string[];
}

export interface RowPollinated {
  readonly at: Instant;
  readonly method: RowMethod;
  readonly device: string;
  /** Did pollen fly? Missing where nobody looked. */
  readonly flew?: PollenFlight;
}

export interface Pollination {
  readonly at: Instant;
  readonly donors: readonly Donor[];
  readonly found: Finding;
  readonly method: PollinationMethod;
  readonly tool?: ToolState;
  readonly hands?: HandsState;
  readonly faded?: true;
  readonly openMinutes?: number;
  readonly shutAgain: boolean;
  readonly tagged: boolean;
  /** Which pollination of the bloom it is, from 1; two of one number are one that two devices recorded. */
  readonly application: number;
  /** What it was meant for, where that was not the variety with itself, and the entry that said so then. */
  readonly mating?: string;
  readonly matingEntry?: string;
  /** Of a cohort: how many it pollinated for the first time. */
  readonly count?: number;
  /** The day it serves, where it is not the one on which the bloom opened. */
  readonly day?: Day;
  readonly device: string;
  readonly entry: string;
}

export interface Look {
  readonly at: Instant;
  readonly seen: LookFinding;
  readonly cause?: Cause;
  readonly signs?: readonly FruitSign[];
  readonly without?: readonly FruitSign[];
  readonly tag?: TagState;
  readonly mm?: number;
  /** Of a cohort: how many were growing, of how many. */
  readonly growing?: number;
  readonly of?: number;
  readonly misshapen?: number;
  readonly entry: string;
}

/** Some of a cohort's fruits that were picked. */
interface Picks {
  readonly use: HarvestUse;
  readonly at: Instant;
  readonly count: number;
  /** What they weighed together. */
  readonly grams?: number;
}

/** Pollen that was taken of a bloom. */
export interface Picked {
  readonly at: Instant;
  /** The day that it serves, where it gives pollen on others as well. */
  readonly day?: Day;
  readonly hands?: HandsState;
  readonly entry: string;
}

export interface Retag {
  readonly at: Instant;
  readonly was: Bodies['retagged']['was'];
  /** The code of the tag before. */
  readonly before: string;
  /** The fruit with which it was swapped. */
  readonly other?: string;
}

/** A cover that came off: when that was noted, how it was found, and the day on which it happened where that is known. */
export interface Uncovering {
  readonly at: Instant;
  readonly found: CoverFinding;
  readonly day?: Day;
}

/** Two devices recorded one flower: both entries stay, both count as evidence, and the grower is told. */
export interface Conflict {
  readonly believed: string;
  readonly other: string;
}

/** A stop at which the flower was not pollinated, and why. */
export interface Missed {
  readonly why: MissedReason;
  readonly at: Instant;
  /** The day that was missed, where it is not the one on which the bloom opened. */
  readonly day?: Day;
  /** Of a cohort: how many of it, besides those that got pollen. */
  readonly count?: number;
  readonly device: string;
  readonly entry: string;
}

/**
 * What is followed from bud to harvest: one flower with a tag or without, or a cohort of flowers that nobody tells
 * apart.
 */
export interface Bloom {
  readonly bloom: string;
  readonly plant: string;
  readonly part: Part;
  /** 1, or how many flowers of a cohort were pollinated. */
  readonly count: number;
  /** Two devices counted a cohort without knowing of each other. */
  readonly countClash?: true;
  /** The entries that counted a cohort; who adds to it names them. */
  readonly countedBy: readonly string[];
  /** Blooms of a cohort that have got a tag of their own. */
  readonly members: readonly string[];
  /** The cohort it was one of: what was done to that until it got its own tag was done to it. */
  readonly of?: string;
  readonly taggedAt?: Instant;
  readonly sex: BloomSex | undefined;
  /** Of several tags the last. */
  readonly code: string;
  /** Other tags that it got later than its first, and what was known of the one before. */
  readonly retags?: readonly Retag[];
  readonly role: Role;
  /** The day it was expected to open, or can be pollinated from; `undefined` while it waits under its cover. */
  readonly day: Day | undefined;
  readonly cover?: { readonly method: CoverMethod; readonly at: Instant };
  readonly emasculated?: { readonly at: Instant };
  /** The cover came off: the worst of what was found. */
  readonly uncovered?: Uncovering;
  /** All that was found of that, where it is more than one. */
  readonly uncoverings?: readonly Uncovering[];
  /** When its pollen was taken: a male once, what bears as well on several days. */
  readonly picked?: Picked;
  readonly pickedBefore?: readonly Picked[];
  /** A male found unfit at picking. */
  readonly spoiled?: { readonly why: MissedReason; readonly at: Instant; readonly entry: string };
  /** The day on which it was kept of fruit that had set by itself; when it opened nobody knows. */
  readonly keptOn?: Day;
  /** The earliest pollination, whoever recorded it. */
  readonly pollination?: Pollination;
  /** Later pollinations of the same female. */
  readonly laterPollinations: readonly Pollination[];
  /** The day on which it was first expected, where it was found not open yet since. */
  readonly putOffFrom?: Day;
  /** What became of it if it was never pollinated: the last that was reported, but for not being open yet. */
  readonly missed?: Missed;
  /**
   * All reports of why it was not pollinated, also of a flower that another device pollinated, and of a male that was not
   * open yet.
   */
  readonly reports: readonly Missed[];
  readonly looks: readonly Look[];
  /** All of it, or the last that was left. */
  readonly removed?: {
    readonly how: FruitRemoval | FruitEnd;
    readonly at: Instant;
    /** Until when it was there, where that is not the day on which it was noted. */
    readonly day?: Day;
  };
  /** Some of a cohort that were taken off, each time. */
  readonly thinned?: readonly { readonly how: FruitRemoval; readonly at: Instant; readonly count: number }[];
  readonly harvest?: Omit<Bodies['harvested'], 'bloom' | 'count'> & { readonly at: Instant };
  /** Some of a cohort that were picked, each time. */
  readonly picks?: readonly Picks[];
  readonly conflicts: readonly Conflict[];
  /** It was opened for its seed: the worst of what was tasted, and why it gave none. */
  readonly opened?: { readonly day: Day; readonly taste?: Taste; readonly none?: SeedLoss };
  /** The lots that its seed went into, in the order of the entries. */
  readonly lots?: readonly string[];
  /** The way of a trial that fell to it. */
  readonly dealt?: { readonly trial: string; readonly side: TrialSide };
}

/** What became of a stop, and the entry that says so. */
export interface StopDone {
  readonly stop: string;
  /** Missing where several say it together. */
  readonly entry?: string;
  readonly at: Instant;
  readonly outcome: 'done' | MissedReason;
}

export interface Round {
  readonly round: string;
  readonly day: Day;
  readonly outing: Outing;
  /** Missing where one person does all. */
  readonly share?: RoundShare;
  readonly stops: readonly Stop[];
  /** The plan that holds. */
  readonly planned: Pick<Envelope, 'id' | 'lamport' | 'device' | 'at'>;
  readonly done: ReadonlyMap<string, StopDone>;
}

/** What was measured or forecast of a day, an hour at most once, in order of time. */
export interface HourlyReadings {
  readonly day: Day;
  readonly readings: readonly Reading[];
  /** Of all the readings the least believed source. */
  readonly source: ReadingSource;
}

/** How the flowers of a crop were found at a moment. */
export interface SeenHour {
  readonly day: Day;
  readonly at: Instant;
  readonly seen: (typeof SEEN_HOURS)[number];
}

/** What was noted of the hours of a crop's flowers. */
export interface SeenHours {
  readonly crop: CropId;
  readonly seen: readonly SeenHour[];
}

/** Two ways that are tried against each other, and the flowers that were dealt to them so far. */
export type Trial = Bodies['trial.planned'] & {
  readonly plannedAt: Instant;
  /** Each flower once, in the order of the entries. */
  readonly dealt: readonly (Dealt & { readonly day: Day })[];
  readonly endedAt?: Instant;
};

/** What was recorded of some seed, as it was: `core/seed` reads it. */
export interface Lot {
  readonly lot: string;
  readonly 'seed.extracted': readonly EntryOf<'seed.extracted'>[];
  readonly 'seed.prepared': readonly EntryOf<'seed.prepared'>[];
  readonly 'lot.received': readonly EntryOf<'lot.received'>[];
  /** Into it, and out of it. */
  readonly 'lot.filled': readonly EntryOf<'lot.filled'>[];
  readonly 'lot.measured': readonly EntryOf<'lot.measured'>[];
  readonly 'lot.used': readonly EntryOf<'lot.used'>[];
  readonly 'lot.described': EntryOf<'lot.described'> | undefined;
  readonly 'germination.begun': readonly EntryOf<'germination.begun'>[];
  readonly 'germination.counted': readonly EntryOf<'germination.counted'>[];
}

export interface States {
  garden: Garden;
  device: Device;
  season: Season;
  surroundings: Surroundings;
  bed: Bed;
  variety: Variety;
  planting: Planting;
  mating: Mating;
  cage: Cage;
  barrier: Barrier;
  outside: Outside;
  plant: Plant;
  walk: Walk;
  bloom: Bloom;
  pollen: PollenMix;
  round: Round;
  weather: DayWeather;
  readings: HourlyReadings;
  hours: SeenHours;
  tie: TieState;
  ways: WaysState;
  trial: Trial;
  lot: Lot;
  blossoms: Bodies['blossoms.picked'];
  blossomPrice: Bodies['blossoms.priced'];
}
