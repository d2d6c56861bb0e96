import type { Chore } from '../journal/kinds/stops';
import type { Place } from '../garden/places';
import type { Segment } from '../garden/segments';
import type { HandlingMs } from './operations/operation';
import type { Pair } from '../pairing/pairFlowers';
import type { WorkingHours } from '../outing/workingHours';

export interface RoundVariety {
  readonly variety: string;
  /** Varieties of one group cross: hands are cleaned between them. */
  readonly group: string;
  /** Most diseases that travel on hands stay within one. */
  readonly family: string;
  /** Does wind carry its pollen? */
  readonly byWind?: true;
  readonly hours: WorkingHours;
  readonly handling: HandlingMs;
  /** What one set fruit of it is worth to the grower compared with another: 1 for eating, more for seed. */
  readonly weight: number;
  /** What each moment is worth, in the open and where insects cannot get in; without it all are worth the same. */
  readonly worth?: { readonly open: WorthByTime; readonly guarded: WorthByTime };
}

/** What each moment is worth, from 0 to 1, at even steps of UTC milliseconds. */
type WorthByTime = readonly { readonly ms: number; readonly worth: number }[];

export interface RoundRequest {
  readonly pairs: readonly Pair[];
  /** What is due without pollen. */
  readonly chores: readonly Chore[];
  readonly varieties: readonly RoundVariety[];
  readonly places: ReadonlyMap<string, Place>;
  /** What one has to walk round. */
  readonly obstacles: readonly Segment[];
  /** Where one sets out. */
  readonly start: Place;
  /** Earliest start, UTC milliseconds. */
  readonly from: number;
  /** Males already cut and stood in water need no picking. */
  readonly inHand: ReadonlySet<string>;
  /** Plants that look diseased: they are worked after all others of their family. */
  readonly suspects: ReadonlySet<string>;
  /** By plant, how many times a flower of its variety's worth it is worth there: less on one with much fruit. */
  readonly shares: ReadonlyMap<string, number>;
}
