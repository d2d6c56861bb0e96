import {
  bearingSexOf,
  coveringOf,
  cropOf,
  isCoveredBeforeOpening,
  isCoveredForSeed,
  type CoveredCrop,
  type CropId,
} from '../crops/catalogue';
import { OUTINGS, outingOf, type Outing } from '../crops/outing';
import { wantsSeed } from '../crops/variety';
import { comparePlants } from '../garden/places';
import { anyPollenSpoils } from '../isolation/anyPollenSpoils';
import type { Journal } from '../journal/journal';
import { worksForItself } from '../journal/stockedCages';
import { walkId } from '../journal/kinds/walk';
import { meantFor } from '../journal/matingOf';
import type { Garden, Mating, Plant, Variety, Walk } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { addDays, dayAt, MS_PER_HOUR } from '../time/calendar';
import { sunTimes } from '../time/sun';
import type { Day } from '../time/types';
import { LATE_BUT_TRY_MS } from './dayTasks';
import type { OutingDay } from '../outing/outingDay';
import { isSelfed } from '../outing/technique';
import { clockHours, type WorkingHours } from '../outing/workingHours';

/** An outing of the crops that grow here, at a moment. */
export interface OutingNow extends OutingDay {
  readonly crops: readonly CoveredCrop[];
  readonly windows: ReadonlyMap<CropId, OpeningWindow>;
  /** From the first flower to the last safe moment of any; by the clock where the sun does not rise or set. */
  readonly hours: WorkingHours;
  /** The day whose flowers the coming walk finds and covers. */
  readonly walkDay: Day;
  /** When the walk to a crop may begin, UTC milliseconds; missing where the sun does not set. */
  readonly walkFrom: ReadonlyMap<CropId, number>;
}

/**
 * The outings of the crops that grow here, in the order in which their flowers open: each is about the first day whose
 * flowers have not all shut.
 *
 * @example outingsAt(journal, garden, now).map(({ outing }) => outing) // ['morning']
 */
export function outingsAt(journal: Journal, garden: Garden, now: number): OutingNow[] {
  const crops = growingCrops(journal);
  return OUTINGS.flatMap((outing): OutingNow[] => {
    const own = crops.filter((crop) => outingOf(crop) === outing);
    return own.length > 0 ? [outingAt(journal, garden, now, outing, own)] : [];
  }).sort((a, b) => a.hours.opens - b.hours.opens);
}

function outingAt(
  journal: Journal,
  garden: Garden,
  now: number,
  outing: Outing,
  crops: readonly CoveredCrop[],
): OutingNow {
  const today = dayAt(now, garden.zone);
  const on = (day: Day): Pick<OutingNow, 'day' | 'windows' | 'hours'> => {
    const ids = crops.map(({ id }) => id);
    const windows = windowsOf(journal, garden, day, ids);
    return { day, windows, hours: hoursAround(windows) ?? clockHours(garden, { day, outing }) };
  };
  const todays = on(today);
  // What opened at yesterday's dusk may be open still.
  const served = [on(addDays(today, -1)), todays].find((each) => now <= overAt(each));
  const walkDay = now < todays.hours.opens ? today : addDays(today, 1);
  return {
    outing,
    crops,
    ...(served ?? on(addDays(today, 1))),
    walkDay,
    walkFrom: new Map(
      crops.flatMap((crop) => {
        const from = walkOpens(crop, garden, walkDay);
        return from === undefined ? [] : [[crop.id, from] as const];
      }),
    ),
  };
}

/** Late, but to be tried, as long as any may be open. */
function overAt({ windows, hours }: Pick<OutingNow, 'windows' | 'hours'>): number {
  const shuts = Array.from(windows.values(), (window) => window.shuts[1]);
  return Math.max(hours.lastSafe + LATE_BUT_TRY_MS, ...shuts);
}

