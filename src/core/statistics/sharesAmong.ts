import { groupBy } from '../text/groupBy';
import { logBeta } from './logGamma';

/** Successes of trials of one group; parts of one count as well. */
export interface Group {
  readonly hits: number;
  readonly of: number;
}

/** What is believed of a group's share: a mixture of beta distributions, `weight` adding up to 1. */
export interface Belief {
  readonly betas: readonly { readonly a: number; readonly b: number; readonly weight: number }[];
}

/** A share, and where it lies with 95 % probability. */
export interface BelievedShare {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/** Values that the mean of all groups may have, as shares. */
const MEANS = Array.from({ length: 49 }, (_, i) => (i + 1) / 50);
/**
 * How alike the trials of one group may be (intraclass correlation ρ): groups that differ as much as can be have 1. Each
 * is as likely as the others before anything is seen. With beta(a, b), a + b = 1/ρ − 1.
 */
const LIKENESSES = [0.002, 0.01, 0.03, 0.06, 0.1, 0.15, 0.2, 0.3, 0.4, 0.55];
/** What is less likely than this part of the likeliest is left out. */
const NEGLIGIBLE = 1e-3;

/**
 * The shares of groups that are alike in part, each drawn towards all of them, the more the fewer trials it has: a
 * beta-binomial model, of which the mean and the likeness are not fixed at their best values, as in empirical Bayes, but
 * averaged over all they may be [Gelman et al., Bayesian Data Analysis, 5.3]. So the intervals hold for few groups too.
 *
 * @param prior what is known of the mean besides, as trials.
 * @returns the belief about each group, in their order (one object for groups of equal counts), and about one more group of which nothing was seen.
 * @throws RangeError unless 0 ≤ hits ≤ of.
 * @example sharesAmong([{ hits: 3, of: 3 }, { hits: 20, of: 40 }]) // the first is not believed to be 1
 */
export function sharesAmong(
  groups: readonly Group[],
  prior: Group = { hits: 0, of: 0 },
): { readonly each: readonly Belief[]; readonly another: Belief } {
  for (const { hits, of } of [...groups, prior])
    if (!(hits >= 0 && hits <= of)) throw new RangeError(`${hits} of ${of} is no share`);
  const counts = groupBy(groups, ({ hits, of }) => `${hits} ${of}`);
  const different = [...counts.values()].flatMap((same) =>
    same[0]!.of === 0 ? [] : [{ ...same[0]!, many: same.length }],
  );
  const all = MEANS.flatMap((mean) =>
    LIKENESSES.map((likeness) => {
      const trials = 1 / likeness - 1;
      const [a, b] = [mean * trials, (1 - mean) * trials];
      const before = prior.hits * Math.log(mean) + (prior.of - prior.hits) * Math.log(1 - mean);
      const nothing = logBeta(a, b);
      const likelihood = different.reduce(
        (sum, { hits, of, many }) => sum + many * (logBeta(a + hits, b + of - hits) - nothing),
        before,
      );
      return { a, b, likelihood };
    }),
  );
  const best = Math.max(...all.map(({ likelihood }) => likelihood));
  const likely = all.flatMap(({ a, b, likelihood }) => {
    const weight = Math.exp(likelihood - best);
    return weight < NEGLIGIBLE ? [] : [{ a, b, weight }];
  });
  const sum = likely.reduce((total, { weight }) => total + weight, 0);
  const another: Belief = { betas: likely.map((beta) => ({ ...beta, weight: beta.weight / sum })) };
  const beliefs = new Map([...counts].map(([key, [same]]) => [key, given(another, same!)] as const));
  return { another, each: groups.map(({ hits, of }) => beliefs.get(`${hits} ${of}`)!) };
}

/** A belief after some trials more: of each of its distributions as if they were their own. */
const given = ({ betas }: Belief, { hits, of }: Group): Belief => ({
  betas: betas.map(({ a, b, weight }) => ({ a: a + hits, b: b + of - hits, weight })),
});

/** Shares at which a density is read, and the logarithms of each and of what it leaves. */
const POINTS = 200;
const LOG_SHARE = Float64Array.from({ length: POINTS }, (_, i) => Math.log((i + 0.5) / POINTS));
const LOG_REST = LOG_SHARE.toReversed();

/**
 * The mean of a belief and its middle 95 %.
 *
 * @example believedShare({ betas: [{ a: 4, b: 2, weight: 1 }] }) // 0.667, 0.284 to 0.947
 */
export function believedShare(belief: Belief): BelievedShare {
  const share = belief.betas.reduce((sum, { a, b, weight }) => sum + (weight * a) / (a + b), 0);
  const density = densityOf(belief);
  return { share, low: quantileOf(density, 0.025), high: quantileOf(density, 0.975) };
}

/**
 * Shares that stand for a belief: its quantiles in even steps, so that each is as likely as the others.
 *
 * @param count 1 or more.
 * @example quantilesOf({ betas: [{ a: 1, b: 1, weight: 1 }] }, 4) // 0.125, 0.375, 0.625, 0.875
 */
export function quantilesOf(belief: Belief, count: number): number[] {
  const density = densityOf(belief);
  return Array.from({ length: count }, (_, i) => quantileOf(density, (i + 0.5) / count));
}

function densityOf({ betas }: Belief): Float64Array {
  const density = new Float64Array(POINTS);
  for (const { a, b, weight } of betas) {
    const scale = Math.log(weight) - logBeta(a, b);
    // At 0 and at 1 a density may have no end, and its area has one.
    density[0]! += Math.exp(scale + a * Math.log(1 / POINTS)) / a;
    density[POINTS - 1]! += Math.exp(scale + b * Math.log(1 / POINTS)) / b;
    for (let i = 1; i < POINTS - 1; i += 1)
      density[i]! += Math.exp(scale + (a - 1) * LOG_SHARE[i]! + (b - 1) * LOG_REST[i]!) / POINTS;
  }
  return density;
}

function quantileOf(density: Float64Array, quantile: number): number {
  const wanted = quantile * density.reduce((sum, each) => sum + each, 0);
  let below = 0;
  for (const [i, each] of density.entries()) {
    if (below + each >= wanted) return (i + (wanted - below) / each) / POINTS;
    below += each;
  }
  return 1;
}

/**
 * The chance that at least so many of some trials to come succeed: exact sums of beta-binomial terms.
 *
 * @param wanted 1 or more.
 * @example chanceOfAtLeast({ betas: [{ a: 1, b: 1, weight: 1 }] }, { wanted: 2, of: 3 }) // 0.5: 0 to 3 are equally likely
 */
export function chanceOfAtLeast(
  { betas }: Belief,
  { wanted, of }: { readonly wanted: number; readonly of: number },
): number {
  let fewer = 0;
  for (const { a, b, weight } of betas) {
    // Of none, then each from the one before.
    let term = Math.exp(logBeta(a, b + of) - logBeta(a, b));
    for (let hits = 0; hits < Math.min(wanted, of + 1); hits += 1) {
      fewer += weight * term;
      term *= ((of - hits) * (a + hits)) / ((hits + 1) * (b + of - hits - 1));
    }
  }
  return Math.max(0, 1 - fewer);
}
