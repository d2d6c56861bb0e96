import { termAt, type KernelTerm } from './pollenKernel';

/** Distances at which bounds are tabulated: 0, and then in equal ratios, metres. */
const SMALLEST_M = 0.5;
const RATIO = 1.15;
const STEPS = 64;
const DISTANCES = Float64Array.from({ length: STEPS }, (_, step) =>
  step === 0 ? 0 : SMALLEST_M * RATIO ** (step - 1),
);

/**
 * Bounds of the third and the fourth term of the Taylor series of a kernel term, as shares of its value, in any
 * direction: for a unit of third moment (as a tensor, Frobenius norm) over (distance² + scale²)^3/2, and for a unit of
 * fourth moment over its square. From the Gegenbauer polynomials C₃ and C₄ with the term's power as index.
 */
const THIRD = { 1: 4.7, 2: 21.2 } as const;
const FOURTH = { 1: 5, 2: 35 } as const;

/** Distances beyond which a group of plants may be replaced by a point, for several kernels at once. */
export class TaylorBounds {
  /** From each step on: change per metre as a share of the pollen, the largest of all kernels. */
  readonly #slope = new Float64Array(STEPS + 1);
  /**
   * For each kernel term and from each step on: its third and fourth Taylor term as shares of all the pollen, for a
   * unit of moment, the largest of all kernels.
   */
  readonly #third: readonly Float64Array[];
  readonly #fourth: readonly Float64Array[];

  /** @param weights of term t in kernel k, at k · terms + t. */
  constructor(terms: readonly KernelTerm[], weights: Float64Array) {
    this.#third = terms.map(() => new Float64Array(STEPS + 1));
    this.#fourth = terms.map(() => new Float64Array(STEPS + 1));
    for (let step = STEPS - 1; step >= 0; step -= 1) this.#tabulate(step, terms, weights);
  }

  /**
   * The distance beyond which pollen changes by no more than `tolerance` of itself over some metres; Infinity when
   * it may anywhere.
   */
  uniformBeyond(metres: number, tolerance: number): number {
    return firstDistance((step) => metres * this.#slope[step]! <= tolerance);
  }

  /**
   * The distance beyond which the third and fourth Taylor terms of a kernel term about a group's centroid are
   * together no more than `tolerance` of the group's pollen; Infinity when they may be anywhere.
   *
   * @param third m³ a plant.
   * @param fourth m⁴ a plant.
   */
  farFieldBeyond(term: number, third: number, fourth: number, tolerance: number): number {
    const [thirds, fourths] = [this.#third[term]!, this.#fourth[term]!];
    return firstDistance((step) => third * thirds[step]! + fourth * fourths[step]! <= tolerance);
  }

  #tabulate(step: number, terms: readonly KernelTerm[], weights: Float64Array): void {
    const distance = DISTANCES[step]!;
    const values = terms.map((term) => termAt(distance ** 2, term));
    const inverse = terms.map(({ scale }) => 1 / (distance ** 2 + scale ** 2));
    const largestShare = terms.map(() => 0);
    let slope = 0;
    for (let k = 0; k < weights.length / terms.length; k += 1) {
      const parts = values.map((value, t) => weights[k * terms.length + t]! * value);
      const all = parts.reduce((sum, part) => sum + part, 0);
      parts.forEach((part, t) => (largestShare[t] = Math.max(largestShare[t]!, part / all)));
      const slopes = parts.map((part, t) => part * 2 * terms[t]!.power * distance * inverse[t]!);
      slope = Math.max(slope, slopes.reduce((sum, one) => sum + one, 0) / all);
    }
    this.#slope[step] = Math.max(this.#slope[step + 1]!, slope);
    terms.forEach(({ power }, t) => {
      const [third, fourth] = [this.#third[t]!, this.#fourth[t]!];
      third[step] = Math.max(third[step + 1]!, largestShare[t]! * THIRD[power] * inverse[t]! ** 1.5);
      fourth[step] = Math.max(fourth[step + 1]!, largestShare[t]! * FOURTH[power] * inverse[t]! ** 2);
    });
  }
}

/** Distance of the first step that holds, given that all after it hold too; Infinity when none does. */
function firstDistance(holds: (step: number) => boolean): number {
  // The usual case: a wide term compared with a small group.
  if (holds(0)) return 0;
  let [low, high] = [1, STEPS];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(middle)) high = middle;
    else low = middle + 1;
  }
  return low < STEPS ? DISTANCES[low]! : Infinity;
}
