import type { KernelRange, KernelTerm, PollenKernel } from './pollenKernel';
import { TaylorBounds } from './taylorBounds';

/**
 * Several kernels as weighted sums of the terms they share: a sum over thousands of plants is taken once for each
 * term, and the terms are combined to kernels at the end.
 */
export interface KernelBasis {
  readonly terms: readonly KernelTerm[];
  /** For each term: 1/scale², per m². */
  readonly inverseScaleSquared: Float64Array;
  readonly powers: Uint8Array;
  readonly kernelCount: number;
  /** Weight of term t in kernel k, at k · terms + t. */
  readonly weights: Float64Array;
  readonly taylor: TaylorBounds;
}

/**
 * The basis of some kernels; terms of equal scale and power are held once.
 *
 * @example kernelBasis([wind, wind]).terms.length // wind.length
 */
export function kernelBasis(kernels: readonly PollenKernel[]): KernelBasis {
  const terms: KernelTerm[] = [];
  const indexOf = ({ scale, power }: KernelTerm): number => {
    const found = terms.findIndex((term) => term.scale === scale && term.power === power);
    return found >= 0 ? found : terms.push({ scale, power }) - 1;
  };
  const parts = kernels.map((kernel) => kernel.map((term) => ({ at: indexOf(term), weight: term.weight })));
  const weights = new Float64Array(kernels.length * terms.length);
  parts.forEach((ofKernel, k) => {
    for (const { at, weight } of ofKernel) weights[k * terms.length + at]! += weight;
  });
  return {
    terms,
    inverseScaleSquared: Float64Array.from(terms, ({ scale }) => scale ** -2),
    powers: Uint8Array.from(terms, ({ power }) => power),
    kernelCount: kernels.length,
    weights,
    taylor: new TaylorBounds(terms, weights),
  };
}

/**
 * Combines sums of terms to one number for each kernel, times `factor`, written into `into` from `at` on.
 *
 * @example combineTerms(basis, termSums, 1, into, 0) // into[0], into[1], …: the pollen of each kernel
 */
export function combineTerms(
  { kernelCount, weights }: KernelBasis,
  termSums: Float64Array,
  factor: number,
  into: Float64Array,
  at: number,
): void {
  for (let k = 0, w = 0; k < kernelCount; k += 1) {
    let sum = 0;
    for (let t = 0; t < termSums.length; t += 1, w += 1) sum += weights[w]! * termSums[t]!;
    into[at + k] = factor * sum;
  }
}

const bases = new WeakMap<KernelRange, KernelBasis>();

/**
 * The basis of the three kernels of a range (middle, low, high), made once.
 *
 * @example basisOf(range).kernelCount // 3
 */
export function basisOf(range: KernelRange): KernelBasis {
  const held = bases.get(range) ?? kernelBasis([range.middle, range.low, range.high]);
  bases.set(range, held);
  return held;
}
