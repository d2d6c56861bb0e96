import type { Figure, Span } from '../crops/crop';
import type { Place } from '../garden/places';
import type { Leaf, PlantTree } from './plantTree';
import { kernelRow, pollenFromField, type KernelRange, type KernelRow } from './pollenKernel';

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

const rows = new WeakMap<KernelRange, KernelRow>();

/** The three kernels of a range in a row, put together once. */
function rowOf(range: KernelRange): KernelRow {
  const held = rows.get(range) ?? kernelRow([range.middle, range.low, range.high]);
  rows.set(range, held);
  return held;
}

/** Geometric mean: the figures span orders of magnitude. */
const middleOf = ([low, high]: Span): number => Math.sqrt(low * high);

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
  const sums = new Float64Array(3 * sources.length);
  const ours = new Float64Array(3);
  const near = new Uint8Array(sources.length);
  const far = new Float64Array(3 * sources.length);
  const brought = new Float64Array(3 * sources.length);
  for (const leaf of own.leaves()) {
    // What is far off comes alike to all plants of a leaf, and is asked for once.
    far.fill(0);
    for (let s = 0; s < sources.length; s += 1) {
      near[s] = leaf.reach ** 2 < FAR ** 2 * distance2(sources[s]!, leaf) ? 0 : 1;
      if (near[s] === 0) addFrom(sources[s]!, leaf.x, leaf.y, row, far, 3 * s);
    }
    for (let i = leaf.from; i < leaf.to; i += 1) {
      const [x, y] = [own.xs[i]!, own.ys[i]!];
      ours.fill(0);
      own.addPollen(x, y, row, ours, 0);
      brought.set(far);
      for (let s = 0; s < sources.length; s += 1) {
        if (near[s] === 1) addFrom(sources[s]!, x, y, row, brought, 3 * s);
      }
      addShares(ours, brought, sums);
    }
  }
  const [low, high] = outcrossing.value;
  const crossed = [middleOf(outcrossing.value), low, high].map((share) => share / own.size);
  const each = sources.map((_, s): ShareRange => ({
    share: crossed[0]! * sums[3 * s]!,
    low: crossed[1]! * sums[3 * s + 1]!,
    high: crossed[2]! * sums[3 * s + 2]!,
  }));
  const sum = (of: (range: ShareRange) => number): number => each.reduce((all, one) => all + of(one), 0);
  return {
    all: { share: sum((r) => r.share), low: sum((r) => r.low), high: sum((r) => r.high) },
    each,
  };
}

/** A leaf takes what comes from so far away as one: its reach is less than this share of the distance. */
const FAR = 0.07;

/** Squared distance from a leaf's middle to the nearest edge of a source. */
function distance2(source: PollenSource, { x, y }: Leaf): number {
  if ('tree' in source) return source.tree.distance2(x, y);
  const { middle, radius } = source.patch;
  const metres = Math.hypot(middle.x - x, middle.y - y) - radius;
  return Math.max(0, metres) ** 2;
}

/** Adds what one plant received, as shares of all that it received. */
function addShares(ours: Float64Array, brought: Float64Array, sums: Float64Array): void {
  for (let k = 0; k < 3; k += 1) {
    let total = ours[k]!;
    for (let i = k; i < brought.length; i += 3) total += brought[i]!;
    for (let i = k; i < brought.length; i += 3) sums[i]! += brought[i]! / total;
  }
}

function addFrom(
  source: PollenSource,
  x: number,
  y: number,
  row: KernelRow,
  into: Float64Array,
  at: number,
): void {
  const { kernels } = row;
  if ('tree' in source) {
    source.tree.addPollen(x, y, row, into, at);
  } else {
    const { middle, radius, plants } = source.patch;
    const metres = Math.hypot(middle.x - x, middle.y - y);
    for (let k = 0; k < kernels.length; k += 1) {
      into[at + k]! += plants * pollenFromField(metres, radius, kernels[k]!);
    }
  }
  for (let k = 0; k < kernels.length; k += 1) into[at + k]! *= source.comes;
}
