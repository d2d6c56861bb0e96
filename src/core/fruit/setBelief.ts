import { cropOf, type CropId } from '../crops/catalogue';
import { designEffect } from '../statistics/wilson';
import { groupBy } from '../text/groupBy';
import type { FruitHistory } from './fruitHistory';
import { fateBy, fatesAmong } from './fates';
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
  const flowers = histories.flatMap((history) => {
    const fate = history.followed === 'pollinated' ? fateBy(history, dayOf(history)) : undefined;
    return fate ? { plant: history.plant, fate } : [];
  });
  const clusters = [...groupBy(flowers, ({ plant }) => plant).values()].map((own) => ({
    hits: own.filter(({ fate }) => fate.yes).length,
    of: own.filter(({ fate }) => fate.yes !== undefined).length,
  }));
  const fates = flowers.map(({ fate }) => fate);
  const { of: known, share = 0, effective, unknown } = fatesAmong(fates);
  const ownShare = fates.length > 0 ? (share * (fates.length - unknown) + unknown) / fates.length : 0;
  const of = effective / designEffect(clusters);
  const a = prior * PRIOR_FLOWERS + ownShare * of;
  const b = PRIOR_FLOWERS + of - a;
  return { a, b, share: a / (a + b), own: known, ownWeight: of / (of + PRIOR_FLOWERS) };
}
