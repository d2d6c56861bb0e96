import { wantsSeed } from '../crops/variety';
import { fruitsOf, looksDue, type Fruit } from '../fruit/fruits';
import { ripeNow, type Ripe } from '../fruit/ripe';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { weatherOn, type KnownWeather } from '../opening/weatherOn';
import { seasonAt } from '../season/seasons';
import { groupBy } from '../text/groupBy';
import { addDays, atClock, dayAt } from '../time/calendar';
import { sunTimes, type SunTimes } from '../time/sun';
import type { Day } from '../time/types';
import { preFloweringAdvice, type PreFloweringAdvice } from '../due/preFloweringAdvice';
import { dayTasks, type DaySituation, type DayTasks, type WalkSituation } from '../due/dayTasks';
import { openNowOf, opensNext, type OpenPlant } from '../due/openNow';
import { plantsToWalk, walkAt, type OutingNow, type WalkedPlant } from '../due/outings';
import type { Shortage } from '../pairing/shortages';
import { choresOf } from '../round/chores';
import { outingStatesAt, type OutingState } from './outingStates';
import { roundSupplies, type Supplies } from './supplies';
import { routineOf } from '../due/routine';

export interface Today {
  readonly day: Day;
  /** When it ends, UTC milliseconds. */
  readonly ends: number;
  readonly sun: SunTimes;
  readonly outings: readonly OutingNow[];
  /** The outing that the ribbon is about: the one with flowers to pollinate, else the one that is open or opens next. */
  readonly about: OutingNow | undefined;
  /** Of the day that it serves. */
  readonly weather: KnownWeather | undefined;
  readonly tasks: DayTasks;
  /** Where no flower can be open yet: what comes first. Nobody is sent to look for any. */
  readonly before: PreFloweringAdvice | undefined;
  readonly shortages: readonly Shortage[];
  readonly supplies: Supplies;
  readonly looks: readonly Fruit[];
  /** What can be picked. */
  readonly ripe: readonly Ripe[];
  /** The plants in the ground that a walk leads to. */
  readonly walk: readonly WalkedPlant[];
}

/**
 * Everything Today shows, from the journal and the time.
 *
 * @example todayOf(journal, garden, evening).tasks.next.kind // 'walk'
 */
export function todayOf(journal: Journal, garden: Garden, now: number): Today {
  const day = dayAt(now, garden.zone);
  const sun = sunTimes(day, garden);
  const { rounds, about } = outingStatesAt(journal, garden, now);
  const outings = rounds.map(({ outing }) => outing);
  const fruits = fruitsOf(journal, garden, day, seasonAt(journal, day));
  const looks = looksDue(fruits, garden, day);
  const walk = walkAt(journal, outings);
  const due = rounds.map((round) => round.due);
  // Who grows to eat alone is not sent out in the evening: what is open in the morning is enough.
  const walks = seedGrows(journal);
  const beforeFlowers = preFloweringAdvice(journal, garden, day);
  const before = walk.length > 0 ? beforeFlowers : undefined;
  return {
    day,
    ends: atClock(addDays(day, 1), 0, garden.zone),
    sun,
    outings,
    about: about?.outing,
    weather: weatherOn(journal, garden, about?.outing.day ?? day),
    tasks: dayTasks({
      now,
      sunset: sun.sunset,
      rounds: rounds.map(({ situation }) => situation),
      chores: choresAlone(journal, garden, rounds),
      open: before ? NOTHING_OPEN : openSize(journal, garden, now, walks),
      walks: !before && walks ? walksOf(walk) : [],
      routine: routineOf(journal, garden, now, beforeFlowers === undefined),
      looks: { due: looks.length },
    }),
    before,
    shortages: due.flatMap(({ shortages }) => shortages),
    supplies: roundSupplies(due.flatMap(({ females }) => females)),
    looks,
    ripe: ripeNow(journal, garden, fruits, day),
    walk,
  };
}

/** Where there are flowers or a round, what is due without pollen goes with these. */
const choresAlone = (
  journal: Journal,
  garden: Garden,
  rounds: readonly OutingState[],
): DaySituation['chores'] =>
  rounds.flatMap(({ outing, due: { rounds: planned, females } }) => {
    if (planned.length > 0 || females.length > 0) return [];
    const due = choresOf(journal, garden, { ...outing, females: [] }).length;
    return due > 0 ? [{ outing: outing.outing, due }] : [];
  });

/** Walks that may begin at the same time are one. */
function walksOf(walk: readonly WalkedPlant[]): WalkSituation[] {
  return [...groupBy(walk, ({ from }) => from ?? 0)].map(([, plants]) => {
    const { from } = plants[0]!;
    return {
      plants: plants.length,
      visited: plants.filter(({ visited }) => visited).length,
      ...(from !== undefined && { from }),
    };
  });
}

/** Does any plant that the walk leads to stand here for seed, or was one walked to before? */
function seedGrows(journal: Journal): boolean {
  const varieties = journal.all('variety');
  // Rounds last: all there ever were would be folded for it.
  return (
    plantsToWalk(journal).some(({ variety }) => wantsSeed(varieties.get(variety)!.purpose)) ||
    journal.all('round').size > 0
  );
}

const NOTHING_OPEN: DaySituation['open'] = { plants: 0, visited: 0, until: undefined };

function openSize(journal: Journal, garden: Garden, now: number, walks: boolean): DaySituation['open'] {
  const open = openNowOf(journal, garden, now);
  const unseen = open.filter((plant) => plant.open === undefined);
  const again = open.filter((plant) => plant.again);
  // What opens next is told once all that is open was seen.
  const next = walks || unseen.length > 0 ? undefined : opensNext(journal, garden, now);
  return {
    plants: open.length,
    visited: open.length - unseen.length,
    until: firstLastSafe(unseen, now),
    ...(next && { next }),
    ...(again.length > 0 && {
      again: {
        plants: again.length,
        from: Math.min(...new Set(again.map((plant) => plant.again!.from))),
        until: firstLastSafe(again, now),
      },
    }),
  };
}

/** What is past its best hour may be tried all the same; it sets no hour. */
function firstLastSafe(plants: readonly OpenPlant[], now: number): number | undefined {
  const hours = new Set(plants.flatMap(({ window }) => window?.lastSafe ?? []).filter((at) => at > now));
  return hours.size > 0 ? Math.min(...hours) : undefined;
}
