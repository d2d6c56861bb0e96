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

/**
 * The chance that an allele is in some seed: each parent either does not have it, or has it once or twice, as its
 * frequency says (Hardy and Weinberg), and hands it to each seed by the toss of a coin.
 *
 * @param frequency of the allele where the parents come from, 0 to 1.
 * @param gametes how many each parent gave; `Infinity` where there is seed without end. Of a selfer whose both alleles are
 *   alike each gives the same.
 * @example chanceKept(0.05, Array(30).fill(Infinity), 'outcrosser') // 0.954: 60 alleles, as by `gametesToKeep`
 */
export function chanceKept(frequency: number, gametes: readonly number[], breeding: Breeding): number {
  const lacks = 1 - frequency;
  const lost = gametes
    .filter((given) => given > 0)
    .map((given) => (breeding === 'selfer' ? lacks : lacks ** 2 + 2 * frequency * lacks * 0.5 ** given));
  return 1 - lost.reduce((all, each) => all * each, 1);
}

/** So finely a frequency is found, share. */
const FINE = 1e-4;

/**
 * The rarest allele that is in some seed with a given chance, by its frequency; 1 where there is no seed.
 *
 * @param gametes as for `chanceKept`.
 * @example rarestKept(0.95, Array(30).fill(Infinity), 'outcrosser') // 0.0487
 */
export function rarestKept(chance: number, gametes: readonly number[], breeding: Breeding): number {
  let [least, most] = [0, 1];
  while (most - least > FINE) {
    const middle = (least + most) / 2;
    if (chanceKept(middle, gametes, breeding) >= chance) most = middle;
    else least = middle;
  }
  return most;
}
