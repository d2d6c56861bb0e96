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
export const DISTANCE_FACTOR = 0.7;

/** An upright rectangle, metres. */
export interface Box {
  readonly left: number;
  readonly bottom: number;
  readonly right: number;
  readonly top: number;
}

/**
 * What the barriers of a garden let through of a vector's pollen. Dense bloom stops insects only.
 *
 * @example new Barriers([wall], 'wind').transmission(west, east) // 0.7
 */
export class Barriers {
  readonly #stretches: readonly (BarrierStretch & { readonly passes: number })[];

  constructor(stretches: readonly BarrierStretch[], vector: PollenVector) {
    const passes = TRANSMISSION[vector === 'wind' ? 'wind' : 'insects'];
    this.#stretches = stretches.flatMap((stretch) =>
      passes[stretch.sort] < 1 ? [{ ...stretch, passes: passes[stretch.sort] }] : [],
    );
  }

  /** Does nothing hold pollen back anywhere? */
  get none(): boolean {
    return this.#stretches.length === 0;
  }

  /** Share of the pollen that gets past everything on the straight line between two places, 0 to 1. */
  transmission(a: Place, b: Place): number {
    let share = 1;
    for (const { from, to, passes } of this.#stretches) if (segmentsCross(a, b, from, to)) share *= passes;
    return share;
  }

  /** What stands on the straight line between two places. */
  sorts(a: Place, b: Place): BarrierSort[] {
    const between = this.#stretches.filter(({ from, to }) => segmentsCross(a, b, from, to));
    return [...new Set(between.map(({ sort }) => sort))];
  }

  /**
   * Share of the pollen that gets past between any place of one box and any place of another.
   *
   * Seen from one place, the places hidden by a stretch form a convex set, so that a stretch lies on every line of
   * sight between two boxes as soon as it lies on those between their corners.
   *
   * @returns `undefined` where it is not the same for all of them.
   */
  transmissionBetween(a: Box, b: Box): number | undefined {
    let share = 1;
    for (const { from, to, passes } of this.#stretches) {
      const hidden = isBetween({ from, to }, a, b);
      if (hidden === undefined) return undefined;
      if (hidden) share *= passes;
    }
    return share;
  }
}

/** A linear form x·p.x + y·p.y + c over a box: its least and greatest value. */
function rangeOver({ left, bottom, right, top }: Box, x: number, y: number, c: number): [number, number] {
  const middle = c + (x * (left + right) + y * (bottom + top)) / 2;
  const spread = (Math.abs(x) * (right - left) + Math.abs(y) * (top - bottom)) / 2;
  return [middle - spread, middle + spread];
}

/** Is a stretch on every line of sight between two boxes (true), on none (false), or on some? */
function isBetween({ from, to }: Pick<BarrierStretch, 'from' | 'to'>, a: Box, b: Box): boolean | undefined {
  const apart =
    Math.max(from.x, to.x) < Math.min(a.left, b.left) ||
    Math.min(from.x, to.x) > Math.max(a.right, b.right) ||
    Math.max(from.y, to.y) < Math.min(a.bottom, b.bottom) ||
    Math.min(from.y, to.y) > Math.max(a.top, b.top);
  if (apart) return false;
  // On which side of the stretch's own line the boxes lie.
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const [leastA, mostA] = rangeOver(a, -dy, dx, dy * from.x - dx * from.y);
  const [leastB, mostB] = rangeOver(b, -dy, dx, dy * from.x - dx * from.y);
  if ((leastA > 0 && leastB > 0) || (mostA < 0 && mostB < 0)) return false;
  const onEitherSide = (mostA < 0 && leastB > 0) || (mostB < 0 && leastA > 0);
  return onEitherSide && allCross(from, to, a, b) ? true : undefined;
}

/** Do all lines between corners of the boxes pass between the ends of a stretch? */
function allCross(from: Place, to: Place, a: Box, b: Box): boolean {
  for (let i = 0; i < 4; i += 1) {
    for (let j = 0; j < 4; j += 1) {
      const px = i & 1 ? a.right : a.left;
      const py = i & 2 ? a.top : a.bottom;
      const dx = (j & 1 ? b.right : b.left) - px;
      const dy = (j & 2 ? b.top : b.bottom) - py;
      const sideOfFrom = dx * (from.y - py) - dy * (from.x - px);
      const sideOfTo = dx * (to.y - py) - dy * (to.x - px);
      if (sideOfFrom * sideOfTo >= 0) return false;
    }
  }
  return true;
}
