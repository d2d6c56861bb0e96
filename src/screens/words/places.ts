import type { Journal } from '@/core/journal/journal';
import type { Plant } from '@/core/journal/state';
import { placeNumber } from '@/core/records/plantLabel';

/** Where a plant stands, in two parts: `Bed C, row 2, plant` and `4`. */
export interface PlaceParts {
  readonly where: string;
  readonly number: string;
}

export function placeParts(journal: Journal, plant: Plant | undefined): PlaceParts {
  if (!plant) return { where: 'A plant that is not on the plan', number: '' };
  const bed = journal.all('bed').get(plant.bed)?.name ?? '?';
  const plants = plant.count > 1 ? 'plants' : 'plant';
  return { where: `Bed ${bed}, row ${plant.row}, ${plants}`, number: placeNumber(plant) };
}

/** Where a plant stands, in words: `Bed C, row 2, plant 4`. */
export function sayPlace(journal: Journal, plant: Plant | undefined): string {
  const { where, number } = placeParts(journal, plant);
  return number ? `${where} ${number}` : where;
}
