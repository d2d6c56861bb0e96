import type { Ground, Purpose } from '../journal/entry';
import { reason, type Reason } from '../reason';
import type { Distances } from '../crops/crop';
import { cropOf, type CropId } from '../crops/catalogue';

/** How far the style stands in its cone, for tomatoes. */
export type Style = 'inset' | 'out';

export interface DistanceQuestion {
  readonly crop: CropId;
  readonly purpose: Purpose;
  readonly ground: Ground;
  readonly style?: Style;
}

export type DistanceReason =
  'eatenOnly' | 'kernelsAreEaten' | 'forPurpose' | 'sheltered' | 'openGround' | 'styleOut' | 'selfer';

export interface DistanceWanted {
  /** Metres; 0 when none is needed. */
  readonly metres: number;
  readonly reasons: readonly Reason<DistanceReason>[];
}

/** Which of the three ranges a purpose asks for; eating asks for none. */
const RANGE: Readonly<Record<Exclude<Purpose, 'eat'>, keyof Distances>> = {
  seedForFun: 'casual',
  seedToKeep: 'saving',
  rareOrSold: 'rare',
};

/** Tomatoes whose style stands out, and currant types (seed-saving guides, from memory). Metres. */
const STYLE_OUT = { casual: [15, 15], saving: [30, 30], rare: [50, 50] } as const;

/**
 * The least distance from what can cross that a purpose deserves: the bottom of the range behind shelter, the top
 * on open ground, the middle elsewhere. Barriers allow less and open plain needs more; which end of the range
 * they mean is our default.
 *
 * Nothing is asked for eating, but for corn, whose kernels this year are the seed.
 */
export function distanceWanted({ crop, purpose, ground, style }: DistanceQuestion): DistanceWanted {
  const { group, carrier, distances } = cropOf(crop);
  if (purpose === 'eat' && group !== 'corn') return { metres: 0, reasons: [reason('eatenOnly')] };
  const range = purpose === 'eat' ? 'casual' : RANGE[purpose];
  const out = group === 'tomato' && style === 'out';
  const [least, most] = out ? STYLE_OUT[range] : distances[range].value;
  const share = { sheltered: 0, mixed: 0.5, open: 1 }[ground];
  const reasons: Reason<DistanceReason>[] = [
    purpose === 'eat'
      ? reason('kernelsAreEaten', { least, most })
      : reason('forPurpose', { purpose, least, most }),
  ];
  if (out) reasons.push(reason('styleOut'));
  else if (carrier === 'self') reasons.push(reason('selfer'));
  if (ground === 'sheltered' && most > least) reasons.push(reason('sheltered'));
  if (ground === 'open' && most > least) reasons.push(reason('openGround'));
  return { metres: least + share * (most - least), reasons };
}
