import type { Chore, Donor, Stop } from '../../journal/kinds/stops';
import type { MissedReason } from '../../journal/kinds/roundBodies';
import type { Became, ChoreContext, HandlingMs, Operation, Operations, SeenOfStop } from './operation';
import { PICK } from './pick';
import { POLLINATE } from './pollinate';
import { STRIP } from './strip';
import { THIN } from './thin';
import { UNCOVER } from './uncover';

/** Every kind of stop of a round: a kind that is missing does not compile. */
export const OPERATIONS: Operations = {
  pick: PICK,
  pollinate: POLLINATE,
  uncover: UNCOVER,
  thin: THIN,
  strip: STRIP,
};

/**
 * What is due on an outing besides pollen: all that operations ask for by themselves.
 *
 * @example choresDue({ journal: new Journal(), … }) // []
 */
export const choresDue = (context: ChoreContext): Chore[] =>
  Object.values(OPERATIONS).flatMap(({ due }) => (due?.(context) ?? []) as readonly Chore[]);

/** Does a chore come before the pollinations at its plant? */
export const comesFirst = (chore: Chore): boolean => operationOf(chore).when === 'first';

/** A record over the kinds answers with the operation of the stop's own kind. */
const operationOf = ({ kind }: Pick<Stop, 'kind'>): Operation<Stop> => OPERATIONS[kind] as Operation<Stop>;

/**
 * What the work at a stop is done to, in order.
 *
 * @example bloomsAt({ kind: 'pick', blooms: ['m1', 'm2'], … }) // ['m1', 'm2']
 */
export const bloomsAt = (stop: Stop): readonly string[] => operationOf(stop).blooms(stop);

/**
 * The female that gets pollen at a stop.
 *
 * @example motherAt({ kind: 'pick', blooms: ['m1'], … }) // undefined
 */
export const motherAt = (stop: Stop): string | undefined => operationOf(stop).mother(stop);

/** The males that give their pollen at a stop, as planned. */
export const donorsAt = (stop: Stop): readonly Donor[] => operationOf(stop).donors(stop);

/** The males that whoever comes to a stop has with them from then on. */
export const malesHeldAt = (stop: Stop): readonly string[] => operationOf(stop).malesHeld(stop);

/** The variety whose pollen hands and brush touch at a stop, if any. */
export const pollenAt = (stop: Stop): string | undefined => operationOf(stop).pollen(stop);

/**
 * Milliseconds that the work at a stop takes.
 *
 * @example serviceMs({ kind: 'pick', blooms: ['m1', 'm2'], … }, { pick: 25_000, pollinate: 75_000 }) // 50_000
 */
export const serviceMs = (stop: Stop | Chore, handling: HandlingMs): number =>
  operationOf(stop).lasts(stop as Stop, handling);

/** Is there nothing left to do at a stop once its flowers have shut? */
export const canBeLate = (stop: Stop): boolean => operationOf(stop).canBeLate;

/** What can go wrong at a stop, in the order in which it is offered. */
export const wrongAt = (stop: Stop): readonly MissedReason[] => operationOf(stop).wrong;

/** What became of a stop, by what is recorded of its blooms. */
export const becameOf = (stop: Stop, seen: SeenOfStop): Became | undefined =>
  operationOf(stop).became(stop, seen);
