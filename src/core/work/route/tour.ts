import { metresBetween, type Place } from '../../garden/places';
import type { DistanceFunction } from '../../garden/walking';

/**
 * A short tour that starts at `start`, visits every point once and ends anywhere: nearest neighbour, then 2-opt and
 * moves of one to three stops (or-opt) until neither shortens it [Croes 1958; Or 1976]. Tours of some hundred stops
 * take milliseconds.
 *
 * @param distance how far one walks between two places, metres.
 * @returns indices into `points` in the order of the tour.
 * @example shortTour({ x: 0, y: 0 }, [{ x: 2, y: 0 }, { x: 1, y: 0 }]) // [1, 0]
 */
export function shortTour(
  start: Place,
  points: readonly Place[],
  distance: DistanceFunction = metresBetween,
): number[] {
  const order = nearestNeighbour(start, points, distance);
  const at = (i: number): Place => (i < 0 ? start : points[order[i]!]!);
  const gap = (i: number, j: number): number => (j >= order.length ? 0 : distance(at(i), at(j)));
  // Each pass goes through all pairs; the bound only guards against rounding that never settles.
  for (let pass = 0; pass < 60; pass += 1) {
    if (!improveByReversal(order, gap) && !improveByMoving(order, at, distance)) break;
  }
  return order;
}

const WORTHWHILE_M = 1e-6;

function nearestNeighbour(start: Place, points: readonly Place[], distance: DistanceFunction): number[] {
  const left = new Set(points.keys());
  const order: number[] = [];
  for (let here = start; left.size > 0;) {
    let best = -1;
    let bestGap = Infinity;
    for (const i of left) {
      const metres = distance(here, points[i]!);
      if (metres < bestGap) [best, bestGap] = [i, metres];
    }
    left.delete(best);
    order.push(best);
    here = points[best]!;
  }
  return order;
}

/** 2-opt on an open tour: reversing i..j changes only its two ends. */
function improveByReversal(order: number[], gap: (i: number, j: number) => number): boolean {
  let improved = false;
  for (let i = 0; i < order.length - 1; i += 1) {
    for (let j = i + 1; j < order.length; j += 1) {
      const before = gap(i - 1, i) + gap(j, j + 1);
      const after = gap(i - 1, j) + (j + 1 < order.length ? gap(i, j + 1) : 0);
      if (after >= before - WORTHWHILE_M) continue;
      order.splice(i, j - i + 1, ...order.slice(i, j + 1).reverse());
      improved = true;
    }
  }
  return improved;
}

/** Or-opt: takes out one to three stops in a row and puts them in where they cost less, either way round. */
function improveByMoving(order: number[], at: (i: number) => Place, distance: DistanceFunction): boolean {
  let improved = false;
  for (let size = 1; size <= Math.min(3, order.length - 1); size += 1) {
    for (let from = 0; from + size <= order.length; from += 1) {
      const move = bestMove({ length: order.length, at, distance }, from, size);
      if (!move) continue;
      const taken = order.splice(from, size);
      order.splice(move.to, 0, ...(move.reversed ? taken.reverse() : taken));
      improved = true;
    }
  }
  return improved;
}

interface Tour {
  readonly length: number;
  readonly at: (i: number) => Place;
  readonly distance: DistanceFunction;
}

function bestMove(
  { length, at, distance }: Tour,
  from: number,
  size: number,
): { to: number; reversed: boolean } | undefined {
  const after = from + size;
  const gap = (i: number, j: number): number => (j >= length ? 0 : distance(at(i), at(j)));
  const saved = gap(from - 1, from) + gap(after - 1, after) - gap(from - 1, after);
  let best: { to: number; reversed: boolean } | undefined;
  let bestCost = saved - WORTHWHILE_M;
  for (let before = -1; before < length; before += 1) {
    if (before >= from - 1 && before < after) continue;
    const open = gap(before, before + 1);
    for (const reversed of [false, true]) {
      const [first, last] = reversed ? [after - 1, from] : [from, after - 1];
      const cost = distance(at(before), at(first)) + gap(last, before + 1) - open;
      if (cost >= bestCost) continue;
      bestCost = cost;
      best = { to: before < from ? before + 1 : before + 1 - size, reversed };
    }
  }
  return best;
}
