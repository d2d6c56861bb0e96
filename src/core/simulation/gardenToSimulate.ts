import { cropOf, isPollinatedByFlower, protocolFor, type Crop } from '../crops/catalogue';
import type { Span } from '../crops/crop';
import { outingOf, type Outing } from '../crops/outing';
import { wantsSeed } from '../crops/variety';
import { believedSet } from '../fruit/believedSet';
import { setByInsects } from '../fruit/countedSet';
import { isOnPlant } from '../fruit/fruitHistory';
import type { Fruit } from '../fruit/fruits';
import { ASKED_FOR_DAYS } from '../fruit/ripe';
import { ripeAfter, ripeningOf } from '../fruit/ripening';
import { keptDay } from '../fruit/setVerdict';
import { plantsIn } from '../garden/places';
import { climateOf } from '../journal/climateOf';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import type { Garden, Plant } from '../journal/state';
import { bearingAfter, flowersADay } from '../opening/flowersADay';
import { windowsOf } from '../opening/windowsOf';
import { temperaturesAt } from '../opening/temperaturesAt';
import { STEP_MS, worthByTime } from '../opening/worth';
import type { OpeningWindow } from '../opening/openingWindow';
import { nextFrost } from '../outcome/lastUseful';
import { techniqueOf } from '../outing/technique';
import { gardenPlan, standingByPlanting, type PlannedVariety } from '../planning/gardenPlan';
import { VISIT_MS } from '../round/roundJobs';
import { mildDaysOf, type TemperaturesOf } from '../season/flowering';
import { seasonAt } from '../season/seasons';
import { designEffect } from '../statistics/wilson';
import { quantilesOf, type Belief } from '../statistics/sharesAmong';
import { byId } from '../text/byId';
import { groupBy } from '../text/groupBy';
import { addDays, daysBetween, MS_PER_MINUTE } from '../time/calendar';
import { finished, type InSteps } from '../time/inSteps';
import type { Day } from '../time/types';
import { underGlass } from '../weather/climate';
import type { HangingFruit, SimulatedGarden, SimulatedPlanting } from './simulatedGarden';

/** Why a variety is not played. */
export type NotPlayed = 'notByHand' | 'fewParts' | 'noTime' | 'notKnownWhen';

export interface GardenToSimulate {
  readonly garden: SimulatedGarden;
  /** What stands and is not played. */
  readonly left: readonly { readonly variety: string; readonly why: NotPlayed }[];
  /** Each variety by itself, sown once more on the day of its sowing; those left out of which that is not known. */
  readonly sownAgain: ReadonlyMap<string, SimulatedGarden>;
}

/** Of flowers left to insects in a garden of which nobody knows, so many are kept, weighing as much as four. Our default. */
const INSECTS_KEEP = 0.35;
const INSECTS_WEIGH = 4;
const QUANTILES = 200;
/** The hours of this many days ahead stand for those of the season. Our default. */
const HOURS_OF_DAYS_AHEAD = 14;
/** From one plant to the next on a round, minutes. Our default. */
const WALK_MIN = 0.2;
/** Where hours are not known any hour of so many is as good as another. */
const FLAT_POINTS = 30;

/**
 * A garden as it stands, in the numbers that seasons are played from: what flowers, how much and when, what is believed
 * of its set, what hangs already.
 *
 * @param fruits of the season.
 * @example gardenToSimulate(new Journal(), garden, '2026-07-19', []).garden.plantings // []
 */
export const gardenToSimulate = (
  ...[journal, garden, today, fruits]: Parameters<typeof gardenToSimulateInSteps>
): GardenToSimulate => finished(gardenToSimulateInSteps(journal, garden, today, fruits));

