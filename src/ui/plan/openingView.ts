import { cornersOf, middleOf } from '@/core/garden/places';
import {
  CLOSEST,
  LEAST_HEIGHT,
  MARGIN,
  viewOf,
  type BedBox,
  type CanvasSize,
  type PlanBox,
  type PlanSpot,
  type PlanView,
} from './planView';

/** The short side of a bed that a finger finds, px: 8 px around it count as the bed too. */
const TOUCHED = 24;
/** No nearer than so many times what shows all beds: else hardly any is left in view. */
const NEAREST = 3;

/**
 * The box round all beds, and nothing else.
 *
 * @returns nothing without a bed.
 */
export function bedsBox(beds: readonly BedBox[]): PlanBox | undefined {
  if (beds.length === 0) return undefined;
  const corners = beds.flatMap(cornersOf);
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), top: Math.max(...ys) };
}

/** Pixels a metre: all beds in the width, or nearer where they would be too small to touch. */
function openingScale(beds: readonly BedBox[], { left, right }: PlanBox, width: number): number {
  const all = Math.min((width - 2 * MARGIN) / Math.max(1, right - left), CLOSEST);
  const sides = beds.map((bed) => Math.min(bed.length, bed.width)).sort((a, b) => a - b);
  const needed = TOUCHED / sides[Math.floor(sides.length / 2)]!;
  return Math.max(all, Math.min(needed, NEAREST * all));
}

/** The height of a canvas that opens on the beds, px. */
export function openingHeight(beds: readonly BedBox[], width: number, most: number): number {
  const box = bedsBox(beds);
  if (!box) return 0;
  const needed = (box.top - box.low) * openingScale(beds, box, width) + 2 * MARGIN;
  return Math.round(Math.min(most, Math.max(LEAST_HEIGHT, needed)));
}

/**
 * The view on which a plan opens on a small screen: all beds, or, where they would be too small to touch, those that are
 * closest together.
 *
 * @returns nothing without a bed.
 * @example openingView([{ x: 0, y: 0, length: 6, width: 1.2, turn: 0 }], { width: 350, height: 300 })?.scale // 40
 */
export function openingView(beds: readonly BedBox[], size: CanvasSize): PlanView | undefined {
  const box = bedsBox(beds);
  if (!box) return undefined;
  const all = viewOf(box, size);
  const scale = openingScale(beds, box, size.width);
  if (scale <= all.scale) return all;
  const [across, up] = [size.width / scale, size.height / scale];
  const boxes = beds.map((bed) => bedsBox([bed])!);
  const inView = ({ x, y }: PlanSpot): number =>
    boxes.filter(
      ({ left, right, low, top }) =>
        left < x + across / 2 && right > x - across / 2 && low < y + up / 2 && top > y - up / 2,
    ).length;
  const centres = beds.map((bed) => within(middleOf(cornersOf(bed))!, box, [across, up], MARGIN / scale));
  // Of several with as many beds the first of the list.
  const counts = centres.map(inView);
  return { scale, middle: centres[counts.indexOf(Math.max(...counts))]! };
}

/** The middle of a view that shows no more beyond the beds than a margin. */
function within(
  { x, y }: PlanSpot,
  { left, right, low, top }: PlanBox,
  [across, up]: readonly [number, number],
  margin: number,
): PlanSpot {
  const clamp = (value: number, from: number, to: number, span: number): number =>
    span >= to - from + 2 * margin
      ? (from + to) / 2
      : Math.min(Math.max(value, from - margin + span / 2), to + margin - span / 2);
  return { x: clamp(x, left, right, across), y: clamp(y, low, top, up) };
}
