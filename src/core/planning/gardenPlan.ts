import type { Purpose, Sowing } from '../crops/variety';
import { asNearAsMayBe, fromGate, placesOfEach, type Place } from '../garden/places';
import { isolationReports, VERDICTS_WORST_FIRST, type IsolationReport } from '../isolation/isolationReport';
import { pollinationNeeds, type NeedReason } from '../isolation/pollinationNeeds';
import type { GrownVariety, IsolationQuestion } from '../isolation/question';
import { daysWithin } from '../journal/dayIndex';
import type { GardenView } from '../journal/gardenOn';
import { plantingOf, type Sown } from '../journal/plantingOf';
import { isUnderGlass } from '../journal/underGlass';
import type { Garden, Plant, Season, Variety } from '../journal/state';
import { mothersReport, type MothersReport } from '../population/mothers';
import { floweringForecast, type FloweringForecast } from '../season/flowering';
import { SEASON_DAYS } from '../journal/seasonDays';
import { seasonAt } from '../season/seasons';
import { markedDays, type SeenFlowering } from '../season/seenFlowering';
import { byId } from '../text/byId';
import { groupBy } from '../text/groupBy';
import type { Reason } from '../text/reason';
import { addDays } from '../time/calendar';
import { finished, type InSteps } from '../time/inSteps';
import type { Day } from '../time/types';
import { underGlass } from '../weather/climate';
import { temperaturesAt } from '../opening/temperaturesAt';

/** What the plan knows of one variety. */
export interface PlannedVariety {
  readonly variety: Variety;
  /** Of one that was sown more than once each planting stands by itself. */
  readonly planting: string;
  /** Was the variety sown more than once? */
  readonly several: boolean;
  readonly places: readonly Place[];
  /** The sowing that this season's plants come from. */
  readonly sowing: Sowing | undefined;
  /** Do all its plants stand under glass? */
  readonly glass: boolean;
  readonly flowering: FloweringForecast | undefined;
  /** What was seen of it this season. */
  readonly seen: SeenFlowering;
}

/** The garden as the reports see it. */
export interface GardenPlan {
  readonly varieties: readonly PlannedVariety[];
  readonly question: IsolationQuestion;
}

/** Everything the reports say of one variety. */
export interface VarietyReport extends PlannedVariety {
  readonly isolation: IsolationReport;
  readonly needs: readonly Reason<NeedReason>[];
  readonly mothers: MothersReport;
}

/**
 * Plants standing now and their varieties, when each flowers, and what is around the garden, in the season of a day.
 *
 * @param journal the garden as it is, or as it stood on a day.
 * @example gardenPlan(new Journal(), garden, '2026-07-18').varieties // []
 */
export const gardenPlan = (journal: GardenView, garden: Garden, today: Day): GardenPlan =>
  finished(gardenPlanInSteps(journal, garden, today));

/** The same, with a pause before each variety. */
export function* gardenPlanInSteps(journal: GardenView, garden: Garden, today: Day): InSteps<GardenPlan> {
  const varieties = yield* plannedInSteps(journal, garden, today, journal.all('variety').values());
  return { varieties, question: isolationQuestion(journal, varieties, seasonAt(journal, today)) };
}

/**
 * What the plan knows of some varieties, a planting each.
 *
 * @example plannedVarieties(journal, garden, '2026-07-18', []) // []
 */
export const plannedVarieties = (
  ...[journal, garden, today, which]: Parameters<typeof plannedInSteps>
): PlannedVariety[] => finished(plannedInSteps(journal, garden, today, which));

