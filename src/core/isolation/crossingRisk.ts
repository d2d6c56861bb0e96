import type { BarrierSort, Certainty } from '../garden/surroundings';
import type { Compatibility } from './compatibility';
import type { ShareRange } from './expectedOutcrossing';

/** A source whose pollen may come, compared with the isolation that is required from it. */
export interface CrossingRisk {
  readonly id: string;
  readonly where: 'garden' | 'outside';
  readonly compatibility: Compatibility;
  /** From the nearest plant to the nearest plant or edge. */
  readonly metres: number;
  /** Required distance, already reduced where a barrier stands between. */
  readonly requiredMetres: number;
  readonly barriers: readonly BarrierSort[];
  /** Days between the two flowerings; 0 when they overlap, `undefined` when one is not known. */
  readonly daysApart: number | undefined;
  readonly isolatedBy: 'distance' | 'time' | 'nothing';
  /** Of a source outside the garden: how well it is known. */
  readonly certainty?: Certainty;
  /** Share of the seed that it will father if nothing is covered. */
  readonly share: ShareRange;
}
