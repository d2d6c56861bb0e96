import type { Place } from '../garden/places';
import type { Box } from './barriers';

/** Most plants in a leaf of the tree; these are taken one by one. */
export const LEAF_SIZE = 16;

/** Which pairs of plants count; the same either way round. */
export interface PairFilter {
  /** Is it certain that no place of one box counts with any of the other? */
  none(a: Box, b: Box): boolean;
  counts(a: Place, b: Place): boolean;
}

/** A plant of one tree and one of another. */
export interface NearestPair {
  /** Squared distance between them, m². */
  readonly squared: number;
  readonly own: Place;
  readonly others: Place;
}

/**
 * Plants of one variety in a balanced binary tree, each node halved until it holds a handful, so that the nearest
 * plant is found without visiting all. Node 0 holds all of them, the children of node i are 2i + 1 and 2i + 2, and the
 * leaves are the last half of the nodes.
 */
export class PlantTree {
  readonly size: number;
  /** Coordinates of its plants, in the order of the tree, metres. */
  readonly xs: Float64Array;
  readonly ys: Float64Array;
  readonly nodes: number;
  /** For each node: its first plant, the one after its last, their centroid, and the farthest from it, metres. */
  readonly first: Int32Array;
  readonly end: Int32Array;
  readonly centroidX: Float64Array;
  readonly centroidY: Float64Array;
  readonly radius: Float64Array;
  /** Bounding box of each node: left, bottom, right, top. */
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
    const levels = Math.max(0, Math.ceil(Math.log2(Math.max(1, this.size / LEAF_SIZE))));
    this.nodes = this.size > 0 ? 2 ** (levels + 1) - 1 : 0;
    this.first = new Int32Array(this.nodes);
    this.end = new Int32Array(this.nodes);
    this.centroidX = new Float64Array(this.nodes);
    this.centroidY = new Float64Array(this.nodes);
    this.radius = new Float64Array(this.nodes);
    this.#boxes = new Float64Array(4 * this.nodes);
    this.#stack = new Int32Array(levels + 2);
    if (this.size > 0) this.#build(0, 0, this.size);
  }

  /**
   * Squared distance from a point to the nearest plant, as long as it is less than `bound`, m².
   *
   * @returns `bound` when no plant is nearer.
   */
  nearestSquared(x: number, y: number, bound: number): number {
    if (this.size === 0) return bound;
    const stack = this.#stack;
    let top = 0;
    let best = bound;
    stack[top++] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      if (this.#pointToBoxSquared(node, x, y) >= best) continue;
      if (this.isLeaf(node)) {
        for (let i = this.first[node]!; i < this.end[node]!; i += 1) {
          const d2 = (this.xs[i]! - x) ** 2 + (this.ys[i]! - y) ** 2;
          if (d2 < best) best = d2;
        }
        continue;
      }
      const [a, b] = [2 * node + 1, 2 * node + 2];
      const aFirst = this.#pointToBoxSquared(a, x, y) < this.#pointToBoxSquared(b, x, y);
      stack[top++] = aFirst ? b : a;
      stack[top++] = aFirst ? a : b;
    }
    return best;
  }

  /**
   * The nearest two plants of two trees that are less than `bound` apart, m², of those that `filter` accepts.
   *
   * @returns the squared distance, m², and the two places; `undefined` without such a pair.
   */
  nearestPair(other: PlantTree, bound = Infinity, filter: PairFilter = ANY_PAIR): NearestPair | undefined {
    if (this.size === 0 || other.size === 0) return undefined;
    const search: PairSearch = { filter, bound, found: undefined };
    searchPairs(this, 0, other, 0, search, false);
    return search.found;
  }

  /** Distance from a point to the box around all plants, metres; Infinity without any. */
  distance(x: number, y: number): number {
    return this.size === 0 ? Infinity : Math.sqrt(this.#pointToBoxSquared(0, x, y));
  }

  /** Squared distance between the boxes of two nodes. */
  boxDistanceSquared(node: number, other: PlantTree, otherNode: number): number {
    const [a, b] = [this.#boxes, other.#boxes];
    const [i, j] = [4 * node, 4 * otherNode];
    const dx = Math.max(0, b[j]! - a[i + 2]!, a[i]! - b[j + 2]!);
    const dy = Math.max(0, b[j + 1]! - a[i + 3]!, a[i + 1]! - b[j + 3]!);
    return dx * dx + dy * dy;
  }

  /** The bounding box of a node's plants. */
  box(node: number): Box {
    const [left, bottom, right, top] = this.#boxes.subarray(4 * node, 4 * node + 4);
    return { left: left!, bottom: bottom!, right: right!, top: top! };
  }

  isLeaf(node: number): boolean {
    return 2 * node + 1 >= this.nodes;
  }

  #pointToBoxSquared(node: number, x: number, y: number): number {
    const boxes = this.#boxes;
    const i = 4 * node;
    const dx = Math.max(boxes[i]! - x, 0, x - boxes[i + 2]!);
    const dy = Math.max(boxes[i + 1]! - y, 0, y - boxes[i + 3]!);
    return dx * dx + dy * dy;
  }

  #build(node: number, from: number, to: number): void {
    this.first[node] = from;
    this.end[node] = to;
    this.#measure(node, from, to);
    if (this.isLeaf(node)) return;
    const boxes = this.#boxes;
    const i = 4 * node;
    const wide = boxes[i + 2]! - boxes[i]! >= boxes[i + 3]! - boxes[i + 1]!;
    const middle = (from + to) >> 1;
    this.#part(from, to, middle, wide ? this.xs : this.ys);
    this.#build(2 * node + 1, from, middle);
    this.#build(2 * node + 2, middle, to);
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
    let [left, bottom, right, top] = [Infinity, Infinity, -Infinity, -Infinity];
    for (let i = from; i < to; i += 1) {
      sx += xs[i]!;
      sy += ys[i]!;
      left = Math.min(left, xs[i]!);
      right = Math.max(right, xs[i]!);
      bottom = Math.min(bottom, ys[i]!);
      top = Math.max(top, ys[i]!);
    }
    const [x, y] = [sx / (to - from), sy / (to - from)];
    let radiusSquared = 0;
    for (let i = from; i < to; i += 1)
      radiusSquared = Math.max(radiusSquared, (xs[i]! - x) ** 2 + (ys[i]! - y) ** 2);
    this.centroidX[node] = x;
    this.centroidY[node] = y;
    this.radius[node] = Math.sqrt(radiusSquared);
    this.#boxes[4 * node] = left;
    this.#boxes[4 * node + 1] = bottom;
    this.#boxes[4 * node + 2] = right;
    this.#boxes[4 * node + 3] = top;
  }
}

