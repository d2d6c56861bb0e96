import type { Place } from '../garden/places';
import { PART, type KernelRow } from './pollenKernel';

/** Plants in a leaf of the tree; these are taken one by one. */
const LEAF = 8;
/**
 * A group of plants counts as one, with its spread, when it reaches no further from its middle than this share of
 * the distance, softened by the kernel's own scale; a handful is taken one by one until it is farther. Keeps sums
 * within a per cent where plants stand in beds; a few plants scattered over a hundred metres may be off by more.
 */
const OPENING = 0.35;
const OPENING_OF_FEW = 0.14;

/** Some plants close together: from and to in the order of the tree, their middle, and how far they reach from it. */
export interface Leaf {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly y: number;
  readonly reach: number;
}

/**
 * Plants of one variety in a tree of groups: who is nearest, and how much pollen comes from all of them, without
 * asking each plant. Sums are those of Barnes & Hut 1986, A hierarchical O(N log N) force-calculation algorithm,
 * with the second moments of each group.
 */
export class PlantTree {
  readonly size: number;
  /** Where its plants stand, in the order of the tree. */
  readonly xs: Float64Array;
  readonly ys: Float64Array;
  /** Of each node: plants, middle, second moments about it, reach from it, and the box around it. */
  readonly #count: Float64Array;
  readonly #x: Float64Array;
  readonly #y: Float64Array;
  readonly #xx: Float64Array;
  readonly #xy: Float64Array;
  readonly #yy: Float64Array;
  readonly #reach: Float64Array;
  readonly #left: Float64Array;
  readonly #low: Float64Array;
  readonly #right: Float64Array;
  readonly #top: Float64Array;
  /** First plant of a node and the one after its last; children of node i are 2i + 1 and 2i + 2. */
  readonly #from: Int32Array;
  readonly #to: Int32Array;
  readonly #stack: Int32Array;

  constructor(places: readonly Place[]) {
    this.size = places.length;
    this.xs = new Float64Array(this.size);
    this.ys = new Float64Array(this.size);
    for (let i = 0; i < this.size; i += 1) {
      this.xs[i] = places[i]!.x;
      this.ys[i] = places[i]!.y;
    }
    const levels = Math.max(0, Math.ceil(Math.log2(Math.max(1, this.size / LEAF))));
    const count = 2 ** (levels + 1) - 1;
    this.#count = new Float64Array(count);
    this.#x = new Float64Array(count);
    this.#y = new Float64Array(count);
    this.#xx = new Float64Array(count);
    this.#xy = new Float64Array(count);
    this.#yy = new Float64Array(count);
    this.#reach = new Float64Array(count);
    this.#left = new Float64Array(count);
    this.#low = new Float64Array(count);
    this.#right = new Float64Array(count);
    this.#top = new Float64Array(count);
    this.#from = new Int32Array(count).fill(-1);
    this.#to = new Int32Array(count);
    this.#stack = new Int32Array(2 * (levels + 2));
    if (this.size > 0) this.#build(0, 0, this.size, count);
  }

  /**
   * Squared distance from a spot to the nearest plant, as long as it is less than `bound`.
   *
   * @returns `bound` when no plant is nearer.
   */
  nearest2(x: number, y: number, bound: number): number {
    if (this.size === 0) return bound;
    const stack = this.#stack;
    let top = 0;
    let best = bound;
    stack[top++] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      if (this.#boxDistance2(node, x, y) >= best) continue;
      if (this.isLeaf(node)) {
        for (let i = this.#from[node]!; i < this.#to[node]!; i += 1) {
          const d2 = (this.xs[i]! - x) ** 2 + (this.ys[i]! - y) ** 2;
          if (d2 < best) best = d2;
        }
        continue;
      }
      const [a, b] = [2 * node + 1, 2 * node + 2];
      const aFirst = this.#boxDistance2(a, x, y) < this.#boxDistance2(b, x, y);
      stack[top++] = aFirst ? b : a;
      stack[top++] = aFirst ? a : b;
    }
    return best;
  }

  /** Squared distance between the nearest two plants of two trees; Infinity when either is empty. */
  nearestPair2(other: PlantTree): number {
    if (this.size === 0 || other.size === 0) return Infinity;
    return nearestBetween(this, 0, other, 0, Infinity);
  }