function* plannedInSteps(
  journal: GardenView,
  garden: Garden,
  today: Day,
  which: Iterable<Variety>,
): InSteps<PlannedVariety[]> {
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const places = placesOfEach(standing, asNearAsMayBe(journal.all('bed')));
  const byVariety = groupBy(standing, ({ variety }) => variety);
  yield undefined;
  const outside = temperaturesAt(journal, garden);
  const inside = underGlass(outside);
  const season = seasonAt(journal, today);
  const seasonEnd = season.season === '' ? undefined : season.to;
  const lastDay = seasonEnd ?? addDays(season.to, SEASON_DAYS);
  const marked = markedDays(journal, addDays(season.from, -SOWN_BEFORE_SEASON), lastDay);
  const plannedOf = (
    variety: Variety,
    sown: Sown,
    plants: readonly Plant[],
    { noted, several }: { noted: readonly Pick<Variety, 'flowered' | 'over'>[]; several: boolean },
  ): PlannedVariety => {
    const sowing = sowingOf(sown, season);
    const first = sowing ? addDays(sowing.day, 1) : season.from;
    const ofSeason = (days: Iterable<Day>): Day[] => daysWithin(new Set(days), first, lastDay);
    const firsts = noted.flatMap(({ flowered }) => flowered);
    const seen = {
      days: ofSeason([...firsts, ...(marked.get(sown.planting) ?? [])]),
      firsts: ofSeason(firsts),
      over: ofSeason(noted.flatMap(({ over }) => over)),
    };
    const question = {
      crop: variety.crop,
      seen,
      ...(sowing && { sowing }),
      ...(sown.daysToFlower !== undefined && { daysToFlower: sown.daysToFlower }),
    };
    const glass = plants.length > 0 && plants.every((plant) => isUnderGlass(journal, plant));
    return {
      variety,
      planting: sown.planting,
      several,
      sowing,
      glass,
      places: plants.flatMap(({ plant }) => places.get(plant) ?? []),
      flowering: floweringForecast(question, glass ? inside : outside, seasonEnd),
      seen,
    };
  };
  const planned: PlannedVariety[] = [];
  for (const variety of which) {
    yield undefined;
    const plants = byVariety.get(variety.variety) ?? [];
    const sown = plantingsAmong(journal, variety, plants);
    for (const [i, { planting, plants: own }] of sown.entries()) {
      // What was noted of no planting in particular is about the first that was sown.
      const noted = [
        ...(i === 0 ? [variety] : []),
        ...[journal.all('planting').get(planting.planting) ?? []].flat(),
      ];
      planned.push(plannedOf(variety, planting, own, { noted, several: sown.length > 1 }));
    }
  }
  return planned;
}

/** How long before the season plants of it may be sown, days. Our default: beans and peas stand over winter. */
const SOWN_BEFORE_SEASON = 120;

/** The sowing that this season's plants come from; one of an earlier year says nothing of them. */
const sowingOf = ({ sowing }: Sown, season: Season): Sowing | undefined =>
  sowing && sowing.day >= addDays(season.from, -SOWN_BEFORE_SEASON) ? sowing : undefined;

interface PlantingOf {
  readonly planting: Sown;
  readonly plants: readonly Plant[];
}

/** The plantings that some plants of a variety come from, the earliest sown first; without plants its only one. */
function plantingsAmong(journal: GardenView, variety: Variety, plants: readonly Plant[]): PlantingOf[] {
  if (plants.length === 0) return [{ planting: plantingOf(journal, {}, variety), plants }];
  return [...groupBy(plants, (plant) => plantingOf(journal, plant, variety).planting).values()]
    .map((own) => ({ planting: plantingOf(journal, own[0]!, variety), plants: own }))
    .sort(({ planting: a }, { planting: b }) => {
      const [one, other] = [a.sowing?.day ?? '', b.sowing?.day ?? ''];
      return one < other ? -1 : one > other ? 1 : a.planting < b.planting ? -1 : 1;
    });
}

/**
 * The plants that stand, by the planting they come from, in the order of their ids.
 *
 * @example standingByPlanting(journal).get(planting.planting)?.length // 6
 */
export function standingByPlanting(journal: GardenView): ReadonlyMap<string, readonly Plant[]> {
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  standing.sort((a, b) => byId(a.plant, b.plant));
  return groupBy(standing, (plant) => {
    const variety = journal.all('variety').get(plant.variety);
    return variety ? plantingOf(journal, plant, variety).planting : '';
  });
}

