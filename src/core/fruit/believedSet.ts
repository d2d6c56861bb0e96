import { cropOf, type CropId } from '../crops/catalogue';
import { believedShare, type Belief, type BelievedShare } from '../statistics/sharesAmong';
import { designEffect } from '../statistics/wilson';
import { groupBy } from '../text/groupBy';
import type { FruitHistory } from './fruitHistory';
import { hasSet } from './setRates';

/** What is believed of the share of pollinated flowers that sets, or is kept. */
export interface BelievedSet {
  readonly belief: Belief;
  readonly share: BelievedShare;
  /** Own flowers of which it is known. */
  readonly own: number;
  /** How much they weigh against the handbook's figure, 0 to 1. */
  readonly ownWeight: number;
}

/** The handbook's figure weighs as much as so many flowers on plants of their own. Our default. */
const PRIOR_FLOWERS = 40;

/**
 * The share of pollinated flowers that sets, as it is believed: the handbook's figure for the crop, moved by own flowers;
 * those of one plant share their luck and count for less. Of a crop that nobody knows the share of, half is a guess.
 *
 * @param judge did a flower set: `undefined` where nobody knows.
 * @example believedSet('melon', []).share.share // 0.2
 */
export function believedSet(
  crop: CropId,
  histories: readonly FruitHistory[],
  judge: (history: FruitHistory) => boolean | undefined = hasSet,
): BelievedSet {
  const prior = cropOf(crop).setPrior?.value ?? 0.5;
  const known = histories.flatMap((history) => {
    const set = history.followed === 'pollinated' ? judge(history) : undefined;
    return set === undefined ? [] : [{ plant: history.plant, set }];
  });
  const clusters = [...groupBy(known, ({ plant }) => plant).values()].map((own) => ({
    hits: own.filter(({ set }) => set).length,
    of: own.length,
  }));
  const effect = designEffect(clusters);
  const hits = clusters.reduce((sum, own) => sum + own.hits, 0) / effect;
  const of = known.length / effect;
  const belief: Belief = {
    betas: [{ a: prior * PRIOR_FLOWERS + hits, b: (1 - prior) * PRIOR_FLOWERS + of - hits, weight: 1 }],
  };
  return { belief, share: believedShare(belief), own: known.length, ownWeight: of / (of + PRIOR_FLOWERS) };
}
