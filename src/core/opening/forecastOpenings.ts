import { SEXES, type Sex } from '../journal/kinds/walk';
import { byId } from '../text/byId';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import {
  chancesOfOpen,
  expectedOf,
  learnBuds,
  type BudModel,
  type Comparison,
  type Expected,
} from './budModel';
import { commonOn, learnSums, type LearntSums } from './daySums';
import { expectedOpen, type BudsSeen, type ExpectedOpen } from './expectedOpen';
import { ofDays, ofPlants, sumOfOpen, type Together } from './together';

/** Flowers of one sex to expect, of a plant or of a variety. */
export interface ExpectedFlowers<T = Expected> {
  readonly sex: Sex;
  /** On each day of the forecast. */
  readonly days: readonly T[];
  /** On all of them together. */
  readonly total: T;
}

interface PlantForecast<T> {
  readonly plant: string;
  /** For the flowers of which day its buds were last counted; missing where that was too long ago. */
  readonly countedFor?: Day;
  readonly flowers: readonly ExpectedFlowers<T>[];
}

export interface VarietyForecast<T = Expected> {
  readonly variety: string;
  readonly flowers: readonly ExpectedFlowers<T>[];
  readonly plants: readonly PlantForecast<T>[];
  /** Own counts that the forecast was corrected by. */
  readonly learntFrom: number;
}

export interface OpeningForecast<T = Expected> {
  readonly days: readonly Day[];
  readonly varieties: readonly VarietyForecast<T>[];
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
/** It is learnt from so many plants, and habits from so many comparisons of a count with one before it. */
const MAX_PLANTS = 300;
const MAX_COMPARISONS = 400;
/** A plant's usual flowers are the mean of so many days. */
const USUAL_DAYS = 14;
/** So many plant-days weighs what is usual for the crop against own counts. Our default. */
const USUAL_WEIGHT = 3;
/** Flowers that a plant in flower opens on a mild day, before own counts speak. Our defaults. */
const USUAL_FLOWERS: Readonly<Record<Sex, number>> = { male: 1, female: 0.35 };

/**
 * How many flowers open on the days to come, plant by plant and variety by variety. How long buds take follows the
 * development of the crop, and is corrected by this garden's own counts.
 *
 * @example forecastOpenings({ days: ['2026-07-19'], crops: [] }).varieties // []
 */
export const forecastOpenings = (request: ForecastRequest): OpeningForecast =>
  forecastChances(request, expectedOf);

/**
 * The same, with what is read of the chances of 0, 1, 2 … flowers.
 *
 * @example forecastChances(request, (chances) => chances[0]) // how likely it is that none opens
 */
export function forecastChances<T>(
  { days, crops }: ForecastRequest,
  read: (chances: readonly number[]) => T,
): OpeningForecast<T> {
  const varieties = crops.flatMap((crop) => forecastCrop(crop, days, read));
  return { days, varieties: varieties.toSorted((a, b) => (a.variety < b.variety ? -1 : 1)) };
}

/** What passed up to each day, from one day on. */
function passedUntil(from: Day, days: number, development: Development): number[] {
  const passed = [0];
  for (let i = 0; i < days; i += 1) passed.push(passed[i]! + (development.get(addDays(from, i)) ?? 0));
  return passed;
}

function forecastCrop<T>(
  { varieties, development }: CropRequest,
  days: readonly Day[],
  read: (chances: readonly number[]) => T,
): VarietyForecast<T>[] {
  const usual = new Map(
    varieties.flatMap(({ variety, plants }) =>
      SEXES.map((sex) => [`${variety}|${sex}`, usualFlowers(plants, sex, days[0]!, development)] as const),
    ),
  );
  const usualOf = (variety: string, sex: Sex): number => usual.get(`${variety}|${sex}`)!;
  const all = varieties.flatMap(({ variety, plants }) => plants.map((counted) => ({ variety, counted })));
  // In an order that does not depend on which was told first.
  all.sort((a, b) => byId(a.counted.plant, b.counted.plant));
  const comparisons = evenly(all, MAX_PLANTS).flatMap(({ variety, counted }) =>
    SEXES.flatMap((sex) =>
      comparisonsOf(
        counted,
        { group: `${variety}|${sex}`, sex, usual: usualOf(variety, sex) },
        days[0]!,
        development,
      ),
    ),
  );
  const model = learnBuds(evenly(comparisons, MAX_COMPARISONS));
  const sums = learnSums(model, comparisons);
  const learntFrom = Math.round(comparisons.reduce((sum, { weight }) => sum + weight, 0));
  const expect = expecter({ model, sums, days, development, read });
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
      learntFrom,
    };
  });
}

/** The latest count from which anything can be expected. */
const lastCount = (counts: readonly BudCounts[], from: Day): BudCounts | undefined =>
  counts.find(({ day }) => day <= from && day > addDays(from, -BUDS_LAST_DAYS));

