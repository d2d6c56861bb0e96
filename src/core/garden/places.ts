import type { Bed, Plant } from '../journal/state';

/** Metres east and north of the gate. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

export const GATE: Place = { x: 0, y: 0 };

export type BedShape = Pick<Bed, 'x' | 'y' | 'length' | 'width' | 'rows' | 'turn' | 'every'>;

/**
 * Where a plant stands. Rows share the bed's width evenly. Along the row plants stand by the bed's spacing, the
 * first half a space from the end; without one they share its length evenly.
 *
 * @param placesInRow how many places the row has.
 */
export function placeOf(plant: Pick<Plant, 'row' | 'place'>, bed: BedShape, placesInRow: number): Place {
  const every = bed.every ?? bed.length / Math.max(placesInRow, plant.place);
  return onBed(bed, {
    x: every * (plant.place - 0.5),
    y: (bed.width * (plant.row - 0.5)) / Math.max(bed.rows, plant.row),
  });
}

/** A spot given along and across a bed from its corner, on the garden's plan. */
export function onBed({ x, y, turn }: Pick<Bed, 'x' | 'y' | 'turn'>, along: Place): Place {
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return { x: x + along.x * cos - along.y * sin, y: y + along.x * sin + along.y * cos };
}

/** The four corners of a bed, from its own corner along the rows. */
export const cornersOf = (bed: Pick<Bed, 'x' | 'y' | 'length' | 'width' | 'turn'>): readonly Place[] =>
  [
    { x: 0, y: 0 },
    { x: bed.length, y: 0 },
    { x: bed.length, y: bed.width },
    { x: 0, y: bed.width },
  ].map((corner) => onBed(bed, corner));

/** How many plants fit in a row by the bed's spacing; `undefined` where plants share its length. */
export const fitsInRow = ({ length, every }: Pick<Bed, 'length' | 'every'>): number | undefined =>
  every === undefined ? undefined : Math.max(1, Math.floor(length / every + 1e-9));

/** Mean of some places; `undefined` without any. */
export function middleOf(places: readonly Place[]): Place | undefined {
  if (places.length === 0) return undefined;
  const sum = places.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 });
  return { x: sum.x / places.length, y: sum.y / places.length };
}

/**
 * A spot so many metres from the gate, at degrees clockwise from north.
 *
 * @example fromGate(100, 90) // { x: 100, y: 0 }
 */
export function fromGate(metres: number, bearing: number): Place {
  const angle = (bearing * Math.PI) / 180;
  return { x: metres * Math.sin(angle), y: metres * Math.cos(angle) };
}

/** Degrees clockwise from north of one place seen from another, 0 to 360. */
export const bearingTo = (from: Place, to: Place): number =>
  ((Math.atan2(to.x - from.x, to.y - from.y) * 180) / Math.PI + 360) % 360;

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

/** On which side of the line from a to b a place lies: positive left, negative right. */
const side = (a: Place, b: Place, p: Place): number => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);

/** Do two stretches cross each other? Those that only touch at an end, or lie on one line, do not. */
export const cross = (a: Place, b: Place, c: Place, d: Place): boolean =>
  side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;

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