  /**
   * Pollen that comes to a spot from all plants, for several kernels at once.
   *
   * @param into takes one sum a kernel from `at` on, added to what it holds.
   */
  addPollen(x: number, y: number, { flat, soft2 }: KernelRow, into: Float64Array, at: number): void {
    if (this.size === 0) return;
    const stack = this.#stack;
    let top = 0;
    stack[top++] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      const dx = x - this.#x[node]!;
      const dy = y - this.#y[node]!;
      const d2 = dx * dx + dy * dy;
      const reach = this.#reach[node]!;
      const opening = this.#count[node]! > LEAF ? OPENING : OPENING_OF_FEW;
      if (reach * reach < opening * opening * (d2 + soft2)) {
        this.#addGroup(node, dx, dy, d2, flat, into, at);
      } else if (this.isLeaf(node)) {
        for (let i = this.#from[node]!; i < this.#to[node]!; i += 1) {
          const [ax, ay] = [this.xs[i]! - x, this.ys[i]! - y];
          addPlant(ax * ax + ay * ay, flat, into, at);
        }
      } else {
        stack[top++] = 2 * node + 1;
        stack[top++] = 2 * node + 2;
      }
    }
  }

  /** Taylor's series of the kernels about a group's middle, to the second order. */
  #addGroup(
    node: number,
    dx: number,
    dy: number,
    d2: number,
    flat: Float64Array,
    into: Float64Array,
    at: number,
  ): void {
    const count = this.#count[node]!;
    const [xx, yy] = [this.#xx[node]!, this.#yy[node]!];
    const spread = xx + yy;
    const along = dx * dx * xx + 2 * dx * dy * this.#xy[node]! + dy * dy * yy;
    for (let k = 0, sum = at; k < flat.length; k += PART, sum += 1) {
      into[sum]! +=
        flat[k]! * groupPart(flat[k + 1]!, 2, count, d2, spread, along) +
        flat[k + 2]! * groupPart(flat[k + 3]!, flat[k + 4]!, count, d2, spread, along);
    }
  }

  /** The groups at the end of the tree: a handful of plants each, close together. */
  leaves(): readonly Leaf[] {
    const found: Leaf[] = [];
    for (let node = 0; node < this.#from.length; node += 1) {
      if (this.#from[node]! < 0 || !this.isLeaf(node)) continue;
      found.push({
        from: this.#from[node]!,
        to: this.#to[node]!,
        x: this.#x[node]!,
        y: this.#y[node]!,
        reach: this.#reach[node]!,
      });
    }
    return found;
  }

  /** Squared distance from a spot to the box around all plants. */
  distance2(x: number, y: number): number {
    return this.size === 0 ? Infinity : this.#boxDistance2(0, x, y);
  }

  /** Squared distance between the boxes of two nodes. */
  boxes2(node: number, other: PlantTree, its: number): number {
    const dx = Math.max(0, other.#left[its]! - this.#right[node]!, this.#left[node]! - other.#right[its]!);
    const dy = Math.max(0, other.#low[its]! - this.#top[node]!, this.#low[node]! - other.#top[its]!);
    return dx * dx + dy * dy;
  }

  /** Squared distance between the nearest plants of two leaves, as far as it is less than `bound`. */
  leaves2(node: number, other: PlantTree, its: number, bound: number): number {
    let best = bound;
    for (let i = this.#from[node]!; i < this.#to[node]!; i += 1) {
      for (let j = other.#from[its]!; j < other.#to[its]!; j += 1) {
        const [dx, dy] = [this.xs[i]! - other.xs[j]!, this.ys[i]! - other.ys[j]!];
        const d2 = dx * dx + dy * dy;
        if (d2 < best) best = d2;
      }
    }
    return best;
  }

  reachOf(node: number): number {
    return this.#reach[node]!;
  }

  isLeaf(node: number): boolean {
    const child = 2 * node + 1;
    return child >= this.#from.length || this.#from[child]! < 0;
  }

  #boxDistance2(node: number, x: number, y: number): number {
    const dx = Math.max(this.#left[node]! - x, 0, x - this.#right[node]!);
    const dy = Math.max(this.#low[node]! - y, 0, y - this.#top[node]!);
    return dx * dx + dy * dy;
  }

  #build(node: number, from: number, to: number, count: number): void {
    this.#from[node] = from;
    this.#to[node] = to;
    this.#measure(node, from, to);
    if (to - from <= LEAF || 2 * node + 2 >= count) return;
    const wide = this.#right[node]! - this.#left[node]! >= this.#top[node]! - this.#low[node]!;
    const middle = (from + to) >> 1;
    this.#part(from, to, middle, wide ? this.xs : this.ys);
    this.#build(2 * node + 1, from, middle, count);
    this.#build(2 * node + 2, middle, to, count);
  }

  /** Puts the plants of a range on either side of its middle by one of their coordinates [Hoare 1961, Find]. */
  #part(from: number, to: number, middle: number, keys: Float64Array): void {
    let [low, high] = [from, to - 1];
    while (low < high) {
      const pivot = keys[(low + high) >> 1]!;
      let [i, j] = [low, high];
      while (i <= j) {
        while (keys[i]! < pivot) i += 1;
        while (keys[j]! > pivot) j -= 1;
        if (i > j) break;
        this.#swap(i, j);
        i += 1;
        j -= 1;
      }
      if (middle <= j) high = j;
      else if (middle >= i) low = i;
      else return;
    }
  }

  #swap(i: number, j: number): void {
    const { xs, ys } = this;
    const [x, y] = [xs[i]!, ys[i]!];
    xs[i] = xs[j]!;
    ys[i] = ys[j]!;
    xs[j] = x;
    ys[j] = y;
  }

  #measure(node: number, from: number, to: number): void {
    const [xs, ys] = [this.xs, this.ys];
    let [sx, sy] = [0, 0];
    let [left, low, right, top] = [Infinity, Infinity, -Infinity, -Infinity];
    for (let i = from; i < to; i += 1) {
      sx += xs[i]!;
      sy += ys[i]!;
      left = Math.min(left, xs[i]!);
      right = Math.max(right, xs[i]!);
      low = Math.min(low, ys[i]!);
      top = Math.max(top, ys[i]!);
    }
    const count = to - from;
    const [x, y] = [sx / count, sy / count];
    let [xx, xy, yy, reach2] = [0, 0, 0, 0];
    for (let i = from; i < to; i += 1) {
      const [dx, dy] = [xs[i]! - x, ys[i]! - y];
      xx += dx * dx;
      xy += dx * dy;
      yy += dy * dy;
      reach2 = Math.max(reach2, dx * dx + dy * dy);
    }
    this.#count[node] = count;
    this.#x[node] = x;
    this.#y[node] = y;
    this.#xx[node] = xx;
    this.#xy[node] = xy;
    this.#yy[node] = yy;
    this.#reach[node] = Math.sqrt(reach2);
    this.#left[node] = left;
    this.#low[node] = low;
    this.#right[node] = right;
    this.#top[node] = top;
  }
}

