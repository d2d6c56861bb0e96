import { Z95 } from './normal';
import { studentT95 } from './studentT';

/** A share with the interval in which it probably lies. */
export interface Share {
  readonly hits: number;
  readonly of: number;
  /** `undefined` when there is nothing to divide by. */
  readonly share: number | undefined;
  readonly low: number;
  readonly high: number;
}

/**
 * Wilson's score interval for a share [Wilson 1927; method 3 of Newcombe 1998, Statistics in Medicine 17,
 * 857–872]. Stays within 0 to 1 and is honest for few trials.
 *
 * @param hits successes; may be a fraction when trials were weighted.
 * @param of trials, 0 or more.
 * @param z standard normal quantile.
 * @throws RangeError unless 0 ≤ hits ≤ of.
 * @example wilson(81, 263) // 0.2553 to 0.3662
 */
export function wilson(hits: number, of: number, z: number = Z95): Share {
  if (!(hits >= 0 && hits <= of)) throw new RangeError(`${hits} of ${of} is no share`);
  if (of === 0) return { hits, of, share: undefined, low: 0, high: 1 };
  const share = hits / of;
  const middle = (hits + (z * z) / 2) / (of + z * z);
  const half = (z / (of + z * z)) * Math.sqrt(of * share * (1 - share) + (z * z) / 4);
  return {
    hits,
    of,
    share,
    low: hits === 0 ? 0 : Math.max(0, middle - half),
    high: hits === of ? 1 : Math.min(1, middle + half),
  };
}

/**
 * Likeness of the flowers of one plant (their intraclass correlation) before any are seen, for how many plants beyond the
 * first that counts, and how sure it is, as degrees of freedom. Our defaults: chosen so that the intervals cover what they
 * say for plants of unequal numbers of flowers, up to a likeness of 0.3, in a simulation that is repeated in the tests;
 * they are wider than need be where few plants are no more alike than any flowers.
 */
const PRIOR_LIKENESS = 0.22;
const PRIOR_PLANTS = 4;
const PRIOR_FREEDOM = 10;

/** Hits and trials of a plant. */
interface Cluster {
  readonly hits: number;
  readonly of: number;
}

/** What clusters come to together. */
interface Pooled {
  readonly hits: number;
  readonly of: number;
  /** Mean size of a trial's own cluster. */
  readonly size: number;
}

function pooled(clusters: readonly Cluster[]): Pooled {
  let [hits, of, squares] = [0, 0, 0];
  for (const cluster of clusters) {
    hits += cluster.hits;
    of += cluster.of;
    squares += cluster.of ** 2;
  }
  return { hits, of, size: of === 0 ? 0 : squares / of };
}

/**
 * Wilson's interval when trials come in clusters that share their luck, as flowers on one plant do: the number of
 * trials is divided by the design effect [Rao & Scott 1992, Biometrics 48, 577–585], 1 + (m − 1)·ρ for clusters of m
 * with likeness ρ [Kish 1965, Survey Sampling, 5.4], and a few clusters, or one that outweighs the others, are not sure
 * of ρ themselves: Student's t in place of the normal quantile, by as many clusters as would weigh alike.
 *
 * @param clusters hits and trials of each plant; those without trials do not count.
 * @param weighed the share where trials stand for more than themselves, and how many that do not say as much.
 * @example clusteredWilson([{ hits: 3, of: 5 }]) // a wider interval than wilson(3, 5): it is one plant's luck
 */
export function clusteredWilson(
  clusters: readonly Cluster[],
  weighed?: { readonly share: number; readonly effective: number },
): Share {
  const { hits, of, size } = pooled(clusters);
  if (of === 0) return wilson(hits, of);
  const { share, effective } = weighed ?? { share: hits / of, effective: of };
  const trials = effective / designEffect(clusters);
  const alike = of / size;
  const { low, high } = wilson(share * trials, trials, studentT95(alike - 1 + PRIOR_FREEDOM));
  return { hits, of, share, low, high };
}

/**
 * How many times as many trials of clusters are needed to say as much as trials that do not share their luck; 1 or more.
 *
 * @example designEffect([{ hits: 3, of: 5 }]) // 1.88
 */
export function designEffect(clusters: readonly Cluster[]): number {
  const used = clusters.filter(({ of }) => of > 0);
  const all = pooled(used);
  return all.of === 0 ? 1 : 1 + (all.size - 1) * likenessOf(used, all);
}

/**
 * What clusters say of their likeness, by the analysis of variance [Ridout, Demétrio & Firth 1999, Biometrics 55, 137–148,
 * from memory], weighed against the prior: those with one trial say nothing.
 */
function likenessOf(clusters: readonly Cluster[], { hits, of, size }: Pooled): number {
  const beyondFirst = clusters.filter((cluster) => cluster.of > 1).length - 1;
  if (beyondFirst < 1) return PRIOR_LIKENESS;
  let [between, within] = [0, 0];
  for (const cluster of clusters) {
    const share = cluster.hits / cluster.of;
    between += cluster.of * (share - hits / of) ** 2;
    within += cluster.of * share * (1 - share);
  }
  const meanBetween = between / (clusters.length - 1);
  const meanWithin = within / (of - clusters.length);
  const typical = (of - size) / (clusters.length - 1);
  const all = meanBetween + (typical - 1) * meanWithin;
  const seen = all > 0 ? (meanBetween - meanWithin) / all : 0;
  const likeness = Math.min(1, Math.max(0, seen));
  return (beyondFirst * likeness + PRIOR_PLANTS * PRIOR_LIKENESS) / (beyondFirst + PRIOR_PLANTS);
}
