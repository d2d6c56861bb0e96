import { comparePlants } from '../garden/places';
import type { Journal } from '../journal/journal';
import type { Plant, Variety } from '../journal/state';
import { groupBy } from '../text/groupBy';

/** Plants of one variety in a row. */
export interface PlantedRow {
  readonly bed: string;
  readonly row: number;
  readonly variety: Variety;
  readonly plants: readonly Plant[];
}

/**
 * The rows of a garden, each part of one variety by itself, in walking order.
 *
 * @param isWanted of which varieties; of all, where nothing is said.
 * @example plantedRows(new Journal()) // []
 */
export function plantedRows(
  journal: Journal,
  isWanted: (variety: string) => boolean = () => true,
): PlantedRow[] {
  const varieties = journal.all('variety');
  const standing = [...journal.all('plant').values()]
    .filter(({ removed, variety }) => !removed && isWanted(variety))
    .sort(comparePlants(journal.all('bed')));
  return [...groupBy(standing, ({ bed, row, variety }) => `${bed}|${row}|${variety}`).values()].flatMap(
    (plants) => {
      const { bed, row, variety } = plants[0]!;
      const grown = varieties.get(variety);
      return grown ? [{ bed, row, variety: grown, plants }] : [];
    },
  );
}
