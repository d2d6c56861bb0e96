import { logGamma } from '../statistics/logGamma';
import { normalBelow } from '../statistics/normal';

/**
 * How a trait is inherited that differs between the two parents of a cross: by one gene of which one form hides the other,
 * or neither does, or by two genes, each for a trait of its own or together for one.
 */
export const INHERITANCES = [
  'dominant',
  'between',
  'twoTraits',
  'either',
  'both',
  'hidesOther',
  'hidesAll',
] as const;
export type Inheritance = (typeof INHERITANCES)[number];

/** The first generation after the F1: selfed, or crossed back to the parent whose form is hidden in the F1. */
export const FAMILIES = ['f2', 'backcross'] as const;
export type Family = (typeof FAMILIES)[number];

interface Segregates {
  readonly genes: 1 | 2;
  /** Parts of each kind, in the same order; together 4, 16, or in a backcross 2 or 4. */
  readonly f2: readonly number[];
  readonly backcross: readonly number[];
}

/**
 * What is expected of each kind [Mendel 1866, Versuche über Pflanzen-Hybriden; ratios of two genes that act together:
 * Bateson & Punnett 1905 and textbooks since, from memory].
 */
const SEGREGATION: Readonly<Record<Inheritance, Segregates>> = {
  dominant: { genes: 1, f2: [3, 1], backcross: [1, 1] },
  between: { genes: 1, f2: [1, 2, 1], backcross: [0, 1, 1] },
  twoTraits: { genes: 2, f2: [9, 3, 3, 1], backcross: [1, 1, 1, 1] },
  either: { genes: 2, f2: [15, 1], backcross: [3, 1] },
  both: { genes: 2, f2: [9, 7], backcross: [1, 3] },
  hidesOther: { genes: 2, f2: [9, 3, 4], backcross: [1, 1, 2] },
  hidesAll: { genes: 2, f2: [12, 3, 1], backcross: [2, 1, 1] },
};

/**
 * The parts of each kind that are expected, in whole numbers.
 *
 * @example expectedParts('dominant', 'f2') // [3, 1]
 */
export const expectedParts = (inheritance: Inheritance, family: Family): readonly number[] =>
  SEGREGATION[inheritance][family];

/**
 * The same as shares of 1.
 *
 * @example expectedShares('both', 'f2') // [0.5625, 0.4375]
 */
export function expectedShares(inheritance: Inheritance, family: Family): number[] {
  const parts = expectedParts(inheritance, family);
  const total = parts.reduce((sum, part) => sum + part, 0);
  return parts.map((part) => part / total);
}

export interface Fit {
  /** How often chance alone gives counts that are as unlikely, 0 to 1. */
  readonly chance: number;
  /** Was every possible outcome summed? Else by the chi-square approximation. */
  readonly exact: boolean;
}

/** More outcomes than that are not summed one by one. */
const MAX_OUTCOMES = 300_000;
/** Outcomes as likely as the one that was counted differ by rounding. */
const ALIKE = 1e-7;

/**
 * Do counted plants fit the shares that are expected of their kinds? The exact multinomial test: the sum of the chances of
 * all outcomes that are no likelier than the one that was counted. With very many plants, the chi-square test.
 *
 * @param counts plants of each kind.
 * @param shares of 1, as many.
 * @example fitOf([3, 1], [0.75, 0.25]).chance // 1: just as expected
 */
