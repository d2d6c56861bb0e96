import { Z95 } from './normal';

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
 * Likeness of the flowers of one plant (their intraclass correlation) before any are seen, and for how many plants
 * beyond the first that counts. Our defaults: chosen so that the intervals cover what they say from three plants on,
 * from no likeness to 0.3, in a simulation that is repeated in the tests.
 */
const PRIOR_LIKENESS = 0.2;
const PRIOR_PLANTS = 3;

/**
 * Wilson's interval when trials come in clusters that share their luck, as flowers on one plant do: the number of
 * trials is divided by the design effect [Rao & Scott 1992, Biometrics 48, 577–585], 1 + (m − 1)·ρ for clusters of m
 * with likeness ρ [Kish 1965, Survey Sampling, 5.4]. What the clusters tell of ρ, by their variance compared with a
 * simple sample's, is weighted against a prior, since a few plants tell little.
 *
 * @param clusters hits and trials of each plant; those without trials do not count.
 * @example clusteredWilson([{ hits: 3, of: 5 }]) // a wider interval than wilson(3, 5): it is one plant's luck
 */
export function clusteredWilson(clusters: readonly { readonly hits: number; readonly of: number }[]): Share {
  const hits = clusters.reduce((sum, cluster) => sum + cluster.hits, 0);
  const of = clusters.reduce((sum, cluster) => sum + cluster.of, 0);
  if (of === 0) return wilson(hits, of);
  const effect = designEffect(clusters);
  const { low, high } = wilson(hits / effect, of / effect);
  return { hits, of, share: hits / of, low, high };
}

/**
 * How many times as many trials of clusters are needed to say as much as trials that do not share their luck; 1 or more.
 *
 * @example designEffect([{ hits: 3, of: 5 }]) // 1.8
 */
export function designEffect(clusters: readonly { readonly hits: number; readonly of: number }[]): number {
  const used = clusters.filter(({ of }) => of > 0);
  const hits = used.reduce((sum, cluster) => sum + cluster.hits, 0);
  const of = used.reduce((sum, cluster) => sum + cluster.of, 0);
  if (of === 0) return 1;
  // Mean size of a flower's own cluster.
  const size = used.reduce((sum, cluster) => sum + cluster.of ** 2, 0) / of;
  return 1 + (size - 1) * likenessOf(used, { hits, of, size });
}

function likenessOf(
  clusters: readonly { readonly hits: number; readonly of: number }[],
  { hits, of, size }: { readonly hits: number; readonly of: number; readonly size: number },
): number {
  const beyondFirst = clusters.length - 1;
  if (beyondFirst < 1 || size <= 1) return PRIOR_LIKENESS;
  const residuals = clusters.reduce(
    (sum, cluster) => sum + (cluster.hits - cluster.of * (hits / of)) ** 2,
    0,
  );
  const between = (((beyondFirst + 1) / beyondFirst) * residuals) / of ** 2;
  // Half a hit on either side, so that shares of 0 and 1 have a variance too [Jeffreys' prior].
  const share = (hits + 0.5) / (of + 1);
  const seen = (between / ((share * (1 - share)) / of) - 1) / (size - 1);
  const likeness = Math.min(1, Math.max(0, seen));
  return (beyondFirst * likeness + PRIOR_PLANTS * PRIOR_LIKENESS) / (beyondFirst + PRIOR_PLANTS);
}