function hoursAround(windows: ReadonlyMap<CropId, OpeningWindow>): WorkingHours | undefined {
  if (windows.size === 0) return undefined;
  const all = [...windows.values()];
  return {
    opens: Math.min(...all.map((window) => window.opens[0])),
    lastSafe: Math.max(...all.map((window) => window.lastSafe)),
  };
}

/**
 * Earliest sensible start of the walk that finds what opens on a day, UTC milliseconds; `undefined` where the sun does
 * not set.
 *
 * @example walkOpens(squash, garden, '2026-07-19') // three hours before sunset of the 18th
 */
function walkOpens(crop: CoveredCrop, garden: Garden, day: Day): number | undefined {
  const { daysBefore, fromSunset } = coveringOf(crop).walk;
  const { sunset } = sunTimes(addDays(day, -daysBefore), garden);
  return sunset === null ? undefined : sunset + fromSunset.value * MS_PER_HOUR;
}

/**
 * Is a variety one that the walk and the round lead to? Not if pollen would spoil its fruit, nor where it is grown to
 * eat and nobody pollinates it for that.
 *
 * @example isWalked(journal, cornToEat) // false: the wind does it
 */
function isWalked(journal: Journal, variety: Variety): boolean {
  const { crop, purpose, traits } = variety;
  const facts = cropOf(crop);
  if (isSelfed(journal, variety)) return true;
  return (
    isCoveredForSeed(facts) &&
    (wantsSeed(purpose) || facts.protocols.fruit !== undefined) &&
    !anyPollenSpoils({ crop, purpose, ...traits })
  );
}

/** What the flowers of a plant are wanted for on the walk. */
export interface WalkRoles {
  /** Do they bear the seed or fruit? */
  readonly bears: boolean;
  /** Do they give pollen? */
  readonly fathers: boolean;
  /** Do those that bear lose their anthers, so that they cannot pollinate themselves? */
  readonly emasculate: boolean;
  /** The crosses in which the plant has a part. */
  readonly crosses: readonly Mating[];
}

const NONE: readonly Mating[] = [];

/**
 * What each plant in the ground is wanted for, by plant, on flowers that open on a day; those that the walk does not
 * lead to are left out. A variety that is not covered for itself is walked to where it has a part in a cross.
 *
 * @param day without it, whatever was decided last.
 * @example walkRoles(new Journal()).size // 0
 */
export function walkRoles(journal: Journal, day?: Day): Map<string, WalkRoles> {
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const motherOf = crossesByMother(journal, standing, day);
  const crosses = [...new Set(motherOf.values())];
  const roles = new Map<string, WalkRoles>();
  const inStocked = worksForItself(journal);
  for (const { plant, variety } of standing) {
    const grown = varieties.get(variety);
    if (!grown) continue;
    const crop = cropOf(grown.crop);
    const asMother = motherOf.get(plant);
    const asFather = crosses.filter(
      ({ father, fathers }) => father === variety && (fathers?.includes(plant) ?? true),
    );
    const own = isWalked(journal, grown) && !inStocked.has(plant);
    if (!own && !isCoveredBeforeOpening(crop)) continue;
    const bears = own || asMother !== undefined;
    const givesPollen = (own && !isSelfed(journal, grown)) || asFather.length > 0;
    if (!bears && !givesPollen) continue;
    roles.set(plant, {
      bears,
      fathers: givesPollen,
      emasculate:
        asMother !== undefined &&
        bearingSexOf(crop, grown.traits) === 'perfect' &&
        // What is covered long before it opens keeps its anthers.
        isCoveredBeforeOpening(crop) &&
        coveringOf(crop).cover.bearing === 'eve',
      crosses: asMother ? [asMother, ...asFather] : asFather.length > 0 ? asFather : NONE,
    });
  }
  return roles;
}

