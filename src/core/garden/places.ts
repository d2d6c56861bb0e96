import type { Bed, Plant } from '../journal/state';

/** Metres east and north of the gate. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

export const GATE: Place = { x: 0, y: 0 };

/**
 * Where a plant stands: rows share the bed's width evenly, places the bed's length.
 *
 * @param placesInRow how many places the row has.
 */
export function placeOf(plant: Pick<Plant, 'row' | 'place'>, bed: Bed, placesInRow: number): Place {
  return {
    x: bed.x + (bed.length * (plant.place - 0.5)) / Math.max(placesInRow, plant.place),
    y: bed.y + (bed.width * (plant.row - 0.5)) / Math.max(bed.rows, plant.row),
  };
}

/** Places of all plants of a garden, by plant id. Plants of a bed that is not known yet are left out. */
export function placesOf(plants: Iterable<Plant>, beds: ReadonlyMap<string, Bed>): Map<string, Place> {
  const all = [...plants];
  const rowLength = new Map<string, number>();
  const rowOf = (plant: Plant): string => `${plant.bed}|${plant.row}`;
  for (const plant of all) {
    rowLength.set(rowOf(plant), Math.max(rowLength.get(rowOf(plant)) ?? 0, plant.place));
  }
  const places = new Map<string, Place>();
  for (const plant of all) {
    const bed = beds.get(plant.bed);
    if (bed) places.set(plant.plant, placeOf(plant, bed, rowLength.get(rowOf(plant)) ?? plant.place));
  }
  return places;
}

export const metresBetween = (a: Place, b: Place): number => Math.hypot(a.x - b.x, a.y - b.y);

const byName = new Intl.Collator('en', { numeric: true });

/** Bed, row, place: the order in which one walks a garden to look at everything. */
export function comparePlants(beds: ReadonlyMap<string, Bed>): (a: Plant, b: Plant) => number {
  const name = (plant: Plant): string => beds.get(plant.bed)?.name ?? '';
  return (a, b) =>
    (a.bed === b.bed ? 0 : byName.compare(name(a), name(b)) || (a.bed < b.bed ? -1 : 1)) ||
    a.row - b.row ||
    // Rows are walked there and back.
    (a.row % 2 === 1 ? a.place - b.place : b.place - a.place) ||
    (a.plant < b.plant ? -1 : a.plant > b.plant ? 1 : 0);
}
