import { isSelfer } from '../population/mothers';
import type { CropId } from '../crops/catalogue';
import { rarestKept } from '../population/keepAllele';
import type { LotParents } from './lotParents';

/** As for the plan of mothers. */
const CHANCE = 0.95;

/**
 * The least share of plants that carry an allele, seen or not, so that it is in a lot with 95 % chance: where few parents
 * gave it, however much seed there is, or few seeds of them are left. Fathers that nobody knows are not counted.
 *
 * @param seeds in the lot, where that is known.
 * @example carriersKept(parents, 200, 'pepo') // 0.26, with five mothers and five fathers
 */
export function carriersKept(
  { mothers, fathers }: Pick<LotParents, 'mothers' | 'fathers'>,
  seeds: number | undefined,
  crop: CropId,
): number {
  const shares = new Map<string, number>();
  for (const { plant, share } of [...mothers, ...fathers])
    shares.set(plant, (shares.get(plant) ?? 0) + share);
  // A seed has an allele of its mother and one of its father.
  const gametes = [...shares.values()].map((share) => share * (seeds ?? Infinity));
  const breeding = isSelfer(crop) ? 'selfer' : 'outcrosser';
  const frequency = rarestKept(CHANCE, gametes, breeding);
  return breeding === 'selfer' ? frequency : 1 - (1 - frequency) ** 2;
}
