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
 * The round of an outing, once one is planned: of several the one planned last. A stop is done once there is an
 * outcome for it, whoever recorded it, in whichever round.
 *
 * @example roundOf(new Journal(), { day: '2026-07-19', outing: 'morning' }) // undefined
 */
export function roundOf(journal: Journal, { day, outing }: Service): Round | undefined {
  const rounds = journal
    .roundsOf(day)
    .filter((round) => round.outing === outing)
    .sort((a, b) => compareEntries(a.planned, b.planned));
  const round = rounds.at(-1);
  if (!round) return undefined;
  const done = new Map(round.done);
  for (const stop of round.stops) {
    const outcome = done.get(stop.stop) ?? outcomeOf(journal, stop, day);
    if (outcome) done.set(stop.stop, outcome);
  }
  return { ...round, done };
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
