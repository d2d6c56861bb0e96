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
  // High and low halves of the two words; variables of a closure would be boxed at each draw.
  const state = Int32Array.of(-1, ~seed, seed, 0);
  const next = (): number => {
    const [high0, low0, low1] = [state[0]!, state[1]!, state[3]!];
    const low = low1 ^ low0;
    const high = state[2]! ^ high0;
    state[0] = (high0 << 24) ^ (low0 >>> 8) ^ high ^ ((high << 16) | (low >>> 16));
    state[1] = (low0 << 24) ^ (high0 >>> 8) ^ low ^ (low << 16);
    state[2] = (low << 5) ^ (high >>> 27);
    state[3] = (high << 5) ^ (low >>> 27);
    return (low0 + low1) | 0;
  };
  const below = (bound: number): number => (bound * (next() & (2 ** BITS - 1))) / 2 ** BITS;
  return { below, index: (length) => Math.floor(below(length)) };
}
