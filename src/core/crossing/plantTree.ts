import type { Place } from '../garden/places';

/** Most plants in a leaf of the tree; these are taken one by one. */
export const LEAF = 16;

/**
 * Plants of one variety in a tree of groups, each halved until it is a handful, so that one can ask who is nearest
 * without asking each plant. Group 0 is all of them, the halves of group i are 2i + 1 and 2i + 2, and the leaves
 * are the last half of the groups.
 */
export class PlantTree {
  readonly size: number;
  /** Where its plants stand, in the order of the tree. */
  readonly xs: Float64Array;
  readonly ys: Float64Array;
  readonly groups: number;
  /** Of each group: its first plant, the one after its last, their middle, and how far they reach from it. */
  readonly from: Int32Array;
  readonly to: Int32Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly reach: Float64Array;
  /** The box around each group: left, low, right, top. */
  readonly #boxes: Float64Array;
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
    this.groups = this.size > 0 ? 2 ** (levels + 1) - 1 : 0;
    this.from = new Int32Array(this.groups);
    this.to = new Int32Array(this.groups);
    this.x = new Float64Array(this.groups);
    this.y = new Float64Array(this.groups);
    this.reach = new Float64Array(this.groups);
    this.#boxes = new Float64Array(4 * this.groups);
    this.#stack = new Int32Array(levels + 2);
    if (this.size > 0) this.#build(0, 0, this.size);
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
      const group = stack[--top]!;
      if (this.#boxDistance2(group, x, y) >= best) continue;
      if (this.isLeaf(group)) {
        for (let i = this.from[group]!; i < this.to[group]!; i += 1) {
          const d2 = (this.xs[i]! - x) ** 2 + (this.ys[i]! - y) ** 2;
          if (d2 < best) best = d2;
        }
        continue;
      }
      const [a, b] = [2 * group + 1, 2 * group + 2];
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

  /** Distance from a spot to the box around all plants; Infinity without any. */
  distance(x: number, y: number): number {
    return this.size === 0 ? Infinity : Math.sqrt(this.#boxDistance2(0, x, y));
  }

  /** Squared distance between the boxes of two groups. */
  boxes2(group: number, other: PlantTree, its: number): number {
    const [a, b] = [this.#boxes, other.#boxes];
    const [i, j] = [4 * group, 4 * its];
    const dx = Math.max(0, b[j]! - a[i + 2]!, a[i]! - b[j + 2]!);
    const dy = Math.max(0, b[j + 1]! - a[i + 3]!, a[i + 1]! - b[j + 3]!);
    return dx * dx + dy * dy;
  }

  /** Squared distance between the nearest plants of two leaves, as far as it is less than `bound`. */
  leaves2(group: number, other: PlantTree, its: number, bound: number): number {
    let best = bound;
    for (let i = this.from[group]!; i < this.to[group]!; i += 1) {
      for (let j = other.from[its]!; j < other.to[its]!; j += 1) {
        const [dx, dy] = [this.xs[i]! - other.xs[j]!, this.ys[i]! - other.ys[j]!];
        const d2 = dx * dx + dy * dy;
        if (d2 < best) best = d2;
      }
    }
    return best;
  }

  isLeaf(group: number): boolean {
    return 2 * group + 1 >= this.groups;
  }

  #boxDistance2(group: number, x: number, y: number): number {
    const boxes = this.#boxes;
    const i = 4 * group;
    const dx = Math.max(boxes[i]! - x, 0, x - boxes[i + 2]!);
    const dy = Math.max(boxes[i + 1]! - y, 0, y - boxes[i + 3]!);
    return dx * dx + dy * dy;
  }

  #build(group: number, from: number, to: number): void {
    this.from[group] = from;
    this.to[group] = to;
    this.#measure(group, from, to);
    if (this.isLeaf(group)) return;
    const boxes = this.#boxes;
    const i = 4 * group;
    const wide = boxes[i + 2]! - boxes[i]! >= boxes[i + 3]! - boxes[i + 1]!;
    const middle = (from + to) >> 1;
    this.#part(from, to, middle, wide ? this.xs : this.ys);
    this.#build(2 * group + 1, from, middle);
    this.#build(2 * group + 2, middle, to);
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

  #measure(group: number, from: number, to: number): void {
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
    const [x, y] = [sx / (to - from), sy / (to - from)];
    let reach2 = 0;
    for (let i = from; i < to; i += 1) reach2 = Math.max(reach2, (xs[i]! - x) ** 2 + (ys[i]! - y) ** 2);
    this.x[group] = x;
    this.y[group] = y;
    this.reach[group] = Math.sqrt(reach2);
    this.#boxes[4 * group] = left;
    this.#boxes[4 * group + 1] = low;
    this.#boxes[4 * group + 2] = right;
    this.#boxes[4 * group + 3] = top;
  }
}

/** Descends two trees at once, the nearer halves first, past all that is farther apart than what was found. */
function nearestBetween(a: PlantTree, group: number, b: PlantTree, its: number, bound: number): number {
  if (a.boxes2(group, b, its) >= bound) return bound;
  const [aEnds, bEnds] = [a.isLeaf(group), b.isLeaf(its)];
  if (aEnds && bEnds) return a.leaves2(group, b, its, bound);
  if (!aEnds && (bEnds || a.reach[group]! >= b.reach[its]!)) {
    const [one, two] = [2 * group + 1, 2 * group + 2];
    const first = a.boxes2(one, b, its) <= a.boxes2(two, b, its) ? one : two;
    const best = nearestBetween(a, first, b, its, bound);
    return nearestBetween(a, first === one ? two : one, b, its, best);
  }
  return nearestBetween(b, its, a, group, bound);
}
