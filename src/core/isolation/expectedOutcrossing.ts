import type { Figure, Span } from '../crops/crop';
import type { Place } from '../garden/places';
import type { Barriers } from '../pollen/barriers';
import { basisOf, type KernelBasis } from '../pollen/kernelBasis';
import type { PlantTree } from '../pollen/plantTree';
import type { KernelRange } from '../pollen/pollenKernel';
import { pollenSumOf } from '../pollen/pollenSum';
import { emitterOf, type Emitter, type PollenSource } from './emitters';

/** Days of a variety's flowering on which the same sources shed pollen. */
export interface Spell {
  /** Share of the flowering that they make up. */
  readonly share: number;
  /** For each source: does it shed on them? */
  readonly sheds: readonly boolean[];
}

export interface OutcrossingQuestion {
  /** Plants of the variety. */
  readonly own: PlantTree;
  /** Does it shed pollen of its own? All seed of one that sheds none has another father. */
  readonly sheds: boolean;
  readonly sources: readonly PollenSource[];
  readonly kernels: KernelRange;
  /** Share of the seed that other plants father where plants stand mixed. */
  readonly outcrossing: Figure<Span>;
  readonly barriers: Barriers;
  /** Shares add up to 1. */
  readonly spells: readonly Spell[];
}

/** A share from 0 to 1: the middle estimate and its bounds. */
export interface ShareRange {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

export interface ExpectedOutcrossing {
  readonly total: ShareRange;
  /** For each source, in the order of the sources. */
  readonly bySource: readonly ShareRange[];
}

/** The bounds span orders of magnitude. */
const geometricMean = ([low, high]: Span): number => Math.sqrt(low * high);

/**
 * Share of the seed that foreign pollen will father if a variety is left open: foreign pollen as a share of all pollen
 * that reaches each plant, spell by spell of its flowering, averaged over spells and plants, times the share of its
 * seed that any other plant fathers. It assumes that all plants shed the same amount, that a variety sets as much seed
 * on each of its days, that pollen of either kind is as good, and that wind and insects are the same on every side.
 *
 * @returns shares from 0 to 1; all 0 without a source.
 * @throws RangeError without a plant of its own.
 */
export function expectedOutcrossing(question: OutcrossingQuestion): ExpectedOutcrossing {
  const { own, sheds, sources, kernels, outcrossing, barriers } = question;
  if (own.size === 0) throw new RangeError('a variety without plants receives no pollen');
  const basis = basisOf(kernels);
  const received: Received = {
    ownPollen: sheds ? pollenSumOf(own, basis).withinTree() : new Float64Array(3 * own.size),
    emitters: sources.map((source) => emitterOf(source, basis, barriers)),
    basis,
    spells: question.spells,
    contributions: new Float64Array(3 * sources.length),
    shares: new Float64Array(3 * sources.length),
    seed: new Float64Array(3),
  };
  for (let leaf = own.nodes >> 1; leaf < own.nodes; leaf += 1) addShares(own, leaf, received);
  const [low, high] = sheds ? outcrossing.value : [1, 1];
  const { shares, seed } = received;
  const perShare = [geometricMean([low, high]), low, high].map((share, k) =>
    seed[k]! > 0 ? share / seed[k]! : 0,
  );
  const bySource = sources.map((_, s): ShareRange => ({
    share: perShare[0]! * shares[3 * s]!,
    low: perShare[1]! * shares[3 * s + 1]!,
    high: perShare[2]! * shares[3 * s + 2]!,
  }));
  return { total: sumOfRanges(bySource), bySource };
}

/**
 * The sum of some ranges, bound by bound.
 *
 * @example sumOfRanges([]) // { share: 0, low: 0, high: 0 }
 */
export const sumOfRanges = (ranges: readonly ShareRange[]): ShareRange => ({
  share: ranges.reduce((sum, { share }) => sum + share, 0),
  low: ranges.reduce((sum, { low }) => sum + low, 0),
  high: ranges.reduce((sum, { high }) => sum + high, 0),
});

/** Pollen counts as uniform over a leaf where it varies by less than this share of itself. */
const UNIFORM_TOLERANCE = 0.07;

interface Received {
  /** What each plant receives from its own variety, one number a plant and kernel. */
  readonly ownPollen: Float64Array;
  readonly emitters: readonly Emitter[];
  readonly basis: KernelBasis;
  readonly spells: readonly Spell[];
  /** Scratch space for what each source contributes at a point, one number a kernel. */
  readonly contributions: Float64Array;
  /** Each source's share of the pollen, summed over plants; one number a kernel. */
  readonly shares: Float64Array;
  /** Plants that receive any pollen, each for the share of its days on which it does. */
  readonly seed: Float64Array;
}

/** Adds each source's share of all the pollen that the plants of a leaf received. */
function addShares(own: PlantTree, leaf: number, received: Received): void {
  const { ownPollen, emitters, basis, spells, contributions, shares, seed } = received;
  const { first, end, xs, ys } = own;
  const { x, y, radius } = weightedCentroid(own, leaf, ownPollen);
  // Beyond this distance a source contributes the same to all plants of the leaf, and is evaluated once.
  const uniformBeyond = radius + basis.taylor.uniformBeyond(radius, UNIFORM_TOLERANCE);
  const box = own.box(leaf);
  const near: number[] = [];
  const uniform: number[] = [];
  const passes = emitters.map((emitter) => emitter.transmission(box));
  emitters.forEach((emitter, s) => {
    const share = passes[s];
    if (share === undefined || emitter.distance(x, y) < uniformBeyond) {
      near.push(s);
      return;
    }
    uniform.push(s);
    emitter.evaluate(x, y, share, contributions, 3 * s);
  });
  const uniformParts = spells.map(({ sheds }) => sumOver(uniform, sheds, contributions));
  const inverseTotals = spells.map(() => [0, 0, 0]);
  for (let i = first[leaf]!; i < end[leaf]!; i += 1) {
    for (const s of near) emitters[s]!.evaluate(xs[i]!, ys[i]!, passes[s], contributions, 3 * s);
    for (let q = 0; q < spells.length; q += 1) {
      const { share, sheds } = spells[q]!;
      for (let k = 0; k < 3; k += 1) {
        let total = ownPollen[3 * i + k]! + uniformParts[q]![k]!;
        for (const s of near) if (sheds[s]) total += contributions[3 * s + k]!;
        if (total === 0) continue;
        seed[k]! += share;
        inverseTotals[q]![k]! += share / total;
        for (const s of near) if (sheds[s]) shares[3 * s + k]! += (share * contributions[3 * s + k]!) / total;
      }
    }
  }
  spells.forEach(({ sheds }, q) => {
    for (const s of uniform) {
      if (!sheds[s]) continue;
      for (let k = 0; k < 3; k += 1) shares[3 * s + k]! += contributions[3 * s + k]! * inverseTotals[q]![k]!;
    }
  });
}

/** What the sources that shed contribute together, one number a kernel. */
function sumOver(
  sources: readonly number[],
  sheds: readonly boolean[],
  contributions: Float64Array,
): number[] {
  const sum = [0, 0, 0];
  for (const s of sources) {
    if (!sheds[s]) continue;
    for (let k = 0; k < 3; k += 1) sum[k]! += contributions[3 * s + k]!;
  }
  return sum;
}

/**
 * The centroid of a leaf's plants, each weighted by how little it receives of its own variety: foreign pollen that
 * rises linearly across the leaf fathers as much as if all of it were as strong as there.
 *
 * @returns the point, and the distance of the farthest plant from it, metres.
 */
function weightedCentroid(
  { first, end, xs, ys }: PlantTree,
  leaf: number,
  ownPollen: Float64Array,
): Place & { readonly radius: number } {
  let [all, x, y] = [0, 0, 0];
  for (let i = first[leaf]!; i < end[leaf]!; i += 1) {
    const weight = 1 / (ownPollen[3 * i]! || 1);
    all += weight;
    x += weight * xs[i]!;
    y += weight * ys[i]!;
  }
  x /= all;
  y /= all;
  let radiusSquared = 0;
  for (let i = first[leaf]!; i < end[leaf]!; i += 1)
    radiusSquared = Math.max(radiusSquared, (xs[i]! - x) ** 2 + (ys[i]! - y) ** 2);
  return { x, y, radius: Math.sqrt(radiusSquared) };
}
