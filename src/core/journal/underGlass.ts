import type { CropId } from '../crops/catalogue';
import type { Day } from '../time/types';
import type { GardenView } from './gardenOn';
import type { Journal } from './journal';
import { gardensOf } from './past';
import { perRevision } from './perRevision';
import type { Plant } from './state';

/** Where plants stand: in the open, all of them under glass, or some of them, or nobody can say. */
export type Shelter = 'open' | 'glass' | 'both';

/**
 * Does a plant stand in a bed under glass, film or the like?
 *
 * @example isUnderGlass(journal, { bed: 'b' }) // false where nobody said so
 */
export const isUnderGlass = (garden: Pick<GardenView, 'all'>, { bed }: Pick<Plant, 'bed'>): boolean =>
  garden.all('bed').get(bed)?.glass === true;

type Shelters = ReadonlyMap<CropId, Shelter>;

const either = (one: Shelter | undefined, other: Shelter): Shelter =>
  one === undefined || one === other ? other : 'both';

function sheltersIn(garden: Pick<GardenView, 'all'>): Shelters {
  const found = new Map<CropId, Shelter>();
  const varieties = garden.all('variety');
  for (const plant of garden.all('plant').values()) {
    const crop = varieties.get(plant.variety)?.crop;
    if (plant.removed || crop === undefined) continue;
    found.set(crop, either(found.get(crop), isUnderGlass(garden, plant) ? 'glass' : 'open'));
  }
  return found;
}

const sheltersNow = perRevision(sheltersIn);
const sheltersThen = perRevision(() => new WeakMap<object, Shelters>());

/**
 * Where the plants of a crop stand that are in the ground now; in the open where there are none.
 *
 * @example shelterOf(new Journal(), 'tomato') // 'open'
 */
export const shelterOf = (journal: Journal, crop: CropId): Shelter =>
  sheltersNow(journal).get(crop) ?? 'open';

/**
 * Where the plants of a crop stood on a day; in the open where there were none.
 *
 * @example shelterThen(new Journal(), 'tomato', '2026-07-19') // 'open'
 */
export function shelterThen(journal: Journal, crop: CropId, day: Day): Shelter {
  const known = sheltersThen(journal);
  let found: Shelter | undefined;
  for (const then of gardensOf(journal, day)) {
    const all = known.get(then) ?? sheltersIn(then);
    known.set(then, all);
    found = either(found, all.get(crop) ?? 'open');
  }
  return found ?? 'open';
}

/**
 * Where a plant stood on a day; `both` where that is in doubt.
 *
 * @example shelterOn(journal, 'p1', '2026-07-19') // 'open'
 */
export function shelterOn(journal: Journal, plant: string, day: Day): Shelter {
  let found: Shelter | undefined;
  for (const then of gardensOf(journal, day)) {
    const stood = then.all('plant').get(plant);
    found = either(found, stood && isUnderGlass(then, stood) ? 'glass' : 'open');
  }
  return found ?? 'open';
}
