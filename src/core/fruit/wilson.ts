/** A share with the interval in which it probably lies. */
export interface Share {
  readonly hits: number;
  readonly of: number;
  /** `undefined` when there is nothing to divide by. */
  readonly share: number | undefined;
  readonly low: number;
  readonly high: number;
}

/** Standard normal quantile of a two-sided 95 % interval. */
export const Z95 = 1.959963984540054;

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
 * Wilson's interval when trials come in clusters that share their luck, as flowers on one plant do: the number
 * of trials is divided by the design effect, the ratio of the variance between clusters to that of a simple
 * sample [Rao & Scott 1992, Biometrics 48, 577–585]. Never narrower than the plain interval.
 *
 * @param clusters hits and trials of each plant; those without trials do not count.
 */
export function clusteredWilson(clusters: readonly { readonly hits: number; readonly of: number }[]): Share {
  const used = clusters.filter(({ of }) => of > 0);
  const hits = used.reduce((sum, cluster) => sum + cluster.hits, 0);
  const of = used.reduce((sum, cluster) => sum + cluster.of, 0);
  const plain = wilson(hits, of);
  const k = used.length;
  const share = plain.share ?? 0;
  if (k < 2 || share === 0 || share === 1) return plain;
  const residuals = used.reduce((sum, cluster) => sum + (cluster.hits - cluster.of * share) ** 2, 0);
  const between = ((k / (k - 1)) * residuals) / (of * of);
  const designEffect = Math.max(1, between / ((share * (1 - share)) / of));
  const { low, high } = wilson(hits / designEffect, of / designEffect);
  return { hits, of, share, low, high };
}
