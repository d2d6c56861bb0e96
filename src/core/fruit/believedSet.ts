import type { CropId } from '../crops/catalogue';
import { believedShare, type Belief, type BelievedShare } from '../statistics/sharesAmong';
import type { FruitHistory } from './fruitHistory';
import { setBelief, type SetBelief } from './setBelief';
import { setDay } from './setVerdict';

/** What is believed of the share of pollinated flowers that sets, or is kept, with its interval. */
export interface BelievedSet extends Pick<SetBelief, 'own' | 'ownWeight'> {
  readonly belief: Belief;
  readonly share: BelievedShare;
}

/**
 * The share of pollinated flowers that sets, as it is believed (`setBelief`), with its interval.
 *
 * @param dayOf the day of its life by which a flower is judged.
 * @example believedSet('melon', []).share.share // 0.2
 */
export function believedSet(
  crop: CropId,
  histories: readonly FruitHistory[],
  dayOf: (history: FruitHistory) => number = setDay,
): BelievedSet {
  const { a, b, own, ownWeight } = setBelief(crop, histories, dayOf);
  const belief: Belief = { betas: [{ a, b, weight: 1 }] };
  return { belief, share: believedShare(belief), own, ownWeight };
}
