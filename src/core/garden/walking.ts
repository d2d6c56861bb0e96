import { metresBetween, type Place } from './places';
import { barsWay, liesOn, type Segment } from './segments';

/** Distance from place to place, metres. */
export type DistanceFunction = (a: Place, b: Place) => number;

/** One keeps this far from the end of a trellis or wall when walking round it. Our default. */
const CLEARANCE_M = 0.3;

/**
 * Walking distance where some segments cannot be crossed: a straight line where nothing stands between, else round
 * their ends by the shortest path [visibility graph, Lozano-Pérez & Wesley 1979, with the shortest paths of Floyd
 * 1962]. Where no path leads round, as into a closed yard, it is the straight line: somebody knows the door.
 *
 * @returns a function of two places, metres, that remembers its answers.
 * @example walkingDistance([])({ x: 0, y: 0 }, { x: 3, y: 4 }) // 5
 */
export function walkingDistance(obstacles: readonly Segment[]): DistanceFunction {
  if (obstacles.length === 0) return metresBetween;
  const isOpen = (a: Place, b: Place): boolean => {
    // Asked from the same end either way, so that rounding cannot make the way back another one.
    const [start, end] = a.x < b.x || (a.x === b.x && a.y <= b.y) ? [a, b] : [b, a];
    return !obstacles.some((wall) => barsWay(wall, start, end));
  };
  // Where one wall goes on from another's end there is no way round it there.
  const corners = obstacles
    .flatMap(({ from, to }) => [justBeyond(to, from), justBeyond(from, to)])
    .filter((corner) => !obstacles.some((wall) => liesOn(wall, corner)));
  const between = shortestPaths(corners, isOpen);
  const known = new WeakMap<Place, WeakMap<Place, number>>();
  return (a, b) => {
    const held = known.get(a)?.get(b);
    if (held !== undefined) return held;
    const metres = isOpen(a, b) ? metresBetween(a, b) : roundCorners(a, b, { corners, between, isOpen });
    if (!known.has(a)) known.set(a, new WeakMap());
    known.get(a)!.set(b, metres);
    return metres;
  };
}

/** A place a little past `end`, seen from the other end. */
function justBeyond(other: Place, end: Place): Place {
  const length = metresBetween(other, end) || 1;
  const step = CLEARANCE_M / length;
  return { x: end.x + (end.x - other.x) * step, y: end.y + (end.y - other.y) * step };
}

function shortestPaths(corners: readonly Place[], isOpen: (a: Place, b: Place) => boolean): number[][] {
  const paths = corners.map((a, i) =>
    corners.map((b, j) => (i === j ? 0 : isOpen(a, b) ? metresBetween(a, b) : Infinity)),
  );
  for (const [via, fromVia] of paths.entries()) {
    for (const row of paths) {
      for (let j = 0; j < row.length; j += 1) row[j] = Math.min(row[j]!, row[via]! + fromVia[j]!);
    }
  }
  return paths;
}

interface Corners {
  readonly corners: readonly Place[];
  readonly between: readonly (readonly number[])[];
  readonly isOpen: (a: Place, b: Place) => boolean;
}

function roundCorners(a: Place, b: Place, { corners, between, isOpen }: Corners): number {
  const reachable = (place: Place): { corner: number; metres: number }[] =>
    corners.flatMap((spot, corner) =>
      isOpen(place, spot) ? [{ corner, metres: metresBetween(place, spot) }] : [],
    );
  const [starts, ends] = [reachable(a), reachable(b)];
  let best = Infinity;
  for (const start of starts) {
    for (const end of ends) {
      best = Math.min(best, start.metres + between[start.corner]![end.corner]! + end.metres);
    }
  }
  return Number.isFinite(best) ? best : metresBetween(a, b);
}