function isolationQuestion(
  journal: GardenView,
  varieties: readonly PlannedVariety[],
  season: Season,
): IsolationQuestion {
  return {
    varieties: varieties.map(({ variety, places, flowering, seen }): GrownVariety => {
      const { crop, purpose, traits } = variety;
      return {
        id: variety.variety,
        crop,
        purpose,
        places,
        ...(traits.endosperm && { endosperm: traits.endosperm }),
        ...(traits.style && { style: traits.style }),
        ...(traits.parthenocarpic && { parthenocarpic: true }),
        ...(traits.gynoecious && { gynoecious: true }),
        ...(traits.seedless && { seedless: true }),
        ...(flowering && { flowering: [flowering.first, flowering.last] as const }),
        seen,
      };
    }),
    outside: [...journal.all('outside').values()].map(
      ({ source, crop, endosperm, distance, bearing, radius, plants, sure, flowering }) => ({
        id: source,
        crop,
        ...(endosperm && { endosperm }),
        middle: fromGate(distance, bearing),
        radius,
        plants,
        certainty: sure,
        // What flowered before this season says nothing of it.
        ...(flowering &&
          flowering.to >= season.from && { flowering: [flowering.from, flowering.to] as const }),
      }),
    ),
    barriers: [...journal.all('barrier').values()],
    ground: journal.all('surroundings').get('')?.ground ?? 'mixed',
    looked: journal.all('surroundings').get('')?.looked ?? [],
  };
}

/** How much it matters that a variety stays pure: the strictest purpose first. */
const STRICTEST_FIRST: readonly Purpose[] = ['rareOrSold', 'seedToKeep', 'seedForFun', 'eat'];
const shareOf = ({ isolation }: VarietyReport): number => isolation.outcrossing?.share ?? 0;

/** Of the others no more risks are named: a list of what is at risk names the greatest. Our default. */
const MOST_NAMED = 12;

/**
 * As `varietyReports`, with all risks of one variety and the greatest of the others: of hundreds of varieties that cross
 * all would be tens of thousands.
 *
 * @param whole the variety of which all are wanted.
 * @example reportsAbout(plan, 'v').find(({ variety }) => variety.variety === 'v').isolation.risks // all of them
 */
export const reportsAbout = (plan: GardenPlan, whole: string | undefined): VarietyReport[] =>
  varietyReports(plan).map((report) =>
    report.variety.variety === whole
      ? report
      : {
          ...report,
          isolation: { ...report.isolation, risks: report.isolation.risks.slice(0, MOST_NAMED) },
        },
  );

/**
 * What there is to say of each variety, those most at risk first.
 *
 * @example varietyReports(plan)[0].isolation.verdict // 'tooClose', if any variety is
 */
export function varietyReports(plan: GardenPlan): VarietyReport[] {
  const isolation = isolationReports(plan.question);
  const plants = new Map<string, number>();
  for (const { variety, places } of plan.varieties)
    plants.set(variety.variety, (plants.get(variety.variety) ?? 0) + places.length);
  const varieties = plan.varieties.map(({ variety, places }) => ({
    id: variety.variety,
    crop: variety.crop,
    traits: variety.traits,
    purpose: variety.purpose,
    seedSource: variety.seedSource,
    plants: places.length,
  }));
  return plan.varieties
    .map((planned, i): VarietyReport => {
      const { crop, purpose, fruitWanted } = planned.variety;
      return {
        ...planned,
        isolation: isolation[i]!,
        needs: pollinationNeeds(varieties[i]!, varieties),
        mothers: mothersReport({
          crop,
          purpose,
          // All its plantings together keep a variety.
          plants: plants.get(planned.variety.variety)!,
          ...(fruitWanted !== undefined && { fruitWanted }),
        }),
      };
    })
    .sort(
      (a, b) =>
        VERDICTS_WORST_FIRST.indexOf(a.isolation.verdict) -
          VERDICTS_WORST_FIRST.indexOf(b.isolation.verdict) ||
        STRICTEST_FIRST.indexOf(a.variety.purpose) - STRICTEST_FIRST.indexOf(b.variety.purpose) ||
        shareOf(b) - shareOf(a) ||
        a.variety.name.localeCompare(b.variety.name, 'en') ||
        (a.planting < b.planting ? -1 : 1),
    );
}
