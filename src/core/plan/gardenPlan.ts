import { pollenNeeds, type NeedReason } from '../crossing/needs';
import {
  isolationReports,
  type GrownVariety,
  type IsolationQuestion,
  type IsolationReport,
} from '../crossing/isolation';
import { fromGate, placesOf, type Place } from '../garden/places';
import { groupBy } from '../groupBy';
import type { Journal } from '../journal/journal';
import type { Garden, Variety } from '../journal/state';
import { mothersReport, type MothersReport } from '../population/mothers';
import type { Reason } from '../reason';
import { climateAt, temperaturesBy } from '../season/climate';
import type { DayTemperatures } from '../season/degreeDays';
import { floweringOf, type FloweringForecast } from '../season/flowering';
import { seasonAt } from '../fruit/fruits';
import type { Day } from '../time/types';

/** What the plan knows of one variety. */
export interface PlannedVariety {
  readonly variety: Variety;
  readonly places: readonly Place[];
  readonly flowering: FloweringForecast | undefined;
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

/** Temperatures of any day at a garden: noted, else by its climate. */
export function temperaturesAt(journal: Journal, garden: Garden): (day: Day) => DayTemperatures {
  const climate = journal.all('surroundings').get('')?.climate ?? climateAt(garden.latitude);
  return temperaturesBy(climate, garden.latitude, journal.all('weather'));
}

/** Plants standing and their varieties, when each flowers, and what lies around, as of a day. */
export function gardenPlan(journal: Journal, garden: Garden, today: Day): GardenPlan {
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const places = placesOf(standing, journal.all('bed'));
  const byVariety = groupBy(standing, ({ variety }) => variety);
  const temperatures = temperaturesAt(journal, garden);
  const { season, to } = seasonAt(journal, today);
  const end = season === '' ? undefined : to;
  const firstCovered = firstMornings(journal);
  const varieties = [...journal.all('variety').values()].map((variety): PlannedVariety => {
    const covered = firstCovered.get(variety.variety);
    const seen = [variety.firstFlower ?? [], (covered ?? '') > (variety.sowing?.day ?? '') ? covered! : []]
      .flat()
      .sort()[0];
    return {
      variety,
      places: (byVariety.get(variety.variety) ?? []).flatMap(({ plant }) => places.get(plant) ?? []),
      flowering: floweringOf(
        {
          crop: variety.crop,
          ...(variety.sowing && { sowing: variety.sowing }),
          ...(variety.daysToFlower !== undefined && { daysToFlower: variety.daysToFlower }),
          ...(seen && { firstFlower: seen }),
        },
        temperatures,
        end,
      ),
    };
  });
  return { varieties, question: questionOf(journal, varieties) };
}

/** The first morning for which a flower of each variety was marked. */
function firstMornings(journal: Journal): Map<string, Day> {
  const plants = journal.all('plant');
  const first = new Map<string, Day>();
  for (const { plant, morning } of journal.all('flower').values()) {
    const variety = plants.get(plant)?.variety;
    if (!variety || !morning) continue;
    const held = first.get(variety);
    if (!held || morning < held) first.set(variety, morning);
  }
  return first;
}

function questionOf(journal: Journal, varieties: readonly PlannedVariety[]): IsolationQuestion {
  return {
    varieties: varieties.map(({ variety, places, flowering }): GrownVariety => {
      const { crop, purpose, traits } = variety;
      return {
        id: variety.variety,
        crop,
        purpose,
        places,
        ...(traits.kernel && { kernel: traits.kernel }),
        ...(traits.style && { style: traits.style }),
        ...(flowering && { flowering: [flowering.first, flowering.last] as const }),
      };
    }),
    outside: [...journal.all('outside').values()].map(
      ({ source, crop, kernel, distance, bearing, radius, plants, sure, flowering }) => ({
        id: source,
        crop,
        ...(kernel && { kernel }),
        middle: fromGate(distance, bearing),
        radius,
        plants,
        sure,
        ...(flowering && { flowering: [flowering.from, flowering.to] as const }),
      }),
    ),
    barriers: [...journal.all('barrier').values()],
    ground: journal.all('surroundings').get('')?.ground ?? 'mixed',
  };
}

/** How much it matters that a variety stays pure: the strictest purpose first. */
const CARE = ['rareOrSold', 'seedToKeep', 'seedForFun', 'eat'] as const;
const BAD = ['tooNear', 'watch', 'guarded', 'alone', 'nothingAsked'] as const;

/** What there is to say of each variety, the most endangered first. */
export function varietyReports(plan: GardenPlan): VarietyReport[] {
  const isolation = isolationReports(plan.question);
  const pollen = plan.varieties.map(({ variety, places }) => ({
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
        needs: pollenNeeds(pollen[i]!, pollen),
        mothers: mothersReport({
          crop,
          purpose,
          plants: planned.places.length,
          ...(fruitWanted !== undefined && { fruitWanted }),
        }),
      };
    })
    .sort(
      (a, b) =>
        BAD.indexOf(a.isolation.verdict) - BAD.indexOf(b.isolation.verdict) ||
        CARE.indexOf(a.variety.purpose) - CARE.indexOf(b.variety.purpose) ||
        b.isolation.foreign.share - a.isolation.foreign.share ||
        a.variety.name.localeCompare(b.variety.name, 'en'),
    );
}
