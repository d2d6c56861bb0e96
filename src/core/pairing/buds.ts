import type { OwnPollenRule } from '../crops/variety';

/** A female that wants pollen. */
export interface FemaleBud {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
  /** The variety whose males she takes: her own, unless she is to be crossed. */
  readonly father: string;
  /** The plants of it that alone may father her seed, where a cross names them. */
  readonly fathers?: readonly string[];
  /** Which pollination of it is due, from 1. */
  readonly application: number;
  /** The second of a day: not before then, UTC milliseconds. */
  readonly from?: number;
  /** A trial asks for it early: by then where that can be, UTC milliseconds. */
  readonly by?: number;
  readonly malesWanted: number;
  /** With fewer than this, males of others are shared. */
  readonly fewestMales: number;
  readonly ownPollen: OwnPollenRule;
  /** For seed: pollen that was not kept clean gives fruit, and no seed to keep. */
  readonly forSeed: boolean;
  /** Does it get its own pollen, and none is carried? */
  readonly selfed?: boolean;
  /** Does the plant look diseased? */
  readonly suspect?: boolean;
  /** Does it stand for many that nobody numbers, so that its males are those of other plants? */
  readonly stand?: boolean;
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
  /** Does it stay on its plant, so that using it once more costs nothing? */
  readonly standing?: boolean;
  /** Days since it opened. */
  readonly ageDays: number;
  /** Does the plant look diseased? */
  readonly suspect?: boolean;
  /** Is it in doubt whether the plant is true to its variety? */
  readonly doubtful?: boolean;
}

/** What decides whose pollen a female may take. */
export type Mother = Pick<FemaleBud, 'plant' | 'ownPollen' | 'fathers' | 'suspect' | 'stand'>;

/**
 * May she take pollen of a plant: of one that her cross names, if it names any, of her own where that is allowed, and
 * of one that looks diseased only where she stands on such a one as well?
 *
 * @example mayTake({ plant: 'A', ownPollen: 'never' }, { plant: 'A' }) // false
 */
export const mayTake = (
  { plant, ownPollen, fathers, suspect, stand }: Mother,
  male: Pick<MaleBud, 'plant' | 'suspect'>,
): boolean =>
  (fathers?.includes(male.plant) ?? true) &&
  (stand === true || male.plant !== plant || ownPollen !== 'never') &&
  (!male.suspect || suspect === true);

/**
 * Can seed be kept of what a male fathers: was it kept clean, and is its plant true to the variety?
 *
 * @example isMaleForSeed({ guarded: true, doubtful: true }) // false
 */
export const isMaleForSeed = ({ guarded, doubtful }: Pick<MaleBud, 'guarded' | 'doubtful'>): boolean =>
  guarded && !doubtful;

/**
 * How many more females a male can brush.
 *
 * @example usesLeft({ used: 1, serves: 3 }) // 2
 */
export const usesLeft = ({ used, serves }: Pick<MaleBud, 'used' | 'serves'>): number =>
  Math.max(0, serves - used);
