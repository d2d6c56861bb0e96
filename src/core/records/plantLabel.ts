import type { Journal } from '../journal/journal';

/**
 * A plant as growers write it: bed and row, a point, the place, `C1·4`.
 *
 * @example plantLabel(journal, id) // 'C1·4'
 */
export function plantLabel(journal: Journal, id: string): string {
  const plant = journal.all('plant').get(id);
  if (!plant) return '?';
  return `${journal.all('bed').get(plant.bed)?.name ?? '?'}${plant.row}·${plant.place}`;
}
