import { cornersOf, type Place } from '@/core/garden/places';

export interface PlanBed {
  readonly id: string;
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly width: number;
  /** Degrees anticlockwise from east, about its corner. */
  readonly turn: number;
}

const PADDING = 14;
const PLANT_RADIUS = 2.5;

interface DrawnBed {
  readonly id: string;
  readonly name: string;
  /** Its corner, about which it is turned. */
  readonly corner: Place;
  readonly width: number;
  readonly height: number;
  readonly turn: number;
  readonly nameX: number;
  readonly nameY: number;
}

export interface StripGeometry {
  readonly height: number;
  /** A place of the garden, in metres, as pixels from the top left. */
  readonly at: (place: Place) => Place;
  readonly beds: readonly DrawnBed[];
  /** All plants in one path, so that thousands cost one node. */
  readonly plants: string;
}

/**
 * Beds to scale, north up, in pixels: as large as width and height allow.
 *
 * @param size the width there is, and the most height.
 */
export function stripGeometry(
  beds: readonly PlanBed[],
  plants: readonly Place[],
  { width, maxHeight }: { readonly width: number; readonly maxHeight: number },
): StripGeometry {
  const corners = beds.flatMap(cornersOf);
  const right = Math.max(1, ...corners.map(({ x }) => x));
  const top = Math.max(1, ...corners.map(({ y }) => y));
  const left = Math.min(0, ...corners.map(({ x }) => x));
  const bottom = Math.min(0, ...corners.map(({ y }) => y));
  const scale = Math.min((width - 2 * PADDING) / (right - left), (maxHeight - 2 * PADDING) / (top - bottom));
  const height = (top - bottom) * scale + 2 * PADDING;
  const at = ({ x, y }: Place): Place => ({
    x: PADDING + (x - left) * scale,
    y: height - PADDING - (y - bottom) * scale,
  });
  return {
    height,
    at,
    beds: beds.map((bed): DrawnBed => {
      const named = leftmost(cornersOf(bed).map(at));
      return {
        id: bed.id,
        name: bed.name,
        corner: at(bed),
        width: bed.length * scale,
        height: bed.width * scale,
        turn: bed.turn,
        nameX: named.x - 5,
        nameY: named.y + 11,
      };
    }),
    plants: plants.map((plant) => dot(at(plant))).join(''),
  };
}

const dot = ({ x, y }: Place): string =>
  `M${(x - PLANT_RADIUS).toFixed(1)} ${y.toFixed(1)}a${PLANT_RADIUS} ${PLANT_RADIUS} 0 1 0 ${2 * PLANT_RADIUS} 0` +
  `a${PLANT_RADIUS} ${PLANT_RADIUS} 0 1 0 ${-2 * PLANT_RADIUS} 0`;

/** The corner farthest left on the page, the upper one of two: a name before it lies on no plant. */
const leftmost = (corners: readonly Place[]): Place =>
  corners.reduce((best, spot) =>
    spot.x < best.x - 0.5 || (spot.x < best.x + 0.5 && spot.y < best.y) ? spot : best,
  );
