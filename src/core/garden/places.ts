import { byName } from '../text/byName';

/** Metres east and north of the gate. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

export const GATE: Place = { x: 0, y: 0 };

/** @example toCentimetre(1.2345) // 1.23 */
export const toCentimetre = (metres: number): number => Math.round(metres * 100) / 100;

/** A bed as it lies on the plan. */
export interface BedShape {
  /** Corner nearest the gate, metres east and north of it. */
  readonly x: number;
  readonly y: number;
  /** Metres along the rows, and across them. */
  readonly length: number;
  readonly width: number;
  readonly rows: number;
  /** Degrees by which the rows are turned anticlockwise from east, about that corner. */
  readonly turn: number;
  /** Metres from plant to plant; left out where the plants of a row share its length evenly. */
  readonly every?: number;
  /** Nobody said where it lies: it is drawn after the others, in the order of the list. */
  readonly unplaced?: true;
}

/** Where a plant stands, counted in beds, rows and places from 1. */
export interface PlantPosition {
  readonly plant: string;
  readonly bed: string;
  readonly row: number;
  readonly place: number;
  /** Of a stand that nobody numbers: so many plants from that place on. */
  readonly count?: number;
}

/**
 * Where a plant stands. Rows share the bed's width evenly. Along the row plants stand by the bed's spacing, the
 * first half a space from the end; without one they share its length evenly.
 *
 * @param placesInRow how many places the row has.
 * @example placeOf({ row: 1, place: 1 }, { x: 0, y: 0, length: 4, width: 2, rows: 1, turn: 0 }, 4) // { x: 0.5, y: 1 }
 */
export function placeOf(
  plant: Pick<PlantPosition, 'row' | 'place'>,
  bed: BedShape,
  placesInRow: number,
): Place {
  const every = bed.every ?? bed.length / Math.max(placesInRow, plant.place);
  return onBed(bed, {
    x: every * (plant.place - 0.5),
    y: (bed.width * (plant.row - 0.5)) / Math.max(bed.rows, plant.row),
  });
}

/** A point given along and across a bed from its corner, as a place on the garden's plan. Metres. */
function onBed({ x, y, turn }: Pick<BedShape, 'x' | 'y' | 'turn'>, along: Place): Place {
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return { x: x + along.x * cos - along.y * sin, y: y + along.x * sin + along.y * cos };
}

/**
 * The four corners of a bed, from its own corner along the rows.
 *
 * @example cornersOf({ x: 1, y: 0, length: 6, width: 1, turn: 0 })[2] // { x: 7, y: 1 }
 */
export const cornersOf = (bed: Pick<BedShape, 'x' | 'y' | 'length' | 'width' | 'turn'>): readonly Place[] =>
  [
    { x: 0, y: 0 },
    { x: bed.length, y: 0 },
    { x: bed.length, y: bed.width },
    { x: 0, y: bed.width },
  ].map((corner) => onBed(bed, corner));

/**
 * How many plants fit in a row by the bed's spacing; `undefined` where plants share its length.
 *
 * @example plantsPerRow({ length: 3, every: 0.5 }) // 6
 */
export const plantsPerRow = ({ length, every }: Pick<BedShape, 'length' | 'every'>): number | undefined =>
  every === undefined ? undefined : Math.max(1, Math.floor(length / every + 1e-9));

/**
 * Mean of some places; `undefined` without any.
 *
 * @example middleOf([{ x: 0, y: 0 }, { x: 2, y: 4 }]) // { x: 1, y: 2 }
 */
export function middleOf(places: readonly Place[]): Place | undefined {
  if (places.length === 0) return undefined;
  const sum = places.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 });
  return { x: sum.x / places.length, y: sum.y / places.length };
}

/**
 * A place so many metres from the gate, at degrees clockwise from north.
 *
 * @example fromGate(100, 90) // { x: 100, y: 0 }
 */
export function fromGate(metres: number, bearing: number): Place {
  const angle = (bearing * Math.PI) / 180;
  return { x: metres * Math.sin(angle), y: metres * Math.cos(angle) };
}

/**
 * Degrees clockwise from north of one place seen from another, 0 to 360.
 *
 * @example bearingTo({ x: 0, y: 0 }, { x: 0, y: -5 }) // 180
 */
export const bearingTo = (from: Place, to: Place): number =>
  ((Math.atan2(to.x - from.x, to.y - from.y) * 180) / Math.PI + 360) % 360;

/**
 * The last place that a plant, or a stand, takes up in its row.
 *
 * @example lastPlace({ plant: 's', bed: 'b', row: 1, place: 3, count: 10 }) // 12
 */
export const lastPlace = ({ place, count = 1 }: PlantPosition): number => place + count - 1;

/**
 * How many plants there are, all of a stand counted.
 *
 * @example plantsIn([{ count: 1 }, { count: 24 }]) // 25
 */
