import type { OwnPollenRule, Purpose } from '../../crops/variety';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';
import type { Role } from './role';
import { walkId } from './walk';

/** How pollen is stored that is kept: dried and cold, or cool and damp for the next day. */
export const POLLEN_STORES = ['dryCold', 'coolDamp'] as const;
export type PollenStore = (typeof POLLEN_STORES)[number];

/** Who is to father what. */
export interface MatingBodies {
  'mating.set': {
    readonly mating: string;
    /** Varieties; a pure line is the mating of a variety with itself. */
    readonly mother: string;
    readonly father: string;
    readonly purpose: Purpose;
    readonly ownPollen: OwnPollenRule;
    /** For flowers that open from that day on, and to that one; without it to the end of the season. */
    readonly from: Day;
    readonly until?: Day;
    /** The mothers; without them all plants of the variety. */
    readonly plants?: readonly string[];
    /** The plants that alone may father; without them any of the father's variety. */
    readonly fathers?: readonly string[];
    /** What the plants of its seed show, and the mother does not: of a trait of the father that is dominant. */
    readonly marker?: string;
  };
  /** The anthers of perfect flowers were taken out, before they shed. */
  emasculated: {
    readonly plant: string;
    /** On which they open. */
    readonly day: Day;
    readonly blooms: readonly { readonly bloom: string; readonly code: string; readonly role?: Role }[];
  };
  /** Pollen of several blooms in one portion: a loaded brush, a bag, a vial. One that is kept on purpose has a name. */
  'pollen.mixed': {
    readonly pollen: string;
    readonly day: Day;
    readonly of: readonly string[];
    readonly name?: string;
    readonly how?: PollenStore;
  };
  /** A portion was used up, or thrown away. */
  'pollen.emptied': { readonly pollen: string };
}

/** The subjects that entries of each kind may name. */
export interface MatingAbout {
  readonly 'mating.set': 'mating';
  readonly emasculated: 'walk' | 'bloom';
  readonly 'pollen.mixed': 'pollen';
  readonly 'pollen.emptied': 'pollen';
}

export const MATING_KINDS: KindDefinitions<MatingBodies, MatingAbout> = {
  'mating.set': {
    // Version 2: a marker.
    version: 2,
    structural: true,
    clockDays: false,
    subjects: ({ mating }, each) => each('mating', mating),
  },
  emasculated: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ plant, day, blooms }, each) => {
      each('walk', walkId(plant, day), day);
      for (const { bloom } of blooms) each('bloom', bloom);
    },
  },
  'pollen.mixed': {
    // Version 2: a name, and how it is kept.
    version: 2,
    structural: false,
    clockDays: true,
    subjects: ({ pollen }, each) => each('pollen', pollen),
  },
  'pollen.emptied': {
    version: 1,
    structural: false,
    clockDays: false,
    subjects: ({ pollen }, each) => each('pollen', pollen),
  },
};
