/**
 * Chances of 0, 1, 2 … events when their number is negative binomial: a Poisson whose mean varies as a gamma with shape
 * `size`, so that its variance is mean + mean² / size.
 *
 * @param mean 0 or more.
 * @param size above 0; the larger, the nearer to a Poisson.
 * @param upTo the last number.
 * @example negativeBinomial(0, 3, 2) // [1, 0, 0]
 */
export function negativeBinomial(mean: number, size: number, upTo: number): number[] {
  const part = mean / (size + mean);
  const none = -size * Math.log1p(mean / size);
  return none > SMALLEST_LOG
    ? upwards(Math.exp(none), size, part, upTo)
    : byLogarithms(none, size, part, upTo);
}

/** Below it, chances are too small for a number. */
const SMALLEST_LOG = -600;

function upwards(none: number, size: number, part: number, upTo: number): number[] {
  const chances = [none];
  for (let n = 1; n <= upTo; n += 1) chances.push(chances[n - 1]! * ((n - 1 + size) / n) * part);
  return chances;
}

/** For thousands of flowers the chance of none is no number any more. */
function byLogarithms(none: number, size: number, part: number, upTo: number): number[] {
  let log = none;
  const chances = [Math.exp(log)];
  for (let n = 1; n <= upTo; n += 1) {
    log += Math.log(((n - 1 + size) / n) * part);
    chances.push(Math.exp(log));
  }
  return chances;
}
