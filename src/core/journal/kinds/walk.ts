import type { BudStage, Part, RowMethod } from '../../crops/crop';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';
import type { Role } from './role';
import type { Flower1 } from './renamed';

export const SEXES = ['female', 'male'] as const;
export type Sex = (typeof SEXES)[number];

export type BudCount = Readonly<Record<Sex, number>>;

/** Of a bloom; perfect flowers are both. */
export const BLOOM_SEXES = ['female', 'male', 'perfect'] as const;
export type BloomSex = (typeof BLOOM_SEXES)[number];

/**
 * What keeps other pollen out. `none` marks a bud without covering it; `indoors` is a cut male stood in water.
 */
export const COVER_METHODS = [
  'tape',
  'cord',
  'bag',
  'peg',
  'indoors',
  'shootBag',
  'tasselBag',
  'none',
] as const;
export type CoverMethod = (typeof COVER_METHODS)[number];

/** What pollen did when open flowers were shaken. `sticks`: the air is too damp, and none came out. */
export const POLLEN_FLIGHTS = ['cloud', 'little', 'sticks'] as const;
export type PollenFlight = (typeof POLLEN_FLIGHTS)[number];

/** The evening walk: what was counted at a plant and what was covered there. */
export interface WalkBodies {
  scouted: {
    readonly plant: string;
    readonly day: Day;
    readonly eve: BudCount;
    readonly green: BudCount;
    /** Tiny ones at the growing tips, where they were counted. */
    readonly pin?: BudCount;
  };
  /** Plants at which there was nothing to cover for the flowers of a day: a whole bed at once. */
  swept: { readonly day: Day; readonly plants: readonly string[] };
  /** Plants whose open flowers were all shaken or brushed, a row at a time. */
  rowPollinated: {
    readonly day: Day;
    readonly plants: readonly string[];
    readonly method: RowMethod;
    /** Where somebody looked. */
    readonly flew?: PollenFlight;
  };
  /** The flowers that are open on a plant, as they were merely seen. */
  counted: { readonly plant: string; readonly day: Day; readonly open: BudCount };
  covered: {
    readonly plant: string;
    readonly day: Day;
    readonly method: CoverMethod;
    /** Without it they open on that day; `green`: later, and until then they wait under their cover. */
    readonly stage?: BudStage;
    /** A flower, to be pollinated by hand, where nothing else is said. */
    readonly blooms: readonly {
      readonly bloom: string;
      readonly sex: BloomSex;
      readonly code: string;
      readonly part?: Part;
      readonly role?: Role;
    }[];
  };
  /** What was covered green can be pollinated from that day on: the silk of an ear is out. */
  receptive: { readonly plant: string; readonly day: Day; readonly blooms: readonly string[] };
}

/**
 * A walk is what was seen and covered at one plant for the flowers of one day.
 *
 * @example walkId('p1', '2026-07-19') // 'p1|2026-07-19'
 */
export const walkId = (plant: string, day: Day): string => `${plant}|${day}`;

/**
 * The plant and the day that the id of a walk names.
 *
 * @example parseWalkId('p1|2026-07-19').plant // 'p1'
 */
export function parseWalkId(walk: string): { readonly plant: string; readonly day: Day } {
  const cut = walk.lastIndexOf('|');
  return { plant: walk.slice(0, cut), day: walk.slice(cut + 1) };
}

type Scouted1 = Omit<WalkBodies['scouted'], 'day'> & { readonly morning: Day };
type Covered1 = Pick<WalkBodies['covered'], 'plant' | 'method'> & {
  readonly morning: Day;
  readonly flowers: readonly (Flower1 & { readonly sex: Sex; readonly code: string })[];
};

function upcastScouted(body: object): WalkBodies['scouted'] {
  if (!('morning' in body)) return body as WalkBodies['scouted'];
  const { plant, morning, eve, green } = body as Scouted1;
  return { plant, day: morning, eve, green };
}

function upcastCovered(body: object): WalkBodies['covered'] {
  if (!('morning' in body)) return body as WalkBodies['covered'];
  const { plant, morning, method, flowers } = body as Covered1;
  const blooms = flowers.map(({ flower, sex, code }) => ({ bloom: flower, sex, code }));
  return { plant, day: morning, method, blooms };
}

/** The subjects that entries of each kind may name. */
export interface WalkAbout {
  readonly scouted: 'walk';
  readonly swept: 'walk';
  readonly rowPollinated: 'walk';
  readonly counted: 'walk';
  readonly covered: 'walk' | 'bloom';
  readonly receptive: 'walk' | 'bloom';
}

export const WALK_KINDS: KindDefinitions<WalkBodies, WalkAbout> = {
  scouted: {
    version: 2,
    structural: false,
    clockDays: true,
    upcast: upcastScouted,
    subjects: ({ plant, day }, each) => each('walk', walkId(plant, day), day),
  },
  swept: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ day, plants }, each) => {
      for (const plant of plants) each('walk', walkId(plant, day), day);
    },
  },
  rowPollinated: {
    // Version 2: whether pollen flew.
    version: 2,
    structural: false,
    clockDays: true,
    subjects: ({ day, plants }, each) => {
      for (const plant of plants) each('walk', walkId(plant, day), day);
    },
  },
  counted: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ plant, day }, each) => each('walk', walkId(plant, day), day),
  },
  covered: {
    // Version 3: heads.
    version: 3,
    structural: false,
    clockDays: true,
    upcast: upcastCovered,
    subjects: ({ plant, day, blooms }, each) => {
      each('walk', walkId(plant, day), day);
      for (const { bloom } of blooms) each('bloom', bloom);
    },
  },
  receptive: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ plant, day, blooms }, each) => {
      each('walk', walkId(plant, day), day);
      for (const bloom of blooms) each('bloom', bloom);
    },
  },
};
