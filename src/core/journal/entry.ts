import type { CropId } from '../crops/catalogue';
import type { Day, Instant } from '../time/types';

/** What the grower wants of a variety; it decides covers, males per female and how strict the chain is. */
export type Purpose = 'eat' | 'seedForFun' | 'seedToKeep' | 'rareOrSold';

/** Where the seed that was sown came from: link 0 of purity. */
export type SeedSource = 'ownGuarded' | 'boughtLine' | 'swapped' | 'openGarden' | 'f1' | 'unknown';

/** May a female take pollen of her own plant? `lastResort`: only when nothing else is there. */
export type OwnPollen = 'allowed' | 'lastResort' | 'never';

export type Sex = 'female' | 'male';

/** How a bud was kept shut. `none` marks a bud without covering it; `indoors` is a cut male stood in water. */
export type CoverMethod = 'tape' | 'cord' | 'bag' | 'peg' | 'indoors' | 'none';

/** How a covered flower was found in the morning. */
export type Found = 'shut' | 'hole' | 'insect' | 'open' | 'wilted';

/** Why a flower of the plan was not pollinated. */
export type MissedWhy = Exclude<Found, 'shut'> | 'broke' | 'notFound' | 'noPollen' | 'skipped';

export type LookSeen = 'growing' | 'unsure' | 'misshapen' | 'yellowing' | 'gone';

/** Causes of failure, in the words of what is seen rather than of what is guessed. */
export type Cause =
  | 'neverPollinated'
  | 'partlyPollinated'
  | 'blossomEndRot'
  | 'tooMuchFruit'
  | 'heatOrCold'
  | 'rain'
  | 'wetRot'
  | 'pest'
  | 'handled'
  | 'unknown';

/** What the endosperm of a corn is: it decides how a foreign kernel tastes or pops this very year. */
export type Kernel = 'sweet' | 'supersweet' | 'pop' | 'starchy';

/** What differs between varieties of one crop; a crop's `asks` says which of them it has. */
export interface VarietyTraits {
  /** Melon, watermelon: are the flowers that carry the fruit perfect or female? */
  readonly flowers?: 'perfect' | 'female';
  /** Sets fruit without pollen. */
  readonly setsAlone?: boolean;
  /** Has no male flowers of its own. */
  readonly allFemale?: boolean;
  /** Sets seedless fruit, and only by pollen of a seeded variety. */
  readonly seedless?: boolean;
  /** Does the style stand out of its cone, where insects reach it? */
  readonly style?: 'inset' | 'out';
  readonly kernel?: Kernel;
}

export type TraitName = keyof VarietyTraits;

/** When seed went into the ground, or plants raised elsewhere did. */
export interface Sowing {
  readonly how: 'sown' | 'plantedOut';
  readonly day: Day;
}

/** What stands in the way. Trellises and walls cannot be walked through; all but trellises hold pollen back. */
export type BarrierSort = 'trellis' | 'wall' | 'building' | 'hedge' | 'forage';

/** How much the land around lets pollen travel. */
export type Ground = 'sheltered' | 'mixed' | 'open';

/** How well something outside the garden is known. */
export type HowSure = 'seen' | 'told' | 'guessed';

/** Mean lowest and highest air temperature of the coldest and of the warmest month, °C. */
export interface Climate {
  readonly coldMin: number;
  readonly coldMax: number;
  readonly warmMin: number;
  readonly warmMax: number;
}

/** Metres east and north of the gate. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

export type BudCount = Readonly<Record<Sex, number>>;

export interface Donor {
  readonly plant: string;
  /** The male flower's id; empty when only its plant is known. */
  readonly flower: string;
}

export interface PickStop {
  readonly stop: string;
  readonly kind: 'pick';
  readonly plant: string;
  readonly variety: string;
  readonly flowers: readonly string[];
  /** Reckoned arrival. */
  readonly eta: Instant;
}

export interface PollinateStop {
  readonly stop: string;
  readonly kind: 'pollinate';
  readonly plant: string;
  readonly variety: string;
  readonly flower: string;
  readonly donors: readonly Donor[];
  readonly eta: Instant;
}

export type Stop = PickStop | PollinateStop;

