import type { Journal } from './journal';
import { pollinationsOf } from './pollinations';
import type { Bloom } from './state';

/**
 * The plants whose pollen a flower got, once for each male; those of mixed pollen are known by what went into it.
 *
 * @returns nothing where one of them is not known.
 * @example fathersOf(journal, bloom) // ['p2', 'p3', 'p3']
 */
export function fathersOf(journal: Journal, bloom: Bloom): string[] {
  const donors = pollinationsOf(bloom).flatMap((each) => each.donors);
  const plants = donors.flatMap(({ plant, bloom: male }) => {
    const mixed = journal.all('pollen').get(male);
    return mixed ? mixed.of.map((each) => journal.all('bloom').get(each)?.plant) : [plant];
  });
  return plants.every((plant) => plant !== undefined && plant !== '') ? (plants as string[]) : [];
}
