/** Does a plant's seed come from its own pollen or from that of others? */
export type Breeding = 'outcrosser' | 'selfer';

/**
 * Gametes to sample so that an allele of a given frequency is among them with a given chance:
 * ln(1 − P)/ln(1 − p) [Marshall & Brown 1975, Optimum sampling strategies in genetic conservation].
 *
 * @param frequency of the allele, between 0 and 1.
 * @param chance wanted, between 0 and 1.
 * @throws RangeError outside of these.
 * @example gametesToKeep(0.05, 0.95) // 59
 */
export function gametesToKeep(frequency: number, chance: number): number {
  for (const share of [frequency, chance]) {
    if (!(share > 0 && share < 1)) throw new RangeError(`${share} does not lie between 0 and 1`);
  }
  return Math.ceil(Math.log1p(-chance) / Math.log1p(-frequency));
}

/**
 * Plants to save seed from so that an allele is kept: each plant of an outcrosser brings two different gametes, one
 * of a selfer two that are alike. Few mothers cap it, however much seed is taken from each.
 *
 * @example plantsToKeep(0.05, 0.95, 'outcrosser') // 30
 */
export function plantsToKeep(frequency: number, chance: number, breeding: Breeding): number {
  const gametes = gametesToKeep(frequency, chance);
  return breeding === 'outcrosser' ? Math.ceil(gametes / 2) : gametes;
}
