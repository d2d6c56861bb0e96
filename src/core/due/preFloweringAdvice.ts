import { cropOf, type Crop, type CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/walk';
import { plantingOf } from '../journal/plantingOf';
import { isUnderGlass } from '../journal/underGlass';
import type { Garden, Variety, Walk } from '../journal/state';
import type { Sowing } from '../crops/variety';
import {
  degreeDaysOf,
  degreeDaysToFlower,
  floweringForecast,
  type FloweringForecast,
  type TemperaturesOf,
} from '../season/flowering';
import { SEASON_DAYS } from '../journal/seasonDays';
import { addDays, daysBetween } from '../time/calendar';
import { nextYearDay } from '../time/nextYearDay';
import type { Day } from '../time/types';
import { normalOf, underGlass } from '../weather/climate';
import { climateOf } from '../journal/climateOf';

/** What comes before the first flowers, where none can be open yet. */
export interface PreFloweringAdvice {
  /** The variety that flowers first. */
  readonly variety: string;
  /** Its first flowers, as far as they can be expected at all. */
  readonly firstFlowers?: Day;
  /** Where those are males: between which days the first flowers that bear may follow. */
  readonly firstBearing?: readonly [Day, Day];
  /** The sowing by which that is known, and by what it was counted on from there. */
  readonly counted?: { readonly sowing: Sowing; readonly by: FloweringForecast['by'] };
  /** Where nobody said when it was sown: what is left to do. */
  readonly toSow?: ToSow;
}

/** What comes before a variety can flower that is not in the ground. */
export interface ToSow {
  /** From when plants may stand outside, and when to sow them under cover for it: only where the last frost is known. */
  readonly plantOut?: Day;
  readonly sowUnderCover?: Day;
  /** Days from planting out to the first flower, in the warmth of that time of year. */
  readonly toFlower: number;
}

/** Buds show so long before the first flower. Our default. */
const BUDS_BEFORE_DAYS = 5;
/** Flowers that were noted so recently are believed, whatever the calendar says. Our default. */
const NOTED_DAYS = 30;
/** Mean nights colder than this end or delay all growth of these crops. Our default. */
const GROWS_FROM_C = 4;
/** Mean nights from which tender plants grow outside. Our default; that frost is over they do not tell. */
const STANDS_OUT_FROM_C = 8;
/** Plants are raised under cover for so long. Our default. */
export const RAISED_DAYS = 28;
/** A last frost so long ago was that of this season. */
const SINCE_FROST_DAYS = 180;
const YEAR_DAYS = 365;

/**
 * What comes first where no flower can be open yet: by the sowings that were noted, else by the climate, which knows
 * when nothing grows. A bud or flower that somebody noted counts for more than both.
 *
 * @returns nothing while something may flower.
 * @example preFloweringAdvice(journal, garden, '2026-11-25')?.firstFlowers // next summer, at 52° north
 */
export function preFloweringAdvice(
  journal: Journal,
  garden: Garden,
  day: Day,
): PreFloweringAdvice | undefined {
  if (isFlowering(journal, day)) return undefined;
  const climate = climateOf(journal, garden);
  const outside: TemperaturesOf = (each) => normalOf(each, climate, garden.latitude);
  const soonest = addDays(day, BUDS_BEFORE_DAYS);
  const lateFrost = journal.all('surroundings').get('')?.lateFrost;
  let first: Expected | undefined;
  for (const planting of standingPlantings(journal, day)) {
    const { variety, sowing } = planting;
    const temperatures = planting.glass ? underGlass(outside) : outside;
    // Once it is cold, what was sown for this summer is over.
    const grows = temperatures(soonest).min >= GROWS_FROM_C;
    const expected =
      sowing && (grows || sowing.day > day)
        ? bySowing({ ...planting, sowing }, temperatures)
        : byClimate(variety, temperatures, day, lateFrost);
    if (expected === 'now' || expected.about <= soonest) return undefined;
    if (!first || comesBefore(expected, first)) first = expected;
  }
  return first?.advice;
}

/** What is said of a variety, and about when it flowers: what is said first goes by it, even where it is too rough to be told. */
interface Expected {
  readonly advice: PreFloweringAdvice;
  readonly about: Day;
}

const NEVER: Day = '9999-12-31';

/** Of two that flower on one day the one whose id comes first, so that all devices name the same. */
const comesBefore = (one: Expected, other: Expected): boolean =>
  one.about === other.about ? one.advice.variety < other.advice.variety : one.about < other.about;

/** Was any bud or flower noted of late? The latest days first: in the season the first look finds some. */
function isFlowering(journal: Journal, day: Day): boolean {
  const walks = journal.all('walk');
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  for (let ago = -1; ago <= NOTED_DAYS; ago += 1) {
    const seenFor = addDays(day, -ago);
    for (const { plant } of standing) {
      const walk = walks.get(walkId(plant, seenFor));
      if (walk && hasFlowers(walk)) return true;
    }
  }
  const from = addDays(day, -NOTED_DAYS);
  return [...journal.all('variety').values(), ...journal.all('planting').values()].some(({ flowered }) =>
    flowered.some((seen) => from <= seen && seen <= day),
  );
}

const hasFlowers = ({ eve, green, pin, open, blooms }: Walk): boolean =>
  blooms.length > 0 ||
  [eve, green, pin, open].some((count) => count !== undefined && count.female + count.male > 0);

/** Does anybody go to its flowers, unless for a way that only some choose? */
const isWorked = ({ hours, protocols, routine }: Crop): boolean =>
  hours !== undefined &&
  [routine, protocols.fruit, protocols.seed, protocols.cross].some((way) => way !== undefined);

interface Standing {
  readonly variety: Variety;
  readonly sowing: Sowing | undefined;
  readonly daysToFlower: number | undefined;
  readonly glass: boolean;
}

/** Each planting that stands here; a sowing of an earlier year says nothing of the plants. */
function standingPlantings(journal: Journal, day: Day): Standing[] {
  const varieties = journal.all('variety');
  const found = new Map<string, Standing>();
  for (const plant of journal.all('plant').values()) {
    const variety = varieties.get(plant.variety);
    if (plant.removed || !variety || !isWorked(cropOf(variety.crop))) continue;
    const { planting, sowing, daysToFlower } = plantingOf(journal, plant, variety);
    const ofThisYear = sowing && sowing.day > addDays(day, -SEASON_DAYS) ? sowing : undefined;
    const glass = isUnderGlass(journal, plant);
    found.set(`${planting}|${glass}`, { variety, sowing: ofThisYear, daysToFlower, glass });
  }
  return [...found.values()];
}

function bySowing(
  { variety, sowing, daysToFlower }: Standing & { readonly sowing: Sowing },
  temperatures: TemperaturesOf,
): Expected {
  const forecast = floweringForecast(
    { crop: variety.crop, sowing, ...(daysToFlower !== undefined && { daysToFlower }) },
    temperatures,
  );
  return {
    about: forecast?.first ?? NEVER,
    advice: {
      variety: variety.variety,
      ...(forecast && { ...flowersFrom(variety, forecast.first), counted: { sowing, by: forecast.by } }),
    },
  };
}

/** The first flowers, and, where males come first, the first that bear. */
function flowersFrom(
  { crop, traits }: Variety,
  first: Day,
): Pick<PreFloweringAdvice, 'firstFlowers' | 'firstBearing'> {
  const after = traits.gynoecious ? undefined : cropOf(crop).bearingAfterMales?.value;
  return {
    firstFlowers: first,
    ...(after && { firstBearing: [addDays(first, after[0]), addDays(first, after[1])] as const }),
  };
}

/** Nobody said when it was sown: can a plant that was put out as early as possible flower by now? */
function byClimate(
  variety: Variety,
  temperatures: TemperaturesOf,
  day: Day,
  lateFrost: Day | undefined,
): Expected | 'now' {
  const { crop } = variety;
  const needed = degreeDaysToFlower(crop, 'plantedOut');
  const adds = degreeDaysOf(crop, temperatures);
  const mayStand = (each: Day): boolean => temperatures(each).min >= GROWS_FROM_C;
  let sum = 0;
  const until = addDays(day, BUDS_BEFORE_DAYS);
  for (let ago = 0; ago < SEASON_DAYS && mayStand(addDays(until, -ago)); ago += 1) {
    sum += adds(addDays(until, -ago));
    if (sum >= needed) return 'now';
  }
  const next = nextSummer(crop, temperatures, day, lateFrost);
  if (!next) return { about: NEVER, advice: { variety: variety.variety } };
  const { plantOut, first } = next;
  const toSow = {
    toFlower: daysBetween(plantOut, first),
    ...(lateFrost && { plantOut, sowUnderCover: addDays(plantOut, -RAISED_DAYS) }),
  };
  const flowers = lateFrost ? flowersFrom(variety, first) : {};
  return { about: first, advice: { variety: variety.variety, toSow, ...flowers } };
}

/** The next day from which a crop may stand outside until it flowers, and its first flower then. */
function nextSummer(
  crop: CropId,
  temperatures: TemperaturesOf,
  day: Day,
  lateFrost: Day | undefined,
): { readonly plantOut: Day; readonly first: Day } | undefined {
  for (let from = day; daysBetween(day, from) < YEAR_DAYS;) {
    const grows = firstDay(from, (each) => temperatures(each).min >= STANDS_OUT_FROM_C);
    if (!grows) return undefined;
    const plantOut = lateFrost ? afterFrost(lateFrost, grows) : grows;
    const first = floweringForecast(
      { crop, sowing: { how: 'plantedOut', day: plantOut } },
      temperatures,
    )?.first;
    const cold = firstDay(plantOut, (each) => temperatures(each).min < GROWS_FROM_C);
    if (first && (!cold || first < cold)) return { plantOut, first };
    if (!cold) return undefined;
    from = cold;
  }
  return undefined;
}

/** From when on it is warm enough and frost is over. */
function afterFrost(lateFrost: Day, growsFrom: Day): Day {
  const next = nextYearDay(lateFrost, growsFrom);
  const isOver = nextYearDay(lateFrost, addDays(growsFrom, -SINCE_FROST_DAYS)) < growsFrom;
  return isOver ? growsFrom : next;
}

function firstDay(from: Day, holds: (day: Day) => boolean): Day | undefined {
  for (let ahead = 0; ahead < YEAR_DAYS; ahead += 1) {
    const day = addDays(from, ahead);
    if (holds(day)) return day;
  }
  return undefined;
}
