import { logBeta, logGamma } from '../statistics/logGamma';

/** What is believed of the share that germinates: a beta distribution, hits and misses as it were. */
export interface GerminationBelief {
  readonly up: number;
  readonly not: number;
}

/** Before a test: as if two seeds had been tried. Our default. */
const PRIOR_SEEDS = 2;

/**
 * What is believed of the share that germinates: what such seed has to reach where it is sold, as good as `PRIOR_SEEDS`
 * seeds, and what was counted.
 *
 * @param usual share of such seed, 0 to 1.
 * @param tested counted, where somebody did.
 * @example germinationBelief(0.75, { up: 18, of: 20 }) // { up: 19.5, not: 2.5 }
 */
export const germinationBelief = (
  usual: number,
  tested?: { readonly up: number; readonly of: number },
): GerminationBelief => ({
  up: usual * PRIOR_SEEDS + (tested?.up ?? 0),
  not: (1 - usual) * PRIOR_SEEDS + (tested ? tested.of - tested.up : 0),
});

/**
 * The chance that at least `wanted` of `sown` seeds come up: beta-binomial, since the share itself is not known for sure.
 *
 * @param sown seeds, 0 or more.
 * @param wanted plants, 0 or more.
 * @example chanceOfPlants(2, 2, { up: 1, not: 1 }) // 1/3: any share is as likely
 */
export function chanceOfPlants(sown: number, wanted: number, { up, not }: GerminationBelief): number {
  if (wanted <= 0) return 1;
  if (sown < wanted) return 0;
  let chance = 0;
  for (let k = wanted; k <= sown; k += 1) {
    const ways = logGamma(sown + 1) - logGamma(k + 1) - logGamma(sown - k + 1);
    chance += Math.exp(ways + logBeta(k + up, sown - k + not) - logBeta(up, not));
  }
  return Math.min(1, chance);
}

/** More than anybody sows by hand. */
const MOST_SOWN = 20_000;

/**
 * The fewest seeds to sow, so that with a given chance so many plants come up.
 *
 * @param chance 0 to 1.
 * @returns `undefined` where no number a grower sows by hand will do.
 * @example seedsToSow(10, 0.9, { up: 90, not: 10 }) // 13
 */
export function seedsToSow(wanted: number, chance: number, belief: GerminationBelief): number | undefined {
  let enough = Math.max(1, wanted);
  while (chanceOfPlants(enough, wanted, belief) < chance) {
    enough *= 2;
    if (enough > MOST_SOWN) return undefined;
  }
  let few = Math.max(wanted - 1, Math.floor(enough / 2));
  while (enough - few > 1) {
    const middle = Math.floor((few + enough) / 2);
    if (chanceOfPlants(middle, wanted, belief) < chance) few = middle;
    else enough = middle;
  }
  return enough;
}
