import type { DegreeDayMethod } from '../weather/degreeDays';
import type { FlowerForm } from './flowerForm';
import type { TraitName } from './traits';

/**
 * Where a figure comes from. `practice`: common practice, no source. `memory`: published, quoted from memory.
 * `default`: our own choice.
 */
export type Standing = 'practice' | 'memory' | 'default';

/** A figure with its unit and standing. `degCd` are degree days, °C. */
export interface Figure<T = number> {
  readonly value: T;
  readonly unit: 'h' | 'd' | 'degC' | 'degCd' | 'share' | 'percent' | 'count' | 'min' | 's' | 'm' | 'mm';
  readonly standing: Standing;
  readonly source?: string;
}

/** From and to, both in the figure's unit. */
export type Span = readonly [number, number];

/**
 * Where the sexes sit. `monoecious`: male and female flowers on one plant, in corn as tassel and ear;
 * `andromonoecious`: males, and perfect flowers that carry the fruit; `perfect`: both sexes in each flower.
 */
export type Habit = 'monoecious' | 'andromonoecious' | 'perfect';

/** Botanical families: most diseases that travel on hands stay within one. */
type Family = 'gourd' | 'grass' | 'nightshade' | 'rose' | 'legume' | 'daisy' | 'mallow';

/** What carries pollen from plant to plant. */
export type PollenVector = 'insects' | 'nightInsects' | 'wind' | 'self';

/** What is followed by itself: a flower, a truss of them, an ear of corn, a tassel, a head of many florets. */
export const PARTS = ['flower', 'truss', 'ear', 'tassel', 'head'] as const;
export type Part = (typeof PARTS)[number];

/**
 * How pollen is brought by hand: to which parts one by one, and whether all the open flowers of a row are done so too.
 * `anthers`: of a perfect flower, picked and dabbed on; `antherCone`: those that are joined, slipped over the stigma and
 * left there. `headToHead`: two heads are rubbed against each other. `shakeInBag`: none is brought, a flower's own pollen
 * moves.
 */
export const METHOD_FACTS = {
  maleFlower: { to: ['flower'], byRow: false },
  anthers: { to: ['flower'], byRow: false },
  antherCone: { to: ['flower'], byRow: false },
  vibrate: { to: [], byRow: true },
  shake: { to: [], byRow: true },
  shakeInBag: { to: ['flower'], byRow: false },
  brush: { to: ['flower', 'head'], byRow: true },
  swab: { to: ['flower'], byRow: false },
  tasselBag: { to: ['ear'], byRow: false },
  headToHead: { to: ['head'], byRow: false },
  emasculate: { to: [], byRow: false },
} as const satisfies Readonly<Record<string, { readonly to: readonly Part[]; readonly byRow: boolean }>>;
export type Method = keyof typeof METHOD_FACTS;
const METHOD_NAMES = Object.keys(METHOD_FACTS) as Method[];

/** Ways by which one flower, ear or head gets pollen, and that is recorded of it. */
export type PollinationMethod = {
  [M in Method]: (typeof METHOD_FACTS)[M]['to'] extends readonly [] ? never : M;
}[Method];
export const POLLINATION_METHODS = METHOD_NAMES.filter(
  (method): method is PollinationMethod => METHOD_FACTS[method].to.length > 0,
);

/** The way by which a flower that is kept to its own pollen gets it. */
export const OWN_POLLEN_METHOD = 'shakeInBag' satisfies PollinationMethod;
/** Ways that carry pollen from one to another. */
export type CarryingMethod = Exclude<PollinationMethod, typeof OWN_POLLEN_METHOD>;
export const CARRYING_METHODS = POLLINATION_METHODS.filter(
  (method): method is CarryingMethod => method !== OWN_POLLEN_METHOD,
);

/** Ways to pollinate all the open flowers of a row. */
export type RowMethod = { [M in Method]: (typeof METHOD_FACTS)[M]['byRow'] extends true ? M : never }[Method];
export const ROW_METHODS = METHOD_NAMES.filter((method): method is RowMethod => METHOD_FACTS[method].byRow);

/** What keeps a flower shut, or insects out. */
export type CropCover = 'tape' | 'cord' | 'bag' | 'peg' | 'indoors' | 'shootBag' | 'tasselBag' | 'cage';

/** What can hurt somebody or spread with this crop. */
export type CropCaution =
  'bitterFruit' | 'poisonousBerries' | 'mosaicOnHands' | 'fruitBlotch' | 'hotJuice' | 'bladesAndStaples';

