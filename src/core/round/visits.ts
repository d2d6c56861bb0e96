import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';

/** All that is done at one plant before one goes on. */
export interface Visit<S extends AtPlant = Stop> {
  readonly plant: string;
  readonly steps: readonly [S, ...S[]];
}

/** A stop of a round, recorded or only planned. */
type AtPlant = Pick<Stop, 'plant'>;

/**
 * The stops of a round, plant by plant, in the order in which they are walked.
 *
 * @example visitsOf([]) // []
 * @example visitsOf([pickAtC1, pollinateAtC1, pickAtC2]).length // 2
 */
export function visitsOf<S extends AtPlant>(stops: readonly S[]): Visit<S>[] {
  const visits: { readonly plant: string; readonly steps: [S, ...S[]] }[] = [];
  for (const stop of stops) {
    const last = visits.at(-1);
    if (last?.plant === stop.plant) last.steps.push(stop);
    else visits.push({ plant: stop.plant, steps: [stop] });
  }
  return visits;
}

/**
 * How many plants of a round are still to visit, one that is under way included.
 *
 * @example visitsLeft(round) // 0 when it is finished
 */
export const visitsLeft = ({ stops, done }: Round): number =>
  visitsOf(stops).filter(({ steps }) => steps.some(({ stop }) => !done.has(stop))).length;

/** One stop among those of its plant. */
export interface VisitAt extends Visit {
  /** Which visit of the round it is, and which step of it, from 0. */
  readonly visit: number;
  readonly step: number;
}

/**
 * The visit to which a stop belongs.
 *
 * @example visitAt(round.stops, round.stops[0]).step // 0
 */
export function visitAt(stops: readonly Stop[], stop: Stop): VisitAt {
  const visits = visitsOf(stops);
  const visit = visits.findIndex(({ steps }) => steps.some((each) => each.stop === stop.stop));
  const own = visits[visit] ?? { plant: stop.plant, steps: [stop] as const };
  return { ...own, visit, step: own.steps.findIndex((each) => each.stop === stop.stop) };
}
