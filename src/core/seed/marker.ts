import type { Journal } from '../journal/journal';
import { isF1, lotDescent, type Descent } from './descent';
import { sownAs } from './sownAs';

/**
 * What the plants of an F1 should show that their mother does not, where whoever planned the cross said so: a plant
 * without it came of its mother's own pollen.
 *
 * @example markerOf(journal, lotDescent(journal, 'l1')) // 'purple stem'
 */
export function markerOf(journal: Journal, descent: Descent): string | undefined {
  if (!isF1(descent)) return undefined;
  const said = [...journal.all('mating').values()].filter(
    ({ mother, father, marker }) =>
      marker !== undefined && mother === descent.mother && father === descent.father,
  );
  // Of crosses of the same two in several years the latest.
  return said.reduce<(typeof said)[number] | undefined>(
    (latest, each) => (latest && latest.from >= each.from ? latest : each),
    undefined,
  )?.marker;
}

/**
 * What a plant should show that was grown from the seed of a cross.
 *
 * @example markerOnPlant(journal, 'p1') // undefined, of a plant of a line
 */
export function markerOnPlant(journal: Journal, plant: string): string | undefined {
  // Without one there is nothing to look for, and most gardens have none.
  if (![...journal.all('mating').values()].some(({ marker }) => marker !== undefined)) return undefined;
  const from = sownAs(journal, plant, undefined)?.from;
  return from && markerOf(journal, lotDescent(journal, from.lot, from.until));
}
