import { cropOf, type CropId } from '../crops/catalogue';
import { OUTINGS } from '../crops/outing';
import { mildDaysOf, type TemperaturesOf } from '../season/flowering';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { normalOf, underGlass } from '../weather/climate';
import type { DayTemperatures } from '../weather/degreeDays';
import type { SimulatedGarden, SimulatedPlanting } from './simulatedGarden';

/** A garden with all that is the same in each of its seasons. */
export interface Stage {
  readonly garden: SimulatedGarden;
  /** Days played at most. */
  readonly days: number;
  readonly plantings: readonly StagedPlanting[];
  /** Plantings by their outing; outings without any left out. */
  readonly outings: readonly (readonly StagedPlanting[])[];
  /** Whose males are whose: plantings of one variety share them. */
  readonly varieties: readonly string[];
  /** Normal lowest temperature outside, by day, °C. */
  readonly lowest: Float64Array;
}

export interface StagedPlanting {
  readonly planting: SimulatedPlanting;
  /** Its place in the garden's list; by it its chances are drawn. */
  readonly at: number;
  /** Of its variety. */
  readonly of: number;
  /** What is left of its flowers' set by the hours and males they usually meet, above 0 to 1. */
  readonly usual: number;
  /** Mild days that a day adds, and whether it is hot, for so much warmer than normal. */
  readonly weather: (day: number, warmer: number) => StagedDay;
}

export interface StagedDay {
  readonly mildDays: number;
  readonly isHot: boolean;
}

/** Nobody grows an annual longer than this from one day on. */
const MOST_DAYS = 300;
/** Days are told apart by half degrees, up to so many degrees from normal. */
const STEP = 0.5;
const FURTHEST = 12;
const STEPS = (2 * FURTHEST) / STEP + 1;

/**
 * Sets the stage: everything of a garden that no chance changes.
 *
 * @example stageOf({ ...garden, plantings: [] }).outings // []
 */
export function stageOf(garden: SimulatedGarden): Stage {
  const days = Math.min(MOST_DAYS, (garden.endsIn ?? MOST_DAYS) + 1);
  const dates = Array.from({ length: days }, (_, day) => addDays(garden.from, day));
  const normals = new Map(dates.map((date) => [date, normalOf(date, garden.climate, garden.latitude)]));
  const weathers = new Map<string, StagedPlanting['weather']>();
  const weatherFor = ({ crop, glass }: SimulatedPlanting): StagedPlanting['weather'] => {
    const key = `${crop} ${glass}`;
    const known = weathers.get(key) ?? weatherOf(crop, glass, dates, (date) => normals.get(date)!);
    weathers.set(key, known);
    return known;
  };
  const varieties = [...new Set(garden.plantings.map(({ variety }) => variety))];
  const plantings = garden.plantings.map((planting, at) => ({
    ...{ planting, at, of: varieties.indexOf(planting.variety), usual: 1 },
    weather: weatherFor(planting),
  }));
  return {
    ...{ garden, days, plantings, varieties },
    outings: OUTINGS.map((outing) => plantings.filter(({ planting }) => planting.outing === outing)).filter(
      (own) => own.length > 0,
    ),
    lowest: Float64Array.from(dates, (date) => normals.get(date)!.min),
  };
}

/** Worked out once for each half degree. */
function weatherOf(
  crop: CropId,
  glass: boolean,
  dates: readonly Day[],
  normal: TemperaturesOf,
): StagedPlanting['weather'] {
  const { weather } = cropOf(crop);
  const known = Array.from({ length: STEPS }, (_, step) => {
    const warmer = step * STEP - FURTHEST;
    const outside: TemperaturesOf = (date) => {
      const { min, max } = normal(date);
      return { min: min + warmer, max: max + warmer };
    };
    const here = glass ? underGlass(outside) : outside;
    const mild = mildDaysOf(crop, here);
    return dates.map((date): StagedDay => ({
      mildDays: mild(date),
      isHot: weather?.heat !== undefined && isHot(here(date), weather.heat),
    }));
  });
  return (day, warmer) => {
    const step = Math.round((warmer + FURTHEST) / STEP);
    return known[Math.min(STEPS - 1, Math.max(0, step))]![day]!;
  };
}

function isHot(
  { min, max }: DayTemperatures,
  { day, night, either }: NonNullable<NonNullable<ReturnType<typeof cropOf>['weather']>['heat']>,
): boolean {
  const [byDay, byNight] = [max > day.value, min > night.value];
  return either ? byDay || byNight : byDay && byNight;
}