/** What each kind of entry says. A body names its subjects by id; ids are ULIDs. */
export interface Bodies {
  'garden.described': {
    readonly name: string;
    readonly place: string;
    readonly latitude: number;
    readonly longitude: number;
    /** IANA zone. */
    readonly zone: string;
  };
  'device.named': { readonly letter: string; readonly name: string };
  'season.named': { readonly season: string; readonly name: string; readonly from: Day; readonly to: Day };
  'bed.laid': {
    readonly bed: string;
    readonly name: string;
    /** Corner nearest the gate, metres east and north of it. */
    readonly x: number;
    readonly y: number;
    /** Metres along the rows, and across them. */
    readonly length: number;
    readonly width: number;
    readonly rows: number;
    /** Degrees by which the rows are turned anticlockwise from east, about that corner. */
    readonly turn: number;
    /** Metres from plant to plant; left out where the plants of a row share its length evenly. */
    readonly every?: number;
  };
  'variety.described': {
    readonly variety: string;
    readonly name: string;
    readonly crop: CropId;
    readonly purpose: Purpose;
    readonly seedSource: SeedSource;
    readonly ownPollen: OwnPollen;
    readonly traits: VarietyTraits;
    readonly sowing?: Sowing;
    /** Days from sowing or planting out to the first flower, where the grower or the packet knows. */
    readonly daysToFlower?: number;
    /** Fruits wanted for seed. */
    readonly fruitWanted?: number;
  };
  /** The first flower, or for corn the first silk, that a grower saw of a variety. */
  'flowering.seen': { readonly variety: string; readonly day: Day };
  /** A stretch of something that stands in the way. */
  'barrier.set': {
    readonly barrier: string;
    readonly sort: BarrierSort;
    readonly from: Spot;
    readonly to: Spot;
  };
  /** Something outside the garden that sheds pollen: a neighbour's patch, a field, feral plants. */
  'outside.described': {
    readonly source: string;
    readonly name: string;
    readonly crop: CropId;
    readonly kernel?: Kernel;
    /** From the gate to its middle, metres, and degrees clockwise from north. */
    readonly distance: number;
    readonly bearing: number;
    /** How far it reaches from its middle, metres. */
    readonly radius: number;
    readonly plants: number;
    readonly sure: HowSure;
    readonly flowering?: { readonly from: Day; readonly to: Day };
  };
  'surroundings.described': { readonly ground: Ground; readonly climate?: Climate };
  /** Takes a thing off the plan; what was recorded of it stays. */
  'plan.removed': { readonly what: 'bed' | 'variety' | 'barrier' | 'outside'; readonly id: string };
  'plants.set': {
    readonly bed: string;
    readonly row: number;
    readonly variety: string;
    /** `place` counts along the row from the gate end, from 1. */
    readonly plants: readonly { readonly plant: string; readonly place: number }[];
  };
  'plant.removed': { readonly plant: string; readonly why: 'offType' | 'died' | 'other' };
  scouted: {
    readonly plant: string;
    readonly morning: Day;
    readonly eve: BudCount;
    readonly green: BudCount;
  };
  covered: {
    readonly plant: string;
    readonly morning: Day;
    readonly method: CoverMethod;
    readonly flowers: readonly { readonly flower: string; readonly sex: Sex; readonly code: string }[];
  };
  'round.planned': { readonly round: string; readonly morning: Day; readonly stops: readonly Stop[] };
  picked: {
    readonly round: string;
    readonly stop: string;
    readonly plant: string;
    readonly flowers: readonly string[];
    readonly spoiled: readonly { readonly flower: string; readonly why: MissedWhy }[];
  };
  pollinated: {
    readonly flower: string;
    readonly plant: string;
    readonly round: string;
    readonly stop: string;
    readonly donors: readonly Donor[];
    readonly found: Found;
    readonly method: 'maleFlower' | 'brush' | 'swab';
    readonly shutAgain: boolean;
    readonly tagged: boolean;
  };
  missed: {
    readonly flower: string;
    readonly plant: string;
    readonly round: string;
    readonly stop: string;
    readonly why: MissedWhy;
  };
  looked: {
    readonly flower: string;
    readonly seen: LookSeen;
    readonly cause?: Cause;
    readonly tag?: 'there' | 'gone';
  };
  removed: { readonly flower: string; readonly how: 'thinned' | 'lost' };
  harvested: {
    readonly flower: string;
    readonly use: 'seed' | 'eat';
    readonly tagThere: boolean;
    /** The mother looked healthy and like her variety. */
    readonly typical: boolean;
  };
  'weather.noted': {
    readonly day: Day;
    /** Air temperature at dawn and the day's highest, °C. */
    readonly dawnC: number;
    readonly maxC: number;
    readonly rain: 'none' | 'showers' | 'long';
  };
  /** Puts another entry right: its body is replaced whole. `of` is the kind of the target. */
  amended: { readonly target: string; readonly of: string; readonly body: object };
  /** Takes another entry back; striking a strike brings it again. */
  struck: { readonly target: string };
}

export type Kind = keyof Bodies;

/** A fact about to be written down: an entry without its envelope. */
export type Fact = { [K in Kind]: { readonly kind: K; readonly body: Bodies[K] } }[Kind];

export interface Envelope {
  /** ULID. */
  readonly id: string;
  readonly v: number;
  /** When it happened, and when the device wrote it down. */
  readonly at: Instant;
  readonly recorded: Instant;
  /** Lamport clock: greater than that of every entry the writer had seen. */
  readonly lamport: number;
  readonly garden: string;
  readonly device: string;
  /** Entries of one tap share it and are undone together. */
  readonly action: string;
}

export type EntryOf<K extends Kind> = Envelope & { readonly kind: K; readonly body: Bodies[K] };
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];

/** An entry as stored: of a known kind, or of one that a later version will bring. */
export type StoredEntry = Entry | (Envelope & { readonly kind: string; readonly body: object });

/** Present version of each kind; `upcast` brings older ones up to it. */
export const KIND_VERSIONS: Readonly<Record<Kind, number>> = {
  'garden.described': 1,
  'device.named': 1,
  'season.named': 1,
  'bed.laid': 2,
  'variety.described': 2,
  'flowering.seen': 1,
  'barrier.set': 1,
  'outside.described': 1,
  'surroundings.described': 1,
  'plan.removed': 1,
  'plants.set': 1,
  'plant.removed': 1,
  scouted: 1,
  covered: 1,
  'round.planned': 1,
  picked: 1,
  pollinated: 1,
  missed: 1,
  looked: 1,
  removed: 1,
  harvested: 1,
  'weather.noted': 1,
  amended: 1,
  struck: 1,
};

export function isKnownEntry(entry: StoredEntry): entry is Entry {
  const current = (KIND_VERSIONS as Record<string, number | undefined>)[entry.kind];
  return current !== undefined && entry.v <= current;
}
