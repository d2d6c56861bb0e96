import type { PollenVector } from '../crops/crop';
import type { Place } from '../garden/places';
import { segmentsCross } from '../garden/segments';
import type { BarrierSort, BarrierStretch } from '../garden/surroundings';

/**
 * Share of the pollen that gets past a barrier. Insects fly round and wind goes over, so none holds all of it; dense
 * other bloom wipes insects clean and does nothing to wind. Our defaults, no source.
 */
const TRANSMISSION: Readonly<Record<'insects' | 'wind', Readonly<Record<BarrierSort, number>>>> = {
  insects: { trellis: 1, wall: 0.7, building: 0.4, hedge: 0.5, forage: 0.5 },
  wind: { trellis: 1, wall: 0.7, building: 0.4, hedge: 0.5, forage: 1 },
};

/** Required distances shrink by this factor where a barrier stands between: barriers allow less. Our default. */
const DISTANCE_FACTOR = 0.7;

export interface BarrierEffect {
  /** Share of the pollen that gets past all of them, 0 to 1. */
  readonly transmission: number;
  /** Share of the distance that is still required. */
  readonly distanceFactor: number;
  readonly sorts: readonly BarrierSort[];
}

const NOTHING_BETWEEN: BarrierEffect = { transmission: 1, distanceFactor: 1, sorts: [] };

/**
 * What the barriers on the straight line between two places do to pollen.
 *
 * @param vector of the pollen: dense bloom stops insects only.
 * @example barrierEffect(west, east, [wall], 'wind') // { transmission: 0.7, distanceFactor: 0.7, sorts: ['wall'] }
 */
export function barrierEffect(
  a: Place,
  b: Place,
  barriers: readonly BarrierStretch[],
  vector: PollenVector,
): BarrierEffect {
  const transmission = TRANSMISSION[vector === 'wind' ? 'wind' : 'insects'];
  const between = barriers.filter(
    ({ sort, from, to }) => transmission[sort] < 1 && segmentsCross(a, b, from, to),
  );
  if (between.length === 0) return NOTHING_BETWEEN;
  return {
    transmission: between.reduce((share, { sort }) => share * transmission[sort], 1),
    distanceFactor: DISTANCE_FACTOR,
    sorts: [...new Set(between.map(({ sort }) => sort))],
  };
}
