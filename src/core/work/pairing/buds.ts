import type { OwnPollenRule } from '../../crops/variety';

/** A female that wants pollen. */
export interface FemaleBud {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
  readonly malesWanted: number;
  /** With fewer than this, males of others are shared. */
  readonly fewestMales: number;
  readonly ownPollen: OwnPollenRule;
  /** For seed: pollen that was not kept clean gives fruit, and no seed to keep. */
  readonly forSeed: boolean;
}

/** A male that can give pollen. */
export interface MaleBud {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
  /** Was it kept shut, or cut before it opened? */
  readonly guarded: boolean;
  /** Females it has brushed already. */
  readonly used: number;
}

/** One male brushes at most this many females. Our default: the pollen of a big male serves several. */
export const MOST_USES = 3;

/**
 * How many more females a male can brush.
 *
 * @example usesLeft({ used: 1 }) // 2
 */
export const usesLeft = ({ used }: Pick<MaleBud, 'used'>): number => Math.max(0, MOST_USES - used);
