import type { Place } from './places';

/** Trellises and walls cannot be walked through; all but trellises hold pollen back. */
export const BARRIER_SORTS = ['trellis', 'wall', 'building', 'hedge', 'forage'] as const;
export type BarrierSort = (typeof BARRIER_SORTS)[number];

/** A straight stretch of something that stands in the way. */
export interface BarrierStretch {
  readonly sort: BarrierSort;
  readonly from: Place;
  readonly to: Place;
}

/** How far the land around lets pollen travel. */
export const GROUNDS = ['sheltered', 'mixed', 'open'] as const;
export type Ground = (typeof GROUNDS)[number];

/** How well something outside the garden is known. */
export const CERTAINTIES = ['seen', 'told', 'guessed'] as const;
export type Certainty = (typeof CERTAINTIES)[number];
