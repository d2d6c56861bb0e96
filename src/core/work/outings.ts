import { cropOf, isCoveredBeforeOpening, type CoveredCrop, type CropId } from '../crops/catalogue';
import { OUTINGS, outingOf, type Outing } from '../crops/outing';
import { wantsSeed } from '../crops/variety';
import { comparePlants } from '../garden/places';
import { anyPollenSpoils } from '../isolation/requiredDistance';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/scout';
import type { Garden, Plant, Variety } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { addDays, dayAt, MS_PER_HOUR } from '../time/calendar';
import { sunTimes } from '../time/sun';
import type { Day } from '../time/types';
import { LATE_BUT_TRY_MS } from './dayTasks';
import type { Service } from './service';
import { clockHours, type WorkingHours } from './workingHours';

/** An outing of the crops that grow here, at a moment. */
export interface OutingNow extends Service {
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
  const { daysBefore, fromSunset } = crop.protocols.seed.scout;
  const { sunset } = sunTimes(addDays(day, -daysBefore), garden);
  return sunset === null ? undefined : sunset + fromSunset.value * MS_PER_HOUR;
}

/**
 * Is a variety one that the walk and the round lead to? Not if pollen would spoil its fruit, nor where it is grown to
 * eat and nobody pollinates it for that.
 *
 * @example isWalked({ crop: 'corn', purpose: 'eat', traits: {} }) // false: the wind does it
 */
function isWalked({ crop, purpose, traits }: Pick<Variety, 'crop' | 'purpose' | 'traits'>): boolean {
  const facts = cropOf(crop);
  return (
    isCoveredBeforeOpening(facts) &&
    (wantsSeed(purpose) || facts.protocols.fruit !== undefined) &&
    !anyPollenSpoils({ crop, purpose, ...traits })
  );
}

/**
 * Plants in the ground that the walk leads to: those whose flowers are covered before they open.
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
 * Crops that the walk leads to with at least one plant in the ground, or, before planting, those of the varieties
 * described.
 *
 * @example growingCrops(new Journal()) // []
 */
export function growingCrops(journal: Journal): CoveredCrop[] {
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const ids = standing.length > 0 ? standing.map(({ variety }) => variety) : [...varieties.keys()];
  const grown = [...new Set(ids)].flatMap((id) => varieties.get(id) ?? []);
  const crops = new Set(grown.filter(isWalked).map(({ crop }) => crop));
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
  readonly visited: boolean;
}

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
  return plantsToWalk(journal)
    .sort(comparePlants(journal.all('bed')))
    .flatMap((plant): WalkedPlant[] => {
      const variety = varieties.get(plant.variety)!;
      const worked = byCrop.get(variety.crop);
      return worked
        ? [{ plant, variety, ...worked, visited: walks.has(walkId(plant.plant, worked.day)) }]
        : [];
    });
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
