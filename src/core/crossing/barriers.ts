import { cross, type Place } from '../garden/places';
import type { Barrier } from '../journal/state';
import type { BarrierSort } from '../journal/entry';
import type { Carrier } from '../crops/crop';

/**
 * Share of the pollen that gets past. Insects fly round and wind goes over, so nothing holds all of it; dense other
 * bloom wipes insects off and does nothing to wind. Our defaults, no source.
 */
const PASSES: Readonly<Record<'insects' | 'wind', Readonly<Record<BarrierSort, number>>>> = {
  insects: { trellis: 1, wall: 0.7, building: 0.4, hedge: 0.5, forage: 0.5 },
  wind: { trellis: 1, wall: 0.7, building: 0.4, hedge: 0.5, forage: 1 },
};

/** Distances asked for shrink by this where a barrier stands between: barriers allow less. Our default. */
const ALLOWS = 0.7;

export interface Between {
  /** Share of the pollen that gets past all of them, 0 to 1. */
  readonly passes: number;
  /** Share of the distance that is still asked for. */
  readonly asks: number;
  readonly sorts: readonly BarrierSort[];
}

const NOTHING_BETWEEN: Between = { passes: 1, asks: 1, sorts: [] };

/** What stands on the straight line between two places. */
export function barriersBetween(
  a: Place,
  b: Place,
  barriers: readonly Pick<Barrier, 'sort' | 'from' | 'to'>[],
  carrier: Carrier,
): Between {
  const by = PASSES[carrier === 'wind' ? 'wind' : 'insects'];
  const between = barriers.filter(({ sort, from, to }) => by[sort] < 1 && cross(a, b, from, to));
  if (between.length === 0) return NOTHING_BETWEEN;
  return {
    passes: between.reduce((passes, { sort }) => passes * by[sort], 1),
    asks: ALLOWS,
    sorts: [...new Set(between.map(({ sort }) => sort))],
  };
}
