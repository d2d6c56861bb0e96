import { cropOf, isCoveredTheEveningBefore, type CropId } from '../crops/catalogue';
import { fruitsOf, looksDue, type Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import { walkId, type CoverMethod } from '../journal/kinds/scout';
import { anyPollenSpoils } from '../isolation/requiredDistance';
import type { Garden, Plant, Variety } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { seasonAt } from '../season/seasons';
import { addDays, dayAt, MS_PER_MINUTE } from '../time/calendar';
import { sunTimes, type SunTimes } from '../time/sun';
import type { Day } from '../time/types';
import type { DayWeather } from '../weather/dayWeather';
import { wantsSeed } from '../crops/variety';
import { dayTasks, LATE_BUT_TRY_MS, type DaySituation, type DayTasks } from './dayTasks';
import { openNowOf } from './openNow';
import { clockHours, morningOf, type Morning } from './morning';
import type { Shortage } from './pairing/shortages';
import { PICK_MS, POLLINATE_MS, serviceMs, type WorkingHours } from './route/planRound';
import { plannedFlowers, stopsLeft } from './stops';

/** The mornings that a moment serves, and their hours. */
export interface ServedMornings {
  readonly day: Day;
  /** The morning the ribbon, the round and the shortages are about: today's until its flowers shut. */
  readonly morning: Day;
  /** The morning that the evening walk prepares. */
  readonly walkMorning: Day;
  readonly windows: ReadonlyMap<CropId, OpeningWindow>;
  /** From the first flower to the last safe moment of any; by the clock where the sun does not rise. */
  readonly hours: WorkingHours | undefined;
  readonly weather: DayWeather | undefined;
}

export interface Today extends ServedMornings {
  readonly sun: SunTimes;
  readonly tasks: DayTasks;
  readonly shortages: readonly Shortage[];
  readonly supplies: Supplies;
  readonly looks: readonly Fruit[];
  /** Plants still in the ground, and those the coming walk has visited. */
  readonly plants: number;
  readonly visited: number;
}

/** What to carry on the round. */
export interface Supplies {
  readonly tapeStrips: number;
  readonly bags: number;
  readonly ties: number;
  readonly tags: number;
}

/**
 * Which morning the round is about, and which the evening walk, at a time.
 *
 * @example servedAt(journal, garden, evening).walkMorning // the next day, '2026-07-19'
 */
export function servedAt(journal: Journal, garden: Garden, now: number): ServedMornings {
  const day = dayAt(now, garden.zone);
  const crops = growingCrops(journal);
  const todays = windowsOf(journal, garden, day, crops);
  const hours = hoursAround(todays, crops, garden, day);
  const shuts = edge(todays, (window) => window.shuts[1], Math.max) ?? 0;
  // Late, but to be tried, as long as any may be open.
  const over = hours !== undefined && now > Math.max(hours.lastSafe + LATE_BUT_TRY_MS, shuts);
  const morning = over ? addDays(day, 1) : day;
  const windows = over ? windowsOf(journal, garden, morning, crops) : todays;
  return {
    day,
    morning,
    walkMorning: hours && now < hours.opens ? day : addDays(day, 1),
    windows,
    hours: hoursAround(windows, crops, garden, morning),
    weather: journal.all('weather').get(morning),
  };
}

/**
 * Everything Today shows, from the journal and the time.
 *
 * @example todayOf(journal, garden, evening).tasks.next.kind // 'walk'
 */
export function todayOf(journal: Journal, garden: Garden, now: number): Today {
  const at = servedAt(journal, garden, now);
  const { day, morning, walkMorning, hours } = at;
  const served = morningOf(journal, morning);
  const planned = plannedFlowers(served.round);
  const unplanned = served.females.filter(({ bloom }) => !planned.has(bloom)).length;
  const looks = looksDue(fruitsOf(journal, garden, day, seasonAt(journal, day)), garden, day);
  const { plants, visited } = walked(journal, walkMorning);
  const sun = sunTimes(day, garden);
  return {
    ...at,
    sun,
    tasks: dayTasks({
      now,
      sunset: sun.sunset,
      round: {
        stopsLeft: served.round ? stopsLeft(served.round).length : 0,
        waiting: unplanned,
        opens: hours?.opens,
        lastSafe: hours?.lastSafe,
        minutes: roundMinutes(served),
      },
      open: openSize(journal, garden, now),
      // Who grows to eat alone is not sent out in the evening: what is open in the morning is enough.
      walk: seedGrows(journal) ? { plants, visited } : NO_WALK,
      looks: { due: looks.length },
    }),
    shortages: served.shortages,
    supplies: suppliesFor(served),
    looks,
    plants,
    visited,
  };
}

/** Nothing opens where no crop grows. */
function hoursAround(
  windows: ReadonlyMap<CropId, OpeningWindow>,
  crops: readonly CropId[],
  garden: Garden,
  day: Day,
): WorkingHours | undefined {
  if (crops.length === 0) return undefined;
  const opens = edge(windows, (window) => window.opens[0], Math.min);
  const lastSafe = edge(windows, (window) => window.lastSafe, Math.max);
  return opens !== undefined && lastSafe !== undefined ? { opens, lastSafe } : clockHours(garden, day);
}

function edge(
  windows: ReadonlyMap<CropId, OpeningWindow>,
  of: (window: OpeningWindow) => number,
  pick: (...numbers: number[]) => number,
): number | undefined {
  return windows.size === 0 ? undefined : pick(...Array.from(windows.values(), of));
}

/**
 * Plants in the ground that the evening walk leads to: those whose flowers are covered the evening before.
 *
 * @example plantsToWalk(new Journal()) // []
 */
export function plantsToWalk(journal: Journal): Plant[] {
  const varieties = journal.all('variety');
  return [...journal.all('plant').values()].filter(({ variety, removed }) => {
    const grown = varieties.get(variety);
    return !removed && grown !== undefined && isWalked(grown);
  });
}

/**
 * Crops covered the evening before with at least one plant in the ground, or, before planting, those of the varieties described.
 *
 * @example growingCrops(new Journal()) // []
 */
export function growingCrops(journal: Journal): CropId[] {
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const ids = standing.length > 0 ? standing.map(({ variety }) => variety) : [...varieties.keys()];
  const grown = [...new Set(ids)].flatMap((id) => varieties.get(id) ?? []);
  return [...new Set(grown.filter(isWalked).map(({ crop }) => crop))];
}

/** Is a variety one that the walk and the round lead to? Not if pollen would spoil its fruit. */
const isWalked = ({ crop, purpose, traits }: Variety): boolean =>
  isCoveredTheEveningBefore(cropOf(crop)) && !anyPollenSpoils({ crop, purpose, ...traits });

const NO_WALK = { plants: 0, visited: 0 };

/** Does any plant of a crop that the walk leads to stand here for seed, or was one walked to before? */
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

function walked(journal: Journal, morning: Day): { plants: number; visited: number } {
  const walks = journal.all('walk');
  const plants = plantsToWalk(journal);
  const visited = plants.filter(({ plant }) => walks.has(walkId(plant, morning))).length;
  return { plants: plants.length, visited };
}

/** Minutes the rest of a morning takes, with ten seconds of walking between stops (our default). */
function roundMinutes({ round, females, males, buds }: Morning): number {
  const left = round ? stopsLeft(round) : [];
  const walking = 10_000;
  if (left.length > 0) {
    const ms = left.reduce((sum, stop) => sum + serviceMs(stop) + walking, 0);
    return Math.max(1, Math.round(ms / MS_PER_MINUTE));
  }
  const wanted = buds.females.reduce((sum, { malesWanted }) => sum + malesWanted, 0);
  const toPick = Math.min(males.length, wanted);
  const ms = females.length * (POLLINATE_MS + walking) + toPick * (PICK_MS + walking / 2);
  return Math.max(females.length > 0 ? 1 : 0, Math.round(ms / MS_PER_MINUTE));
}

/** A covered female takes two fresh strips, or a new tie or bag, and a tag (common practice, no source). */
function suppliesFor({ females }: Morning): Supplies {
  const count = (...methods: CoverMethod[]): number =>
    females.filter(({ cover }) => cover && methods.includes(cover.method)).length;
  return {
    tapeStrips: 2 * count('tape'),
    bags: count('bag'),
    ties: count('cord', 'peg'),
    tags: females.length,
  };
}
