import type { CropId } from '../../crops/catalogue';
import type { Endosperm } from '../../crops/traits';
import type { BedShape } from '../../garden/places';
import type { BarrierStretch, Certainty, Ground } from '../../garden/surroundings';
import type { Day } from '../../time/types';
import type { Climate } from '../../weather/climate';
import type { KindDefinitions } from './definition';
import { renamed } from './renamed';

export const PLAN_PARTS = ['bed', 'variety', 'barrier', 'outside'] as const;
export const PLANT_REMOVAL_REASONS = ['offType', 'died', 'other'] as const;
export type PlantRemovalReason = (typeof PLANT_REMOVAL_REASONS)[number];

/** `suspect`: mottled, stunted or otherwise as if it were diseased. */
export const PLANT_HEALTHS = ['sound', 'suspect'] as const;
export type PlantHealth = (typeof PLANT_HEALTHS)[number];

/** A plant as a parent of what comes after. */
export const SELECTIONS = ['keep', 'unsure', 'leave'] as const;
export type Selection = (typeof SELECTIONS)[number];

/** Is it true to its variety? One that is certainly not is removed as off-type. */
export const TRUENESSES = ['typical', 'doubtful'] as const;
export type Trueness = (typeof TRUENESSES)[number];

/** What grows where, and what is around the garden. */
export interface PlanBodies {
  'bed.laid': BedShape &
    SaidSince & {
      readonly bed: string;
      readonly name: string;
      /** It lies under glass, film or a tunnel. */
      readonly glass?: true;
    };
  'barrier.set': BarrierStretch & SaidSince & { readonly barrier: string };
  /** Something outside the garden that sheds pollen: a neighbour's patch, a field, feral plants. */
  'outside.described': SaidSince & {
    readonly source: string;
    readonly name: string;
    readonly crop: CropId;
    readonly endosperm?: Endosperm;
    /** From the gate to its middle, metres, and degrees clockwise from north. */
    readonly distance: number;
    readonly bearing: number;
    /** From its middle to its edge, metres. */
    readonly radius: number;
    readonly plants: number;
    readonly sure: Certainty;
    readonly flowering?: { readonly from: Day; readonly to: Day };
  };
  'surroundings.described': {
    readonly ground: Ground;
    readonly climate?: Climate;
    /** As early as the first frost comes in one year of ten: a day of any year. */
    readonly earlyFrost?: Day;
    /** As late as the last frost comes in one year of ten: a day of any year. */
    readonly lateFrost?: Day;
  };
  /**
   * Somebody looked so many metres far from the beds on a day: all that crosses with these crops and stood there is on
   * the plan.
   */
  'surroundings.looked': { readonly crops: readonly CropId[]; readonly metres: number; readonly day: Day };
  /** Takes a thing off the plan; what was recorded of it stays. */
  'plan.removed': { readonly what: (typeof PLAN_PARTS)[number]; readonly id: string };
  'plants.set': SaidSince & {
    readonly bed: string;
    readonly row: number;
    readonly variety: string;
    /** The sowing they come from; without it the only one of the variety. */
    readonly planting?: string;
    /**
     * `place` counts along the row from the gate end, from 1. `count`: a stand of so many plants that nobody
     * numbers, from that place on.
     */
    readonly plants: readonly { readonly plant: string; readonly place: number; readonly count?: number }[];
  };
  'plant.removed': { readonly plant: string; readonly why: PlantRemovalReason };
  /** Their season is over: they stood to that day. */
  'plants.ended': { readonly plants: readonly string[]; readonly day: Day };
  /** How a plant looked: it holds until it is noted again. */
  'plant.noted': { readonly plant: string; readonly health: PlantHealth; readonly trueness: Trueness };
  /** What the grower makes of a plant as a parent, until it is said again. */
  'plant.selected': { readonly plant: string; readonly choice: Selection; readonly note?: string };
}

/** The day from which it is so, and was not before. */
interface SaidSince {
  readonly since?: Day;
}

/** The subjects that entries of each kind may name. */
export interface PlanAbout {
  readonly 'bed.laid': 'bed';
  readonly 'barrier.set': 'barrier';
  readonly 'outside.described': 'outside';
  readonly 'surroundings.described': 'surroundings';
  readonly 'surroundings.looked': 'surroundings';
  readonly 'plan.removed': PlanBodies['plan.removed']['what'];
  readonly 'plants.set': 'plant';
  readonly 'plant.removed': 'plant';
  readonly 'plants.ended': 'plant';
  readonly 'plant.noted': 'plant';
  readonly 'plant.selected': 'plant';
}

export const PLAN_KINDS: KindDefinitions<PlanBodies, PlanAbout> = {
  'bed.laid': {
    version: 2,
    structural: true,
    clockDays: false,
    // Version 2: beds may lie at an angle.
    upcast: (body) => ({ turn: 0, ...body }) as PlanBodies['bed.laid'],
    subjects: ({ bed }, each) => each('bed', bed),
  },
  'barrier.set': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ barrier }, each) => each('barrier', barrier),
  },
  'outside.described': {
    version: 2,
    structural: true,
    clockDays: false,
    // Version 2: what corn stores in its kernels goes by its botanical name.
    upcast: (body) => renamed(body, { kernel: 'endosperm' }) as PlanBodies['outside.described'],
    subjects: ({ source }, each) => each('outside', source),
  },
  'surroundings.described': {
    // Version 2: the early frost; 3: the late one.
    version: 3,
    structural: true,
    clockDays: false,
    subjects: (_body, each) => each('surroundings', ''),
  },
  'surroundings.looked': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: (_body, each) => each('surroundings', ''),
  },
  'plan.removed': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ what, id }, each) => each(what, id),
  },
  'plants.set': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ plants }, each) => {
      for (const { plant } of plants) each('plant', plant);
    },
  },
  'plant.removed': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ plant }, each) => each('plant', plant),
  },
  'plants.ended': {
    version: 1,
    structural: true,
    clockDays: true,
    subjects: ({ plants }, each) => {
      for (const plant of plants) each('plant', plant);
    },
  },
  'plant.noted': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ plant }, each) => each('plant', plant),
  },
  'plant.selected': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ plant }, each) => each('plant', plant),
  },
};
