import { cropOf, type CropId } from '../crops/catalogue';
import { designEffect } from '../statistics/wilson';
import { groupBy } from '../text/groupBy';
import type { FruitHistory } from './fruitHistory';
import { resolvedBy, shareOf } from './resolvedBy';
import { setDay } from './setVerdict';

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
 * Own flowers that were not looked at again count like those that grew as long; where nothing tells how those went on, as
 * grown.
 *
 * @param dayOf the day of its life by which a flower is judged.
 * @example setBelief('melon', []).share // 0.2
 */
export function setBelief(
  crop: CropId,
  histories: readonly FruitHistory[],
  dayOf: (history: FruitHistory) => number = setDay,
): SetBelief {
  const prior = cropOf(crop).setPrior?.value ?? 0.5;
  const { flowers, unknown } = resolvedBy(
    histories.filter(({ followed }) => followed === 'pollinated'),
    dayOf,
  );
  const clusters = [...groupBy(flowers, ({ history }) => history.plant).values()].map((own) => ({
    hits: own.filter(({ yes }) => yes).length,
    of: own.length,
  }));
  const { share = 0, effective, weights } = shareOf(flowers);
  const ownShare = weights + unknown > 0 ? (share * weights + unknown) / (weights + unknown) : 0;
  const of = effective / designEffect(clusters);
  const a = prior * PRIOR_FLOWERS + ownShare * of;
  const b = PRIOR_FLOWERS + of - a;
  return { a, b, share: a / (a + b), own: flowers.length, ownWeight: of / (of + PRIOR_FLOWERS) };
}
