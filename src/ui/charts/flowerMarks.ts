import { scaleLinear } from 'd3-scale';

const ROW = 62;
const HEAD = 20;
const NAME = 18;
/** A mark is so high where there is room for all of a day. */
const MARK = 9;
/** Room for the marks of a day. */
const STACK = ROW - NAME - 6;
const RIGHT = 4;
const TICK_ROOM = 56;

/** Flowers of a day, from the bottom up; each count is of one kind. */
interface MarksOfDay {
  /** Days from the first one of the chart. */
  readonly day: number;
  readonly counts: readonly number[];
}

export interface MarkRow {
  readonly name: string;
  readonly days: readonly MarksOfDay[];
}

export interface DrawnMark {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Which of the counts. */
  readonly kind: number;
}

export interface FlowerMarksGeometry {
  readonly height: number;
  readonly ticks: readonly { readonly day: number; readonly x: number }[];
  readonly rows: readonly {
    readonly name: string;
    readonly nameY: number;
    readonly base: number;
    readonly marks: readonly DrawnMark[];
  }[];
}

/**
 * A mark for each flower, stacked by day, a row for each variety; where a day has more than there is room for, all marks
 * of the chart are lower.
 *
 * @param days that the chart spans, 1 or more.
 * @example flowerMarksGeometry([{ name: 'a', days: [{ day: 0, counts: [2, 1] }] }], 1, 300).rows[0].marks.length // 3
 */
export function flowerMarksGeometry(
  rows: readonly MarkRow[],
  days: number,
  width: number,
): FlowerMarksGeometry {
  const x = scaleLinear([0, days], [0, width - RIGHT]);
  const most = Math.max(1, ...rows.flatMap(({ days: own }) => own.map(({ counts }) => sum(counts))));
  const each = Math.min(MARK, STACK / most);
  // Marks that touch are drawn as one: of thousands only so many are seen.
  const isOne = each < 3;
  const wide = Math.max(1.5, Math.min(10, x(1) - x(0) - 1));
  return {
    height: HEAD + rows.length * ROW,
    ticks: x
      .ticks(Math.max(2, Math.floor(width / 80)))
      .filter((day) => Number.isInteger(day) && x(day) < width - TICK_ROOM)
      .map((day) => ({ day, x: x(day) })),
    rows: rows.map(({ name, days: own }, i) => {
      const base = HEAD + (i + 1) * ROW - 4;
      return {
        name,
        nameY: HEAD + i * ROW + NAME - 4,
        base,
        marks: own.flatMap(({ day, counts }) => {
          let below = 0;
          return counts.flatMap((count, kind) => {
            const from = below;
            below += count;
            const left = x(day) + 0.5;
            if (isOne)
              return count === 0
                ? []
                : [{ x: left, y: base - (from + count) * each, width: wide, height: count * each, kind }];
            return Array.from({ length: count }, (_, at) => ({
              ...{ x: left, y: base - (from + at + 1) * each + 1, width: wide, height: each - 1.5, kind },
            }));
          });
        }),
      };
    }),
  };
}

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);
