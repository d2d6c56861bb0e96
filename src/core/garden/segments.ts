import type { Place } from './places';

/** A straight line between two places. */
export interface Segment {
  readonly from: Place;
  readonly to: Place;
}

/** On which side of the line from a to b a place lies: positive left, negative right. */
const side = (a: Place, b: Place, p: Place): number => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);

/**
 * Do the segments ab and cd cross? Those that only touch at an end, or lie on one line, do not.
 *
 * @example segmentsCross({ x: 0, y: 0 }, { x: 2, y: 2 }, { x: 0, y: 2 }, { x: 2, y: 0 }) // true
 */
export const segmentsCross = (a: Place, b: Place, c: Place, d: Place): boolean =>
  side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
