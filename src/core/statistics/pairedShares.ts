import { Z95 } from './normal';

/** Trials of two ways in one pair: how many of how many came off, of each. */
export interface PairOfTrials {
  readonly one: { readonly hits: number; readonly of: number };
  readonly other: { readonly hits: number; readonly of: number };
}

/** How much the shares of two ways differ, pair by pair. */
export interface PairedDifference {
  /** Share of `other` less that of `one`. */
  readonly difference: number;
  /** 95 % interval. */
  readonly low: number;
  readonly high: number;
  /** If dealing had made no difference: the chance of one as large as this, on either side. */
  readonly chance: number;
}

/**
 * The difference of two shares from matched pairs. The interval adds half a pair to each of the four outcomes before
 * Wald's [Agresti & Min 2005, Statistics in Medicine 24, 729–740]; pairs of several trials weigh as Mantel and Haenszel
 * weigh strata, n₁n₂/(n₁+n₂). The chance is exact over all ways in which the pairs could have been dealt; with one trial
 * each that is McNemar's exact test.
 *
 * @returns `undefined` without any pair.
 * @example pairedDifference([{ one: { hits: 0, of: 1 }, other: { hits: 1, of: 1 } }])?.chance // 1
 */
export function pairedDifference(pairs: readonly PairOfTrials[]): PairedDifference | undefined {
  const used = pairs.filter(({ one, other }) => one.of > 0 && other.of > 0);
  if (used.length === 0) return undefined;
  const each = used.map(({ one, other }) => ({
    weight: (one.of * other.of) / (one.of + other.of),
    d: other.hits / other.of - one.hits / one.of,
  }));
  const total = each.reduce((sum, { weight }) => sum + weight, 0);
  const usual = total / each.length;
  // Two pairs more, of which one half differs in each direction and one not at all.
  const all = total + 2 * usual;
  const middle = each.reduce((sum, { weight, d }) => sum + weight * d, 0) / all;
  const squares =
    each.reduce((sum, { weight, d }) => sum + (weight * (d - middle)) ** 2, 0) +
    usual ** 2 * (0.5 * (1 - middle) ** 2 + 0.5 * (1 + middle) ** 2 + middle ** 2);
  const half = (Z95 * Math.sqrt(squares)) / all;
  const raw = each.reduce((sum, { weight, d }) => sum + weight * d, 0) / total;
  return {
    difference: raw,
    low: Math.max(-1, middle - half),
    high: Math.min(1, middle + half),
    chance: signFlipChance(each.map(({ weight, d }) => weight * d)),
  };
}

/** Cells of the grid on which sums are added up. Halving or doubling it moves no chance by more than 0.001. */
const CELLS = 20_000;

/**
 * The share of all choices of signs whose sum is as far from 0 as the one given, on either side: the exact test of
 * pairs that were dealt at random. Values of one size are added exactly; others on a grid.
 *
 * @example signFlipChance([1, 1, 1, 1, 1, -1]) // 0.21875: McNemar's exact test of 5 to 1
 */
export function signFlipChance(values: readonly number[]): number {
  const sizes = values.map(Math.abs).filter((size) => size > 0);
  if (sizes.length === 0) return 1;
  const largest = Math.max(...sizes);
  const reach = sizes.reduce((sum, size) => sum + size, 0);
  const isEven = sizes.every((size) => Math.abs(size - largest) < 1e-12);
  const step = isEven ? largest : reach / CELLS;
  const cells = sizes.map((size) => Math.round(size / step));
  const far = Math.abs(
    values.reduce((sum, value) => sum + Math.sign(value) * Math.round(Math.abs(value) / step), 0),
  );
  // What falls on the grid beside a sum of the same size is as far as that.
  const enough = isEven ? far : far - sizes.length / 2;
  const most = cells.reduce((sum, cell) => sum + cell, 0);
  // The chance of each sum from −most to most.
  let chances = new Float64Array(2 * most + 1);
  chances[most] = 1;
  let spread = 0;
  for (const cell of cells) {
    const next = new Float64Array(2 * most + 1);
    for (let sum = -spread; sum <= spread; sum += 1) {
      const chance = chances[most + sum]! / 2;
      if (chance === 0) continue;
      next[most + sum - cell]! += chance;
      next[most + sum + cell]! += chance;
    }
    spread += cell;
    chances = next;
  }
  let beyond = 0;
  for (let sum = -most; sum <= most; sum += 1) if (Math.abs(sum) >= enough) beyond += chances[most + sum]!;
  return Math.min(1, beyond);
}
