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
  /** Does its name stand in it, for want of room before it? */
  readonly nameInside: boolean;
}

export interface StripGeometry {
  readonly height: number;
  /** A place of the garden, in metres, as pixels from the top left. */
  readonly at: (place: Place) => Place;
  readonly beds: readonly DrawnBed[];
  /** All plants in one path, so that thousands cost one node. */
  readonly plants: string;
}

export interface StripSize {
  readonly width: number;
  readonly maxHeight: number;
  /** Places of which only the ground about them is drawn; without any all of it. */
  readonly about?: readonly Place[];
}

/**
 * Beds to scale, north up, in pixels: as large as width and height allow.
 *
 * @example stripGeometry([], [], { width: 340, maxHeight: 128 }).beds // []
 */
export function stripGeometry(
  beds: readonly PlanBed[],
  plants: readonly Place[],
  { width, maxHeight, about = [] }: StripSize,
): StripGeometry {
  const [across, most] = [width - 2 * PADDING, maxHeight - 2 * PADDING];
  const { left, bottom, scale, height } = windowOf(beds, about, across, most);
  const at = ({ x, y }: Place): Place => ({
    x: PADDING + (x - left) * scale,
    y: height - PADDING - (y - bottom) * scale,
  });
  return {
    height,
    at,
    beds: beds.map((bed): DrawnBed => {
      const named = leftmost(cornersOf(bed).map(at));
      const nameInside = about.length > 0 && named.x < NAME_WIDTH;
      return {
        id: bed.id,
        name: bed.name,
        corner: at(bed),
        width: bed.length * scale,
        height: bed.width * scale,
        turn: bed.turn,
        nameX: nameInside ? Math.max(named.x, 0) + 4 : named.x - 5,
        nameY: named.y + 11,
        nameInside,
      };
    }),
    plants: plants.map((plant) => dot(at(plant))).join(''),
  };
}

/** Room for the name of a bed before it, pixels. */
const NAME_WIDTH = 28;
/** About places so much ground is drawn with them, metres. */
const AROUND_M = 1.5;

/** What is drawn: from its south-western corner, in metres, at a scale. */
interface Window {
  readonly left: number;
  readonly bottom: number;
  readonly scale: number;
  readonly height: number;
}

function windowOf(beds: readonly PlanBed[], about: readonly Place[], across: number, most: number): Window {
  const corners = beds.flatMap(cornersOf);
  const right = Math.max(1, ...corners.map(({ x }) => x));
  const top = Math.max(1, ...corners.map(({ y }) => y));
  const left = Math.min(0, ...corners.map(({ x }) => x));
  const bottom = Math.min(0, ...corners.map(({ y }) => y));
  const whole = Math.min(across / (right - left), most / (top - bottom));
  const [xs, ys] = [about.map(({ x }) => x), about.map(({ y }) => y)];
  const spanOf = (values: readonly number[]): number =>
    Math.max(...values) - Math.min(...values) + 2 * AROUND_M;
  const close = about.length === 0 ? 0 : Math.min(across / spanOf(xs), most / spanOf(ys));
  const scale = Math.max(whole, close);
  const shown = Math.min(top - bottom, most / scale);
  const middle = (values: readonly number[]): number => (Math.max(...values) + Math.min(...values)) / 2;
  /** Where a window begins that is to have something in its middle, and nothing beyond the garden. */
  const begin = (first: number, last: number, size: number, values: readonly number[]): number =>
    values.length === 0 || size >= last - first
      ? first - Math.max(0, values.length === 0 ? 0 : (size - (last - first)) / 2)
      : Math.min(Math.max(first, middle(values) - size / 2), last - size);
  return {
    left: begin(left, right, across / scale, xs),
    bottom: begin(bottom, top, shown, ys),
    scale,
    height: shown * scale + 2 * PADDING,
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
