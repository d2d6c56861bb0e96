import { scaleBand, scaleLinear } from 'd3-scale';

export const DROPS_HEIGHT = 130;
export const DROPS_BASE = 100;
const TOP = 16;
const MARGIN = 8;
const SHORTEST_DAYS = 14;

export interface DropBar {
  readonly day: number;
  readonly drop: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Middle of its label. */
  readonly middle: number;
  /** Is the day named under the axis? */
  readonly named: boolean;
  readonly isLookDay: boolean;
}

/**
 * Bars of the drops by day, in pixels.
 *
 * @param drops of day 1, day 2, …
 * @param lookDays days that are always named.
 * @example dropBars([1], [4], 300)[0].height // 84, the full height
 */
export function dropBars(drops: readonly number[], lookDays: readonly number[], width: number): DropBar[] {
  const days = Array.from({ length: Math.max(SHORTEST_DAYS, drops.length) }, (_, i) => i + 1);
  const x = scaleBand(days, [MARGIN, width - MARGIN])
    .paddingInner(0.2)
    .paddingOuter(0.1);
  const y = scaleLinear([0, Math.max(1, ...drops)], [DROPS_BASE, TOP]);
  return days.map((day) => {
    const drop = drops[day - 1] ?? 0;
    const left = x(day)!;
    const isLookDay = lookDays.includes(day);
    return {
      day,
      drop,
      x: left,
      y: y(drop),
      width: x.bandwidth(),
      height: DROPS_BASE - y(drop),
      middle: left + x.bandwidth() / 2,
      named: day % 2 === 0 || isLookDay,
      isLookDay,
    };
  });
}