export function fitOf(counts: readonly number[], shares: readonly number[]): Fit {
  const kinds = shares.flatMap((share, i) => (share > 0 ? [{ share, count: counts[i] ?? 0 }] : []));
  // A kind that cannot be is there.
  if (shares.some((share, i) => share === 0 && (counts[i] ?? 0) > 0)) return { chance: 0, exact: true };
  const total = kinds.reduce((sum, { count }) => sum + count, 0);
  if (outcomes(total, kinds.length) > MAX_OUTCOMES)
    return { chance: chiSquareFit(kinds, total), exact: false };
  const logs = kinds.map(({ share }) => Math.log(share));
  const logOf = (drawn: readonly number[]): number =>
    drawn.reduce((sum, count, i) => sum + count * logs[i]! - logGamma(count + 1), logGamma(total + 1));
  const seen = logOf(kinds.map(({ count }) => count)) + ALIKE;
  let chance = 0;
  const drawn = kinds.map(() => 0);
  const draw = (kind: number, left: number): void => {
    if (kind === kinds.length - 1) {
      drawn[kind] = left;
      const log = logOf(drawn);
      if (log <= seen) chance += Math.exp(log);
      return;
    }
    for (let count = 0; count <= left; count += 1) {
      drawn[kind] = count;
      draw(kind + 1, left - count);
    }
  };
  draw(0, total);
  return { chance: Math.min(1, chance), exact: true };
}

/** In how many ways so many plants fall into so many kinds. */
function outcomes(plants: number, kinds: number): number {
  let ways = 1;
  for (let i = 1; i < kinds; i += 1) ways = (ways * (plants + i)) / i;
  return ways;
}

interface Kind {
  readonly share: number;
  readonly count: number;
}

/** Pearson's test; of up to three degrees of freedom the chance has a closed form [Abramowitz & Stegun 1964, 26.4]. */
function chiSquareFit(kinds: readonly Kind[], total: number): number {
  const x = kinds.reduce((sum, { share, count }) => sum + (count - total * share) ** 2 / (total * share), 0);
  const tails = 2 * (1 - normalBelow(Math.sqrt(x)));
  switch (kinds.length) {
    case 2:
      return tails;
    case 3:
      return Math.exp(-x / 2);
    default:
      return tails + Math.sqrt((2 * x) / Math.PI) * Math.exp(-x / 2);
  }
}

/** More than anybody grows. */
const MOST_GROWN = 100_000;

/**
 * The fewest plants to grow, so that with a given chance at least so many of a kind are among them: a binomial sum; for
 * one plant ln(1 − chance)/ln(1 − share).
 *
 * @param share of the kind, above 0 and at most 1.
 * @param chance 0 to 1.
 * @returns `undefined` of more than anybody grows.
 * @example plantsToGrow(1 / 4, 1, 0.95) // 11
 * @example plantsToGrow(1 / 16, 1, 0.95) // 47
 */
export function plantsToGrow(share: number, wanted: number, chance: number): number | undefined {
  if (share >= 1) return wanted;
  if (!(share > 0)) return undefined;
  // The chance of exactly 0 … wanted − 1 among those grown so far.
  const fewer = Array.from({ length: wanted }, (_, i): number => (i === 0 ? 1 : 0));
  for (let grown = 1; grown <= MOST_GROWN; grown += 1) {
    for (let i = wanted - 1; i >= 0; i -= 1)
      fewer[i] = fewer[i]! * (1 - share) + (i > 0 ? fewer[i - 1]! * share : 0);
    if (1 - fewer.reduce((sum, each) => sum + each, 0) >= chance) return grown;
  }
  return undefined;
}

/**
 * The share of plants of a generation that breed true for a number of genes, where each was selfed since the F1: each gene
 * is settled in half of the plants that were not, generation by generation.
 *
 * @param filial 1 for F1.
 * @example shareBreedingTrue(2, 1) // 0.5: half of the F2 for one gene
 */
export const shareBreedingTrue = (filial: number, genes: number): number =>
  (1 - 0.5 ** (filial - 1)) ** genes;

/**
 * The first generation in which a given share of plants breeds true for a number of genes.
 *
 * @example generationBreedingTrue(10, 0.9) // 8: F8
 */
export function generationBreedingTrue(genes: number, share: number): number {
  let filial = 2;
  while (shareBreedingTrue(filial, genes) < share) filial += 1;
  return filial;
}
