import type { OwnPollenRule } from '../../crops/variety';

/** A female that wants pollen. */
export interface FemaleBud {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
  /** The variety whose males she takes: her own, unless she is to be crossed. */
  readonly father: string;
  /** Which pollination of it is due, from 1. */
  readonly application: number;
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
  /** Females it has brushed already, and how many it serves in all. */
  readonly used: number;
  readonly serves: number;
}

/**
 * How many more females a male can brush.
 *
 * @example usesLeft({ used: 1, serves: 3 }) // 2
 */
export const usesLeft = ({ used, serves }: Pick<MaleBud, 'used' | 'serves'>): number =>
  Math.max(0, serves - used);