/** The same, with a pause before each planting. */
export function* gardenToSimulateInSteps(
  journal: Journal,
  garden: Garden,
  today: Day,
  fruits: readonly Fruit[],
): InSteps<GardenToSimulate> {
  const left: { variety: string; why: NotPlayed }[] = [];
  const plantsOf = standingByPlanting(journal);
  const planned = gardenPlan(journal, garden, today).varieties.flatMap((each) => {
    const plants = plantsOf.get(each.planting) ?? [];
    return plants.length > 0 ? [{ ...each, plants }] : [];
  });
  // Chance is drawn by their places in the list: the same on every phone.
  planned.sort((a, b) => byId(a.planting, b.planting));
  yield undefined;
  const hours = hoursAt(journal, garden, addDays(today, HOURS_OF_DAYS_AHEAD));
  const outside = temperaturesAt(journal, garden);
  const inside = underGlass(outside);
  const climate = climateOf(journal, garden);
  const earlyFrost = journal.all('surroundings').get('')?.earlyFrost;
  const standsFrom = (from: Day): Omit<SimulatedGarden, 'plantings'> => ({
    ...{ from, latitude: garden.latitude, climate },
    ...(earlyFrost !== undefined && { earlyFrost: daysBetween(from, nextFrost(earlyFrost, from)) }),
  });
  const sownAgain = new Map<string, SimulatedGarden>();
  const ofVariety = groupBy(fruits, ({ variety }) => variety.variety);
  const plantings: SimulatedPlanting[] = [];
  for (const [i, each] of planned.entries()) {
    yield undefined;
    const all = ofVariety.get(each.variety.variety) ?? [];
    // What hung on plants that are gone is told with the first planting.
    const others = new Set(
      planned
        .filter((other, at) => at !== i && other.variety === each.variety)
        .flatMap(({ plants }) => plants.map(({ plant }) => plant)),
    );
    const here = new Set(each.plants.map(({ plant }) => plant));
    const isFirst = planned.findIndex(({ variety }) => variety === each.variety) === i;
    const built = plantingToSimulate(each, {
      ...{ journal, today, hours, temperatures: each.glass ? inside : outside },
      fruits: all,
      own: all.filter(({ plant }) => here.has(plant.plant) || (isFirst && !others.has(plant.plant))),
    });
    if (typeof built !== 'string') {
      const { variety, sowing } = each;
      const again = sownOnceMore(each, built, each.glass ? inside : outside);
      if (sowing && again && !sownAgain.has(variety.variety))
        sownAgain.set(variety.variety, { ...standsFrom(sowing.day), plantings: [again] });
      plantings.push(built);
    } else left.push({ variety: each.variety.variety, why: built });
  }
  const season = seasonAt(journal, today);
  return {
    ...{ left, sownAgain },
    garden: {
      ...standsFrom(today),
      plantings,
      ...(season.season !== '' && { endsIn: daysBetween(today, season.to) }),
    },
  };
}

/** What is not worked flower by flower, with pollen that is carried, is not played. */
function whyNot(crop: Crop, protocol: ReturnType<typeof protocolFor>): NotPlayed | undefined {
  const { parts, protocols } = crop;
  if ((parts?.bearing === 'ear' || parts?.bearing === 'head') && protocols.seed) return 'fewParts';
  return isPollinatedByFlower(crop) && protocol?.collect ? undefined : 'notByHand';
}

interface Grown extends PlannedVariety {
  readonly plants: readonly Plant[];
}

interface Known {
  readonly journal: Journal;
  readonly today: Day;
  readonly hours: HoursAt;
  readonly temperatures: TemperaturesOf;
  /** Of the variety, and of this planting. */
  readonly fruits: readonly Fruit[];
  readonly own: readonly Fruit[];
}

function plantingToSimulate(grown: Grown, known: Known): SimulatedPlanting | NotPlayed {
  const { variety, plants, glass, flowering } = grown;
  const { journal, today, hours, temperatures, fruits, own } = known;
  const crop = cropOf(variety.crop);
  const meant = { mother: variety.variety, father: variety.variety, purpose: variety.purpose };
  const protocol = protocolFor(crop, meant);
  const why = whyNot(crop, protocol);
  if (why) return why;
  if (!flowering) return 'notKnownWhen';
  const forSeed = wantsSeed(variety.purpose);
  const ripens = ripeAfter(variety.crop, forSeed ? 'seed' : 'eat');
  if (!ripens || !crop.hours || !protocol?.collect) return 'notKnownWhen';
  const technique = techniqueOf(journal, meant);
  const mild = mildDaysOf(variety.crop, temperatures);
  const flowers = flowersADay(journal, plants, today, mild);
  const flowersFor = daysBetween(flowering.first > today ? flowering.first : today, flowering.last) + 1;
  const histories = fruits.flatMap((fruit) => fruit.histories);
  const hanging = hangingOn(plants, own, (age) => ripenedIn(ripens, mild, today, age)).filter(
    ({ age }) => age <= ripens[1] + ASKED_FOR_DAYS,
  );
  if (flowersFor <= 0 && hanging.length === 0) return 'noTime';
  const outing = outingOf({ hours: crop.hours });
  const { collect, pollinate } = protocol;
  const each = pollinate.takes.value * technique.times + collect.takes.value * technique.males;
  const bearsAfter = bearingAfter(crop, flowering.first, today, histories.length > 0);
  return {
    ...{ variety: variety.variety, crop: variety.crop, forSeed, glass, plants: plantsIn(plants) },
    startsIn: flowering.first > today ? mildDaysUntil(flowering.first, today, mild) : 0,
    flowersFor: Math.max(0, flowersFor),
    bearsAfter,
    ...{ females: flowers.female, males: flowers.male },
    ...{ malesWanted: technique.males, serves: collect.serves.value, covered: technique.cover !== 'none' },
    takes: each / 60 + VISIT_MS / MS_PER_MINUTE + WALK_MIN,
    ...{ outing, worth: hours(crop, outing, technique.cover !== 'none') },
    kept: quantilesOf(believedSet(variety.crop, histories, keptDay).belief, QUANTILES),
    insects: quantilesOf(byInsects(fruits), QUANTILES),
    hanging,
    picked: pickedOf(own),
    pickedCovered: pickedOf(own.filter(({ bloom }) => isCovered(bloom))),
    doneToday: own.some((fruit) =>
      fruit.histories.some(({ age, followed }) => age === 0 && followed === 'pollinated'),
    ),
    ripensIn: ripens,
    dropsBy: crop.looks.kept.value,
    ...(crop.seedFruits && { most: crop.seedFruits.value[1] }),
  };
}

