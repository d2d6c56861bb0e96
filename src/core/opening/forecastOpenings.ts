import { SEXES, type Sex } from '../journal/kinds/walk';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import {
  chancesOfOpen,
  expectedOf,
  expectedOpen,
  learnBuds,
  type BudModel,
  type BudsSeen,
  type ExpectedOpen,
  type Together,
  type Comparison,
  type Expected,
} from './budModel';

/** Flowers of one sex to expect, of a plant or of a variety. */
export interface ExpectedFlowers {
  readonly sex: Sex;
  /** On each day of the forecast. */
  readonly days: readonly Expected[];
  /** On all of them together. */
  readonly total: Expected;
}

interface PlantForecast {
  readonly plant: string;
  /** For the flowers of which day its buds were last counted; missing where that was too long ago. */
  readonly countedFor?: Day;
  readonly flowers: readonly ExpectedFlowers[];
}

export interface VarietyForecast {
  readonly variety: string;
  readonly flowers: readonly ExpectedFlowers[];
  readonly plants: readonly PlantForecast[];
  /** Own counts from which the forecast was corrected. */
  readonly learntFrom: number;
}

export interface OpeningForecast {
  readonly days: readonly Day[];
  readonly varieties: readonly VarietyForecast[];
}

/** Buds of a plant as they were counted for the flowers of a day. */
interface BudCounts {
  readonly day: Day;
  readonly buds: Readonly<Record<Sex, BudsSeen>>;
}

export interface CountedPlant {
  readonly plant: string;
  /** The latest first. */
  readonly counts: readonly BudCounts[];
}

/** All that a forecast is made from, in plain numbers. */
export interface ForecastRequest {
  readonly days: readonly Day[];
  readonly crops: readonly {
    /** Mild days of development that each day adds, from the first count on. */
    readonly development: ReadonlyMap<Day, number>;
    readonly varieties: readonly { readonly variety: string; readonly plants: readonly CountedPlant[] }[];
  }[];
}

type CropRequest = ForecastRequest['crops'][number];
type Development = CropRequest['development'];

/** Counts older than this say nothing of the days to come. */
const BUDS_LAST_DAYS = 6;
/** The latest of these are enough. */
const MAX_COMPARISONS = 400;
/** A plant's usual flowers are the mean of so many days. */
const USUAL_DAYS = 14;
/** So many plant-days weighs what is usual for the crop against own counts. Our default. */
const USUAL_WEIGHT = 3;
/** Flowers that a plant in flower opens a day, before own counts speak. Our defaults. */
const USUAL_FLOWERS: Readonly<Record<Sex, number>> = { male: 1, female: 0.35 };

/**
 * How many flowers open on the days to come, plant by plant and variety by variety. How long buds take follows the
 * development of the crop, and is corrected by this garden's own counts.
 *
 * @example forecastOpenings({ days: ['2026-07-19'], crops: [] }).varieties // []
 */
export function forecastOpenings({ days, crops }: ForecastRequest): OpeningForecast {
  const varieties = crops.flatMap((crop) => forecastCrop(crop, days));
  return { days, varieties: varieties.toSorted((a, b) => (a.variety < b.variety ? -1 : 1)) };
}

/** What passed up to each day, from one day on. */
function passedUntil(from: Day, days: number, development: Development): number[] {
  const passed = [0];
  for (let i = 0; i < days; i += 1) passed.push(passed[i]! + (development.get(addDays(from, i)) ?? 0));
  return passed;
}

function forecastCrop({ varieties, development }: CropRequest, days: readonly Day[]): VarietyForecast[] {
  const usual = new Map(
    varieties.flatMap(({ variety, plants }) =>
      SEXES.map((sex) => [`${variety}|${sex}`, usualFlowers(plants, sex, days[0]!)] as const),
    ),
  );
  const usualOf = (variety: string, sex: Sex): number => usual.get(`${variety}|${sex}`)!;
  const comparisons = varieties.flatMap(({ variety, plants }) =>
    plants.flatMap((counted) =>
      SEXES.flatMap((sex) => comparisonsOf(counted, sex, usualOf(variety, sex), days[0]!, development)),
    ),
  );
  const latest = comparisons.toSorted((a, b) => (a.day < b.day ? 1 : a.day > b.day ? -1 : 0));
  const model = learnBuds(latest.slice(0, MAX_COMPARISONS));
  const expect = expecter(model, days, development);
  return varieties.map(({ variety, plants }) => {
    const byPlant = plants.map((counted) => ({
      counted,
      means: SEXES.map((sex) => expect.means(counted, sex, usualOf(variety, sex))),
    }));
    return {
      variety,
      flowers: SEXES.map((sex, i) => ({ sex, ...expect.totals(byPlant.map(({ means }) => means[i]!)) })),
      plants: byPlant.map(({ counted: { plant, counts }, means }) => {
        const last = lastCount(counts, days[0]!);
        return {
          plant,
          ...(last && { countedFor: last.day }),
          flowers: SEXES.map((sex, i) => ({ sex, ...expect.totals([means[i]!]) })),
        };
      }),
      learntFrom: model.learntFrom,
    };
  });
}

/** The latest count from which anything can be expected. */
const lastCount = (counts: readonly BudCounts[], from: Day): BudCounts | undefined =>
  counts.find(({ day }) => day <= from && day > addDays(from, -BUDS_LAST_DAYS));