/** The mean of own counts a mild day, drawn to what is usual for the crop as long as they are few; none before any was seen. */
function usualFlowers(
  plants: readonly CountedPlant[],
  sex: Sex,
  from: Day,
  development: Development,
): number {
  const since = addDays(from, -USUAL_DAYS);
  const all = plants.flatMap(({ counts }) => counts);
  if (!all.some(({ buds }) => buds[sex].eve + buds[sex].green > 0)) return 0;
  const recent = all.filter(({ day }) => day >= since && day <= from);
  const sum = recent.reduce((flowers, { buds }) => flowers + buds[sex].eve, 0);
  const mild = recent.reduce((all, { day }) => all + (development.get(day) ?? 0), 0);
  return (sum + USUAL_WEIGHT * USUAL_FLOWERS[sex]) / (mild + USUAL_WEIGHT);
}

/** Each count of eve buds with those before it, so far as they told of it. */
function comparisonsOf(
  { counts }: CountedPlant,
  { group, sex, usual }: { readonly group: string; readonly sex: Sex; readonly usual: number },
  from: Day,
  development: Development,
): Comparison[] {
  const past = counts.filter(({ day }) => day <= from);
  return past.flatMap((count, i) => {
    const before = past.slice(i + 1).filter(({ day }) => day > addDays(count.day, -BUDS_LAST_DAYS));
    return before.map(({ day, buds }) => ({
      group,
      day: count.day,
      seen: buds[sex],
      development: passedUntil(day, daysBetween(day, count.day), development),
      usual,
      opened: count.buds[sex].eve,
      weight: 1 / before.length,
    }));
  });
}

/** So many of a list, evenly from its whole length. */
const evenly = <T>(all: readonly T[], most: number): readonly T[] =>
  all.length <= most
    ? all
    : Array.from({ length: most }, (_, i) => all[Math.floor(((i + 0.5) * all.length) / most)]!);

type Totals<T> = Pick<ExpectedFlowers<T>, 'days' | 'total'>;

/** For each pace of the model, flowers on each day of the forecast, and on all of them. */
type Means = ReadonlyMap<number, { readonly days: readonly Together[]; readonly total: ExpectedOpen }>;

/** What to expect under a model. Plants with the same buds at the same time are worked out once. */
function expecter<T>({
  model,
  sums,
  days,
  development,
  read,
}: {
  readonly model: BudModel;
  readonly sums: LearntSums;
  readonly days: readonly Day[];
  readonly development: Development;
  readonly read: (chances: readonly number[]) => T;
}) {
  const paces = [...new Set(model.habits.map(({ pace }) => pace))];
  const knownMeans = new Map<string, Means>();
  const knownTogether = new Map<Means, Totals<T>>();
  const [from] = days as [Day];
  const ofDay = (open: ExpectedOpen, sinceCount: number): Together => ({
    ...open,
    shared: 1,
    common: (sums.common[sinceCount] ?? 1) * commonOn(sinceCount),
  });
  /** Of a plant that was not counted. */
  const usually = (usual: number) => {
    const each = days.map((day) => usual * (development.get(day) ?? 0));
    const of = (known: number): ExpectedOpen => ({ known, ofYounger: 0, sure: [0, 0] });
    return {
      days: each.map((known, day) => ofDay(of(known), day)),
      total: of(each.reduce((sum, known) => sum + known, 0)),
    };
  };
  const means = ({ counts }: CountedPlant, sex: Sex, usual: number): Means => {
    const last = lastCount(counts, from);
    const seen = last?.buds[sex];
    const key = JSON.stringify([last?.day, seen, usual]);
    const known = knownMeans.get(key);
    if (known) return known;
    const ago = last ? daysBetween(last.day, from) : 0;
    const passed = last && passedUntil(last.day, ago + days.length - 1, development);
    const byHabit = (pace: number) => {
      if (!seen || !passed) return usually(usual);
      const open = expectedOpen(seen, passed, { usual, pace, factors: sums.opened });
      return { days: open.days.map(ofDay).slice(ago), total: open.from(ago) };
    };
    const found: Means = new Map(paces.map((pace) => [pace, byHabit(pace)]));
    knownMeans.set(key, found);
    return found;
  };
  const totals = (plants: readonly Means[]): Totals<T> => {
    const [only] = plants;
    const known = plants.length === 1 && only ? knownTogether.get(only) : undefined;
    if (known) return known;
    const byPace = new Map(
      paces.map((pace) => {
        const each = plants.map((plant) => plant.get(pace)!);
        const byDay = days.map((_, day) => ofPlants(each.map((plant) => plant.days[day]!)));
        const total = ofDays(sumOfOpen(each.map((plant) => plant.total)), byDay);
        return [pace, { days: byDay, total }] as const;
      }),
    );
    const found = {
      days: days.map((_, day) => read(chancesOfOpen(model, (pace) => byPace.get(pace)!.days[day]!))),
      total: read(chancesOfOpen(model, (pace) => byPace.get(pace)!.total)),
    };
    if (plants.length === 1 && only) knownTogether.set(only, found);
    return found;
  };
  return { means, totals };
}
