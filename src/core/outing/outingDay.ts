import type { Outing } from '../crops/outing';
import type { Journal } from '../journal/journal';
import { compareEntries } from '../journal/order';
import type { Round, StopDone } from '../journal/state';
import { becameOf, malesHeldAt } from '../round/operations/operations';
import type { Day } from '../time/types';

/** An outing and the day whose flowers it serves. A round from dusk serves the day it began on, also past midnight. */
export interface OutingDay {
  readonly day: Day;
  readonly outing: Outing;
}

/**
 * The rounds of an outing, once they are planned, by person: of several plans the last, with all that it was split
 * into. A stop is done once there is an outcome for it, whoever recorded it, in whichever round.
 *
 * @example roundsOf(new Journal(), { day: '2026-07-19', outing: 'morning' }) // []
 */
export function roundsOf(journal: Journal, { day, outing }: OutingDay): readonly Round[] {
  const rounds = journal
    .roundsOf(day)
    .filter((round) => round.outing === outing)
    .sort((a, b) => compareEntries(a.planned, b.planned));
  const last = rounds.at(-1);
  if (!last) return [];
  const split = last.share?.split;
  const shared = split === undefined ? [last] : rounds.filter(({ share }) => share?.split === split);
  // The plan of a person that was made last.
  const byPerson = new Map(shared.map((round) => [round.share?.person ?? 1, round]));
  return [...byPerson]
    .sort(([a], [b]) => a - b)
    .map(([, round]) => ({ ...round, done: outcomesOf(journal, round) }));
}

/**
 * The rounds that others walk of the same outing.
 *
 * @example roundsBeside(journal, round) // [] where one person does all
 */
export const roundsBeside = (journal: Journal, round: Round): readonly Round[] =>
  round.share === undefined ? [] : roundsOf(journal, round).filter((each) => each.round !== round.round);

/**
 * Males that are picked on these rounds, or brought along: nobody else can use them.
 *
 * @example malesCarried([]).size // 0
 */
export const malesCarried = (rounds: readonly Round[]): ReadonlySet<string> =>
  new Set(rounds.flatMap(({ stops }) => stops.flatMap(malesHeldAt)));

function outcomesOf(journal: Journal, { stops, done, day }: Round): ReadonlyMap<string, StopDone> {
  const all = new Map(done);
  const [blooms, walks] = [journal.all('bloom'), journal.all('walk')];
  for (const stop of stops) {
    const known = all.get(stop.stop);
    const became = known ? undefined : becameOf(stop, { blooms, walks, day });
    if (became) all.set(stop.stop, { stop: stop.stop, ...became });
  }
  return all;
}
