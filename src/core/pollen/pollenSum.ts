import type { Place } from '../garden/places';
import { combineTerms, type KernelBasis } from './kernelBasis';
import type { PlantTree } from './plantTree';
import { termAt } from './pollenKernel';

/** Largest error of a node taken as one point, for each term, as a share of its pollen. */
const TOLERANCE = 0.01;

/**
 * The same among the plants of one tree, where nodes lie on all sides and most of the pollen comes from close by:
 * the errors cancel, and the sum is within a per cent too.
 */
const TOLERANCE_WITHIN = 0.05;

/**
 * The Taylor series of a term about a node's centroid converges within √(distance² + scale²); a node is taken as one
 * point only where that is this many times its radius.
 */
const CONVERGENCE_RADII = 1.5;

/**
 * Pollen that reaches a point from all plants of a tree, without visiting each plant: a node far enough off counts as
 * one point, by the Taylor series of each kernel term about its centroid to the second order [Barnes & Hut 1986, A
 * hierarchical O(N log N) force-calculation algorithm, with second moments]. Far enough is where the next two Taylor
 * terms are less than `TOLERANCE` of the pollen, computed once for each node from its third and fourth moments, and
 * separately for each kernel term: a wide one is uniform over a whole bed where a narrow one must go plant by plant.
 */
export class PollenSum {
  readonly #tree: PlantTree;
  readonly #basis: KernelBasis;
  /** For each node: second moments about its centroid, xx, xy and yy. */
  readonly #moments: Float64Array;
  /**
   * For node n and term t, at t · nodes + n: the squared distance beyond which the node counts as one point, for
   * points elsewhere and for the tree's own plants.
   */
  readonly #farSquared: Float64Array;
  readonly #farSquaredWithin: Float64Array;
  readonly #stack: Int32Array;
  readonly #termSums: Float64Array;

  constructor(tree: PlantTree, basis: KernelBasis) {
    this.#tree = tree;
    this.#basis = basis;
    this.#termSums = new Float64Array(basis.terms.length);
    const { nodes } = tree;
    this.#moments = new Float64Array(3 * nodes);
    this.#farSquared = new Float64Array(basis.terms.length * nodes);
    this.#farSquaredWithin = new Float64Array(basis.terms.length * nodes);
    this.#stack = new Int32Array(Math.ceil(Math.log2(nodes + 1)) + 1);
    for (let node = 0; node < nodes; node += 1) this.#measure(node);
  }

  /** Writes the pollen that reaches a point, times `factor`, into `into`: one number for each kernel, from `at` on. */
  evaluate(x: number, y: number, factor: number, into: Float64Array, at: number): void {
    this.#sumAt(x, y, this.#farSquared);
    combineTerms(this.#basis, this.#termSums, factor, into, at);
  }

  /** The same, plant by plant, each times the share that gets past what stands between. */
  evaluatePast(
    x: number,
    y: number,
    shareFrom: (place: Place) => number,
    factor: number,
    into: Float64Array,
    at: number,
  ): void {
    const { size, xs, ys } = this.#tree;
    this.#termSums.fill(0);
    for (let i = 0; i < size; i += 1) {
      const share = shareFrom({ x: xs[i]!, y: ys[i]! });
      const squared = (xs[i]! - x) ** 2 + (ys[i]! - y) ** 2;
      this.#basis.terms.forEach((term, t) => {
        this.#termSums[t]! += share * termAt(squared, term);
      });
    }
    combineTerms(this.#basis, this.#termSums, factor, into, at);
  }

