import type { Figure, Span } from '../crops/crop';
import type { Place } from '../garden/places';
import type { PlantTree } from './plantTree';
import { rowOf, weigh, type KernelRow } from './kernelRow';
import { pollenSum } from './pollenSum';
import { bellOverField, type KernelRange } from './pollenKernel';

/** Pollen of another kind that may come: plants on the plan, or a round patch of so many elsewhere. */
export type PollenSource = (
  | { readonly tree: PlantTree }
  | { readonly patch: { readonly middle: Place; readonly radius: number; readonly plants: number } }
) & {
  /** Share of it that comes at all: past barriers, in the same days, and able to take; 0 to 1. */
  readonly comes: number;
};

/** A share from 0 to 1: a middle figure, and from what is little to what is much. */
export interface ShareRange {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

export interface ForeignShare {
  readonly all: ShareRange;
  /** What each source brings, in the order of the sources. */
  readonly each: readonly ShareRange[];
}

/** The figures span orders of magnitude. */
const geometricMean = ([low, high]: Span): number => Math.sqrt(low * high);

/**
 * Share of the seed that foreign pollen will father if a variety is left open: foreign pollen beside the variety's
 * own, averaged over its plants, times the share of its seed that any other plant fathers. It assumes that all
 * plants shed alike, that pollen of either kind is as good, and the same wind and insects on every side.
 *
 * @param own plants of the variety.
 * @param outcrossing share of the seed that other plants father where plants stand mixed.
 * @returns shares from 0 to 1; all 0 without a source.
 * @throws RangeError without a plant of its own.
 */
export function foreignShare(
  own: PlantTree,
  sources: readonly PollenSource[],
  kernels: KernelRange,
  outcrossing: Figure<Span>,
): ForeignShare {
  if (own.size === 0) throw new RangeError('a variety without plants receives no pollen');
  const row = rowOf(kernels);
  const shares = new Float64Array(3 * sources.length);
  const ours = pollenSum(own, row).toItself();
  const givers = sources.map((source) => giverOf(source, row));
  const brought = new Float64Array(3 * sources.length);
  for (let leaf = own.groups >> 1; leaf < own.groups; leaf += 1) {
    addShares(own, leaf, { ours, givers, row, brought }, shares);
  }
  const [low, high] = outcrossing.value;
  const crossed = [geometricMean(outcrossing.value), low, high].map((share) => share / own.size);
  const each = sources.map((_, s): ShareRange => ({
    share: crossed[0]! * shares[3 * s]!,
    low: crossed[1]! * shares[3 * s + 1]!,
    high: crossed[2]! * shares[3 * s + 2]!,
  }));
  const sum = (of: (range: ShareRange) => number): number => each.reduce((all, one) => all + of(one), 0);
  return {
    all: { share: sum((r) => r.share), low: sum((r) => r.low), high: sum((r) => r.high) },
    each,
  };
}

/** Pollen counts as coming alike to all plants of a leaf where it differs by less than this share of itself. */
const EVEN = 0.07;

interface Given {
  /** What each plant receives from its own kind, one figure a plant and kernel. */
  readonly ours: Float64Array;
  readonly givers: readonly Giver[];
  readonly row: KernelRow;
  /** Room for what each giver brings, one figure a kernel. */
  readonly brought: Float64Array;
}

/** Adds what the plants of a leaf received from each giver, as shares of all that each received. */
function addShares(
  own: PlantTree,
  leaf: number,
  { ours, givers, row, brought }: Given,
  shares: Float64Array,
): void {
  const { from, to, xs, ys } = own;
  const { x, y, reach } = mostOpen(own, leaf, ours);
  // From here on a giver gives all plants of the leaf alike, and is asked once.
  const evenFrom = reach + row.bend.evenFrom(reach, EVEN);
  const alike = [0, 0, 0];
  const near: number[] = [];
  for (let s = 0; s < givers.length; s += 1) {
    if (givers[s]!.distance(x, y) < evenFrom) {
      near.push(s);
      continue;
    }
    givers[s]!.put(x, y, brought, 3 * s);
    for (let k = 0; k < 3; k += 1) alike[k]! += brought[3 * s + k]!;
  }
  const perReceived = [0, 0, 0];
  for (let i = from[leaf]!; i < to[leaf]!; i += 1) {
    for (const s of near) givers[s]!.put(xs[i]!, ys[i]!, brought, 3 * s);
    for (let k = 0; k < 3; k += 1) {
      let received = ours[3 * i + k]! + alike[k]!;
      for (const s of near) received += brought[3 * s + k]!;
      perReceived[k]! += 1 / received;
      for (const s of near) shares[3 * s + k]! += brought[3 * s + k]! / received;
    }
  }
  for (const s of near) brought.fill(0, 3 * s, 3 * s + 3);
  for (let i = 0; i < brought.length; i += 1) shares[i]! += brought[i]! * perReceived[i % 3]!;
}

/**
 * The middle of a leaf's plants, each counted by how little it receives of its own kind: foreign pollen that comes
 * evenly more to one side than to the other fathers as much as if all came as it does there.
 *
 * @returns the spot, and how far the plants reach from it, metres.
 */
function mostOpen(
  { from, to, xs, ys }: PlantTree,
  leaf: number,
  ours: Float64Array,
): Place & { readonly reach: number } {
  let [all, x, y] = [0, 0, 0];
  for (let i = from[leaf]!; i < to[leaf]!; i += 1) {
    const weight = 1 / ours[3 * i]!;
    all += weight;
    x += weight * xs[i]!;
    y += weight * ys[i]!;
  }
  x /= all;
  y /= all;
  let reach2 = 0;
  for (let i = from[leaf]!; i < to[leaf]!; i += 1)
    reach2 = Math.max(reach2, (xs[i]! - x) ** 2 + (ys[i]! - y) ** 2);
  return { x, y, reach: Math.sqrt(reach2) };
}

interface Giver {
  /** Metres from a spot to the source's nearest edge. */
  distance(x: number, y: number): number;
  /** Puts what comes from it to a spot, one figure a kernel, from `at` on. */
  put(x: number, y: number, into: Float64Array, at: number): void;
}

function giverOf(source: PollenSource, row: KernelRow): Giver {
  const { comes } = source;
  if ('tree' in source) {
    const pollen = pollenSum(source.tree, row);
    return {
      distance: (x, y) => source.tree.distance(x, y),
      put: (x, y, into, at) => pollen.put(x, y, comes, into, at),
    };
  }
  const { middle, radius, plants } = source.patch;
  const bells = new Float64Array(row.bells.length);
  const metresTo = (x: number, y: number): number => Math.sqrt((middle.x - x) ** 2 + (middle.y - y) ** 2);
  return {
    distance: (x, y) => Math.max(0, metresTo(x, y) - radius),
    put: (x, y, into, at) => {
      const metres = metresTo(x, y);
      for (let b = 0; b < bells.length; b += 1) bells[b] = bellOverField(metres, radius, row.bells[b]!);
      weigh(row, bells, comes * plants, into, at);
    },
  };
}
