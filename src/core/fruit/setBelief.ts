import { cropOf, type CropId } from '../crops/catalogue';
import { designEffect } from '../statistics/wilson';
import { groupBy } from '../text/groupBy';
import type { FruitHistory } from './fruitHistory';
import { hasSet } from './setVerdict';

/** A beta distribution over the share of pollinated flowers that sets, or is kept. */
export interface SetBelief {
  readonly a: number;
  readonly b: number;
  /** Its mean. */
  readonly share: number;
  /** Own flowers of which it is known. */
  readonly own: number;
  /** How much they weigh against the handbook's figure, 0 to 1. */
  readonly ownWeight: number;
}

/** The handbook's figure weighs as much as so many flowers on plants of their own. Our default. */
const PRIOR_FLOWERS = 40;

/**
 * What is believed of the share of pollinated flowers that sets: the handbook's figure for the crop, moved by own flowers;
 * those of one plant share their luck and count for less. Of a crop that nobody knows the share of, half is a guess.
 *
 * @param judge did a flower set: `undefined` where nobody knows.
 * @example setBelief('melon', []).share // 0.2
 */
export function setBelief(
  crop: CropId,
  histories: readonly FruitHistory[],
  judge: (history: FruitHistory) => boolean | undefined = hasSet,
): SetBelief {
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
  const of = known.length / effect;
  const a = prior * PRIOR_FLOWERS + clusters.reduce((sum, own) => sum + own.hits, 0) / effect;
  const b = PRIOR_FLOWERS + of - a;
  return { a, b, share: a / (a + b), own: known.length, ownWeight: of / (of + PRIOR_FLOWERS) };
}