  /** The pollen that reaches each plant of the tree from all of them, itself included: one number a kernel and plant. */
  withinTree(): Float64Array {
    const { size, xs, ys } = this.#tree;
    const { kernelCount } = this.#basis;
    const into = new Float64Array(kernelCount * size);
    for (let i = 0; i < size; i += 1) {
      this.#sumAt(xs[i]!, ys[i]!, this.#farSquaredWithin);
      combineTerms(this.#basis, this.#termSums, 1, into, kernelCount * i);
    }
    return into;
  }

  #sumAt(x: number, y: number, farSquared: Float64Array): void {
    if (this.#tree.size === 0) return;
    for (let t = 0; t < this.#termSums.length; t += 1) this.#termSums[t] = this.#termAt(t, x, y, farSquared);
  }

  /** Sums a kernel term over all plants, nodes as one point where they are beyond `farSquared`. */
  #termAt(term: number, x: number, y: number, farSquared: Float64Array): number {
    const tree = this.#tree;
    const { xs, ys, first, end } = tree;
    const moments = this.#moments;
    const offset = term * tree.nodes;
    const inverse = this.#basis.inverseScaleSquared[term]!;
    const power = this.#basis.powers[term]!;
    const stack = this.#stack;
    let sum = 0;
    let top = 0;
    stack[top++] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      const dx = x - tree.centroidX[node]!;
      const dy = y - tree.centroidY[node]!;
      const d2 = dx * dx + dy * dy;
      if (d2 >= farSquared[offset + node]!) {
        const xx = moments[3 * node]!;
        const yy = moments[3 * node + 2]!;
        const along = dx * dx * xx + 2 * dx * dy * moments[3 * node + 1]! + dy * dy * yy;
        const g = 1 / (1 + d2 * inverse);
        const u = g * inverse;
        const secondOrder = 2 * power * (power + 1) * u * u * along - power * u * (xx + yy);
        sum += (power === 2 ? g * g : g) * (end[node]! - first[node]! + secondOrder);
      } else if (tree.isLeaf(node)) {
        for (let i = first[node]!; i < end[node]!; i += 1) {
          const px = xs[i]! - x;
          const py = ys[i]! - y;
          const g = 1 / (1 + (px * px + py * py) * inverse);
          sum += power === 2 ? g * g : g;
        }
      } else {
        stack[top++] = 2 * node + 1;
        stack[top++] = 2 * node + 2;
      }
    }
    return sum;
  }

  #measure(node: number): void {
    const { xs, ys, first, end, centroidX, centroidY, radius, nodes } = this.#tree;
    let [xx, xy, yy, xxx, xxy, xyy, yyy, fourth] = [0, 0, 0, 0, 0, 0, 0, 0];
    for (let i = first[node]!; i < end[node]!; i += 1) {
      const [dx, dy] = [xs[i]! - centroidX[node]!, ys[i]! - centroidY[node]!];
      const [dxx, dxy, dyy] = [dx * dx, dx * dy, dy * dy];
      xx += dxx;
      xy += dxy;
      yy += dyy;
      xxx += dxx * dx;
      xxy += dxx * dy;
      xyy += dx * dyy;
      yyy += dyy * dy;
      fourth += (dxx + dyy) * (dxx + dyy);
    }
    this.#moments[3 * node] = xx;
    this.#moments[3 * node + 1] = xy;
    this.#moments[3 * node + 2] = yy;
    const count = end[node]! - first[node]!;
    const third = Math.sqrt(xxx * xxx + 3 * xxy * xxy + 3 * xyy * xyy + yyy * yyy);
    const { terms, taylor } = this.#basis;
    for (let t = 0; t < terms.length; t += 1) {
      const converges = Math.max(0, (CONVERGENCE_RADII * radius[node]!) ** 2 - terms[t]!.scale ** 2);
      const farSquared = (tolerance: number): number =>
        Math.max(converges, taylor.farFieldBeyond(t, third / count, fourth / count, tolerance) ** 2);
      this.#farSquared[t * nodes + node] = farSquared(TOLERANCE);
      this.#farSquaredWithin[t * nodes + node] = farSquared(TOLERANCE_WITHIN);
    }
  }
}

const sums = new WeakMap<PlantTree, Map<KernelBasis, PollenSum>>();

/**
 * The sum of a tree's pollen by some kernels, prepared once for each tree and basis.
 *
 * @example pollenSumOf(tree, basis).evaluate(0, 0, 1, into, 0) // into holds the pollen of each kernel
 */
export function pollenSumOf(tree: PlantTree, basis: KernelBasis): PollenSum {
  const ofTree = sums.get(tree) ?? new Map<KernelBasis, PollenSum>();
  sums.set(tree, ofTree);
  const held = ofTree.get(basis) ?? new PollenSum(tree, basis);
  ofTree.set(basis, held);
  return held;
}
