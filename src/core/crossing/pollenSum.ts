import { weigh, type KernelRow } from './kernelRow';
import type { PlantTree } from './plantTree';

/** What a group taken as one may be off by in each bell, as a share of its pollen. */
const TOLERANCE = 0.01;

/**
 * The same among the plants of one tree, where groups lie on all sides and most of the pollen comes from close by:
 * what one is off by the others make up, and the sum is within a per cent too.
 */
const TOLERANCE_WITHIN = 0.05;

/**
 * Taylor's series of a bell about a group's middle comes to an end within √(distance² + scale²); a group is taken as
 * one only where that is this many times its reach.
 */
const REACHES = 1.5;

/**
 * Pollen that comes to a spot from all plants of a tree without asking each plant: a group far enough off counts as
 * one, by Taylor's series of each bell about its middle to the second order [Barnes & Hut 1986, A hierarchical
 * O(N log N) force-calculation algorithm, with second moments]. Far enough is where the next two terms are less than
 * `TOLERANCE` of the pollen, reckoned once for each group from its third and fourth moments, and for each bell by
 * itself: a wide one is even over a whole bed, where a narrow one must ask plant by plant.
 */
export class PollenSum {
  readonly #tree: PlantTree;
  readonly #row: KernelRow;
  /** Of each group: second moments about its middle, xx, xy and yy. */
  readonly #moments: Float64Array;
  /**
   * Of each group g and bell b, at b · groups + g: the squared distance from which on the group counts as one, for
   * spots elsewhere and for the tree's own plants.
   */
  readonly #from2: Float64Array;
  readonly #within2: Float64Array;
  readonly #stack: Int32Array;
  readonly #bells: Float64Array;

  constructor(tree: PlantTree, row: KernelRow) {
    this.#tree = tree;
    this.#row = row;
    this.#bells = new Float64Array(row.bells.length);
    const { groups } = tree;
    this.#moments = new Float64Array(3 * groups);
    this.#from2 = new Float64Array(row.bells.length * groups);
    this.#within2 = new Float64Array(row.bells.length * groups);
    this.#stack = new Int32Array(Math.ceil(Math.log2(groups + 1)) + 1);
    for (let group = 0; group < groups; group += 1) this.#measure(group);
  }

  /** Puts the pollen that comes to a spot, times `factor`, in `into`: one figure a kernel, from `at` on. */
  put(x: number, y: number, factor: number, into: Float64Array, at: number): void {
    this.#sumAt(x, y, this.#from2);
    weigh(this.#row, this.#bells, factor, into, at);
  }

  /** The pollen that comes to each plant of the tree from all, itself included: one figure a kernel and plant. */
  toItself(): Float64Array {
    const { size, xs, ys } = this.#tree;
    const { kernels } = this.#row;
    const into = new Float64Array(kernels * size);
    for (let i = 0; i < size; i += 1) {
      this.#sumAt(xs[i]!, ys[i]!, this.#within2);
      weigh(this.#row, this.#bells, 1, into, kernels * i);
    }
    return into;
  }

  #sumAt(x: number, y: number, from2: Float64Array): void {
    if (this.#tree.size === 0) return;
    for (let b = 0; b < this.#bells.length; b += 1) this.#bells[b] = this.#bellAt(b, x, y, from2);
  }

  /** Sums a bell over all plants, groups as one where they are as far off as `from2` says. */
  #bellAt(bell: number, x: number, y: number, from2: Float64Array): number {
    const tree = this.#tree;
    const { xs, ys, from, to } = tree;
    const moments = this.#moments;
    const first = bell * tree.groups;
    const per = this.#row.perScale2[bell]!;
    const power = this.#row.powers[bell]!;
    const stack = this.#stack;
    let sum = 0;
    let top = 0;
    stack[top++] = 0;
    while (top > 0) {
      const group = stack[--top]!;
      const dx = x - tree.x[group]!;
      const dy = y - tree.y[group]!;
      const d2 = dx * dx + dy * dy;
      if (d2 >= from2[first + group]!) {
        const xx = moments[3 * group]!;
        const yy = moments[3 * group + 2]!;
        const along = dx * dx * xx + 2 * dx * dy * moments[3 * group + 1]! + dy * dy * yy;
        const g = 1 / (1 + d2 * per);
        const u = g * per;
        const bends = 2 * power * (power + 1) * u * u * along - power * u * (xx + yy);
        sum += (power === 2 ? g * g : g) * (to[group]! - from[group]! + bends);
      } else if (tree.isLeaf(group)) {
        for (let i = from[group]!; i < to[group]!; i += 1) {
          const px = xs[i]! - x;
          const py = ys[i]! - y;
          const g = 1 / (1 + (px * px + py * py) * per);
          sum += power === 2 ? g * g : g;
        }
      } else {
        stack[top++] = 2 * group + 1;
        stack[top++] = 2 * group + 2;
      }
    }
    return sum;
  }

  #measure(group: number): void {
    const { xs, ys, from, to, x, y, reach, groups } = this.#tree;
    let [xx, xy, yy, xxx, xxy, xyy, yyy, fourth] = [0, 0, 0, 0, 0, 0, 0, 0];
    for (let i = from[group]!; i < to[group]!; i += 1) {
      const [dx, dy] = [xs[i]! - x[group]!, ys[i]! - y[group]!];
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
    this.#moments[3 * group] = xx;
    this.#moments[3 * group + 1] = xy;
    this.#moments[3 * group + 2] = yy;
    const count = to[group]! - from[group]!;
    const third = Math.sqrt(xxx * xxx + 3 * xxy * xxy + 3 * xyy * xyy + yyy * yyy);
    const { bells, bend } = this.#row;
    for (let b = 0; b < bells.length; b += 1) {
      const least2 = Math.max(0, (REACHES * reach[group]!) ** 2 - bells[b]!.scale ** 2);
      const from2 = (tolerance: number): number =>
        Math.max(least2, bend.straightFrom(b, third / count, fourth / count, tolerance) ** 2);
      this.#from2[b * groups + group] = from2(TOLERANCE);
      this.#within2[b * groups + group] = from2(TOLERANCE_WITHIN);
    }
  }
}

const sums = new WeakMap<PlantTree, Map<KernelRow, PollenSum>>();

/** The sum of a tree's pollen by a row of kernels, put together once. */
export function pollenSum(tree: PlantTree, row: KernelRow): PollenSum {
  const rows = sums.get(tree) ?? new Map<KernelRow, PollenSum>();
  sums.set(tree, rows);
  const held = rows.get(row) ?? new PollenSum(tree, row);
  rows.set(row, held);
  return held;
}
