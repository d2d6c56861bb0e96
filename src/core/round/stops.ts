import type { Stop } from '../journal/entry';
import type { Round } from '../journal/state';
import type { RoundPlan, RoundVisit } from '../route/planRound';
import { toInstant } from '../time/calendar';

/**
 * The stops of a plan as they are written down. A stop is named after its first flower, so a new plan of the
 * same morning knows which stops are done.
 */
export const stopsOf = (plan: Pick<RoundPlan, 'visits'>): Stop[] => plan.visits.map(stopOf);

function stopOf(visit: RoundVisit): Stop {
  const eta = toInstant(visit.eta);
  const { plant, variety } = visit;
  if (visit.kind === 'pick') {
    return { stop: `pick-${visit.flowers[0]}`, kind: 'pick', plant, variety, flowers: visit.flowers, eta };
  }
  return {
    stop: `dab-${visit.flower}`,
    kind: 'pollinate',
    plant,
    variety,
    flower: visit.flower,
    donors: visit.donors,
    eta,
  };
}

/** Stops of a new plan for a round under way: what is done stays in front, in the order it was done. */
export function replannedStops(round: Round, fresh: readonly Stop[]): Stop[] {
  const done = round.stops.filter(({ stop }) => round.done.has(stop));
  const doneIds = new Set(done.map(({ stop }) => stop));
  return [...done, ...fresh.filter(({ stop }) => !doneIds.has(stop))];
}
