import { linearScale } from './linear';

/** One crop's open hours: worth by hour, 0 to 1. */
export interface RibbonPetal {
  readonly name: string;
  readonly points: readonly { readonly hour: number; readonly worth: number }[];
  /** The crop that the next task is about. */
  readonly first: boolean;
}

const ROW = 34;
export const RIBBON_TOP = 30;
const BELOW = 26;
const HALF_THICKNESS = 11;
const MARGIN = 20;
/** More hours than this are named every other hour. */
const MAX_NAMED = 8;
/** Pixels that a letter of a name takes, about. */
const LETTER = 7;
const INSECT_EVERY = 7;
/** Pixels between a name and what follows it. */
const GAP = 5;

interface DrawnPetal {
  readonly name: string;
  readonly first: boolean;
  /** Outline about its own axis. */
  readonly outline: string;
  readonly y: number;
  readonly nameX: number;
  readonly nameY: number;
}

export interface RibbonGeometry {
  readonly height: number;
  /** Lower edge of the petals. */
  readonly bottom: number;
  /** Pixels from the left of an hour. */
  readonly x: (hour: number) => number;
  /** Hours that are named. */
  readonly hours: readonly number[];
  readonly petals: readonly DrawnPetal[];
  /** Dots for the insects, from the hour at which they fly. */
  readonly insects: readonly { readonly x: number; readonly y: number }[];
}

/**
 * Where the insects' name stands: before their dots, or, where there is no room, in place of the first of them.
 *
 * @param at pixels from the left of the hour from which they fly.
 */
export function insectsName(
  label: string,
  at: number,
): { readonly x: number; readonly anchor: 'start' | 'end'; readonly dotsFrom: number } {
  const length = LETTER * label.length;
  if (at - GAP >= length) return { x: at - GAP, anchor: 'end', dotsFrom: at };
  const x = Math.max(4, at);
  return { x, anchor: 'start', dotsFrom: x + length + GAP };
}

/** Pixels that a band of so many petals takes from top to bottom. */
export const ribbonHeight = (petals: number): number => RIBBON_TOP + petals * ROW + BELOW;

/**
 * The morning as a band of hours, in pixels: a petal a crop, as thick as each hour is worth.
 *
 * @param span first and last hour shown.
 * @param insects hour from which insects fly; none are drawn outside of the span.
 */
export function ribbonGeometry(
  petals: readonly RibbonPetal[],
  span: readonly [number, number],
  width: number,
  insects?: number,
): RibbonGeometry {
  const x = linearScale(span, [MARGIN, width - MARGIN]);
  const bottom = RIBBON_TOP + petals.length * ROW;
  const from = insects !== undefined && insects < span[1] ? x(insects) : width;
  return {
    height: ribbonHeight(petals.length),
    bottom,
    x,
    hours: namedHours(span),
    petals: petals.map((petal, row) => drawnPetal(petal, row, { x, width, from: span[0] })),
    insects: Array.from({ length: Math.floor((width - from) / INSECT_EVERY) }, (_, i) => ({
      x: from + 4 + i * INSECT_EVERY,
      y: bottom + 12 + [0, 4, -3][i % 3]!,
    })),
  };
}

interface Band {
  readonly x: (hour: number) => number;
  readonly width: number;
  readonly from: number;
}

function drawnPetal({ name, points, first }: RibbonPetal, row: number, { x, width, from }: Band): DrawnPetal {
  const y = RIBBON_TOP + ROW * (row + 0.5);
  const end = x(points.at(-1)?.hour ?? from);
  // The name goes behind the petal, or over it where there is no room.
  const fits = width - MARGIN - end > LETTER * name.length + 8;
  return {
    name,
    first,
    outline: petalOutline(points, x),
    y,
    nameX: fits ? end + 8 : x(points[0]?.hour ?? from) + 14,
    nameY: fits ? y + 5 : y - HALF_THICKNESS - 2,
  };
}

/** Every hour that has room for its name: each one, or every other. */
function namedHours([from, to]: readonly [number, number]): number[] {
  const step = to - from > MAX_NAMED ? 2 : 1;
  const first = Math.ceil(from / step) * step;
  return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step);
}

/** A petal's outline: along its upper edge and back along the lower. Points are close enough to need no curve. */
function petalOutline(points: RibbonPetal['points'], x: (hour: number) => number): string {
  const edge = (sign: 1 | -1): string[] =>
    points.map(({ hour, worth }) => `${x(hour).toFixed(1)} ${(sign * worth * HALF_THICKNESS).toFixed(2)}`);
  return `M${[...edge(-1), ...edge(1).reverse()].join('L')}Z`;
}