/** The mean of own counts, drawn to what is usual for the crop as long as they are few; none before any was seen. */
function usualFlowers(plants: readonly CountedPlant[], sex: Sex, from: Day): number {
  const since = addDays(from, -USUAL_DAYS);
  const all = plants.flatMap(({ counts }) => counts);
  if (!all.some(({ buds }) => buds[sex].eve + buds[sex].green > 0)) return 0;
  const recent = all.filter(({ day }) => day >= since && day <= from);
  const sum = recent.reduce((flowers, { buds }) => flowers + buds[sex].eve, 0);
  return (sum + USUAL_WEIGHT * USUAL_FLOWERS[sex]) / (recent.length + USUAL_WEIGHT);
}

/** Each count of eve buds with the one before it. */
function comparisonsOf(
  { counts }: CountedPlant,
  sex: Sex,
  usual: number,
  from: Day,
  development: Development,
): Comparison[] {
  const past = counts.filter(({ day }) => day <= from);
  return past.slice(0, -1).flatMap((count, i) => {
    const before = past[i + 1]!;
    const days = daysBetween(before.day, count.day);
    if (days >= BUDS_LAST_DAYS) return [];
    return [
      {
        day: count.day,
        seen: before.buds[sex],
        development: passedUntil(before.day, days, development),
        usual,
        opened: count.buds[sex].eve,
      },
    ];
  });
}

type Totals = Pick<ExpectedFlowers, 'days' | 'total'>;

/**
 * Plants of a variety share a day's weather and their reader's eye, and a day shares them with the next: so much of what
 * they differ by from what is expected is one and the same. Our defaults, after a rough simulation of buds, weather and
 * eyes: how often ranges of several plants or days hold is not known better.
 */
const SHARED_BY_PLANTS = 0.35;
const SHARED_BY_DAYS = 0.3;
/** What is common to all plants on a day, as a share of their flowers, grows with the days until then. Our defaults. */
const commonOn = (day: number): number => (COMMON[0] + day * COMMON[1]) ** 2;
const COMMON = [0.12, 0.06] as const;
/** How alike that is from day to day. */
const ALIKE_BY_DAYS = 0.8;

const sumOf = ({ known, ofYounger }: ExpectedOpen): number => known + ofYounger;

/**
 * The sum of several, each of which differs from what is expected by itself, and by what all of them share.
 *
 * @param inCommon the part of what they differ by that they share.
 * @param alike how alike what is common to each is among them, 0 to 1.
 */
function together(
  each: readonly Together[],
  { inCommon, alike }: { readonly inCommon: number; readonly alike: number },
): Together {
  const all = { known: 0, ofYounger: 0 };
  let [squares, commonSquares, commonSum, most] = [0, 0, 0, 0];
  for (const one of each) {
    const mean = sumOf(one);
    all.known += one.known;
    all.ofYounger += one.ofYounger;
    squares += one.shared * mean ** 2;
    commonSquares += one.common * mean ** 2;
    commonSum += Math.sqrt(one.common) * mean;
    most = Math.max(most, one.shared);
  }
  const square = sumOf(all) ** 2;
  if (square === 0) return { ...all, shared: 1, common: 0 };
  return {
    ...all,
    shared: ((1 - inCommon) * squares) / square + inCommon * most,
    common: ((1 - alike) * commonSquares + alike * commonSum ** 2) / square,
  };
}

/** For each pace of the model, flowers on each day of the forecast. */
type Means = ReadonlyMap<number, readonly ExpectedOpen[]>;

/** What to expect under a model. Plants with the same buds at the same time are worked out once. */
function expecter(model: BudModel, days: readonly Day[], development: Development) {
  const paces = [...new Set(model.habits.map(({ pace }) => pace))];
  const knownMeans = new Map<string, Means>();
  const knownTogether = new Map<Means, Totals>();
  const [from] = days as [Day];
  const means = ({ counts }: CountedPlant, sex: Sex, usual: number): Means => {
    const last = lastCount(counts, from);
    const seen = last?.buds[sex];
    const key = JSON.stringify([last?.day, seen, usual]);
    const known = knownMeans.get(key);
    if (known) return known;
    const ago = last ? daysBetween(last.day, from) : 0;
    const passed = last && passedUntil(last.day, ago + days.length - 1, development);
    const found: Means = new Map(
      paces.map((pace) => [
        pace,
        seen && passed
          ? expectedOpen(seen, passed, usual, pace).slice(ago)
          : days.map(() => ({ known: usual, ofYounger: 0 })),
      ]),
    );
    knownMeans.set(key, found);
    return found;
  };
  const totals = (plants: readonly Means[]): Totals => {
    const [only] = plants;
    const known = plants.length === 1 && only ? knownTogether.get(only) : undefined;
    if (known) return known;
    const byPace = new Map(
      paces.map((pace) => [
        pace,
        days.map((_, day) =>
          together(
            plants.map((plant) => ({ ...plant.get(pace)![day]!, shared: 1, common: commonOn(day) })),
            { inCommon: SHARED_BY_PLANTS, alike: 1 },
          ),
        ),
      ]),
    );
    const found = {
      days: days.map((_, day) => expectedOf(chancesOfOpen(model, (pace) => byPace.get(pace)![day]!))),
      total: expectedOf(
        chancesOfOpen(model, (pace) =>
          together(byPace.get(pace)!, { inCommon: SHARED_BY_DAYS, alike: ALIKE_BY_DAYS }),
        ),
      ),
    };
    if (plants.length === 1 && only) knownTogether.set(only, found);
    return found;
  };
  return { means, totals };
}
