import { bellAt, type Bell, type KernelRange, type PollenKernel } from './pollenKernel';

/**
 * Kernels side by side as weighted sums of the bells they share: sums over thousands of plants are taken of each
 * bell once, and weighted at the end.
 */
export interface KernelRow {
  readonly bells: readonly Bell[];
  /** Of each bell: 1/scale², per m². */
  readonly perScale2: Float64Array;
  readonly powers: Uint8Array;
  readonly kernels: number;
  /** Weight of bell b in kernel k, at k · bells + b. */
  readonly weights: Float64Array;
  readonly bend: Bend;
}

export function kernelRow(kernels: readonly PollenKernel[]): KernelRow {
  const bells: Bell[] = [];
  const indexOf = ({ scale, power }: Bell): number => {
    const found = bells.findIndex((bell) => bell.scale === scale && bell.power === power);
    return found >= 0 ? found : bells.push({ scale, power }) - 1;
  };
  const parts = kernels.map((kernel) => kernel.map((bell) => ({ at: indexOf(bell), weight: bell.weight })));
  const weights = new Float64Array(kernels.length * bells.length);
  parts.forEach((some, k) => {
    for (const { at, weight } of some) weights[k * bells.length + at]! += weight;
  });
  return {
    bells,
    perScale2: Float64Array.from(bells, ({ scale }) => scale ** -2),
    powers: Uint8Array.from(bells, ({ power }) => power),
    kernels: kernels.length,
    weights,
    bend: new Bend({ bells, weights, kernels: kernels.length }),
  };
}

/** Puts sums of bells together to one figure a kernel, times `factor`, in `into` from `at` on. */
export function weigh(
  { kernels, weights }: KernelRow,
  bells: Float64Array,
  factor: number,
  into: Float64Array,
  at: number,
): void {
  for (let k = 0, w = 0; k < kernels; k += 1) {
    let sum = 0;
    for (let b = 0; b < bells.length; b += 1, w += 1) sum += weights[w]! * bells[b]!;
    into[at + k] = factor * sum;
  }
}

const rows = new WeakMap<KernelRange, KernelRow>();

/** The three kernels of a range in a row: middle, low, high; put together once. */
export function rowOf(range: KernelRange): KernelRow {
  const held = rows.get(range) ?? kernelRow([range.middle, range.low, range.high]);
  rows.set(range, held);
  return held;
}

/** Distances at which kernels are asked how far they bend: 0, and then in equal ratios, metres. */
const LEAST_M = 0.5;
const RATIO = 1.15;
const STEPS = 64;
const DISTANCES = Float64Array.from({ length: STEPS }, (_, step) =>
  step === 0 ? 0 : LEAST_M * RATIO ** (step - 1),
);

/**
 * Most that the third term of Taylor's series of a bell can come to beside the bell itself, whatever the direction,
 * a unit of third moment (as a tensor, by Frobenius) over (distance² + scale²)^3/2; and the fourth, a unit of fourth
 * moment over its square. From the polynomials of Gegenbauer, C₃ and C₄ with the bell's power as index.
 */
const THIRD = { 1: 4.7, 2: 21.2 } as const;
const FOURTH = { 1: 5, 2: 35 } as const;

/** From which distance on some plants close together count as one, for some kernels at once. */
export class Bend {
  /** At each step and beyond: change along a metre as a share of the pollen, the most of all kernels. */
  readonly #slope = new Float64Array(STEPS + 1);
  /**
   * Of each bell at each step and beyond: its third and fourth term as shares of all the pollen, a unit of moment,
   * the most of all kernels.
   */
  readonly #third: readonly Float64Array[];
  readonly #fourth: readonly Float64Array[];

  constructor({ bells, weights, kernels }: Pick<KernelRow, 'bells' | 'weights' | 'kernels'>) {
    this.#third = bells.map(() => new Float64Array(STEPS + 1));
    this.#fourth = bells.map(() => new Float64Array(STEPS + 1));
    for (let step = STEPS - 1; step >= 0; step -= 1) {
      const d2 = DISTANCES[step]! ** 2;
      const values = bells.map((bell) => bellAt(d2, bell));
      const near2 = bells.map(({ scale }) => 1 / (d2 + scale ** 2));
      const most = bells.map(() => 0);
      let slope = 0;
      for (let k = 0; k < kernels; k += 1) {
        const parts = values.map((value, b) => weights[k * bells.length + b]! * value);
        const all = parts.reduce((sum, part) => sum + part, 0);
        parts.forEach((part, b) => (most[b] = Math.max(most[b]!, part / all)));
        const slopes = parts.map((part, b) => part * 2 * bells[b]!.power * DISTANCES[step]! * near2[b]!);
        slope = Math.max(slope, slopes.reduce((sum, one) => sum + one, 0) / all);
      }
      this.#slope[step] = Math.max(this.#slope[step + 1]!, slope);
      bells.forEach(({ power }, b) => {
        const [third, fourth] = [this.#third[b]!, this.#fourth[b]!];
        third[step] = Math.max(third[step + 1]!, most[b]! * THIRD[power] * near2[b]! ** 1.5);
        fourth[step] = Math.max(fourth[step + 1]!, most[b]! * FOURTH[power] * near2[b]! ** 2);
      });
    }
  }

  /**
   * Distance from which on pollen changes by no more than `tolerance` of itself over some metres; Infinity when it
   * may anywhere.
   */
  evenFrom(metres: number, tolerance: number): number {
    return firstStep((step) => metres * this.#slope[step]! <= tolerance);
  }

  /**
   * Distance from which on the third and fourth terms of the series of a bell about a group's middle come to no more
   * than `tolerance` of the group's pollen; Infinity when they may anywhere.
   *
   * @param third m³ a plant.
   * @param fourth m⁴ a plant.
   */
  straightFrom(bell: number, third: number, fourth: number, tolerance: number): number {
    const [thirds, fourths] = [this.#third[bell]!, this.#fourth[bell]!];
    return firstStep((step) => third * thirds[step]! + fourth * fourths[step]! <= tolerance);
  }
}

/** Distance of the first step that holds, when all after it hold too; Infinity when none does. */
function firstStep(holds: (step: number) => boolean): number {
  // Most often so: a wide bell beside a small group.
  if (holds(0)) return 0;
  let [low, high] = [1, STEPS];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(middle)) high = middle;
    else low = middle + 1;
  }
  return low < STEPS ? DISTANCES[low]! : Infinity;
}
