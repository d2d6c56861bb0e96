import { cropOf } from '../../crops/catalogue';
import { isOnPlant } from '../../fruit/fruitHistory';
import { fruitOf, type Fruit } from '../../fruit/fruits';
import type { Stop } from '../../journal/kinds/stops';
import type { Bloom } from '../../journal/state';
import { MS_PER_MINUTE } from '../../time/calendar';
import type { Day } from '../../time/types';
import type { Became, ChoreContext, Operation, SeenOfStop } from './operation';

/** What all operations share that touch no pollen. The time they take is our default. */
export const WITHOUT_POLLEN = {
  mother: () => undefined,
  donors: () => [],
  malesHeld: () => [],
  pollen: () => undefined,
  lasts: () => 0.5 * MS_PER_MINUTE,
  canBeLate: false,
  wrong: [],
} as const satisfies Partial<Operation<Stop>>;

/**
 * Fruit of the outing's crops that began from a day on and is still on plants that stand.
 *
 * @param asks of which blooms: what is asked first costs nothing for the others.
 */
export function fruitOnPlants(
  { journal, garden, day, isWorked }: ChoreContext,
  from: Day,
  asks: (bloom: Bloom) => boolean,
): Fruit[] {
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  return journal.bloomsBetween(from, day).flatMap((bloom) => {
    if (!asks(bloom)) return [];
    const plant = plants.get(bloom.plant);
    const variety = varieties.get(plant?.variety ?? '');
    if (!variety || plant?.removed || !isWorked(cropOf(variety.crop))) return [];
    const fruit = fruitOf(journal, garden, day, bloom);
    return fruit?.histories.some(isOnPlant) ? [fruit] : [];
  });
}

/** Done once something was recorded of each of the blooms: when of the last of them. */
export function becameOfEach(
  ids: readonly string[],
  { blooms }: SeenOfStop,
  endOf: (bloom: Bloom) => { readonly at: string } | undefined,
): Became | undefined {
  const ends = ids.map((id) => {
    const bloom = blooms.get(id);
    return bloom && endOf(bloom);
  });
  const last = ends.at(-1);
  return last && ends.every(Boolean) ? { at: last.at, outcome: 'done' } : undefined;
}
