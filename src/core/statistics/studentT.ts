import { Z95 } from './normal';

/**
 * The quantile of Student's t that leaves a share of 2.5 % above it: Fisher's expansion by that of the normal distribution
 * [Abramowitz & Stegun 1964, 26.7.5].
 *
 * @param df degrees of freedom, 5 or more, whole or not; within 0.01 from there on.
 * @example studentT95(10) // 2.228
 */
export function studentT95(df: number): number {
  const z = Z95;
  const terms = [
    (z ** 3 + z) / 4,
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96,
    (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / 384,
  ];
  return terms.reduce((sum, term, i) => sum + term / df ** (i + 1), z);
}
