import { cropOf, protocolFor } from '../crops/catalogue';
import type { FruitHistory } from '../fruit/fruitHistory';
import { plantsIn } from '../garden/places';
import type { Journal } from '../journal/journal';
import type { Garden, Variety } from '../journal/state';
import { bearingAfter, flowersADay, type FlowersADay } from '../opening/flowersADay';
import { temperaturesAt } from '../opening/temperaturesAt';
import { techniqueOf } from '../outing/technique';
import { plannedVarieties, standingByPlanting } from '../planning/gardenPlan';
import { mildDaysOf } from '../season/flowering';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { underGlass } from '../weather/climate';

/** The flowers that a planting may open. */
export interface FlowersToCome {
  readonly plants: number;
  readonly females: FlowersADay;
  readonly males: FlowersADay;
  /** The days on which flowers that bear open, from tomorrow on. */
  readonly from: Day;
  readonly last: Day;
  /** How mild a day is: 1 for one of 15 °C to 25 °C, by which a plant opens so many more. */
  readonly mild: (day: Day) => number;
}

/** Flowers to come of a variety, and how many of its males a female takes. */
export interface VarietyToCome {
  readonly plantings: readonly FlowersToCome[];
  readonly malesEach: number;
}

/**
 * The flowers that a variety may still open this season, by when it flowers and what was counted of it.
 *
 * @param histories of its pollinated flowers, of this season.
 * @returns `undefined` where flowers are not worked one by one with pollen that is carried, or it is not known when it
 *   flowers.
 */
export function flowersToCome(
  journal: Journal,
  garden: Garden,
  today: Day,
  variety: Variety,
  histories: readonly FruitHistory[],
): VarietyToCome | undefined {
  const crop = cropOf(variety.crop);
  const meant = { mother: variety.variety, father: variety.variety, purpose: variety.purpose };
  const protocol = protocolFor(crop, meant);
  if (crop.parts !== undefined || !protocol?.collect) return undefined;
  const tomorrow = addDays(today, 1);
  const plantsOf = standingByPlanting(journal);
  const outside = temperaturesAt(journal, garden);
  const plantings = plannedVarieties(journal, garden, today, [variety]).flatMap(
    ({ planting, flowering, glass }): FlowersToCome[] => {
      const plants = plantsOf.get(planting) ?? [];
      if (plants.length === 0 || !flowering) return [];
      const mild = mildDaysOf(variety.crop, glass ? underGlass(outside) : outside);
      const { female, male } = flowersADay(journal, plants, today, mild);
      const [soon, late] = bearingAfter(crop, flowering.first, today, histories.length > 0);
      const begins = addDays(flowering.first, Math.round((soon + late) / 2));
      return [
        {
          ...{ plants: plantsIn(plants), females: female, males: male, mild },
          ...{ from: begins > tomorrow ? begins : tomorrow, last: flowering.last },
        },
      ];
    },
  );
  const malesEach = techniqueOf(journal, meant).males / protocol.collect.serves.value;
  return plantings.length > 0 ? { plantings, malesEach } : undefined;
}
