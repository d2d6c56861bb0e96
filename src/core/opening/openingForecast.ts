import { cropOf, type Crop, type CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { walkId, type Sex } from '../journal/kinds/walk';
import type { Garden, Plant, Walk } from '../journal/state';
import { mildDaysOf, type TemperaturesOf } from '../season/flowering';
import { groupBy } from '../text/groupBy';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { BudsSeen } from './expectedOpen';

import {
  forecastOpenings,
  type CountedPlant,
  type ForecastRequest,
  type OpeningForecast,
} from './forecastOpenings';
import { underGlass } from '../weather/climate';
import { shelterOf } from '../journal/underGlass';
import { temperaturesAt } from './temperaturesAt';

/** Counts further back teach nothing of the buds now. Our default. */
const LEARN_DAYS = 28;

/**
 * How many flowers open on the days to come, by what buds were counted on walks, for crops whose males and females are
 * flowers of their own.
 *
 * @param from the first day of the forecast; the walk of the evening before counts its eve buds.
 * @example openingForecast(new Journal(), garden, '2026-07-19', 5).varieties // []
 */
export const openingForecast = (
  journal: Journal,
  garden: Garden,
  from: Day,
  count: number,
): OpeningForecast => forecastOpenings(forecastRequest(journal, garden, from, count));

/**
 * What such a forecast is made from: buds as they were counted, plant by plant, and how warm the days are.
 *
 * @example forecastRequest(new Journal(), garden, '2026-07-19', 5).crops // []
 */
export function forecastRequest(journal: Journal, garden: Garden, from: Day, count: number): ForecastRequest {
  const days = Array.from({ length: count }, (_, i) => addDays(from, i));
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const grown = [...groupBy(standing, ({ variety }) => variety)].flatMap(([variety, plants]) => {
    const crop = varieties.get(variety)?.crop;
    return crop && hasBudsToCount(cropOf(crop)) ? [{ crop, variety, plants }] : [];
  });
  const outside = temperaturesAt(journal, garden);
  const inside = underGlass(outside);
  return {
    days,
    crops: [...groupBy(grown, ({ crop }) => crop)].map(([crop, of]) => ({
      development: developmentOf(
        crop,
        addDays(from, -LEARN_DAYS),
        LEARN_DAYS + count,
        shelterOf(journal, crop) === 'glass' ? inside : outside,
      ),
      varieties: of.map(({ variety, plants }) => ({
        variety,
        plants: plants.map((plant) => countsOf(journal, plant, days.at(-1)!)),
      })),
    })),
  };
}

const hasBudsToCount = ({ habit, parts, hours, flower }: Crop): boolean =>
  habit !== 'perfect' && parts === undefined && hours !== undefined && flower !== undefined;

/** In mild days: what each day adds. */
function developmentOf(
  crop: CropId,
  from: Day,
  days: number,
  temperatures: TemperaturesOf,
): ReadonlyMap<Day, number> {
  const ofDay = mildDaysOf(crop, temperatures);
  return new Map(
    Array.from({ length: days }, (_, i) => {
      const day = addDays(from, i);
      return [day, ofDay(day)] as const;
    }),
  );
}

function countsOf(journal: Journal, { plant }: Plant, until: Day): CountedPlant {
  const walks = journal.all('walk');
  return {
    plant,
    counts: Array.from({ length: LEARN_DAYS }, (_, ago) => walks.get(walkId(plant, addDays(until, -ago))))
      .filter((walk): walk is Walk => walk?.scoutedEntry !== undefined)
      .map((walk) => ({
        day: walk.day,
        buds: { female: seenOf(walk, 'female'), male: seenOf(walk, 'male') },
      })),
  };
}

const seenOf = ({ eve, green, pin }: Walk, sex: Sex): BudsSeen => ({
  eve: eve[sex],
  green: green[sex],
  ...(pin && { pin: pin[sex] }),
});
