import { anyPollenSpoils } from './anyPollenSpoils';
import { cropOf, type CropId } from '../crops/catalogue';
import type { Distances } from '../crops/crop';
import type { StylePosition } from '../crops/traits';
import type { Purpose } from '../crops/variety';
import type { Ground } from '../garden/surroundings';
import { reason, type Reason } from '../text/reason';

/** What the required distance depends on, of a variety. */
export interface DistanceQuestion {
  readonly crop: CropId;
  readonly purpose: Purpose;
  readonly style?: StylePosition;
  readonly parthenocarpic?: boolean;
  readonly seedless?: boolean;
}

export type DistanceReason =
  | 'eatenOnly'
  | 'xeniaWhenEaten'
  | 'spoiltByPollen'
  | 'seedlessWantsPollen'
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
 * What is only eaten needs no distance, unless foreign pollen changes what is eaten in the same year,
 * or spoils a fruit that sets without it.
 *
 * @example requiredDistance({ crop: 'pepo', purpose: 'seedToKeep' }, 'mixed').metres // 600
 */
export function requiredDistance(variety: DistanceQuestion, ground: Ground): RequiredDistance {
  const { crop, purpose, style, seedless } = variety;
  const { pollenVector, distances, exserted, xenia } = cropOf(crop);
  const eaten = purpose === 'eat';
  const unwanted = anyPollenSpoils(variety);
  if (eaten && !xenia && !unwanted) {
    return { metres: 0, reasons: [reason(seedless ? 'seedlessWantsPollen' : 'eatenOnly')] };
  }
  const open = style === 'exserted' ? exserted : undefined;
  const [least, most] = (open?.distances ?? distances)[RANGE[purpose]].value;
  const reasons: Reason<DistanceReason>[] = [
    eaten
      ? reason(unwanted ? 'spoiltByPollen' : 'xeniaWhenEaten', { least, most })
      : reason('forPurpose', { purpose, least, most }),
  ];
  if (open) reasons.push(reason('exsertedStyle'));
  else if (pollenVector === 'self') reasons.push(reason('selfPollinating'));
  if (ground === 'sheltered' && most > least) reasons.push(reason('sheltered'));
  if (ground === 'open' && most > least) reasons.push(reason('openGround'));
  return { metres: least + WITHIN_RANGE[ground] * (most - least), reasons };
}
