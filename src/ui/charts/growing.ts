import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

export const GROWING_HEIGHT = 190;
const TOP = 12;
const BASE = 160;
/** Room for the shares at the left. */
const LEFT = 44;
const RIGHT = 8;
/** A day's number needs so much. */
const NUMBER_ROOM = 24;

/** The share that is still growing at the end of a day: between `low` and `high`, with its band where there is one. */
export interface GrowingDay {
  readonly day: number;
  readonly low: number;
  readonly high: number;
  readonly band?: readonly [number, number];
}

export interface GrowingGeometry {
  readonly left: number;
  readonly right: number;
  readonly base: number;
  readonly shares: readonly { readonly share: number; readonly y: number }[];
  readonly days: readonly { readonly day: number; readonly x: number; readonly named: boolean }[];
  /** Outline of the band; empty where there is none. */
  readonly band: string;
  /** Outline of what lies between `low` and `high`. */
  readonly unsure: string;
  /** Through the middle of them. */
  readonly curve: string;
}

/**
 * The curve of a season's fruit in pixels.
 *
 * @param days in order, at least two.
 * @example growingGeometry([{ day: 0, low: 1, high: 1 }, { day: 1, low: 0, high: 1 }], 352).days[1].x // 344
 */
export function growingGeometry(days: readonly GrowingDay[], width: number): GrowingGeometry {
  const x = scaleLinear([days[0]!.day, days.at(-1)!.day], [LEFT, width - RIGHT]);
  const y = scaleLinear([0, 1], [BASE, TOP]);
  const between = area<GrowingDay>(
    (each) => x(each.day),
    (each) => y(each.low),
    (each) => y(each.high),
  );
  const namedEvery = Math.max(2, Math.ceil((NUMBER_ROOM * days.length) / (width - LEFT - RIGHT)));
  const withBand = days.filter(({ band }) => band !== undefined);
  const bandOf = area<GrowingDay>(
    (each) => x(each.day),
    (each) => y(each.band![0]),
    (each) => y(each.band![1]),
  );
  return {
    left: LEFT,
    right: width - RIGHT,
    base: BASE,
    shares: [0, 0.5, 1].map((share) => ({ share, y: y(share) })),
    days: days.map(({ day }) => ({ day, x: x(day), named: day % namedEvery === 0 })),
    band: bandOf(withBand) ?? '',
    unsure: between(days) ?? '',
    curve:
      line<GrowingDay>(
        (each) => x(each.day),
        (each) => y((each.low + each.high) / 2),
      )(days) ?? '',
  };
}
