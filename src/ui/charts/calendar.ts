import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

const ROW = 46;
const HEAD = 24;
const MARGIN = 4;
const NAME_ROOM = 150;
export const BAR_HEIGHT = 14;
/** Where months begin to be ruled. */
export const RULES_TOP = HEAD - 6;

export interface FlowerBar {
  readonly id: string;
  readonly name: string;
  /** Days since the calendar's first day. */
  readonly from: number;
  readonly to: number;
  /** Seen in bloom, or estimated? */
  readonly seen: boolean;
  /** Spans in which something that crosses freely with it flowers too: worked out as its bar is drawn. */
  readonly shared: () => readonly (readonly [number, number])[];
}

interface CalendarBar extends FlowerBar {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly nameX: number;
  readonly nameY: number;
}

export interface CalendarGeometry {
  readonly height: number;
  /** Pixels from the left of a day. */
  readonly x: (day: number) => number;
  readonly bars: readonly CalendarBar[];
  /** Paths that hatch the shared days of a bar. */
  readonly hatches: (bar: CalendarBar) => readonly string[];
}

/**
 * A calendar of flowering in pixels: a row a variety.
 *
 * @param days how many days the calendar covers.
 */
export function calendarGeometry(bars: readonly FlowerBar[], days: number, width: number): CalendarGeometry {
  const x = scaleLinear([0, days], [MARGIN, width - MARGIN]);
  return {
    height: HEAD + bars.length * ROW + 4,
    x,
    bars: bars.map((bar, row) => {
      const top = HEAD + row * ROW;
      const y = top + 23;
      const left = x(bar.from);
      return {
        ...bar,
        x: left,
        y,
        width: Math.max(3, x(bar.to + 1) - left),
        nameX: Math.min(left, width - NAME_ROOM),
        nameY: top + 17,
      };
    }),
    hatches: ({ shared, y }) => shared().map(([from, to]) => hatch(x(from), x(to + 1), y)),
  };
}

const HATCH_EVERY = 7;
const stroke = line<readonly [number, number]>().digits(1);

/** Slanting lines from left to right within a bar. */
function hatch(left: number, right: number, top: number): string {
  const lines: string[] = [];
  for (let x = left + 3; x < right - 2; x += HATCH_EVERY) {
    lines.push(
      stroke([
        [x, top + BAR_HEIGHT - 2],
        [Math.min(right, x + 6), top + 2],
      ])!,
    );
  }
  return lines.join('');
}
