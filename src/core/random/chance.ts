/** Seeded chance for a search. */
export interface Chance {
  /** A number from 0 up to but not including a bound. */
  readonly below: (bound: number) => number;
  /** A whole one. */
  readonly index: (length: number) => number;
}

const BITS = 30;

/**
 * xoroshiro128+ in halves of 32 bits [Blackman & Vigna, Scrambled linear pseudorandom number generators, 2021], begun
 * and read as the package `pure-rand` does it (compared in the tests). It stands here, and not in a package, because
 * every device must find the same routes for the same morning, whatever version it runs.
 */
export function seededChance(seed: number): Chance {
  let [high0, low0, high1, low1] = [-1, ~seed, seed | 0, 0];
  const next = (): number => {
    const out = (low0 + low1) | 0;
    const low = low1 ^ low0;
    const high = high1 ^ high0;
    [low0, high0] = [
      (low0 << 24) ^ (high0 >>> 8) ^ low ^ (low << 16),
      (high0 << 24) ^ (low0 >>> 8) ^ high ^ ((high << 16) | (low >>> 16)),
    ];
    [low1, high1] = [(high << 5) ^ (low >>> 27), (low << 5) ^ (high >>> 27)];
    return out;
  };
  const below = (bound: number): number => (bound * (next() & (2 ** BITS - 1))) / 2 ** BITS;
  return { below, index: (length) => Math.floor(below(length)) };
}
