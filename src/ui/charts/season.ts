import { scaleLinear } from 'd3-scale';

const ROW = 44;
const HEAD = 24;
const MARGIN = 4;
/** A letter of a name is hardly wider than this. */
const LETTER = 8.4;
/** A day's number needs so much to its right. */
const TICK_ROOM = 34;
export const SEASON_BAR = 14;
/** Where days begin to be ruled. */
export const SEASON_RULES_TOP = HEAD - 6;

/** Something that is to be seen for a while, in days from a first one. */
export interface SeasonBar {
  readonly name: string;
  /** It begins between these days. */
  readonly from: readonly [number, number];
  /** The last day of it. */
  readonly to: number;
}

interface DrawnSeasonBar {
  readonly name: string;
  readonly nameX: number;
  readonly nameY: number;
  readonly y: number;
  /** Where it may have begun already. */
  readonly early: { readonly x: number; readonly width: number };
  readonly sure: { readonly x: number; readonly width: number };
}

export interface SeasonGeometry {
  readonly height: number;
  /** Days that are ruled and named. */
  readonly ticks: readonly { readonly day: number; readonly x: number }[];
  readonly bars: readonly DrawnSeasonBar[];
}

/**
 * A picture of a season in pixels: a row for each thing, from day 0 to the end of the last.
 *
 * @example seasonGeometry([{ name: 'a', from: [10, 20], to: 50 }], 300).bars[0].sure.width > 0 // true
 */
export function seasonGeometry(bars: readonly SeasonBar[], width: number): SeasonGeometry {
  const days = Math.max(1, ...bars.map(({ to }) => to + 1));
  const x = scaleLinear([0, days], [MARGIN, width - MARGIN]);
  return {
    height: HEAD + bars.length * ROW + 4,
    ticks: x
      .ticks(Math.max(2, Math.floor(width / 70)))
      .map((day) => ({ day, x: x(day) }))
      .filter(({ x: at }) => at < width - TICK_ROOM),
    bars: bars.map(({ name, from: [soon, late], to }, row) => ({
      name,
      nameX: Math.max(MARGIN, Math.min(x(soon), width - LETTER * name.length)),
      nameY: HEAD + row * ROW + 16,
      y: HEAD + row * ROW + 22,
      early: { x: x(soon), width: x(late) - x(soon) },
      sure: { x: x(late), width: Math.max(3, x(to + 1) - x(late)) },
    })),
  };
}
