import { cropOf, type CropId } from '../crops/catalogue';
import type { Distances } from '../crops/crop';
import type { StylePosition } from '../crops/traits';
import type { Purpose } from '../crops/variety';
import type { Ground } from '../garden/surroundings';
import { reason, type Reason } from '../text/reason';

export interface DistanceQuestion {
  readonly crop: CropId;
  readonly purpose: Purpose;
  readonly ground: Ground;
  readonly style?: StylePosition;
}

export type DistanceReason =
  | 'eatenOnly'
  | 'xeniaWhenEaten'
  | 'forPurpose'
  | 'sheltered'
  | 'openGround'
  | 'exsertedStyle'
  | 'selfPollinating';

export interface RequiredDistance {
  /** Metres; 0 when none is needed. */
  readonly metres: number;
  readonly reasons: readonly Reason<DistanceReason>[];
}

/** Which of the three ranges applies to a purpose. What is only eaten takes the smallest, where it needs any. */
const RANGE: Readonly<Record<Purpose, keyof Distances>> = {
  eat: 'casual',
  seedForFun: 'casual',
  seedToKeep: 'saving',
  rareOrSold: 'rare',
};

/** Place within the range, from its lower to its upper end. Our default. */
const WITHIN_RANGE: Readonly<Record<Ground, number>> = { sheltered: 0, mixed: 0.5, open: 1 };

/**
 * The smallest distance from anything it can cross with that a purpose calls for: the lower end of the range behind
 * shelter, the upper end on open ground, the middle elsewhere. Barriers allow less and open plain needs more; which
 * end of the range they mean is our default.
 *
 * What is only eaten needs no distance, unless foreign pollen changes what is eaten in the same year.
 *
 * @example requiredDistance({ crop: 'pepo', purpose: 'seedToKeep', ground: 'mixed' }).metres // 600
 */
export function requiredDistance({ crop, purpose, ground, style }: DistanceQuestion): RequiredDistance {
  const { pollenVector, distances, exserted, xenia } = cropOf(crop);
  const eaten = purpose === 'eat';
  if (eaten && !xenia) return { metres: 0, reasons: [reason('eatenOnly')] };
  const open = style === 'exserted' ? exserted : undefined;
  const [least, most] = (open?.distances ?? distances)[RANGE[purpose]].value;
  const reasons: Reason<DistanceReason>[] = [
    eaten ? reason('xeniaWhenEaten', { least, most }) : reason('forPurpose', { purpose, least, most }),
  ];
  if (open) reasons.push(reason('exsertedStyle'));
  else if (pollenVector === 'self') reasons.push(reason('selfPollinating'));
  if (ground === 'sheltered' && most > least) reasons.push(reason('sheltered'));
  if (ground === 'open' && most > least) reasons.push(reason('openGround'));
  return { metres: least + WITHIN_RANGE[ground] * (most - least), reasons };
}
