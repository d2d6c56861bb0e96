import { metresBetween, type Place } from '../garden/places';
import type { Metres } from '../garden/walking';

/**
 * A short walk that starts at `start`, visits every point once and ends anywhere: nearest neighbour, then
 * 2-opt and moves of one to three stops (or-opt) until neither shortens it
 * [Croes 1958; Or 1976]. Walks of some hundred stops take milliseconds.
 *
 * @param metres how far one walks between two places.
 * @returns indices into `points` in walking order.
 */
export function shortTour(start: Place, points: readonly Place[], metres: Metres = metresBetween): number[] {
  const order = nearestNeighbour(start, points, metres);
  const at = (i: number): Place => (i < 0 ? start : points[order[i]!]!);
  const gap = (i: number, j: number): number => (j >= order.length ? 0 : metres(at(i), at(j)));
  // Each pass walks all pairs; the bound only guards against rounding that never settles.
  for (let pass = 0; pass < 60; pass += 1) {
    if (!improveByReversal(order, gap) && !improveByMoving(order, at, metres)) break;
  }
  return order;
}

const WORTHWHILE_M = 1e-6;

function nearestNeighbour(start: Place, points: readonly Place[], metres: Metres): number[] {
  const left = new Set(points.keys());
  const order: number[] = [];
  for (let here = start; left.size > 0;) {
    let best = -1;
    let bestGap = Infinity;
    for (const i of left) {
      const distance = metres(here, points[i]!);
      if (distance < bestGap) [best, bestGap] = [i, distance];
    }
    left.delete(best);
    order.push(best);
    here = points[best]!;
  }
  return order;
}

/** 2-opt on an open walk: reversing i..j changes only its two ends. */
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
function improveByMoving(order: number[], at: (i: number) => Place, metres: Metres): boolean {
  let improved = false;
  for (let size = 1; size <= Math.min(3, order.length - 1); size += 1) {
    for (let from = 0; from + size <= order.length; from += 1) {
      const move = bestMove({ length: order.length, at, metres }, from, size);
      if (!move) continue;
      const taken = order.splice(from, size);
      order.splice(move.to, 0, ...(move.reversed ? taken.reverse() : taken));
      improved = true;
    }
  }
  return improved;
}

interface Walk {
  readonly length: number;
  readonly at: (i: number) => Place;
  readonly metres: Metres;
}

function bestMove(
  { length, at, metres }: Walk,
  from: number,
  size: number,
): { to: number; reversed: boolean } | undefined {
  const after = from + size;
  const gap = (i: number, j: number): number => (j >= length ? 0 : metres(at(i), at(j)));
  const saved = gap(from - 1, from) + gap(after - 1, after) - gap(from - 1, after);
  let best: { to: number; reversed: boolean } | undefined;
  let bestCost = saved - WORTHWHILE_M;
  for (let before = -1; before < length; before += 1) {
    if (before >= from - 1 && before < after) continue;
    const open = gap(before, before + 1);
    for (const reversed of [false, true]) {
      const [first, last] = reversed ? [after - 1, from] : [from, after - 1];
      const cost = metres(at(before), at(first)) + gap(last, before + 1) - open;
      if (cost >= bestCost) continue;
      bestCost = cost;
      best = { to: before < from ? before + 1 : before + 1 - size, reversed };
    }
  }
  return best;
}
