import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

export const FAN_HEIGHT = 220;
const TOP = 14;
const BASE = 188;
/** Room for the counts at the left. */
const LEFT = 44;
const RIGHT = 10;
/** A date needs so much. */
const DATE_ROOM = 64;

/** The least, a lower, the middle, an upper and the most of a day. */
export type FanDay = readonly [number, number, number, number, number];

export interface FanGeometry {
  readonly left: number;
  readonly right: number;
  readonly base: number;
  readonly counts: readonly { readonly count: number; readonly y: number }[];
  /** Days that are named, by their place. */
  readonly days: readonly { readonly day: number; readonly x: number }[];
  readonly outer: string;
  readonly inner: string;
  readonly middle: string;
  /** Of what it is compared with; empty without. */
  readonly other: string;
  /** As many as are wanted; missing where that is beyond the chart, or nobody wants any. */
  readonly wanted?: number;
}

/**
 * What seasons may bring, in pixels.
 *
 * @param days in order, at least two.
 * @param other the middle of another fan, day by day.
 * @example fanGeometry([[0, 0, 0, 0, 0], [1, 2, 3, 4, 6]], 352).counts.at(-1)?.count // 6
 */
export function fanGeometry(
  days: readonly FanDay[],
  width: number,
  { other = [], wanted }: { readonly other?: readonly number[]; readonly wanted?: number } = {},
): FanGeometry {
  const x = scaleLinear([0, days.length - 1], [LEFT, width - RIGHT]);
  const most = Math.max(1, ...days.map((day) => day[4]), ...other);
  const y = scaleLinear([0, most], [BASE, TOP]);
  const between = (low: number, high: number): string =>
    area<FanDay>(
      (_, day) => x(day),
      (day) => y(day[low]!),
      (day) => y(day[high]!),
    )(days as FanDay[]) ?? '';
  const named = Math.max(2, Math.floor((width - LEFT - RIGHT) / DATE_ROOM));
  return {
    left: LEFT,
    right: width - RIGHT,
    base: BASE,
    counts: y
      .ticks(4)
      .filter(Number.isInteger)
      .map((count) => ({ count, y: y(count) })),
    days: [
      ...new Set(Array.from({ length: named }, (_, i) => Math.round((i * (days.length - 1)) / (named - 1)))),
    ].map((day) => ({ day, x: x(day) })),
    outer: between(0, 4),
    inner: between(1, 3),
    middle:
      line<FanDay>(
        (_, day) => x(day),
        (day) => y(day[2]),
      )(days as FanDay[]) ?? '',
    other: other.length === 0 ? '' : (line<number>((_, day) => x(day), y)([...other]) ?? ''),
    ...(wanted !== undefined && wanted <= most && { wanted: y(wanted) }),
  };
}