/** One part of a kernel for a group at a squared distance: its count, corrected by its spread. */
function groupPart(
  perS2: number,
  power: number,
  count: number,
  d2: number,
  spread: number,
  along: number,
): number {
  const g = 1 / (1 + d2 * perS2);
  const u = g * perS2;
  const value = power === 2 ? g * g : g;
  return value * (count - power * u * spread + 2 * power * (power + 1) * u * u * along);
}

/** One plant at a squared distance. */
function addPlant(r2: number, flat: Float64Array, into: Float64Array, at: number): void {
  for (let k = 0, sum = at; k < flat.length; k += PART, sum += 1) {
    const n = 1 / (1 + r2 * flat[k + 1]!);
    const f = 1 / (1 + r2 * flat[k + 3]!);
    into[sum]! += flat[k]! * n * n + flat[k + 2]! * (flat[k + 4] === 2 ? f * f : f);
  }
}

/** Descends two trees at once, the nearer halves first, past all that is farther apart than what was found. */
function nearestBetween(a: PlantTree, node: number, b: PlantTree, its: number, bound: number): number {
  if (a.boxes2(node, b, its) >= bound) return bound;
  const [aEnds, bEnds] = [a.isLeaf(node), b.isLeaf(its)];
  if (aEnds && bEnds) return a.leaves2(node, b, its, bound);
  if (!aEnds && (bEnds || a.reachOf(node) >= b.reachOf(its))) {
    const [one, two] = [2 * node + 1, 2 * node + 2];
    const first = a.boxes2(one, b, its) <= a.boxes2(two, b, its) ? one : two;
    const best = nearestBetween(a, first, b, its, bound);
    return nearestBetween(a, first === one ? two : one, b, its, best);
  }
  return nearestBetween(b, its, a, node, bound);
}
