import { negativeBinomial } from './negativeBinomial';

/** Nearer to a Poisson than this, as a part of the mean, it is one. */
const ALIKE = 1e-6;

/**
 * Chances of 0, 1, 2 … events by the mean and the variance of their number: negative binomial where it varies more than
 * if each came by itself, binomial where less, as the number of buds does that are nearly sure to open.
 *
 * @param mean 0 or more.
 * @param variance 0 or more; that of a binomial of a whole number of trials is as near to it as can be.
 * @param upTo the last number.
 * @example countChances(1.9, 0.095, 3) // 0.0025, 0.095, 0.9025, 0: of two, 0.95 each
 */
export function countChances(mean: number, variance: number, upTo: number): number[] {
  const more = variance - mean;
  if (more > ALIKE * mean) return negativeBinomial(mean, mean ** 2 / more, upTo);
  const trials = more < -ALIKE * mean ? mean ** 2 / -more : Infinity;
  return trials < MOST_TRIALS
    ? binomial(mean, Math.max(Math.round(trials), Math.ceil(mean)), upTo)
    : negativeBinomial(mean, MOST_TRIALS * Math.max(1, mean), upTo);
}

/** Of more than these it is as good as a Poisson. */
const MOST_TRIALS = 1e4;

function binomial(mean: number, trials: number, upTo: number): number[] {
  const chance = trials === 0 ? 0 : mean / trials;
  const chances = new Array<number>(upTo + 1).fill(0);
  if (chance === 1) {
    if (trials <= upTo) chances[trials] = 1;
    return chances;
  }
  let log = trials * Math.log1p(-chance);
  for (let n = 0; n <= Math.min(upTo, trials); n += 1) {
    chances[n] = Math.exp(log);
    log += Math.log(((trials - n) / (n + 1)) * (chance / (1 - chance)));
  }
  return chances;
}

/** No count is impossible: eyes and fingers err. */
const SLIP = 0.002;

/**
 * The chance of a number of flowers that somebody counted.
 *
 * @example chanceOf(60, 2, 2) // 0.002
 */
export const chanceOf = (opened: number, mean: number, variance: number): number =>
  SLIP + (1 - SLIP) * countChances(Math.max(mean, 1e-6), Math.max(variance, 1e-6), opened)[opened]!;
