/**
 * The share of a standard normal below `x` [Abramowitz & Stegun 1964, 26.2.17]; off by less than 1e-7.
 *
 * @example normalBelow(1.959964) // 0.975
 */
export function normalBelow(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const series =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const above = (Math.exp(-(x * x) / 2) / Math.sqrt(2 * Math.PI)) * series;
  return x >= 0 ? 1 - above : above;
}

/** Quantile of a standard normal that leaves 2.5 % above. */
export const Z95 = 1.959963984540054;

/**
 * The quantile of Student's t that leaves 2.5 % above [Abramowitz & Stegun 1964, 26.7.5]; off by less than 1 % from four
 * degrees of freedom on.
 *
 * @param degrees of freedom, 1 or more.
 * @example t95(10) // 2.228
 */
export function t95(degrees: number): number {
  const z = Z95;
  const g1 = (z ** 3 + z) / 4;
  const g2 = (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96;
  const g3 = (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / 384;
  const g4 = (79 * z ** 9 + 776 * z ** 7 + 1482 * z ** 5 - 1920 * z ** 3 - 945 * z) / 92160;
  return z + g1 / degrees + g2 / degrees ** 2 + g3 / degrees ** 3 + g4 / degrees ** 4;
}

/**
 * The chance that Student's t is as far from 0 as `t`, on either side [Wallace 1959, Annals of Mathematical Statistics 30,
 * 1124–1130]; off by less than 0.003 from four degrees of freedom on.
 *
 * @example beyondT(2.228, 10) // 0.05
 */
export function beyondT(t: number, degrees: number): number {
  const z = ((8 * degrees + 1) / (8 * degrees + 3)) * Math.sqrt(degrees * Math.log1p((t * t) / degrees));
  return 2 * (1 - normalBelow(z));
}
