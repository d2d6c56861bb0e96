/** Below this the series is too short; the function's own rule Γ(x + 1) = x·Γ(x) leads up to it. */
const FAR = 10;

/**
 * log Γ(x) by Stirling's series [Abramowitz & Stegun 1964, 6.1.41].
 *
 * @param x above 0.
 * @example logGamma(5) // log 24
 */
export function logGamma(x: number): number {
  let below = 0;
  let at = x;
  for (; at < FAR; at += 1) below += Math.log(at);
  const inverse = 1 / at;
  const square = inverse * inverse;
  const series = inverse * (1 / 12 - square * (1 / 360 - square * (1 / 1260 - square / 1680)));
  return (at - 0.5) * Math.log(at) - at + Math.log(2 * Math.PI) / 2 + series - below;
}

/**
 * log of the beta function B(a, b).
 *
 * @example logBeta(2, 3) // log 1/12
 */
export const logBeta = (a: number, b: number): number => logGamma(a) + logGamma(b) - logGamma(a + b);
