import { fruitsOf, looksDue, type Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { CoverMethod } from '../journal/kinds/scout';
import type { Bloom, Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import { groupBy } from '../text/groupBy';
import { addDays, atClock, dayAt, MS_PER_MINUTE } from '../time/calendar';
import { sunTimes, type SunTimes } from '../time/sun';
import type { Day } from '../time/types';
import type { DayWeather } from '../weather/dayWeather';
import { wantsSeed } from '../crops/variety';
import {
  dayTasks,
  roundFrom,
  roundSize,
  type DaySituation,
  type DayTasks,
  type RoundSituation,
  type WalkSituation,
} from './dayTasks';
import { flowersDue, type FlowersDue } from './flowersDue';
import { handlingTimes, USUAL_HANDLING } from './handling';
import { openNowOf } from './openNow';
import { outingsAt, plantsToWalk, walkAt, type OutingNow, type WalkedPlant } from './outings';
import type { Shortage } from './pairing/shortages';
import { serviceMs, type HandlingMs } from './handling';
import { plannedFlowers, stopsLeft } from './stops';

export interface Today {
  readonly day: Day;
  /** When it ends, UTC milliseconds. */
  readonly ends: number;
  readonly sun: SunTimes;
  readonly outings: readonly OutingNow[];
  /** The outing that the ribbon is about: the one with flowers to pollinate, else the one that is open or opens next. */
  readonly about: OutingNow | undefined;
  /** Of the day that it serves. */
  readonly weather: DayWeather | undefined;
  readonly tasks: DayTasks;
  readonly shortages: readonly Shortage[];
  readonly supplies: Supplies;
  readonly looks: readonly Fruit[];
  /** The plants in the ground that a walk leads to. */
  readonly walk: readonly WalkedPlant[];
}

/** What to carry on the round. */
export interface Supplies {
  readonly tapeStrips: number;
  readonly bags: number;
  readonly ties: number;
  readonly tags: number;
}

/**
 * Everything Today shows, from the journal and the time.
 *
 * @example todayOf(journal, garden, evening).tasks.next.kind // 'walk'
 */
export function todayOf(journal: Journal, garden: Garden, now: number): Today {
  const day = dayAt(now, garden.zone);
  const sun = sunTimes(day, garden);
  const outings = outingsAt(journal, garden, now);
  const rounds = outings.map((outing) => roundAt(journal, outing));
  const about = outingToShow(rounds, now);
  const looks = looksDue(fruitsOf(journal, garden, day, seasonAt(journal, day)), garden, day);
  const walk = walkAt(journal, outings);
  const due = rounds.map((round) => round.due);
  return {
    day,
    ends: atClock(addDays(day, 1), 0, garden.zone),
    sun,
    outings,
    about,
    weather: journal.all('weather').get(about?.day ?? day),
    tasks: dayTasks({
      now,
      sunset: sun.sunset,
      rounds: rounds.map(({ situation }) => situation),
      open: openSize(journal, garden, now),
      // Who grows to eat alone is not sent out in the evening: what is open in the morning is enough.
      walks: seedGrows(journal) ? walksOf(walk) : [],
      looks: { due: looks.length },
    }),
    shortages: due.flatMap(({ shortages }) => shortages),
    supplies: suppliesFor(due.flatMap(({ females }) => females)),
    looks,
    walk,
  };
}

/** An outing with its flowers and what they ask for. */
interface RoundAt {
  readonly outing: OutingNow;
  readonly due: FlowersDue;
  readonly situation: RoundSituation;
}

function roundAt(journal: Journal, outing: OutingNow): RoundAt {
  const due = flowersDue(journal, outing);
  const planned = plannedFlowers(due.round);
  return {
    outing,
    due,
    situation: {
      outing: outing.outing,
      stopsLeft: due.round ? stopsLeft(due.round).length : 0,
      waiting: due.females.filter(({ bloom }) => !planned.has(bloom)).length,
      opens: outing.hours.opens,
      lastSafe: outing.hours.lastSafe,
      minutes: roundMinutes(journal, due),
    },
  };
}

function outingToShow(rounds: readonly RoundAt[], now: number): OutingNow | undefined {
  const hasWork = ({ situation }: RoundAt): boolean =>
    roundSize(situation) > 0 && roundFrom(situation) <= now;
  const isOpen = ({ outing }: RoundAt): boolean => outing.hours.opens <= now;
  const hasFlowers = ({ situation }: RoundAt): boolean => roundSize(situation) > 0;
  const first = rounds.find(hasWork) ?? rounds.find(hasFlowers) ?? rounds.findLast(isOpen) ?? rounds[0];
  return first?.outing;
}

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
  if (journal.all('round').size > 0) return true;
  const varieties = journal.all('variety');
  return plantsToWalk(journal).some(({ variety }) => wantsSeed(varieties.get(variety)!.purpose));
}

function openSize(journal: Journal, garden: Garden, now: number): DaySituation['open'] {
  const open = openNowOf(journal, garden, now);
  const until = open.map(({ window }) => window.lastSafe);
  return {
    plants: open.length,
    visited: open.filter((plant) => plant.open !== undefined).length,
    until: until.length > 0 ? Math.min(...new Set(until)) : undefined,
  };
}

/** Walking from one stop to the next, milliseconds. Our default. */
const WALKING_MS = 10_000;

/** Minutes the rest of a round takes. */
function roundMinutes(journal: Journal, { round, females, males, buds }: FlowersDue): number {
  const left = round ? stopsLeft(round) : [];
  const times = handlingTimes(journal);
  const handling = (variety: string): HandlingMs => times.get(variety) ?? USUAL_HANDLING;
  if (left.length > 0) {
    const ms = left.reduce((sum, stop) => sum + serviceMs(stop, handling(stop.variety)) + WALKING_MS, 0);
    return Math.max(1, Math.round(ms / MS_PER_MINUTE));
  }
  const wanted = buds.females.reduce((sum, { malesWanted }) => sum + malesWanted, 0);
  const toPick = Math.min(males.length, wanted);
  const { pick } = handling(buds.males[0]?.variety ?? '');
  const { pollinate } = handling(buds.females[0]?.variety ?? '');
  const ms = females.length * (pollinate + WALKING_MS) + toPick * (pick + WALKING_MS / 2);
  return Math.max(females.length > 0 ? 1 : 0, Math.round(ms / MS_PER_MINUTE));
}

/** A covered female takes two fresh strips, or a new tie or bag, and a tag (common practice, no source). */
function suppliesFor(females: readonly Bloom[]): Supplies {
  const count = (...methods: CoverMethod[]): number =>
    females.filter(({ cover }) => cover && methods.includes(cover.method)).length;
  return {
    tapeStrips: 2 * count('tape'),
    bags: count('bag'),
    ties: count('cord', 'peg'),
    tags: females.length,
  };
}
