import { plantsIn } from '../garden/places';
import type { Journal } from '../journal/journal';
import type { Day } from '../time/types';

/** A cage as it stands on a day. */
export interface CageNow {
  readonly cage: string;
  readonly name: string;
  /** How many plants stand in it, and of which varieties. */
  readonly plants: number;
  readonly varieties: readonly string[];
  readonly today: Day;
  readonly openToday: boolean;
  /** Days on which it stood open to insects so far. */
  readonly openDays: number;
}

/**
 * The cages that stand, by name. One that holds nothing was taken away.
 *
 * @example cagesNow(new Journal(), '2026-07-19') // []
 */
export function cagesNow(journal: Journal, today: Day): CageNow[] {
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  return [...journal.all('cage').values()]
    .filter((cage) => cage.plants.length > 0)
    .map(({ cage, name, plants: held, openOn }): CageNow => {
      const standing = held.flatMap((id) => plants.get(id) ?? []).filter(({ removed }) => !removed);
      const names = standing.flatMap(({ variety }) => varieties.get(variety)?.name ?? []);
      return {
        cage,
        name,
        plants: plantsIn(standing),
        varieties: [...new Set(names)].sort((a, b) => a.localeCompare(b, 'en')),
        today,
        openToday: openOn.includes(today),
        openDays: openOn.filter((day) => day <= today).length,
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name, 'en') || (a.cage < b.cage ? -1 : 1));
}
