import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import type { WorkingHours } from '../outing/workingHours';
import { toMs } from '../time/calendar';
import { USUAL_HANDLING } from '../outing/handling';
import { canBeLate, pollenAt, serviceMs } from './operations/operations';
import type { HandlingMs } from './operations/operation';
import { stopsLeft } from './stopsLeft';

/** How far a round has come. The place in it follows from what was done, so closing the app loses nothing. */
export interface Progress {
  /** Index of the stop to do now; `stops.length` when all are done. */
  readonly at: number;
  readonly left: number;
  /** When it will be done at the pace so far, UTC milliseconds. */
  readonly finish: number;
  /** Work and walking that are left at that pace, without any wait, milliseconds. */
  readonly workMs: number;
  /** Stops still to come that would be reached too late. */
  readonly tooLate: readonly string[];
}

/** Fewer stops than this say nothing about the pace. */
const PACE_FROM_STOPS = 4;
const SLOWEST = 3;
const FASTEST = 0.5;

/** What the way ahead depends on besides the round itself. */
export interface RoundConditions {
  /** By variety. */
  readonly hours: ReadonlyMap<string, WorkingHours>;
  /** By variety; without it, or where it is not known, the usual. */
  readonly handling?: ReadonlyMap<string, HandlingMs>;
  /** Walking time between two plants, milliseconds; without it, or where it is not known, as planned. */
  readonly walkingMs?: (from: string, to: string) => number | undefined;
}

/**
 * Present stop, stops left and pace of a round. A flower that is not yet open is waited for, but not because the plan
 * once had to wait there.
 *
 * The pace is the time taken between consecutive stops divided by the time planned for them; the median, so that a
 * pause does not count.
 *
 * @param now UTC milliseconds.
 * @example progressOf(round, now, { hours }).at // 0 before the first stop
 */
export function progressOf(round: Round, now: number, conditions: RoundConditions): Progress {
  const { stops } = round;
  const left = stopsLeft(round);
  const at = left[0] ? stops.indexOf(left[0]) : stops.length;
  const pace = paceOf(round, conditions);
  const tooLate: string[] = [];
  let time = now;
  let workMs = 0;
  left.forEach((stop, i) => {
    const way = i > 0 ? pace * walkingMs(stops, stop, conditions) : 0;
    const service = pace * serviceOf(stop, conditions);
    workMs += way + service;
    time += way;
    const open = hoursAt(stop, conditions);
    if (open) time = Math.max(time, open.opens);
    if (canBeLate(stop) && open && time > open.lastSafe) tooLate.push(stop.stop);
    time += service;
  });
  return { at, left: left.length, finish: time, workMs, tooLate };
}

/**
 * The hours of the flowers of a stop; what touches no pollen has none.
 *
 * @example hoursAt(uncover, { hours }) // undefined
 */
export const hoursAt = (stop: Stop, { hours }: RoundConditions): WorkingHours | undefined =>
  pollenAt(stop) === undefined ? undefined : hours.get(stop.variety);

const serviceOf = (stop: Stop, { handling }: RoundConditions): number =>
  serviceMs(stop, handling?.get(stop.variety) ?? USUAL_HANDLING);

/** Walking time to a stop from the one before it: what was planned, less any wait. */
function walkingMs(stops: readonly Stop[], stop: Stop, conditions: RoundConditions): number {
  const before = stops[stops.indexOf(stop) - 1];
  if (!before) return 0;
  const planned = Math.max(0, toMs(stop.eta) - toMs(before.eta) - serviceOf(before, conditions));
  return Math.min(planned, conditions.walkingMs?.(before.plant, stop.plant) ?? Infinity);
}

function paceOf({ stops, done }: Round, conditions: RoundConditions): number {
  const ratios = stops.flatMap((stop, i): number[] => {
    const before = stops[i - 1];
    const was = before && done.get(before.stop);
    const is = done.get(stop.stop);
    if (!before || !was || !is) return [];
    // Who had to wait for it to open was not slow.
    if (toMs(was.at) < (hoursAt(stop, conditions)?.opens ?? -Infinity)) return [];
    return [
      (toMs(is.at) - toMs(was.at)) / (walkingMs(stops, stop, conditions) + serviceOf(stop, conditions)),
    ];
  });
  if (ratios.length < PACE_FROM_STOPS) return 1;
  return Math.min(SLOWEST, Math.max(FASTEST, medianOf(ratios)));
}

/** Of an even count the mean of the two in the middle. */
function medianOf(numbers: readonly number[]): number {
  const sorted = [...numbers].sort((a, b) => a - b);
  const middle = (sorted.length - 1) / 2;
  return (sorted[Math.floor(middle)]! + sorted[Math.ceil(middle)]!) / 2;
}
