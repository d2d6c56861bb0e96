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

/** Places nearer to a line than this count as on it, metres: what remains is rounding. */
const ON_LINE_M = 1e-6;

/** How far `p` lies to the left of the line from a to b, metres; 0 on it, or where a and b are one place. */
function metresLeftOf(a: Place, b: Place, p: Place): number {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const metres = length === 0 ? 0 : side(a, b, p) / length;
  return Math.abs(metres) < ON_LINE_M ? 0 : metres;
}

/**
 * Does a wall bar the straight way from a to b? A way that touches the wall's end is barred, since a second wall may
 * begin there; one that begins or ends at the wall is not, nor one along it: a plant may grow on a trellis.
 *
 * @example barsWay({ from: { x: 0, y: 0 }, to: { x: 2, y: 0 } }, { x: 2, y: -1 }, { x: 2, y: 1 }) // true
 */
export function barsWay({ from, to }: Segment, a: Place, b: Place): boolean {
  const [start, end] = [metresLeftOf(from, to, a), metresLeftOf(from, to, b)];
  if (start * end >= 0) return false;
  return metresLeftOf(a, b, from) * metresLeftOf(a, b, to) <= 0;
}

/**
 * Does a place lie on a wall?
 *
 * @example liesOn({ from: { x: 0, y: 0 }, to: { x: 2, y: 0 } }, { x: 1, y: 0 }) // true
 */
export function liesOn({ from, to }: Segment, p: Place): boolean {
  if (metresLeftOf(from, to, p) !== 0) return false;
  const along = (p.x - from.x) * (to.x - from.x) + (p.y - from.y) * (to.y - from.y);
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  return along >= -ON_LINE_M * length && along <= length * (length + ON_LINE_M);
}
