import { cropOf, type Crop, type CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { SEXES, walkId, type Sex } from '../journal/kinds/scout';
import type { Garden, Plant, Variety, Walk } from '../journal/state';
import { degreeDaysOf } from '../season/flowering';
import { groupBy } from '../text/groupBy';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { degreeDays } from '../weather/degreeDays';
import {
  chancesOfOpen,
  expectedOf,
  expectedOpen,
  learnBuds,
  type BudModel,
  type BudsSeen,
  type Comparison,
  type Expected,
} from './budModel';
import { MILD_DAY } from './budStages';
import { temperaturesAt } from './temperaturesAt';

/** Flowers of one sex to expect, of a plant or of a variety. */
export interface ExpectedFlowers {
  readonly sex: Sex;
  /** On each day of the forecast. */
  readonly days: readonly Expected[];
}

export interface PlantForecast {
  readonly plant: string;
  /** For the flowers of which day its buds were last counted; missing where that was too long ago. */
  readonly countedFor?: Day;
  readonly flowers: readonly ExpectedFlowers[];
}

export interface VarietyForecast {
  readonly variety: string;
  readonly flowers: readonly ExpectedFlowers[];
  readonly plants: readonly PlantForecast[];
  /** Males have been seen, females not yet: when the first are to be expected. */
  readonly femalesFrom?: readonly [Day, Day];
  /** Own counts from which the forecast was corrected. */
  readonly learntFrom: number;
}

export interface OpeningForecast {
  readonly days: readonly Day[];
  readonly varieties: readonly VarietyForecast[];
}

/** Counts older than this say nothing of the days to come. */
const BUDS_LAST_DAYS = 6;
/** Counts further back teach nothing of the buds now. Our default. */
const LEARN_DAYS = 28;
/** The latest of these are enough. */
const MOST_COMPARISONS = 400;
/** A plant's usual flowers are the mean of so many days. */
const USUAL_DAYS = 14;
/** So many plant-days weighs what is usual for the crop against own counts. Our default. */
const USUAL_WEIGHT = 3;
/** Flowers that a plant in flower opens a day, before own counts speak. Our defaults. */
const USUAL_FLOWERS: Readonly<Record<Sex, number>> = { male: 1, female: 0.35 };
/** Females follow the first males within a week or more (common practice, no source). */
const FEMALES_AFTER_DAYS = [7, 14] as const;

/** A plant with its buds as they were counted, the latest first. */
interface Counted {
  readonly plant: Plant;
  readonly walks: readonly Walk[];
}

/**
 * How many flowers open on the days to come, by what buds were counted on walks: plant by plant and variety by variety,
 * for crops whose males and females are flowers of their own. How long buds take follows the degree days of the crop,
 * and is corrected by this garden's own counts.
 *
 * @param from the first day of the forecast; the walk of the evening before counts its eve buds.
 * @example openingForecast(new Journal(), garden, '2026-07-19', 5).varieties // []
 */
export function openingForecast(journal: Journal, garden: Garden, from: Day, count: number): OpeningForecast {
  const days = Array.from({ length: count }, (_, i) => addDays(from, i));
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const byCrop = groupBy(
    [...groupBy(standing, ({ variety }) => variety)].flatMap(([id, plants]) => {
      const variety = varieties.get(id);
      return variety && hasBudsToCount(cropOf(variety.crop)) ? [{ variety, plants }] : [];
    }),
    ({ variety }) => variety.crop,
  );
  const found = [...byCrop].flatMap(([crop, grown]) => {
    const development = developmentOf(crop, temperaturesAt(journal, garden));
    const counted = grown.map(({ variety, plants }) => ({
      variety,
      plants: countsOf(journal, plants, days.at(-1)!),
    }));
    return forecastCrop(counted, days, development);
  });
  return { days, varieties: found.toSorted((a, b) => (a.variety < b.variety ? -1 : 1)) };
}

const hasBudsToCount = ({ habit, parts, hours, flower }: Crop): boolean =>
  habit !== 'perfect' && parts === undefined && hours !== undefined && flower !== undefined;

/** In mild days: what passes on a day. */
function developmentOf(crop: CropId, temperatures: ReturnType<typeof temperaturesAt>): (day: Day) => number {
  const { base, cap, method } = cropOf(crop).development;
  const mild = degreeDays(MILD_DAY, { base: base.value, ...(cap && { cap: cap.value }) }, method);
  const ofDay = degreeDaysOf(crop, temperatures);
  const known = new Map<Day, number>();
  return (day) => {
    const passed = known.get(day) ?? ofDay(day) / mild;
    known.set(day, passed);
    return passed;
  };
}

function countsOf(journal: Journal, plants: readonly Plant[], until: Day): Counted[] {
  const all = journal.all('walk');
  return plants.map((plant) => ({
    plant,
    walks: Array.from({ length: LEARN_DAYS }, (_, ago) =>
      all.get(walkId(plant.plant, addDays(until, -ago))),
    ).filter((walk): walk is Walk => walk?.scoutedEntry !== undefined),
  }));
}

const seenOn = ({ eve, green, pin }: Walk, sex: Sex): BudsSeen => ({
  eve: eve[sex],
  green: green[sex],
  ...(pin && { pin: pin[sex] }),
});

/** What passed up to each day, from one day to another. */
function passedUntil(from: Day, days: number, development: (day: Day) => number): number[] {
  const passed = [0];
  for (let i = 0; i < days; i += 1) passed.push(passed[i]! + development(addDays(from, i)));
  return passed;
}

interface CountedVariety {
  readonly variety: Variety;
  readonly plants: readonly Counted[];
}

function forecastCrop(
  varieties: readonly CountedVariety[],
  days: readonly Day[],
  development: (day: Day) => number,
): VarietyForecast[] {
  const usual = new Map(
    varieties.flatMap(({ variety, plants }) =>
      SEXES.map((sex) => [`${variety.variety}|${sex}`, usualFlowers(plants, sex, days[0]!)] as const),
    ),
  );
  const usualOf = (variety: Variety, sex: Sex): number => usual.get(`${variety.variety}|${sex}`)!;
  const comparisons = varieties.flatMap(({ variety, plants }) =>
    plants.flatMap((counted) =>
      SEXES.flatMap((sex) => comparisonsOf(counted, sex, usualOf(variety, sex), days[0]!, development)),
    ),
  );
  const latest = comparisons.toSorted((a, b) => (a.day < b.day ? 1 : a.day > b.day ? -1 : 0));
  const model = learnBuds(latest.slice(0, MOST_COMPARISONS));
  const expect = expecter(model, days, development);
  return varieties.map(({ variety, plants }) => {
    const byPlant = plants.map((counted) => ({
      counted,
      means: SEXES.map((sex) => expect.means(counted, sex, usualOf(variety, sex))),
    }));
    const femalesFrom = firstFemales(plants, days[0]!);
    return {
      variety: variety.variety,
      flowers: SEXES.map((sex, i) => ({ sex, days: expect.together(byPlant.map(({ means }) => means[i]!)) })),
      plants: byPlant.map(({ counted: { plant, walks }, means }) => {
        const last = lastCount(walks, days[0]!);
        return {
          plant: plant.plant,
          ...(last && { countedFor: last.day }),
          flowers: SEXES.map((sex, i) => ({ sex, days: expect.together([means[i]!]) })),
        };
      }),
      ...(femalesFrom && { femalesFrom }),
      learntFrom: model.learntFrom,
    };
  });
}

/** The latest count from which anything can be expected. */
const lastCount = (walks: readonly Walk[], from: Day): Walk | undefined =>
  walks.find(({ day }) => day <= from && day > addDays(from, -BUDS_LAST_DAYS));

/** The mean of own counts, drawn to what is usual for the crop as long as they are few; none before any was seen. */
function usualFlowers(plants: readonly Counted[], sex: Sex, from: Day): number {
  const since = addDays(from, -USUAL_DAYS);
  const walks = plants.flatMap((counted) => counted.walks.filter(({ day }) => day >= since && day <= from));
  const any = plants.some(({ walks: all }) => all.some((walk) => walk.eve[sex] + walk.green[sex] > 0));
  if (!any) return 0;
  const sum = walks.reduce((all, walk) => all + walk.eve[sex], 0);
  return (sum + USUAL_WEIGHT * USUAL_FLOWERS[sex]) / (walks.length + USUAL_WEIGHT);
}

/** Each count of eve buds with the one before it. */
function comparisonsOf(
  { walks }: Counted,
  sex: Sex,
  usual: number,
  from: Day,
  development: (day: Day) => number,
): (Comparison & { readonly day: Day })[] {
  const past = walks.filter(({ day }) => day <= from);
  return past.slice(0, -1).flatMap((walk, i) => {
    const before = past[i + 1]!;
    const days = daysBetween(before.day, walk.day);
    if (days >= BUDS_LAST_DAYS) return [];
    return [
      {
        day: walk.day,
        seen: seenOn(before, sex),
        development: passedUntil(before.day, days, development),
        usual,
        opened: walk.eve[sex],
      },
    ];
  });
}

/** For each pace of the model, flowers on each day of the forecast. */
type Means = ReadonlyMap<number, readonly number[]>;

/** What to expect under a model. Plants with the same buds at the same time are worked out once. */
function expecter(model: BudModel, days: readonly Day[], development: (day: Day) => number) {
  const paces = [...new Set(model.habits.map(({ pace }) => pace))];
  const knownMeans = new Map<string, Means>();
  const knownTogether = new Map<Means, Expected[]>();
  const [from] = days as [Day];
  const means = ({ walks }: Counted, sex: Sex, usual: number): Means => {
    const last = lastCount(walks, from);
    const seen = last && seenOn(last, sex);
    const key = JSON.stringify([last?.day, seen, usual]);
    const known = knownMeans.get(key);
    if (known) return known;
    const ago = last ? daysBetween(last.day, from) : 0;
    const passed = last && passedUntil(last.day, ago + days.length - 1, development);
    const found: Means = new Map(
      paces.map((pace) => [
        pace,
        seen && passed ? expectedOpen(seen, passed, usual, pace).slice(ago) : days.map(() => usual),
      ]),
    );
    knownMeans.set(key, found);
    return found;
  };
  const together = (plants: readonly Means[]): Expected[] => {
    const [only] = plants;
    const known = plants.length === 1 && only ? knownTogether.get(only) : undefined;
    if (known) return known;
    const found = days.map((_, day) =>
      expectedOf(
        chancesOfOpen(model, (pace) => {
          const each = plants.map((plant) => plant.get(pace)![day]!);
          return {
            sum: each.reduce((sum, mean) => sum + mean, 0),
            squares: each.reduce((sum, mean) => sum + mean * mean, 0),
          };
        }),
      ),
    );
    if (plants.length === 1 && only) knownTogether.set(only, found);
    return found;
  };
  return { means, together };
}

/** Where only males have shown so far: the first of them, and what is usual after it. */
function firstFemales(plants: readonly Counted[], from: Day): readonly [Day, Day] | undefined {
  const walks = plants.flatMap(({ walks: all }) => all);
  const has = (walk: Walk, sex: Sex): boolean => walk.eve[sex] + walk.green[sex] + (walk.pin?.[sex] ?? 0) > 0;
  if (walks.some((walk) => has(walk, 'female'))) return undefined;
  const males = walks.filter((walk) => walk.eve.male > 0).map(({ day }) => day);
  if (males.length === 0) return undefined;
  const first = males.reduce((a, b) => (a < b ? a : b));
  const [soon, late] = FEMALES_AFTER_DAYS;
  const latest = (day: Day): Day => (day < from ? from : day);
  return [latest(addDays(first, soon)), latest(addDays(first, late))];
}