/** The same planting from its sowing on, with nothing on its plants yet. */
function sownOnceMore(
  { sowing, flowering, variety }: Grown,
  planting: SimulatedPlanting,
  temperatures: TemperaturesOf,
): SimulatedPlanting | undefined {
  if (!sowing || !flowering || flowering.first <= sowing.day) return undefined;
  return {
    ...planting,
    ...{ hanging: [], picked: 0, pickedCovered: 0, doneToday: false },
    startsIn: mildDaysUntil(flowering.first, sowing.day, mildDaysOf(variety.crop, temperatures)),
    flowersFor: daysBetween(flowering.first, flowering.last) + 1,
    bearsAfter: cropOf(variety.crop).bearingAfterMales?.value ?? [0, 0],
  };
}

function mildDaysUntil(first: Day, today: Day, mild: (day: Day) => number): number {
  let sum = 0;
  for (let day = today; day < first; day = addDays(day, 1)) sum += mild(day);
  return sum;
}

const pickedOf = (fruits: readonly Fruit[]): number =>
  fruits
    .flatMap(({ histories }) => histories)
    .filter(({ harvested, ended }) => harvested !== undefined || ended?.how === 'eaten').length;

/** How much of its ripening a fruit of an age has behind it. */
function ripenedIn(span: Span, mild: (day: Day) => number, today: Day, age: number): number {
  let sum = 0;
  for (let before = 0; before < age; before += 1) sum += ripeningOf(span, mild(addDays(today, -before)));
  return sum;
}

function hangingOn(
  plants: readonly Plant[],
  fruits: readonly Fruit[],
  ripenedAt: (age: number) => number,
): HangingFruit[] {
  const place = new Map<string, number>();
  let next = 0;
  for (const { plant, count = 1 } of plants) {
    place.set(plant, next);
    next += count;
  }
  return fruits.flatMap(({ plant: { plant }, bloom, histories }) => {
    const at = place.get(plant);
    if (at === undefined) return [];
    return histories
      .filter((history) => isOnPlant(history) && history.followed !== 'control')
      .map(({ age, lastGrowing }) => ({
        ...{ plant: at, age, ripened: ripenedAt(age), grew: lastGrowing, covered: isCovered(bloom) },
      }));
  });
}

/** The share of flowers left to insects that is kept: a guess, moved by what insects alone set here. */
function byInsects(fruits: readonly Fruit[]): Belief {
  const clusters = setByInsects(fruits);
  const effect = designEffect(clusters);
  const hits = clusters.reduce((sum, own) => sum + own.hits, 0) / effect;
  const of = clusters.reduce((sum, own) => sum + own.of, 0) / effect;
  const a = INSECTS_KEEP * INSECTS_WEIGH + hits;
  return { betas: [{ a, b: INSECTS_WEIGH + of - a, weight: 1 }] };
}

/** What each ten minutes of an outing are worth to a crop, from the outing's first opening. */
type HoursAt = (crop: Crop, outing: Outing, guarded: boolean) => readonly number[];

function hoursAt(journal: Journal, garden: Garden, day: Day): HoursAt {
  const crops = [...new Set([...journal.all('variety').values()].map(({ crop }) => crop))];
  const windows = windowsOf(journal, garden, day, crops);
  const byOuting = groupBy([...windows.values()], (window) =>
    outingOf({ hours: cropOf(window.crop).hours! }),
  );
  return (crop, outing, guarded) => {
    const window = windows.get(crop.id);
    if (!window) return Array.from({ length: FLAT_POINTS }, () => 1);
    const begins = Math.min(...byOuting.get(outing)!.map(({ opens }) => opens[0]));
    return worthFrom(window, begins, guarded);
  };
}

function worthFrom(window: OpeningWindow, begins: number, guarded: boolean): number[] {
  const points = worthByTime(window, { guarded });
  const before = Math.round((window.opens[0] - begins) / STEP_MS);
  const best = Math.max(...points.map(({ worth }) => worth));
  let left = 0;
  const still = points.toReversed().map(({ worth }) => (left = Math.max(left, worth)) / best);
  return [...Array.from({ length: before }, () => 1), ...still.reverse()];
}