/** Hours at which flowers open and shut on a mild day, from sunrise, from the sun's highest point or from sunset. */
export interface FlowerHours {
  readonly from: 'sunrise' | 'noon' | 'sunset';
  readonly opens: Figure<Span>;
  /** From the same, or from the sunrise that follows for those that open at dusk and shut next morning. */
  readonly shuts: Figure<Span>;
  readonly shutsFrom?: 'nextSunrise';
  /** Clock hour by which to be done whatever the sun says, where growers name one. */
  readonly doneByClock?: Figure;
}

/** Air in which pollen is spoilt, does not stick, or flowers drop. */
export interface WeatherLimits {
  /** Days and nights hotter than this; `either`: one of them alone is enough for flowers to drop. */
  readonly heat?: { readonly day: Figure; readonly night: Figure; readonly either: boolean };
  /** Nights colder than this. */
  readonly coldNight?: Figure;
  /** A dew point that stays at this or more is the sign by which growers know such weather. */
  readonly dewPointSign?: Figure;
  /** Relative humidity at the hour of the work. */
  readonly humidity?: {
    readonly best: Figure<Span>;
    readonly clumpsFrom: Figure;
    readonly sticksPoorlyBelow: Figure;
  };
}

/** Least isolation distance from anything it can cross with, from little to much care, for each purpose. */
export interface Distances {
  readonly casual: Figure<Span>;
  readonly saving: Figure<Span>;
  readonly rare: Figure<Span>;
}

/** Fewest mothers: for any seed at all, to keep a variety, to conserve it. */
export interface Mothers {
  readonly any: Figure;
  readonly keep: Figure<Span>;
  readonly conserve: Figure<Span>;
}

/** Days since pollination on which to look at a fruitlet: early sign, set, kept. */
export interface Looks {
  readonly early: Figure<Span>;
  readonly set: Figure<Span>;
  readonly kept: Figure;
}

/** How a fruit grows, where one can measure it. */
export interface Growth {
  /** What is measured: its length, or how far across it is. */
  readonly measured: 'length' | 'across';
  /** When its flower opens, and full-grown. */
  readonly fruitlet: Figure;
  readonly full: Figure;
  /** Mild days after which half of its growth, in the logarithm, is done; of the rest again half, and so on. */
  readonly halfway: Figure;
}

/** How the crop comes into flower. */
interface Development {
  /** Air temperatures between which it develops. */
  readonly base: Figure;
  readonly cap?: Figure;
  readonly method: DegreeDayMethod;
  /** Degree days from sowing to the first flowers; for corn to the first pollen and silk. */
  readonly toFlower: Figure;
  /** Share of them that a transplant has behind it when it is planted out. */
  readonly transplantFraction: Figure;
  /** Days for which a variety flowers, unless the season ends it; for corn until the last silk has faded. */
  readonly floweringDays: Figure;
}

/** What a flower is pollinated for; `cross`: seed of two known varieties, where that is done otherwise. */
export type Goal = 'fruit' | 'seed' | 'cross';

/** `eve`: opens next; `green`: later than that. */
export const BUD_STAGES = ['eve', 'green'] as const;
export type BudStage = (typeof BUD_STAGES)[number];

/** When one goes to find what opens next: from so many hours after a sunset until the first flower opens. */
export interface WalkTime {
  /** Whose sunset: that of the day the flowers open, or of the day before. */
  readonly daysBefore: 0 | 1;
  /** Negative: before sunset. */
  readonly fromSunset: Figure;
}

/**
 * How flowers are pollinated for a goal, from the bud to the tag: which operations, when, how long they take and how
 * often. What is left out is not done.
 */
export interface Protocol {
  readonly walk?: WalkTime;
  /** The stage at which each is covered. What is covered green waits under its cover until it is receptive. */
  readonly cover?: {
    readonly bearing: BudStage;
    /** Missing where nothing is covered for its pollen alone. */
    readonly male?: BudStage;
    /** What covers each, where nothing else will do. */
    readonly by?: {
      readonly bearing: Exclude<CropCover, 'cage'>;
      readonly male?: Exclude<CropCover, 'cage'>;
    };
  };
  /**
   * Taking a portion of pollen: a male flower, the bag of a tassel. Missing where each flower gets its own pollen, and
   * none is carried.
   */
  readonly collect?: {
    /** Do those that bear give it to each other, and stay where they are? */
    readonly fromBearing?: true;
    /** For one. */
    readonly takes: Figure;
    /** Females that it serves. */
    readonly serves: Figure;
    /** Days for which it is good besides its own. */
    readonly keeps: Figure;
  };
  readonly pollinate: {
    readonly takes: Figure;
    /** How often where nothing else is chosen. */
    readonly times: Figure;
    /** From one to the next, where more than one is chosen: days, or hours of the same day. */
    readonly apart: Figure;
    /** How often in one day, and hours from one to the next, where that is chosen in place of days. */
    readonly sameDay?: { readonly times: Figure; readonly apart: Figure };
  };
  /** When the cover of what was pollinated comes off: days after the last time. Missing where it stays or falls. */
  readonly uncover?: { readonly after: Figure };
  /** Is the female shut again, and tagged? */
  readonly close?: true;
  readonly tag?: true;
}

