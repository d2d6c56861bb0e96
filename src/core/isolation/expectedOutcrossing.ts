import type { Figure, Span } from '../crops/crop';
import type { Place } from '../garden/places';
import { basisOf, combineTerms, type KernelBasis } from '../pollen/kernelBasis';
import type { PlantTree } from '../pollen/plantTree';
import { termOverField, type KernelRange } from '../pollen/pollenKernel';
import { pollenSumOf } from '../pollen/pollenSum';

/** A source of foreign pollen: plants on the plan, or a round patch of so many elsewhere. */
export type PollenSource = (
  | { readonly tree: PlantTree }
  | { readonly patch: { readonly middle: Place; readonly radius: number; readonly plants: number } }
) & {
  /** Share of its pollen that counts: past barriers, shed on the same days, and able to fertilise; 0 to 1. */
  readonly effectiveShare: number;
};

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
 * that reaches each plant, averaged over its plants, times the share of its seed that any other plant fathers. It
 * assumes that all plants shed the same amount, that pollen of either kind is as good, and that wind and insects are
 * the same on every side.
 *
 * @param own plants of the variety.
 * @param outcrossing share of the seed that other plants father where plants stand mixed.
 * @returns shares from 0 to 1; all 0 without a source.
 * @throws RangeError without a plant of its own.
 */
export function expectedOutcrossing(
  own: PlantTree,
  sources: readonly PollenSource[],
  kernels: KernelRange,
  outcrossing: Figure<Span>,
): ExpectedOutcrossing {
  if (own.size === 0) throw new RangeError('a variety without plants receives no pollen');
  const basis = basisOf(kernels);
  const shares = new Float64Array(3 * sources.length);
  const received: Received = {
    ownPollen: pollenSumOf(own, basis).withinTree(),
    emitters: sources.map((source) => emitterOf(source, basis)),
    basis,
    contributions: new Float64Array(3 * sources.length),
  };
  for (let leaf = own.nodes >> 1; leaf < own.nodes; leaf += 1) addShares(own, leaf, received, shares);
  const [low, high] = outcrossing.value;
  const perPlant = [geometricMean(outcrossing.value), low, high].map((share) => share / own.size);
  const bySource = sources.map((_, s): ShareRange => ({
    share: perPlant[0]! * shares[3 * s]!,
    low: perPlant[1]! * shares[3 * s + 1]!,
    high: perPlant[2]! * shares[3 * s + 2]!,
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
  /** Scratch space for what each source contributes at a point, one number a kernel. */
  readonly contributions: Float64Array;
}

/** Adds each source's share of all the pollen that the plants of a leaf received. */
function addShares(
  own: PlantTree,
  leaf: number,
  { ownPollen, emitters, basis, contributions }: Received,
  shares: Float64Array,
): void {
  const { first, end, xs, ys } = own;
  const { x, y, radius } = weightedCentroid(own, leaf, ownPollen);
  // Beyond this distance a source contributes the same to all plants of the leaf, and is evaluated once.
  const uniformBeyond = radius + basis.taylor.uniformBeyond(radius, UNIFORM_TOLERANCE);
  const uniformPart = [0, 0, 0];
  const near: number[] = [];
  for (let s = 0; s < emitters.length; s += 1) {
    if (emitters[s]!.distance(x, y) < uniformBeyond) {
      near.push(s);
      continue;
    }
    emitters[s]!.evaluate(x, y, contributions, 3 * s);
    for (let k = 0; k < 3; k += 1) uniformPart[k]! += contributions[3 * s + k]!;
  }
  const inverseTotals = [0, 0, 0];
  for (let i = first[leaf]!; i < end[leaf]!; i += 1) {
    for (const s of near) emitters[s]!.evaluate(xs[i]!, ys[i]!, contributions, 3 * s);
    for (let k = 0; k < 3; k += 1) {
      let total = ownPollen[3 * i + k]! + uniformPart[k]!;
      for (const s of near) total += contributions[3 * s + k]!;
      inverseTotals[k]! += 1 / total;
      for (const s of near) shares[3 * s + k]! += contributions[3 * s + k]! / total;
    }
  }
  for (const s of near) contributions.fill(0, 3 * s, 3 * s + 3);
  for (let i = 0; i < contributions.length; i += 1) shares[i]! += contributions[i]! * inverseTotals[i % 3]!;
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
    const weight = 1 / ownPollen[3 * i]!;
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

/** A source as something that can be evaluated at a point. */
interface Emitter {
  /** Metres from a point to the source's nearest edge. */
  distance(x: number, y: number): number;
  /** Writes what it contributes at a point, one number a kernel, from `at` on. */
  evaluate(x: number, y: number, into: Float64Array, at: number): void;
}

function emitterOf(source: PollenSource, basis: KernelBasis): Emitter {
  const { effectiveShare } = source;
  if ('tree' in source) {
    const pollen = pollenSumOf(source.tree, basis);
    return {
      distance: (x, y) => source.tree.distance(x, y),
      evaluate: (x, y, into, at) => pollen.evaluate(x, y, effectiveShare, into, at),
    };
  }
  const { middle, radius, plants } = source.patch;
  const termSums = new Float64Array(basis.terms.length);
  const metresTo = (x: number, y: number): number => Math.sqrt((middle.x - x) ** 2 + (middle.y - y) ** 2);
  return {
    distance: (x, y) => Math.max(0, metresTo(x, y) - radius),
    evaluate: (x, y, into, at) => {
      const metres = metresTo(x, y);
      for (let t = 0; t < termSums.length; t += 1)
        termSums[t] = termOverField(metres, radius, basis.terms[t]!);
      combineTerms(basis, termSums, effectiveShare * plants, into, at);
    },
  };
}
