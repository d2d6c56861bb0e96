import type { Day } from '../../time/types';
import type { KindDefinitions, SubjectCallback } from './definition';
import type { Flower1 } from './renamed';
import { walkId } from './walk';

export const LOOK_FINDINGS = ['growing', 'unsure', 'misshapen', 'yellowing', 'gone'] as const;
export type LookFinding = (typeof LOOK_FINDINGS)[number];

/** Causes of failure, in terms of what is seen rather than of what is guessed. */
export const CAUSES = [
  'neverPollinated',
  'partlyPollinated',
  'notAllOpen',
  'incompatiblePollen',
  'shortStyle',
  'blossomEndRot',
  'tooMuchFruit',
  'heatOrCold',
  'rain',
  'wetRot',
  'pest',
  'handled',
  'vineDamage',
  'unknown',
] as const;
export type Cause = (typeof CAUSES)[number];

/** What is seen at a fruit that fails, or grows badly. */
export const FRUIT_SIGNS = [
  'wholeYellow',
  'empty',
  'tapered',
  'scattered',
  'oneSide',
  'emptyTip',
  'emptyRing',
  'emptyMiddle',
  'softTip',
  'blackCentre',
  'darkPatch',
  'petalRot',
  'hole',
  'broken',
  'vineHurt',
  'shortStyle',
  'othersSwell',
] as const;
export type FruitSign = (typeof FRUIT_SIGNS)[number];

/** `hardToRead`: it hangs there, and may be that of another fruit. */
export const TAG_STATES = ['there', 'hardToRead', 'gone'] as const;
export type TagState = (typeof TAG_STATES)[number];

/** Where a fruit has another tag: what was known of the old one. `swapped`: it hung on another fruit, whose tag hung here. */
export const TAGS_BEFORE = ['there', 'gone', 'swapped'] as const;

/** `thinned`: taken off by choice; `lost`: to something that is no fault of the pollination. */
export const FRUIT_REMOVALS = ['thinned', 'lost'] as const;
export type FruitRemoval = (typeof FRUIT_REMOVALS)[number];

/**
 * What became of fruit by the end of its season. `frosted`: it was there when frost came; `eaten`: it was picked, and
 * nobody noted when; `unseen`: it is gone, and nobody knows since when.
 */
export const FRUIT_ENDS = ['frosted', 'eaten', 'unseen'] as const;
export type FruitEnd = (typeof FRUIT_ENDS)[number];

export const HARVEST_USES = ['seed', 'eat'] as const;
export type HarvestUse = (typeof HARVEST_USES)[number];

/** What became of a pollinated flower. */
export interface FruitBodies {
  looked: {
    readonly bloom: string;
    readonly seen: LookFinding;
    readonly cause?: Cause;
    /** Signs that were looked for: those that were there, and those that were not. */
    readonly signs?: readonly FruitSign[];
    readonly without?: readonly FruitSign[];
    readonly tag?: TagState;
    /** How long it was, or how far across: what one measures of its crop. */
    readonly mm?: number;
    /** Of a cohort: how many were growing, of how many that were looked for. */
    readonly growing?: number;
    readonly of?: number;
  };
  /**
   * A fruit has another tag: the old one was on it and came off, or it was gone and this is taken to be its fruit, or
   * it was the tag of another.
   */
  retagged: {
    readonly bloom: string;
    readonly code: string;
    readonly was: (typeof TAGS_BEFORE)[number];
    /** With which it was swapped. */
    readonly other?: string;
  };
  /**
   * Fruit that set by itself was taken off a plant; what was kept of it had set before anybody chose it, and says
   * nothing of how many set.
   */
  stripped: {
    readonly plant: string;
    readonly day: Day;
    readonly count: number;
    readonly kept: readonly { readonly bloom: string; readonly code: string }[];
  };
  /** Fruit of a truss or a stand was counted on a day, of so many flowers that had opened, whoever pollinated them. */
  'fruit.counted': {
    /** A cohort. */
    readonly bloom: string;
    readonly plant: string;
    readonly day: Day;
    readonly growing: number;
    readonly of: number;
    /** Of those that grow: unevenly, as berries that got too little pollen do. */
    readonly misshapen?: number;
  };
  removed: {
    readonly bloom: string;
    readonly how: FruitRemoval;
    /** Of a cohort: so many; without it all that are left. */
    readonly count?: number;
  };
  /** What became of fruits that nobody had picked by the last day of their season. */
  'fruits.ended': { readonly blooms: readonly string[]; readonly how: FruitEnd; readonly day: Day };
  harvested: {
    readonly bloom: string;
    readonly use: HarvestUse;
    readonly tagThere: boolean;
    /** The mother looked healthy and true to its variety. */
    readonly typical: boolean;
    /** Of a cohort: so many. */
    readonly count?: number;
    /** What they weighed together, where somebody did. */
    readonly grams?: number;
  };
}

type Of1<K extends keyof FruitBodies> = Omit<FruitBodies[K], 'bloom'> & Flower1;

function upcastLooked(body: object): FruitBodies['looked'] {
  if (!('flower' in body)) return body as FruitBodies['looked'];
  const { flower, seen, cause, tag } = body as Of1<'looked'>;
  return { bloom: flower, seen, ...(cause && { cause }), ...(tag && { tag }) };
}

function upcastRemoved(body: object): FruitBodies['removed'] {
  if (!('flower' in body)) return body as FruitBodies['removed'];
  const { flower, how } = body as Of1<'removed'>;
  return { bloom: flower, how };
}

function upcastHarvested(body: object): FruitBodies['harvested'] {
  if (!('flower' in body)) return body as FruitBodies['harvested'];
  const { flower, use, tagThere, typical } = body as Of1<'harvested'>;
  return { bloom: flower, use, tagThere, typical };
}

const aboutABloom = ({ bloom }: { readonly bloom: string }, each: SubjectCallback<'bloom'>): void =>
  each('bloom', bloom);

/** The subjects that entries of each kind may name. */
export interface FruitAbout {
  readonly looked: 'bloom';
  readonly retagged: 'bloom';
  readonly stripped: 'walk' | 'bloom';
  readonly 'fruit.counted': 'bloom';
  readonly removed: 'bloom';
  readonly 'fruits.ended': 'bloom';
  readonly harvested: 'bloom';
}

export const FRUIT_KINDS: KindDefinitions<FruitBodies, FruitAbout> = {
  // Version 3: the signs of what fails; 4: its size; 5: signs and causes of ears, heads, trusses, berries and pods.
  looked: { version: 5, structural: false, clockDays: true, upcast: upcastLooked, subjects: aboutABloom },
  // Version 2: tags that were swapped.
  retagged: { version: 2, structural: false, clockDays: true, subjects: aboutABloom },
  stripped: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ plant, day, kept }, each) => {
      each('walk', walkId(plant, day), day);
      for (const { bloom } of kept) each('bloom', bloom);
    },
  },
  // Version 2: how many are misshapen.
  'fruit.counted': { version: 2, structural: false, clockDays: true, subjects: aboutABloom },
  // Version 3: some of a cohort.
  removed: { version: 3, structural: false, clockDays: true, upcast: upcastRemoved, subjects: aboutABloom },
  'fruits.ended': {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ blooms }, each) => {
      for (const bloom of blooms) each('bloom', bloom);
    },
  },
  harvested: {
    // Version 3: some of a cohort; 4: their weight.
    version: 4,
    structural: false,
    clockDays: true,
    upcast: upcastHarvested,
    subjects: aboutABloom,
  },
};
