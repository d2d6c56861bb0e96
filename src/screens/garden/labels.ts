import type { Journal } from '@/core/journal/journal';
import type { Plant } from '@/core/journal/state';

/** Where a plant stands, in words: `Bed C, row 2, plant 4`. */
export function placeInWords(journal: Journal, plant: Plant | undefined): string {
  if (!plant) return 'a plant that is not on the plan';
  const bed = journal.all('bed').get(plant.bed)?.name ?? '?';
  return `Bed ${bed}, row ${plant.row}, plant ${plant.place}`;
}