/** `self`: for seed too, where each flower is kept to its own pollen; done only where the grower chooses it. */
export type Protocols = Readonly<Partial<Record<Goal | 'self', Protocol>>>;

/** What there is to know of a crop. Fields that are left out have no meaning for it, or are not known. */
export interface CropFacts {
  /** As growers call it. */
  readonly name: string;
  /** The types it comes in, for those who know it by these. */
  readonly types: string;
  /** Botanical name. */
  readonly species: string;
  readonly family: Family;
  /** All varieties of one group cross freely. */
  readonly group: string;
  readonly habit: Habit;
  /** What its flowers look like; left out where nobody handles them. */
  readonly flower?: FlowerForm;
  readonly pollenVector: PollenVector;
  /** Do some bees that live on it fly before sunrise? */
  readonly earlyBees?: true;
  /** Share of the seed that other plants father where plants stand mixed and open to insects and wind. */
  readonly outcrossing: Figure<Span>;
  /** Does foreign pollen change what is eaten in the same year? */
  readonly xenia?: true;
  /** Is the fruit spoilt by pollen it does not need, where it sets without? */
  readonly pollinationSpoilsFruit?: true;
  /** How it is worked, for each goal; a crop without one is listed for isolation and planning only. */
  readonly protocols: Protocols;
  /** Open flowers that set better when they are shaken or brushed again and again, where no insect does it. */
  readonly routine?: {
    /** Days from one time to the next. */
    readonly every: Figure<Span>;
    /** At each flower. */
    readonly takes: Figure<Span>;
    /** Hours of the clock at which it does most. */
    readonly best: Figure<Span>;
    /** On so many days, and then no more; without it as long as it flowers. */
    readonly forDays?: Figure<Span>;
    /** Does the length of the style decide which flowers can set? */
    readonly longStyledOnly?: true;
  };
  /** What bears the fruit and what gives the pollen, where these are not single flowers. */
  readonly parts?: { readonly bearing: Part; readonly male?: Part };
  /** Is the flower so small that its first trace of yellow is the sign of the evening before? */
  readonly smallFlowered?: true;
  /** Are its male blossoms eaten? Common practice, no source. */
  readonly blossomsEaten?: true;
  readonly hours?: FlowerHours;
  /** Below this air temperature flowers open late, or not at all. */
  readonly floor?: Figure;
  readonly weather?: WeatherLimits;
  /**
   * Days for which its pollen keeps, dry and cold or cool and damp: so long it sets well, so long it may set at all.
   * Where it does not keep that is left out.
   */
  readonly pollenKept?: { readonly dryCold?: Figure<Span>; readonly coolDamp?: Figure<Span> };
  /** How long a female can be pollinated. */
  readonly receptive?: Figure<Span>;
  /** Its plants stand for several seasons. */
  readonly perennial?: true;
  /** Male flowers that come for each female. */
  readonly malesPerFemale?: Figure<Span>;
  /** Chance that one hand-pollinated flower sets, before own records speak. */
  readonly setPrior?: Figure;
  /** From the first male flowers to the first that bear fruit; for corn from the first pollen to the first silk. */
  readonly bearingAfterMales?: Figure<Span>;
  /** Males to use on each female. */
  readonly malesWanted: { readonly fruit: Figure; readonly seed: Figure };
  /** Days from pollination to eating stage and to ripe seed on the plant. */
  readonly eatAfter?: Figure<Span>;
  readonly seedAfter?: Figure<Span>;
  /** Fruits a plant can ripen for seed. */
  readonly seedFruits?: Figure<Span>;
  readonly looks: Looks;
  readonly growth?: Growth;
  /** The crop's own way first. */
  readonly methods: readonly Method[];
  readonly covers: readonly CropCover[];
  readonly distances: Distances;
  /** What holds instead for varieties whose style stands out of its cone. */
  readonly exserted?: { readonly distances: Distances; readonly outcrossing: Figure<Span> };
  /** Days wanted between the last pollen of one and the first silk of another: uniform varieties, landraces. */
  readonly timeApart?: Figure<Span>;
  readonly mothers: Mothers;
  readonly development: Development;
  /** Traits to be given for each variety, since they differ within the crop. */
  readonly variableTraits: readonly TraitName[];
  readonly cautions: readonly CropCaution[];
}
