import { cross, metresBetween, type Place } from './places';

/** A straight stretch that cannot be walked through. */
export interface Stretch {
  readonly from: Place;
  readonly to: Place;
}

export type Metres = (a: Place, b: Place) => number;

/** Round the end of a trellis or wall one keeps this far off it. Our default. */
const CLEAR_M = 0.3;

/**
 * How far one walks from place to place where some stretches cannot be walked through: straight on where nothing
 * stands between, else round their ends by the shortest way [visibility graph, Lozano-Pérez & Wesley 1979, with the
 * shortest paths of Floyd 1962]. Where no way leads round, as into a closed yard, it is the straight line: somebody
 * knows the door.
 *
 * @returns a function of two places, metres, that remembers what it was asked.
 */
export function walkingMetres(stretches: readonly Stretch[]): Metres {
  if (stretches.length === 0) return metresBetween;
  const open = (a: Place, b: Place): boolean => !stretches.some(({ from, to }) => cross(a, b, from, to));
  const corners = stretches.flatMap(({ from, to }) => [beyond(to, from), beyond(from, to)]);
  const between = shortestWays(corners, open);
  const known = new WeakMap<Place, WeakMap<Place, number>>();
  return (a, b) => {
    const held = known.get(a)?.get(b);
    if (held !== undefined) return held;
    const metres = open(a, b) ? metresBetween(a, b) : roundCorners(a, b, { corners, between, open });
    if (!known.has(a)) known.set(a, new WeakMap());
    known.get(a)!.set(b, metres);
    return metres;
  };
}

/** A spot a little past `end`, seen from the other end. */
function beyond(other: Place, end: Place): Place {
  const length = metresBetween(other, end) || 1;
  const step = CLEAR_M / length;
  return { x: end.x + (end.x - other.x) * step, y: end.y + (end.y - other.y) * step };
}

function shortestWays(corners: readonly Place[], open: (a: Place, b: Place) => boolean): number[][] {
  const ways = corners.map((a, i) =>
    corners.map((b, j) => (i === j ? 0 : open(a, b) ? metresBetween(a, b) : Infinity)),
  );
  for (const [via, fromVia] of ways.entries()) {
    for (const row of ways) {
      for (let j = 0; j < row.length; j += 1) row[j] = Math.min(row[j]!, row[via]! + fromVia[j]!);
    }
  }
  return ways;
}

interface Corners {
  readonly corners: readonly Place[];
  readonly between: readonly (readonly number[])[];
  readonly open: (a: Place, b: Place) => boolean;
}

function roundCorners(a: Place, b: Place, { corners, between, open }: Corners): number {
  const reach = (place: Place): { corner: number; metres: number }[] =>
    corners.flatMap((spot, corner) =>
      open(place, spot) ? [{ corner, metres: metresBetween(place, spot) }] : [],
    );
  const [starts, ends] = [reach(a), reach(b)];
  let best = Infinity;
  for (const start of starts) {
    for (const end of ends) {
      best = Math.min(best, start.metres + between[start.corner]![end.corner]! + end.metres);
    }
  }
  return Number.isFinite(best) ? best : metresBetween(a, b);
}
