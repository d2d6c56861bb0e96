import { comparePlants } from '../garden/places';
import { isOfFruit } from '../journal/looks';
import type { Journal } from '../journal/journal';
import type { Garden, Plant, Variety } from '../journal/state';
import { wantsSeed } from '../crops/variety';
import { groupBy } from '../text/groupBy';
import { isOnDay } from '../time/calendar';
import type { Day } from '../time/types';
import { looksDue, type Fruit } from './fruits';
import { MINUTES_PER_LOOK } from './lookMinutes';
import { hasSet } from './setVerdict';

/** A plant at which something is looked at today. */
export interface LookStop {
  readonly plant: Plant;
  readonly variety: Variety;
  /** Those that wait for a look, the most overdue first. */
  readonly due: readonly Fruit[];
  /** Those that were looked at today. */
  readonly looked: number;
}

export interface LookRound {
  /** In walking order. */
  readonly stops: readonly LookStop[];
  /** Looks for which there is no time, on so many plants: those that would tell least. */
  readonly later: { readonly looks: number; readonly plants: number };
}

/**
 * The looks of a day as a round: plant by plant in walking order, all fruits of a plant at once. Where there is less time
 * than they take, the plants stay whose looks tell most.
 *
 * @param fruits of the season.
 * @param minutes that the grower has; without it there is time for all.
 * @example lookRound(journal, garden, [], '2026-07-19').stops // []
 */
export function lookRound(
  journal: Journal,
  garden: Garden,
  fruits: readonly Fruit[],
  today: Day,
  minutes = Infinity,
): LookRound {
  const due = groupBy(looksDue(fruits, garden, today), ({ plant }) => plant.plant);
  const looked = groupBy(
    fruits.filter(({ bloom }) =>
      bloom.looks.some((look) => isOfFruit(look) && isOnDay(look.at, today, garden.zone)),
    ),
    ({ plant }) => plant.plant,
  );
  const worth = worthOfLooks(journal, fruits);
  const all = [...new Map([...due, ...looked]).keys()].map((id): LookStop => {
    const own = due.get(id) ?? [];
    const { plant, variety } = (own[0] ?? looked.get(id)![0])!;
    return { plant, variety, due: own, looked: looked.get(id)?.length ?? 0 };
  });
  let left = minutes;
  const kept = new Set<LookStop>();
  const byWorth = all
    .map((stop) => ({ stop, worth: mean(stop.due.map(worth)) }))
    .sort((a, b) => b.worth - a.worth || (a.stop.plant.plant < b.stop.plant.plant ? -1 : 1));
  for (const { stop } of byWorth) {
    const takes = MINUTES_PER_LOOK * stop.due.length;
    // What is done takes no more time; of a plant all or nothing is looked at.
    if (takes > left) continue;
    left -= takes;
    kept.add(stop);
  }
  const later = all.filter((stop) => !kept.has(stop));
  const inOrder = comparePlants(journal.all('bed'));
  return {
    stops: [...kept].sort((a, b) => inOrder(a.plant, b.plant)),
    later: { looks: later.reduce((sum, stop) => sum + stop.due.length, 0), plants: later.length },
  };
}

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;

/** How much looks tell, compared with one that only says that a fruit is still there. Our defaults. */
const TELLS = {
  /** It decides whether a flower set. */
  set: 2,
  /** Whether a failing fruit can be taken off in time. */
  early: 1.5,
  kept: 1,
  /** A pair of a trial waits for it. */
  trial: 2,
  /** Its seed is wanted. */
  seed: 0.5,
  /** Its day is past: each day more makes it less certain when it failed. */
  overdue: 0.5,
  /** The first flowers of a variety tell most of its share; so many known ones halve that. */
  unknown: 1,
  halvedBy: 10,
} as const;

/** What a look at each fruit would change: a figure, a decision, or the verdict of a trial. */
function worthOfLooks(journal: Journal, fruits: readonly Fruit[]): (fruit: Fruit) => number {
  const known = new Map<string, number>();
  for (const { variety, histories } of fruits)
    known.set(
      variety.variety,
      (known.get(variety.variety) ?? 0) +
        histories.filter((each) => each.followed === 'pollinated' && hasSet(each) !== undefined).length,
    );
  return ({ bloom, variety, history, look }) =>
    TELLS[look?.stage ?? 'kept'] +
    (bloom.dealt && journal.all('trial').get(bloom.dealt.trial)?.endedAt === undefined ? TELLS.trial : 0) +
    (wantsSeed(variety.purpose) ? TELLS.seed : 0) +
    (look && history.age > look.by ? TELLS.overdue : 0) +
    TELLS.unknown / (1 + (known.get(variety.variety) ?? 0) / TELLS.halvedBy);
}
