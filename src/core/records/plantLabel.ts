import { lastPlace } from '../garden/places';
import type { Journal } from '../journal/journal';
import type { Donor } from '../journal/kinds/stops';
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
 * Where pollen comes from: a plant, or a portion that was kept.
 *
 * @example donorLabel(journal, { plant: 'p1', bloom: 'm1' }) // 'C1·4'
 */
export function donorLabel(journal: Journal, { plant, bloom }: Donor): string {
  const portion = journal.all('pollen').get(bloom);
  return portion ? (portion.name ?? 'mixed pollen') : plantLabel(journal, plant);
}

/**
 * The places of a plant or of a stand.
 *
 * @example placeNumber(stand) // '4–33'
 */
export const placeNumber = (plant: Plant): string =>
  plant.count > 1 ? `${plant.place}–${lastPlace(plant)}` : String(plant.place);
