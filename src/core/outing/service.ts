import type { Outing } from '../crops/outing';
import type { Journal } from '../journal/journal';
import type { Stop } from '../journal/kinds/round';
import { compareEntries } from '../journal/order';
import { pollinationsOf } from '../journal/pollinations';
import type { Round, StopDone } from '../journal/state';
import type { Day } from '../time/types';

/** An outing and the day whose flowers it serves. A round from dusk serves the day it began on, also past midnight. */
export interface Service {
  readonly day: Day;
  readonly outing: Outing;
}

/**
 * The rounds of an outing, once they are planned, by person: of several plans the last, with all that it was split
 * into. A stop is done once there is an outcome for it, whoever recorded it, in whichever round.
 *
 * @example roundsOf(new Journal(), { day: '2026-07-19', outing: 'morning' }) // []
 */
export function roundsOf(journal: Journal, { day, outing }: Service): readonly Round[] {
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
  new Set(
    rounds.flatMap(({ stops }) =>
      stops.flatMap((stop) => (stop.kind === 'pick' ? stop.blooms : stop.donors.map(({ bloom }) => bloom))),
    ),
  );

function outcomesOf(journal: Journal, { stops, done, day }: Round): ReadonlyMap<string, StopDone> {
  const all = new Map(done);
  for (const stop of stops) {
    const outcome = all.get(stop.stop) ?? outcomeOf(journal, stop, day);
    if (outcome) all.set(stop.stop, outcome);
  }
  return all;
}

/** What became of the flowers of a stop, if anything was recorded of all of them. */
function outcomeOf(journal: Journal, stop: Stop, day: Day): StopDone | undefined {
  const flowers = journal.all('bloom');
  const { stop: id } = stop;
  if (stop.kind === 'pollinate') {
    const flower = flowers.get(stop.bloom);
    if (!flower) return undefined;
    const application = stop.application ?? 1;
    const pollination = pollinationsOf(flower).find((each) => each.application === application);
    if (pollination) return { stop: id, entry: pollination.entry, at: pollination.at, outcome: 'done' };
    const missed = flower.reports.findLast((report) => (report.day ?? flower.day) === day);
    return missed && { stop: id, entry: missed.entry, at: missed.at, outcome: missed.why };
  }
  const males = stop.blooms.map((flower) => flowers.get(flower));
  if (!males.every((male) => male?.picked ?? male?.spoiled)) return undefined;
  const picked = males.find((male) => male?.picked)?.picked;
  if (picked) return { stop: id, entry: picked.entry, at: picked.at, outcome: 'done' };
  const spoiled = males[0]?.spoiled;
  return spoiled && { stop: id, entry: spoiled.entry, at: spoiled.at, outcome: spoiled.why };
}