/** The cross for which each plant is the mother. */
function crossesByMother(
  journal: Journal,
  standing: readonly Plant[],
  day: Day | undefined,
): ReadonlyMap<string, Mating> {
  const matings = journal.all('mating');
  if (matings.size === 0) return new Map();
  return new Map(
    standing.flatMap(({ plant }) => {
      const id = meantFor(journal, plant, day)?.mating;
      const mating = id === undefined ? undefined : matings.get(id);
      return mating && mating.mother !== mating.father ? [[plant, mating] as const] : [];
    }),
  );
}

/**
 * Plants in the ground that the walk leads to: those whose flowers are covered before they open.
 *
 * @example plantsToWalk(new Journal()) // []
 */
export function plantsToWalk(journal: Journal): Plant[] {
  const roles = walkRoles(journal);
  return [...journal.all('plant').values()].filter(({ plant }) => roles.has(plant));
}

/**
 * Crops that the walk leads to with at least one plant in the ground, or, before planting, those of the varieties
 * described.
 *
 * @example growingCrops(new Journal()) // []
 */
export function growingCrops(journal: Journal): CoveredCrop[] {
  const varieties = journal.all('variety');
  const isPlanted = [...journal.all('plant').values()].some(({ removed }) => !removed);
  const walked = isPlanted
    ? [...new Set(plantsToWalk(journal).map(({ variety }) => variety))].map((id) => varieties.get(id)!)
    : [...varieties.values()].filter((variety) => isWalked(journal, variety));
  const crops = new Set(walked.map(({ crop }) => crop));
  return [...crops].map(cropOf).filter(isCoveredBeforeOpening);
}

/** A plant of the coming walk, and the day for which it is looked at. */
export interface WalkedPlant {
  readonly plant: Plant;
  readonly variety: Variety;
  readonly crop: CoveredCrop;
  readonly day: Day;
  /** When the walk to it may begin, UTC milliseconds. */
  readonly from: number | undefined;
  readonly roles: WalkRoles;
  readonly visited: boolean;
}

/** Was a plant looked at on the walk? What was merely stripped, shaken or counted open was not. */
const isVisited = (walk: Walk | undefined): boolean =>
  walk !== undefined &&
  (walk.scoutedEntry !== undefined ||
    walk.swept === true ||
    [walk.blooms, walk.coveredGreen, walk.receptive].some(({ length }) => length > 0));

/**
 * The plants that the coming walks lead to, in walking order, each with the day for which its flowers are covered.
 *
 * @example walkAt(new Journal(), []) // []
 */
export function walkAt(journal: Journal, outings: readonly OutingNow[]): WalkedPlant[] {
  const varieties = journal.all('variety');
  const walks = journal.all('walk');
  const byCrop = new Map(
    outings.flatMap(({ crops, walkDay, walkFrom }) =>
      crops.map((crop) => [crop.id, { crop, day: walkDay, from: walkFrom.get(crop.id) }] as const),
    ),
  );
  const days = new Set(Array.from(byCrop.values(), ({ day }) => day));
  const rolesOn = new Map(Array.from(days, (day) => [day, walkRoles(journal, day)] as const));
  const inOrder = comparePlants(journal.all('bed'));
  return [...journal.all('plant').values()]
    .flatMap((plant): WalkedPlant[] => {
      const variety = varieties.get(plant.variety);
      const worked = variety && byCrop.get(variety.crop);
      const roles = worked && rolesOn.get(worked.day)!.get(plant.plant);
      return roles
        ? [
            {
              plant,
              variety,
              ...worked,
              roles,
              visited: isVisited(walks.get(walkId(plant.plant, worked.day))),
            },
          ]
        : [];
    })
    .sort((a, b) => inOrder(a.plant, b.plant));
}

/**
 * The plants of the walk that may be visited now; before any may, all of them.
 *
 * @example dueNow([], now) // []
 */
export function dueNow(walk: readonly WalkedPlant[], now: number): readonly WalkedPlant[] {
  const due = walk.filter(({ from }) => from === undefined || from <= now);
  return due.length > 0 ? due : walk;
}