export const plantsIn = (plants: Iterable<Pick<PlantPosition, 'count'>>): number =>
  [...plants].reduce((sum, { count = 1 }) => sum + count, 0);

/** @example rowKey({ bed: 'b1', row: 2 }) // 'b1|2' */
export const rowKey = ({ bed, row }: Pick<PlantPosition, 'bed' | 'row'>): string => `${bed}|${row}`;

/**
 * The last place in use in each row of each bed, by `rowKey`. New plants go after it.
 *
 * @example lastPlaces([{ plant: 's', bed: 'b', row: 1, place: 3, count: 10 }]).get('b|1') // 12
 */
export function lastPlaces(plants: Iterable<PlantPosition>): Map<string, number> {
  const last = new Map<string, number>();
  for (const plant of plants) {
    const key = rowKey(plant);
    last.set(key, Math.max(lastPlace(plant), last.get(key) ?? 0));
  }
  return last;
}

/**
 * Places of all plants of a garden, by plant id; of a stand its middle. Plants of a bed that is not known yet are left
 * out.
 *
 * @example placesOf([{ plant: 'p', bed: 'gone', row: 1, place: 1 }], new Map()).size // 0
 */
export function placesOf(
  plants: Iterable<PlantPosition>,
  beds: ReadonlyMap<string, BedShape>,
): Map<string, Place> {
  const each = placesOfEach(plants, beds);
  return new Map(Array.from(each, ([plant, places]) => [plant, middleOf(places)!]));
}

/**
 * Places of all plants of a garden, by plant id: one of a plant, as many as it counts of a stand. Plants of a bed that is
 * not known yet are left out.
 *
 * @example placesOfEach([{ plant: 's', bed: 'b', row: 1, place: 1, count: 24 }], beds).get('s').length // 24
 */
export function placesOfEach(
  plants: Iterable<PlantPosition>,
  beds: ReadonlyMap<string, BedShape>,
): Map<string, readonly Place[]> {
  const all = [...plants];
  const rowLength = lastPlaces(all);
  const places = new Map<string, readonly Place[]>();
  for (const plant of all) {
    const bed = beds.get(plant.bed);
    if (!bed) continue;
    const { row, place, count = 1 } = plant;
    const inRow = rowLength.get(rowKey(plant)) ?? lastPlace(plant);
    places.set(
      plant.plant,
      Array.from({ length: count }, (_, i) => placeOf({ row, place: place + i }, bed, inRow)),
    );
  }
  return places;
}

/**
 * Straight-line distance, metres.
 *
 * @example metresBetween({ x: 0, y: 0 }, { x: 3, y: 4 }) // 5
 */
export const metresBetween = (a: Place, b: Place): number => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * Beds as distances are judged: of those that nobody placed it is not known how near they are to each other and to the
 * rest, so all of them lie on one spot amid the others. A plan that is only drawn may not keep varieties apart.
 *
 * @example asNearAsMayBe(new Map([['a', { ...bed, y: 1, unplaced: true }], ['b', { ...bed, y: 30, unplaced: true }]]))
 * // both at the same y
 */
export function asNearAsMayBe<B extends BedShape>(beds: ReadonlyMap<string, B>): Map<string, B> {
  const placed = [...beds.values()].filter(({ unplaced }) => !unplaced);
  const { x, y } = middleOf(placed.flatMap(cornersOf)) ?? GATE;
  return new Map(Array.from(beds, ([id, bed]) => [id, bed.unplaced ? { ...bed, x, y, turn: 0 } : bed]));
}

/**
 * Orders plants by bed, row and place, rows there and back: the order in which one walks a garden to see all of it. Beds
 * that nobody placed come last, in the order of the list they came from.
 *
 * @example plants.sort(comparePlants(beds)) // row 1 from place 1 up, row 2 back, then the next bed
 */
export function comparePlants(
  beds: ReadonlyMap<string, { readonly name: string } & Partial<Pick<BedShape, 'y' | 'unplaced'>>>,
): (a: PlantPosition, b: PlantPosition) => number {
  const compareBeds = (a: string, b: string): number => {
    const [one, other] = [beds.get(a), beds.get(b)];
    const inList = Number(one?.unplaced ?? false) - Number(other?.unplaced ?? false);
    const place = one?.unplaced && other?.unplaced ? (one.y ?? 0) - (other.y ?? 0) : 0;
    return inList || place || byName(one?.name ?? '', other?.name ?? '') || (a < b ? -1 : 1);
  };
  return (a, b) =>
    (a.bed === b.bed ? 0 : compareBeds(a.bed, b.bed)) ||
    a.row - b.row ||
    (a.row % 2 === 1 ? a.place - b.place : b.place - a.place) ||
    (a.plant < b.plant ? -1 : a.plant > b.plant ? 1 : 0);
}
