import { lastPlace } from '../garden/places';
import type { Journal } from '../journal/journal';
import type { Plant } from '../journal/state';

/**
 * A plant as growers write it: bed and row, a point, the place, `C1·4`; a stand from its first place to its last.
 *
 * @example plantLabel(journal, id) // 'C1·4'
 */
export function plantLabel(journal: Journal, id: string): string {
  const plant = journal.all('plant').get(id);
  if (!plant) return '?';
  const bed = journal.all('bed').get(plant.bed)?.name ?? '?';
  // A number after a word needs a space between them.
  return `${bed}${bed.length > 2 ? ' ' : ''}${plant.row}·${placeNumber(plant)}`;
}

/**
 * The places of a plant or of a stand.
 *
 * @example placeNumber(stand) // '4–33'
 */
export const placeNumber = (plant: Plant): string =>
  plant.count > 1 ? `${plant.place}–${lastPlace(plant)}` : String(plant.place);
