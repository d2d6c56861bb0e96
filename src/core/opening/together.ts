import type { ExpectedOpen } from './expectedOpen';

/** What is expected of several plants, or of several days. */
export interface Together extends ExpectedOpen {
  /**
   * How much of what they differ by from what is expected they share: 1 where all differ alike, 1/n where each of n differs
   * by itself, 0 where it cancels out.
   */
  readonly shared: number;
  /** What all of them have in common besides, as the square of a share of their mean. */
  readonly common: number;
}

/**
 * Most of what a day's flowers differ by from what is expected is that buds open a day sooner or later: over several days
 * it cancels out. Of what plants have in common so much lasts, as a part of the variance. Our default, with which ranges
 * hold in a simulation of buds, weather and eyes that is repeated in the tests.
 */
const LASTING = 0.3;

const sumOf = ({ known, ofYounger }: ExpectedOpen): number => known + ofYounger;

/**
 * The sum of plants on a day, each of which differs from what is expected by itself, and by what all of them share.
 *
 * @example ofPlants([]) // { known: 0, ofYounger: 0, sure: [0, 0], shared: 1, common: 0 }
 */
export function ofPlants(each: readonly Together[]): Together {
  const open = sumOfOpen(each);
  let [squares, shared] = [0, 0];
  for (const one of each) {
    squares += one.shared * sumOf(one) ** 2;
    shared += Math.sqrt(one.common) * sumOf(one);
  }
  const square = sumOf(open) ** 2;
  return square === 0
    ? { ...open, shared: 1, common: 0 }
    : { ...open, shared: squares / square, common: shared ** 2 / square };
}

/**
 * The sum over days, which differ by themselves.
 *
 * @param total their sum.
 * @example ofDays(total, [day]).common // 0.3 of that of the day
 */
export function ofDays(total: ExpectedOpen, each: readonly Together[]): Together {
  const common = each.reduce((sum, one) => sum + one.common * sumOf(one) ** 2, 0);
  const square = sumOf(total) ** 2;
  return { ...total, shared: 0, common: square === 0 ? 0 : (LASTING * common) / square };
}

/** @example sumOfOpen([]) // { known: 0, ofYounger: 0, sure: [0, 0] } */
export function sumOfOpen(each: readonly ExpectedOpen[]): ExpectedOpen {
  let [known, ofYounger, sureKnown, sureYounger] = [0, 0, 0, 0];
  for (const one of each) {
    known += one.known;
    ofYounger += one.ofYounger;
    sureKnown += one.sure[0];
    sureYounger += one.sure[1];
  }
  return { known, ofYounger, sure: [sureKnown, sureYounger] };
}
