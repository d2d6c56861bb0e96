import type { Place } from '../garden/places';
import type { Barriers, Box } from '../pollen/barriers';
import { combineTerms, type KernelBasis } from '../pollen/kernelBasis';
import type { PlantTree } from '../pollen/plantTree';
import { termAt, termOverField, type KernelTerm } from '../pollen/pollenKernel';
import { pollenSumOf } from '../pollen/pollenSum';

/** A round patch of plants outside the garden; metres. */
interface PollenPatch {
  readonly middle: Place;
  readonly radius: number;
  readonly plants: number;
}

/** A source of foreign pollen: plants on the plan, or a round patch of so many elsewhere. */
export type PollenSource = ({ readonly tree: PlantTree } | { readonly patch: PollenPatch }) & {
  /** Share of its pollen that is able to fertilise, 0 to 1. */
  readonly success: number;
};

/** A source as something that can be evaluated at a point. */
export interface Emitter {
  /** Metres from a point to the source's nearest edge. */
  distance(x: number, y: number): number;
  /** Share of its pollen that gets past the barriers to any place of a box; `undefined` where that differs. */
  transmission(box: Box): number | undefined;
  /**
   * Writes what it contributes at a point, one number a kernel, from `at` on.
   *
   * @param share that gets past the barriers; `undefined` where it has to be found.
   */
  evaluate(x: number, y: number, share: number | undefined, into: Float64Array, at: number): void;
}

/**
 * A source as it reaches the plants of a garden.
 *
 * @example emitterOf(source, basisOf(kernels), barriers).distance(0, 0) // metres from the gate
 */
export function emitterOf(source: PollenSource, basis: KernelBasis, barriers: Barriers): Emitter {
  return 'tree' in source
    ? treeEmitter(source.tree, source.success, basis, barriers)
    : patchEmitter(source.patch, source.success, basis, barriers);
}

const pointBox = (x: number, y: number): Box => ({ left: x, right: x, bottom: y, top: y });

function treeEmitter(tree: PlantTree, success: number, basis: KernelBasis, barriers: Barriers): Emitter {
  const pollen = pollenSumOf(tree, basis);
  const all = tree.box(0);
  const transmission = (box: Box): number | undefined =>
    barriers.none ? 1 : barriers.transmissionBetween(box, all);
  return {
    distance: (x, y) => tree.distance(x, y),
    transmission,
    evaluate: (x, y, share, into, at) => {
      const known = share ?? transmission(pointBox(x, y));
      if (known !== undefined) pollen.evaluate(x, y, success * known, into, at);
      else pollen.evaluatePast(x, y, (place) => barriers.transmission({ x, y }, place), success, into, at);
    },
  };
}

function patchEmitter(
  { middle, radius, plants }: PollenPatch,
  success: number,
  basis: KernelBasis,
  barriers: Barriers,
): Emitter {
  const termSums = new Float64Array(basis.terms.length);
  const metresTo = (x: number, y: number): number => Math.hypot(middle.x - x, middle.y - y);
  const all = {
    left: middle.x - radius,
    right: middle.x + radius,
    bottom: middle.y - radius,
    top: middle.y + radius,
  };
  const view = new PatchView(spread(middle, radius), barriers);
  return {
    distance: (x, y) => Math.max(0, metresTo(x, y) - radius),
    transmission: (box) => (barriers.none ? 1 : barriers.transmissionBetween(box, all)),
    evaluate: (x, y, share, into, at) => {
      const metres = metresTo(x, y);
      if (share === undefined) view.from(x, y);
      for (let t = 0; t < termSums.length; t += 1) {
        const term = basis.terms[t]!;
        termSums[t] = (share ?? view.meanShare(term)) * termOverField(metres, radius, term);
      }
      combineTerms(basis, termSums, success * plants, into, at);
    },
  };
}

/** Places spread evenly over a patch that lies half behind something [Vogel 1979, the sunflower's spiral]. */
const SPOTS = 16;
const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));

/**
 * Places that stand for a round patch.
 *
 * @example spread({ x: 0, y: 0 }, 10).length // 16
 */
export const spread = ({ x, y }: Place, radius: number): readonly Place[] =>
  Array.from({ length: SPOTS }, (_, i) => {
    const [r, angle] = [radius * Math.sqrt((i + 0.5) / SPOTS), i * GOLDEN_ANGLE];
    return { x: x + r * Math.cos(angle), y: y + r * Math.sin(angle) };
  });

/** The places of a patch as seen from a plant: how far each is, and how much of its pollen gets past the barriers. */
class PatchView {
  readonly #spots: readonly Place[];
  readonly #barriers: Barriers;
  readonly #squared: Float64Array;
  readonly #shares: Float64Array;

  constructor(spots: readonly Place[], barriers: Barriers) {
    this.#spots = spots;
    this.#barriers = barriers;
    this.#squared = new Float64Array(spots.length);
    this.#shares = new Float64Array(spots.length);
  }

  from(x: number, y: number): void {
    const plant = { x, y };
    for (let i = 0; i < this.#spots.length; i += 1) {
      const spot = this.#spots[i]!;
      this.#squared[i] = (spot.x - x) ** 2 + (spot.y - y) ** 2;
      this.#shares[i] = this.#barriers.transmission(plant, spot);
    }
  }

  /** Share of the patch's pollen that gets past: each place of it counts for as much as comes from there. */
  meanShare(term: KernelTerm): number {
    let [all, past] = [0, 0];
    for (let i = 0; i < this.#squared.length; i += 1) {
      const weight = termAt(this.#squared[i]!, term);
      all += weight;
      past += weight * this.#shares[i]!;
    }
    return past / all;
  }
}
