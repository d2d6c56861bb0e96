import type { Journal } from '../journal/journal';
import { leftWithoutPollen } from '../journal/pollinations';
import { cohortOfVisit } from './cohortOfVisit';
import type { OpenPlant } from './openNow';

/** What became of the open females of a morning. */
export interface OpenMorning {
  readonly pollinated: number;
  readonly withoutPollen: number;
}

/**
 * How many females of some plants were pollinated, and how many got no pollen.
 *
 * @example openMorning(new Journal(), []) // { pollinated: 0, withoutPollen: 0 }
 */
export function openMorning(journal: Journal, plants: readonly OpenPlant[]): OpenMorning {
  const blooms = plants.flatMap(
    ({ plant, variety, day }) => journal.all('bloom').get(cohortOfVisit(plant.plant, variety, day)) ?? [],
  );
  return {
    pollinated: blooms.reduce((sum, { pollination, count }) => sum + (pollination ? count : 0), 0),
    withoutPollen: blooms.reduce((sum, bloom) => sum + leftWithoutPollen(bloom), 0),
  };
}
