import type { Chore, Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { motherAt } from './operations/operations';

/**
 * The stops of a round that are still to do.
 *
 * @example stopsLeft(round).length // 0 when it is finished
 */
export const stopsLeft = (round: Round): Stop[] => round.stops.filter(({ stop }) => !round.done.has(stop));

/**
 * The females that rounds lead to.
 *
 * @example plannedFlowers([]).size // 0
 */
export const plannedFlowers = (rounds: readonly Round[]): ReadonlySet<string> =>
  new Set(rounds.flatMap(({ stops }) => stops.flatMap((stop) => motherAt(stop) ?? [])));

/**
 * The id of a stop without pollen: its kind, and its plant. What is due of it there may change from day to day.
 *
 * @example choreStopId({ kind: 'strip', plant: 'p1', variety: 'v' }) // 'strip-p1'
 */
export const choreStopId = ({ kind, plant }: Chore): string => `${kind}-${plant}`;
