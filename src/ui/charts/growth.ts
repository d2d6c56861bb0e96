import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

export const GROWTH_HEIGHT = 190;
const TOP = 14;
const BASE = 160;
/** Room for the sizes at the left. */
const LEFT = 52;
const RIGHT = 10;

export interface SizePoint {
  readonly day: number;
  readonly mm: number;
}

export interface SizeBand {
  readonly day: number;
  readonly low: number;
  readonly high: number;
}

export interface GrowthGeometry {
  readonly left: number;
  readonly right: number;
  readonly base: number;
  readonly sizes: readonly { readonly mm: number; readonly y: number }[];
  readonly days: readonly { readonly day: number; readonly x: number }[];
  /** Outline of what is usual. */
  readonly band: string;
  readonly curve: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
}

/**
 * The growth of a fruit in pixels.
 *
 * @param band in order, at least two days.
 * @param step of the sizes named at the left, mm: centimetres or inches.
 * @example growthGeometry([{ day: 0, mm: 25 }], [{ day: 0, low: 25, high: 25 }, { day: 3, low: 40, high: 80 }], 352, 10).days[0].x // 52
 */
export function growthGeometry(
  points: readonly SizePoint[],
  band: readonly SizeBand[],
  width: number,
  step: number,
): GrowthGeometry {
  const x = scaleLinear([band[0]!.day, band.at(-1)!.day], [LEFT, width - RIGHT]);
  const largest = Math.max(...band.map(({ high }) => high), ...points.map(({ mm }) => mm));
  const y = scaleLinear([0, largest], [BASE, TOP]);
  const named = y.copy().domain([0, largest / step]);
  const days = x.ticks(Math.min(8, band.length)).filter(Number.isInteger);
  return {
    left: LEFT,
    right: width - RIGHT,
    base: BASE,
    sizes: named.ticks(4).map((steps) => ({ mm: steps * step, y: y(steps * step) })),
    days: days.map((day) => ({ day, x: x(day) })),
    band:
      area<SizeBand>(
        ({ day }) => x(day),
        ({ low }) => y(low),
        ({ high }) => y(high),
      )(band) ?? '',
    curve:
      line<SizePoint>(
        ({ day }) => x(day),
        ({ mm }) => y(mm),
      )(points) ?? '',
    points: points.map(({ day, mm }) => ({ x: x(day), y: y(mm) })),
  };
}
