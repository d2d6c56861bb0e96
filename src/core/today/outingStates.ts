import type { Journal } from '../journal/journal';
import type { Bloom, Garden } from '../journal/state';
import { MS_PER_MINUTE } from '../time/calendar';
import { roundConditions } from '../round/roundConditions';
import { progressOf } from '../round/progress';
import { visitsLeft } from '../round/visits';
import { roundFrom, roundSize, type RoundSituation } from '../due/dayTasks';
import { flowersDue, type FlowersDue } from '../due/flowersDue';
import { outingsAt, type OutingNow } from '../due/outings';
import { mayTake, usesLeft } from '../pairing/buds';

/** An outing with its flowers and what they want done. */
export interface OutingState {
  readonly outing: OutingNow;
  readonly due: FlowersDue;
  readonly situation: RoundSituation;
}

export interface OutingStates {
  readonly rounds: readonly OutingState[];
  /** The one with flowers to pollinate, else the one that is open or opens next. */
  readonly about: OutingState | undefined;
}

/**
 * The outings of a moment with their rounds, in the order in which their flowers open.
 *
 * @example outingStatesAt(new Journal(), garden, now) // { rounds: [], about: undefined }
 */
export function outingStatesAt(journal: Journal, garden: Garden, now: number): OutingStates {
  const rounds = outingsAt(journal, garden, now).map((outing) => roundAt(journal, garden, outing, now));
  return { rounds, about: roundToShow(rounds, now) };
}

/**
 * The outing that was named, if it is one of the moment, else the one that matters now.
 *
 * @example outingNamed(outingStatesAt(new Journal(), garden, now), 'dusk') // undefined
 */
export const outingNamed = (
  { rounds, about }: OutingStates,
  name: string | undefined,
): OutingState | undefined => rounds.find(({ outing }) => outing.outing === name) ?? about;

function roundAt(journal: Journal, garden: Garden, outing: OutingNow, now: number): OutingState {
  const due = flowersDue(journal, outing);
  const waiting = waitingIn(due);
  const again = againFrom(due, waiting);
  const plantsLeft = due.rounds.reduce((sum, round) => sum + visitsLeft(round), 0);
  return {
    outing,
    due,
    situation: {
      outing: outing.outing,
      plantsLeft,
      waiting: waiting.length,
      ...(again !== undefined && { again }),
      opens: outing.hours.opens,
      lastSafe: outing.hours.lastSafe,
      ...(plantsLeft > 0 && { minutes: minutesLeft(journal, garden, due, now) }),
    },
  };
}

/** Females that no round has dealt with. Once there is one, those for which there is no pollen wait for nothing. */
function waitingIn({ rounds, females, buds }: FlowersDue): Bloom[] {
  // What gets pollen a second time on one day has been on its round once.
  const planned = new Set(
    rounds.flatMap(({ stops }) =>
      stops.flatMap((stop) => (stop.kind === 'pollinate' ? [turnOf(stop.bloom, stop.application)] : [])),
    ),
  );
  const turns = new Map(buds.females.map(({ bloom, application }) => [bloom, application]));
  const left = females.filter(({ bloom }) => !planned.has(turnOf(bloom, turns.get(bloom))));
  if (rounds.length === 0) return left;
  const served = new Set(
    buds.females
      .filter((female) =>
        buds.males.some(
          (male) => male.variety === female.father && usesLeft(male) > 0 && mayTake(female, male),
        ),
      )
      .map(({ bloom }) => bloom),
  );
  return left.filter(({ bloom }) => served.has(bloom));
}

/** Where all that waits gets pollen a second time: from when on the first does. */
function againFrom({ buds }: FlowersDue, waiting: readonly Bloom[]): number | undefined {
  const ids = new Set(waiting.map(({ bloom }) => bloom));
  const times = buds.females.flatMap(({ bloom, from }) => (ids.has(bloom) ? [from ?? -Infinity] : []));
  const first = Math.min(...times);
  return Number.isFinite(first) ? first : undefined;
}

const turnOf = (bloom: string, application = 1): string => `${bloom}|${application}`;

function roundToShow(rounds: readonly OutingState[], now: number): OutingState | undefined {
  const hasWork = ({ situation }: OutingState): boolean =>
    roundSize(situation) > 0 && roundFrom(situation) <= now;
  const isOpen = ({ outing }: OutingState): boolean => outing.hours.opens <= now;
  const hasFlowers = ({ situation }: OutingState): boolean => roundSize(situation) > 0;
  return rounds.find(hasWork) ?? rounds.find(hasFlowers) ?? rounds.findLast(isOpen) ?? rounds[0];
}

/** Minutes the rest of the rounds takes: those of several people are walked at the same time. */
function minutesLeft(
  journal: Journal,
  garden: Garden,
  { rounds, day, outing }: FlowersDue,
  now: number,
): number {
  const conditions = roundConditions(journal, garden, { day, outing });
  const longest = Math.max(0, ...rounds.map((round) => progressOf(round, now, conditions).workMs));
  return Math.max(1, Math.round(longest / MS_PER_MINUTE));
}