const ANY_PAIR: PairFilter = { none: () => false, counts: () => true };

interface PairSearch {
  readonly filter: PairFilter;
  bound: number;
  found: NearestPair | undefined;
}

/**
 * Descends two trees at once, nearer children first, and skips whatever is farther apart than the best found.
 *
 * @param turned the first tree is the other one.
 */
function searchPairs(
  a: PlantTree,
  node: number,
  b: PlantTree,
  otherNode: number,
  search: PairSearch,
  turned: boolean,
): void {
  if (a.boxDistanceSquared(node, b, otherNode) >= search.bound) return;
  if (search.filter !== ANY_PAIR && search.filter.none(a.box(node), b.box(otherNode))) return;
  const [aIsLeaf, bIsLeaf] = [a.isLeaf(node), b.isLeaf(otherNode)];
  if (aIsLeaf && bIsLeaf) {
    searchLeaves(a, node, b, otherNode, search, turned);
    return;
  }
  if (aIsLeaf || (!bIsLeaf && a.radius[node]! < b.radius[otherNode]!)) {
    searchPairs(b, otherNode, a, node, search, !turned);
    return;
  }
  const [one, two] = [2 * node + 1, 2 * node + 2];
  const oneFirst = a.boxDistanceSquared(one, b, otherNode) <= a.boxDistanceSquared(two, b, otherNode);
  searchPairs(a, oneFirst ? one : two, b, otherNode, search, turned);
  searchPairs(a, oneFirst ? two : one, b, otherNode, search, turned);
}

function searchLeaves(
  a: PlantTree,
  node: number,
  b: PlantTree,
  otherNode: number,
  search: PairSearch,
  turned: boolean,
): void {
  for (let i = a.first[node]!; i < a.end[node]!; i += 1) {
    for (let j = b.first[otherNode]!; j < b.end[otherNode]!; j += 1) {
      const [dx, dy] = [a.xs[i]! - b.xs[j]!, a.ys[i]! - b.ys[j]!];
      const squared = dx * dx + dy * dy;
      if (squared >= search.bound) continue;
      const [p, q] = [
        { x: a.xs[i]!, y: a.ys[i]! },
        { x: b.xs[j]!, y: b.ys[j]! },
      ];
      if (!search.filter.counts(p, q)) continue;
      search.bound = squared;
      search.found = turned ? { squared, own: q, others: p } : { squared, own: p, others: q };
    }
  }
}
