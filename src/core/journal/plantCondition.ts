import type { Plant } from './state';

/**
 * Does it stand for many that nobody numbers, so that what is on it may be on any of them?
 *
 * @example isStand({ count: 60 }) // true
 */
export const isStand = ({ count }: Pick<Plant, 'count'>): boolean => count > 1;

/**
 * Does a plant look as if it were diseased? It is worked after the healthy ones.
 *
 * @example isSuspect({}) // false
 */
export const isSuspect = ({ noted }: Pick<Plant, 'noted'>): boolean => noted?.health === 'suspect';

/**
 * Is it in doubt whether a plant is true to its variety? One that certainly is not was removed.
 *
 * @example isDoubtfulType({}) // false
 */
export const isDoubtfulType = ({ noted }: Pick<Plant, 'noted'>): boolean => noted?.trueness === 'doubtful';

/**
 * Has nothing been noted against keeping seed of a plant?
 *
 * @example isFitForSeed({ noted: { health: 'suspect', trueness: 'typical', at } }) // false
 */
export const isFitForSeed = (plant: Pick<Plant, 'noted' | 'removed'>): boolean =>
  !isSuspect(plant) && !isDoubtfulType(plant) && plant.removed?.why !== 'offType';
