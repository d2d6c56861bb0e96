import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

export const SEXES = ['female', 'male'] as const;
export type Sex = (typeof SEXES)[number];

export type BudCount = Readonly<Record<Sex, number>>;

/** How a bud was kept shut. `none` marks a bud without covering it; `indoors` is a cut male stood in water. */
export const COVER_METHODS = ['tape', 'cord', 'bag', 'peg', 'indoors', 'none'] as const;
export type CoverMethod = (typeof COVER_METHODS)[number];

/** The evening walk: what was counted at a plant and what was covered there. */
export interface ScoutBodies {
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
}

/**
 * A walk is one plant's visit on the evening before `morning`.
 *
 * @example walkId('p1', '2026-07-19') // 'p1|2026-07-19'
 */
export const walkId = (plant: string, morning: Day): string => `${plant}|${morning}`;

export const SCOUT_KINDS: KindDefinitions<ScoutBodies> = {
  scouted: {
    version: 1,
    structural: false,
    subjects: ({ plant, morning }, each) => each('walk', walkId(plant, morning)),
  },
  covered: {
    version: 1,
    structural: false,
    subjects: ({ plant, morning, flowers }, each) => {
      each('walk', walkId(plant, morning));
      for (const { flower } of flowers) each('flower', flower);
    },
  },
};
