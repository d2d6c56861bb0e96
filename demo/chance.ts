import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';

/** Seeded chance: the same seed gives the same garden, on every machine. */
export interface Chance {
  /** A number in [0, 1). */
  next(): number;
  happens(probability: number): boolean;
  /** Poisson-distributed count [Knuth, TAOCP vol. 2, 3.4.1]. */
  count(mean: number): number;
  between(low: number, high: number): number;
}

export function seededChance(seed: number): Chance {
  const generator = xoroshiro128plus(seed);
  const next = (): number => unsafeUniformIntDistribution(0, 0x3fffffff, generator) / 0x40000000;
  return {
    next,
    happens: (probability) => next() < probability,
    between: (low, high) => low + (high - low) * next(),
    count: (mean) => {
      const limit = Math.exp(-mean);
      let product = next();
      let n = 0;
      while (product > limit) {
        product *= next();
        n += 1;
      }
      return n;
    },
  };
}
