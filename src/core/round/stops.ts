import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { toInstant } from '../time/calendar';
import { pollenAt } from './operations/operations';
import type { OutingPlan } from './planOuting';
import type { PlannedStop, RoundPlan } from './planRound';
import { choreStopId } from './stopsLeft';

/**
 * The stops of a plan as they are recorded. A stop is named after its first flower, and the pollination of it, so a new plan of the
 * same outing knows which stops are done.
 *
 * @example stopsOf({ stops: [] }) // []
 */
export const stopsOf = (plan: Pick<RoundPlan, 'stops'>): Stop[] => plan.stops.map(stopOf);

function stopOf(planned: PlannedStop): Stop {
  const eta = toInstant(planned.eta);
  const { plant, variety } = planned;
  if (planned.kind === 'chore') {
    const { chore } = planned;
    return { ...chore, stop: choreStopId(chore), eta } as Stop;
  }
  if (planned.kind === 'pick') {
    const { blooms } = planned;
    return { stop: pickStopId(blooms[0]!), kind: 'pick', plant, variety, blooms, eta };
  }
  const { bloom, father, application, donors } = planned;
  const crossed = father === variety ? {} : { father };
  // Stored in every round since the first: the prefix is part of the file format.
  const stop = `dab-${bloom}`;
  return application === 1
    ? { stop, kind: 'pollinate', plant, variety, bloom, ...crossed, donors, eta }
    : {
        stop: `${stop}-${application}`,
        kind: 'pollinate',
        plant,
        variety,
        bloom,
        application,
        ...crossed,
        donors,
        eta,
      };
}

/**
 * The id of a stop at which males are picked: after the first of them.
 *
 * @example pickStopId('m1') // 'pick-m1'
 */
export const pickStopId = (first: string): string => `pick-${first}`;

/**
 * The rounds of a plan that lead anywhere: of several people some may have nothing to do.
 *
 * @example walkedRounds({ rounds: [{ ...round, stops: [] }] }).length // 0
 */
export const walkedRounds = ({ rounds }: Pick<OutingPlan, 'rounds'>): RoundPlan[] =>
  rounds.filter(({ stops }) => stops.length > 0);

/**
 * Stops of a new plan for a round under way: what is done stays in front, in the order it was done.
 *
 * @example replannedStops(round, fresh).slice(0, 1) // the stop that was done first
 */
export function replannedStops(round: Round, fresh: readonly Stop[]): Stop[] {
  const done = round.stops.filter(({ stop }) => round.done.has(stop));
  const doneIds = new Set(done.map(({ stop }) => stop));
  return [...done, ...fresh.filter(({ stop }) => !doneIds.has(stop))];
}

/** What comes from a variety that crosses, and is cleaned before a stop: by the variety that it was on. */
export interface CleanBefore {
  readonly hands?: string;
  readonly brush?: string;
}

/**
 * What is cleaned before a stop: hands where they touched pollen of another variety that crosses last, and the brush
 * where it did, though hands have been elsewhere since, or where the hands did that hold it.
 *
 * @param isBrushed is pollen put on with a brush at a stop?
 * @example cleanBefore(journal, round, round.stops[0], () => true) // {}
 */
export function cleanBefore(
  journal: Journal,
  { stops }: Round,
  stop: Stop,
  isBrushed: (stop: Stop) => boolean,
): CleanBefore {
  const at = stops.findIndex((each) => each.stop === stop.stop);
  // What touches no pollen changes nothing on the hands.
  const earlier = stops.slice(0, at).filter((each) => pollenAt(each) !== undefined);
  const own = pollenAt(stop);
  const foreign = (before: Stop | undefined): string | undefined => {
    const was = before && pollenAt(before);
    return was !== undefined && own !== undefined && was !== own && cross(journal, was, own)
      ? was
      : undefined;
  };
  const hands = foreign(earlier.at(-1));
  const brush = isBrushed(stop) ? (foreign(earlier.findLast(isBrushed)) ?? hands) : undefined;
  return { ...(hands !== undefined && { hands }), ...(brush !== undefined && { brush }) };
}

function cross(journal: Journal, one: string, other: string): boolean {
  const [a, b] = [one, other].map((id) => journal.all('variety').get(id)?.crop);
  return a !== undefined && b !== undefined && cropOf(a).group === cropOf(b).group;
}

/**
 * The plant at which something was done last on a round.
 *
 * @example lastDoneAt(undefined) // undefined
 */
export function lastDoneAt(round: Round | undefined): string | undefined {
  const done = round?.stops.filter(({ stop }) => round.done.has(stop)) ?? [];
  const last = done.reduce<Stop | undefined>(
    (latest, each) =>
      latest && round!.done.get(latest.stop)!.at >= round!.done.get(each.stop)!.at ? latest : each,
    undefined,
  );
  return last?.plant;
}
