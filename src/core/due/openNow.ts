import type { PollinationMethod } from '../crops/crop';
import { cropOf, isPollinatedOpen, protocolFor } from '../crops/catalogue';
import { anyPollenSpoils } from '../isolation/anyPollenSpoils';
import { comparePlants } from '../garden/places';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { isSuspect } from '../journal/plantCondition';
import { type BudCount, walkId } from '../journal/kinds/walk';
import { meantFor } from '../journal/matingOf';
import { fatherPlants, pollinationsOf } from '../journal/pollinations';
import type { TrialSide, TrialWay } from '../journal/kinds/trial';
import type { Garden, Plant, Trial, Variety } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { addDays, dayAt, MS_PER_HOUR, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { spacingOf, techniqueOf } from '../outing/technique';
import { cohortOfVisit } from './cohortOfVisit';

/** A plant whose flowers may be open now. */
export interface OpenPlant {
  readonly plant: Plant;
  readonly variety: Variety;
  /** The day its flowers belong to: of gourds the day of the dusk, also after midnight. */
  readonly day: Day;
  /** `undefined` where its hours cannot be calculated on that day. */
  readonly window: OpeningWindow | undefined;
  /** What was counted open on it that day; `undefined` until somebody looked. */
  readonly open: BudCount | undefined;
  /** Its females are given pollen once more, later the same morning. */
  readonly again?: SecondTime;
  /** What a trial lays down for its flowers of the day, where that was asked (`withTrials`). */
  readonly tried?: TriedHere;
}

/** The way of a trial that falls to the flowers of a visit. */
interface TriedHere {
  readonly trial: Trial;
  readonly side: TrialSide;
  readonly way: TrialWay;
  /** They are left until then, UTC milliseconds. */
  readonly from?: number;
}

/** Females that were pollinated once and still get a second dab. */
export interface SecondTime {
  readonly females: number;
  /** When the first was, and from when the second helps: UTC milliseconds. */
  readonly first: number;
  readonly from: number;
  /** The plants whose pollen they were given. */
  readonly fathers: readonly string[];
  readonly method: PollinationMethod;
}

export interface OpenNowOptions {
  /** Somebody sees one open: the hours are a forecast, and what is seen counts. */
  readonly anyHour?: boolean;
}

/**
 * Plants grown to eat whose flowers may be open now, in walking order: where the grower carries pollen from open
 * males to open females, without an evening before. Not those that pollen would spoil.
 *
 * @param now UTC milliseconds.
 * @example openNowOf(new Journal(), garden, now) // []
 */
export function openNowOf(
  journal: Journal,
  garden: Garden,
  now: number,
  { anyHour = false }: OpenNowOptions = {},
): OpenPlant[] {
  const varieties = [...journal.all('variety').values()].filter(isWorkedOpen);
  const today = dayAt(now, garden.zone);
  const crops = varieties.map(({ crop }) => crop);
  // Those of yesterday's dusk may still be open.
  const days = [today, addDays(today, -1)].map((day) => ({
    day,
    windows: windowsOf(journal, garden, day, crops),
  }));
  const openToday = new Map(
    varieties.flatMap((variety) => {
      const each = days.map(({ day, windows }) => ({ variety, day, window: windows.get(variety.crop) }));
      const found =
        each.find(({ window }) => isOpenAt(window, now)) ?? (anyHour ? nearest(each, now) : undefined);
      return found ? [[variety.variety, found] as const] : [];
    }),
  );
  const walks = journal.all('walk');
  if (openToday.size === 0) return [];
  return (
    [...journal.all('plant').values()]
      .filter(({ removed, variety }) => !removed && openToday.has(variety))
      .sort(comparePlants(journal.all('bed')))
      // What looks diseased comes after all others: disease travels on hands.
      .sort((a, b) => Number(isSuspect(a)) - Number(isSuspect(b)))
      .flatMap((plant): OpenPlant[] => {
        const found = openToday.get(plant.variety)!;
        const walk = walks.get(walkId(plant.plant, found.day));
        // Females marked the evening before are the round's; a marked male hides no female.
        if (walk?.blooms.some((id) => journal.all('bloom').get(id)?.sex !== 'male')) return [];
        const again = walk?.open && secondTimeOf(journal, plant.plant, found);
        return [{ plant, ...found, open: walk?.open, ...(again && { again }) }];
      })
  );
}

/**
 * When flowers of the plants that are worked at open flowers open next, today or tomorrow, UTC milliseconds, and how many
 * plants these are.
 *
 * @example opensNext(new Journal(), garden, now) // undefined
 */
export function opensNext(
  journal: Journal,
  garden: Garden,
  now: number,
): { readonly plants: number; readonly from: number } | undefined {
  const varieties = [...journal.all('variety').values()].filter(isWorkedOpen);
  const crops = varieties.map(({ crop }) => crop);
  const today = dayAt(now, garden.zone);
  const windows = [today, addDays(today, 1)].map((day) => windowsOf(journal, garden, day, crops));
  const opening = new Map(
    varieties.flatMap(({ variety, crop }) => {
      const opens = windows.flatMap((each) => each.get(crop)?.opens[0] ?? []).find((at) => at > now);
      return opens === undefined ? [] : [[variety, opens] as const];
    }),
  );
  const plants = [...journal.all('plant').values()].filter(
    ({ removed, variety }) => !removed && opening.has(variety),
  );
  if (plants.length === 0) return undefined;
  return {
    plants: plants.length,
    from: Math.min(...new Set(plants.map(({ variety }) => opening.get(variety)!))),
  };
}

function secondTimeOf(
  journal: Journal,
  plant: string,
  { variety, day }: Pick<OpenPlant, 'variety' | 'day'>,
): SecondTime | undefined {
  const meant = meantFor(journal, plant, day);
  const crop = cropOf(variety.crop);
  const protocol = meant && protocolFor(crop, meant);
  if (!meant || !protocol) return undefined;
  const { times, sameDay } = techniqueOf(journal, meant);
  const spacing = spacingOf(crop, protocol, sameDay);
  if (spacing?.unit !== 'h') return undefined;
  const bloom = journal.all('bloom').get(cohortOfVisit(plant, variety, day));
  const given = bloom ? pollinationsOf(bloom) : [];
  // What was closing already is not tried twice.
  if (!bloom || given.length === 0 || given.some(({ found }) => found === 'wilted')) return undefined;
  if (times < 2 || given.some(({ application }) => application > 1)) return undefined;
  const first = toMs(given[0]!.at);
  return {
    females: bloom.count,
    first,
    from: first + spacing.value * MS_PER_HOUR,
    fathers: fatherPlants(bloom),
    method: given[0]!.method,
  };
}

/**
 * Plants whose females may have their second dab now.
 *
 * @example secondTimes(openNowOf(journal, garden, now), now).length // 0
 */
export const secondTimes = (plants: readonly OpenPlant[], now: number): OpenPlant[] =>
  plants.filter(({ again }) => again !== undefined && again.from <= now);

const isWorkedOpen = (variety: Variety): boolean =>
  variety.purpose === 'eat' &&
  isPollinatedOpen(cropOf(variety.crop)) &&
  !anyPollenSpoils({ crop: variety.crop, purpose: variety.purpose, ...variety.traits });

/** The day whose flowers may best be open all the same; where no hours are known the first. */
function nearest<T extends { readonly window: OpeningWindow | undefined }>(
  days: readonly T[],
  now: number,
): T | undefined {
  const away = ({ window }: T): number =>
    window ? Math.max(window.opens[0] - now, now - window.shuts[1]) : Infinity;
  return days.reduce((best, day) => (away(day) < away(best) ? day : best), days[0]!);
}

/**
 * Where flowers are open outside the hours that were forecast, that they were seen: it moves the hours of the day.
 *
 * @param open what was counted open.
 * @example seenOutOfHours(here, { female: 0, male: 0 }, now) // []
 */
export function seenOutOfHours(
  { variety: { crop }, day, window }: OpenPlant,
  open: BudCount,
  now: number,
): Fact[] {
  if (open.female + open.male === 0 || !window || isOpenAt(window, now)) return [];
  return [{ kind: 'hours.seen', body: { crop, day, seen: 'open' } }];
}

/**
 * Are flowers expected open at a moment? Never where their hours are not known.
 *
 * @param now UTC milliseconds.
 * @example isOpenAt(undefined, now) // false
 */
export const isOpenAt = (window: OpeningWindow | undefined, now: number): boolean =>
  window !== undefined && window.opens[0] <= now && now <= window.shuts[1];
