import type { PollinationMethod } from '../crops/crop';
import type { CropId } from '../crops/catalogue';
import { fateBy, type Fate } from '../fruit/fates';
import { setDay } from '../fruit/setVerdict';
import type { Fruit } from '../fruit/fruits';
import type { FruitHistory } from '../fruit/fruitHistory';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import type { Bloom, Garden, Pollination } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { groupBy } from '../text/groupBy';
import { addDays, dayAt, daysBetween, MS_PER_HOUR, toMs } from '../time/calendar';
import type { Day } from '../time/types';

/** What set may go with, in the order in which it is asked. */
export const SET_FACTORS = [
  'hour',
  'males',
  'ownPlant',
  'again',
  'late',
  'load',
  'cover',
  'rain',
  'method',
  'device',
] as const;
export type SetFactor = (typeof SET_FACTORS)[number];

/** A pollinated flower that is old enough to have set, and what is known of it; a factor that is missing is not known. */
export interface SetTrial {
  readonly plant: string;
  readonly variety: string;
  /** By the day on which it counts as set. */
  readonly fate: Fate;
  readonly factors: Readonly<Partial<Record<SetFactor, number | string>>>;
}

/** Of some flowers, how many set of those of which it is known, and of how many it is not. */
export interface SetCounts {
  readonly hits: number;
  readonly of: number;
  readonly unseen: number;
}

/** @example setOf([]) // { hits: 0, of: 0, unseen: 0 } */
export function setOf(trials: readonly SetTrial[]): SetCounts {
  const hits = trials.filter(({ fate }) => fate.yes).length;
  const unseen = trials.filter(isUnseen).length;
  return { hits, of: trials.length - unseen, unseen };
}

/** Did nobody look at it so late? */
export const isUnseen = ({ fate }: SetTrial): boolean => fate.yes === undefined;

/** A fruit that is younger than this by the day of a pollination takes nothing from the flower yet, days. Our default. */
const TAKES_FROM_DAYS = 3;

/** No fruit hangs longer than this, days: one that nobody noted any more is no load for ever. Our default. */
const HANGS_DAYS = 150;

/**
 * Every pollinated flower of some fruits that is old enough for its set look.
 *
 * @param factorsOf of these fruits.
 * @example setTrials(fruits, setFactors(journal, garden, fruits))[0].factors.hour // 1.5
 */
export function setTrials(fruits: readonly Fruit[], factorsOf: ReturnType<typeof setFactors>): SetTrial[] {
  return fruits.flatMap((fruit) =>
    fruit.histories.flatMap((history): SetTrial[] => {
      const fate = fateBy(history, setDay(history));
      const factors = fate && factorsOf(fruit, history);
      return factors ? [{ plant: fruit.plant.plant, variety: fruit.variety.variety, fate, factors }] : [];
    }),
  );
}

/**
 * What is known of a pollination that set may go with; `undefined` of a flower that nobody pollinated.
 *
 * @param fruits with all those of the plants concerned: they are each other's load.
 * @example setFactors(journal, garden, fruits)(fruit, fruit.history)?.males // 2
 */
export function setFactors(
  journal: Journal,
  garden: Garden,
  fruits: readonly Fruit[],
): (fruit: Fruit, history: FruitHistory) => SetTrial['factors'] | undefined {
  const hoursOf = hoursSinceOpening(journal, garden, fruits);
  const onPlant = groupBy(
    fruits.flatMap(({ histories }) => histories),
    ({ plant }) => plant,
  );
  return (fruit, history) =>
    history.pollination &&
    known({
      ...ofPollination(journal, fruit.bloom, history.pollination),
      hour: hoursOf(fruit, history.pollination),
      load: loadOn(onPlant.get(fruit.plant.plant) ?? [], history),
      rain: rainOn(journal, history.since),
    });
}

type Factors = Partial<Record<SetFactor, number | string | undefined>>;

const known = (factors: Factors): SetTrial['factors'] =>
  Object.fromEntries(Object.entries(factors).filter(([, value]) => value !== undefined));

function ofPollination(
  journal: Journal,
  bloom: Bloom,
  { donors, found, faded, method, device }: Pollination,
): Factors {
  // Of pollen whose plant nobody noted, and of portions that were filled, nobody counted males.
  const counted = donors.every((donor) => donor.bloom !== '' && !journal.all('pollen').has(donor.bloom));
  const ofPlants = donors.length > 0 && donors.every(({ plant }) => plant !== '');
  return {
    males: counted && donors.length > 0 ? donors.length : undefined,
    ownPlant: ofPlants ? Number(donors.every(({ plant }) => plant === bloom.plant)) : undefined,
    again: Number(bloom.laterPollinations.some(({ application }) => application > 1)),
    late: Number(found === 'wilted' || faded === true),
    cover: Number(isCovered(bloom)),
    method: method satisfies PollinationMethod,
    device,
  };
}

/** Hours from the middle of its crop's opening, of that day or, past midnight, of the evening before. */
function hoursSinceOpening(
  journal: Journal,
  garden: Garden,
  fruits: readonly Fruit[],
): (fruit: Fruit, pollination: Pollination) => number | undefined {
  const crops = new Set(fruits.map(({ variety }) => variety.crop));
  const windows = new Map<Day, ReadonlyMap<CropId, OpeningWindow>>();
  const on = (day: Day, crop: CropId): OpeningWindow | undefined => {
    const found = windows.get(day) ?? windowsOf(journal, garden, day, crops);
    windows.set(day, found);
    return found.get(crop);
  };
  return ({ variety: { crop } }, { at }) => {
    const when = toMs(at);
    const day = dayAt(when, garden.zone);
    const own = on(day, crop);
    const before = own && when < own.opens[0] ? on(addDays(day, -1), crop) : undefined;
    const window = before && when < before.shuts[1] ? before : own;
    return window && (when - (window.opens[0] + window.opens[1]) / 2) / MS_PER_HOUR;
  };
}

/** Fruit that was growing on the plant already. */
const loadOn = (others: readonly FruitHistory[], { bloom, since }: FruitHistory): number =>
  others.filter(
    (other) =>
      other.bloom !== bloom &&
      daysBetween(other.since, since) >= TAKES_FROM_DAYS &&
      daysBetween(other.since, since) <= HANGS_DAYS &&
      (other.lastGrowing > 0 || other.followed === 'found') &&
      [other.failed, other.ended?.day, other.harvested].every(
        (end) => end === undefined || end > daysBetween(other.since, since),
      ),
  ).length;

function rainOn(journal: Journal, day: Day): number | undefined {
  const noted = journal.all('weather').get(day);
  return noted && Number(noted.rain !== 'none');
}
