import type { Journal } from '../journal/journal';
import type { Plant, Variety } from '../journal/state';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';
import { comparePlants } from '../garden/places';

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
        plants: standing.length,
        varieties: [...new Set(names)].sort((a, b) => a.localeCompare(b, 'en')),
        today,
        openToday: openOn.includes(today),
        openDays: openOn.filter((day) => day <= today).length,
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name, 'en') || (a.cage < b.cage ? -1 : 1));
}

/** Plants of one variety that stand side by side in a row. */
export interface PlantedRow {
  readonly bed: string;
  readonly row: number;
  readonly variety: Variety;
  readonly plants: readonly Plant[];
}

/**
 * The rows of a garden, each part of one variety by itself, in walking order.
 *
 * @example plantedRows(new Journal()) // []
 */
export function plantedRows(journal: Journal): PlantedRow[] {
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()]
    .filter(({ removed }) => !removed)
    .sort(comparePlants(journal.all('bed')));
  return [...groupBy(standing, ({ bed, row, variety }) => `${bed}|${row}|${variety}`).values()].flatMap(
    (plants) => {
      const { bed, row, variety } = plants[0]!;
      const grown = varieties.get(variety);
      return grown ? [{ bed, row, variety: grown, plants }] : [];
    },
  );
}
