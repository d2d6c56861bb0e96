import type { GrassForm } from '@/core/crops/flowerForm';
import { seededChance } from '@/core/random/chance';
import type { Standing } from './looks';
import { earFilled } from './filled';
import type { DrawnForm } from './form';
import { type GrassLooks, tassel } from './tassel';
import { shoot } from './shoot';

/**
 * Corn: the tassel, or a shoot with its silk. The stem below it is the stalk of the plant.
 *
 * @example grassSide({ ...looks, sex: 'male' }).shapes.some(({ part }) => part === 'tassel') // true
 */
function grassSide(looks: GrassLooks): Standing {
  const chance = seededChance(looks.seed);
  return looks.sex === 'male' ? tassel(chance, looks) : shoot(chance, looks);
}

export const GRASS: DrawnForm<GrassForm> = {
  side: grassSide,
  fate: earFilled,
  frame: () => ({ width: 190, height: 196 }),
  colours: () => ({ petals: 'yellow', own: { pollen: '#EBCF57' } }),
};
