import type { VarietyTraits } from '../crops/traits';
import type { Purpose } from '../crops/variety';
import type { Place } from '../garden/places';
import type { BarrierStretch, Certainty, Ground } from '../garden/surroundings';
import type { SeenFlowering } from '../season/seenFlowering';
import type { Day } from '../time/types';
import type { CompatibilityTraits } from './compatibility';
import type { Looked } from './looked';

/** First and last day on which flowers are open; for corn from the first pollen to the last silk. */
export type FloweringSpan = readonly [Day, Day];

/** A variety of the garden, or one planting of several; plantings of one variety have its id. */
export interface GrownVariety extends CompatibilityTraits {
  readonly id: string;
  readonly style?: VarietyTraits['style'];
  readonly parthenocarpic?: boolean;
  readonly gynoecious?: boolean;
  readonly seedless?: boolean;
  readonly purpose: Purpose;
  readonly places: readonly Place[];
  /** As it is expected. */
  readonly flowering?: FloweringSpan;
  /** As far as somebody saw it. */
  readonly seen?: SeenFlowering;
}

/** Something outside the garden that sheds pollen: a neighbour's patch, a field, feral plants. */
export interface OutsideSource extends CompatibilityTraits {
  readonly id: string;
  readonly middle: Place;
  /** Metres. */
  readonly radius: number;
  readonly plants: number;
  readonly certainty: Certainty;
  readonly flowering?: FloweringSpan;
}

/** What the isolation report is computed from. */
export interface IsolationQuestion {
  readonly varieties: readonly GrownVariety[];
  readonly outside: readonly OutsideSource[];
  readonly barriers: readonly BarrierStretch[];
  readonly ground: Ground;
  /** How far somebody looked around for what may cross; none where nobody did. */
  readonly looked?: readonly Looked[];
}
