/** Metres, east and north. */
export interface PlanSpot {
  readonly x: number;
  readonly y: number;
}

export interface PlanBox {
  readonly left: number;
  readonly low: number;
  readonly right: number;
  readonly top: number;
}

/** What part of the plan is on the canvas: pixels a metre, and the spot at its middle. */
export interface PlanView {
  readonly scale: number;
  readonly middle: PlanSpot;
}

export interface CanvasSize {
  readonly width: number;
  readonly height: number;
}

/** Margin round the plan, px: room for what comes from outside. */
export const MARGIN = 40;
/** Pixels a metre at most, before anybody zooms. */
export const CLOSEST = 40;
/** Height of a plan at least, px. */
export const LEAST_HEIGHT = 180;

const LENGTHS = [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

/**
 * The longest round length up to another, metres; the shortest where none is.
 *
 * @example roundLength(37) // 20
 */
export const roundLength = (most: number): number => LENGTHS.findLast((each) => each <= most) ?? LENGTHS[0]!;

/** The box around some spots, the gate at least among them. */
export function boxAround(spots: readonly PlanSpot[]): PlanBox {
  const box = { left: 0, low: 0, right: 0, top: 0 };
  for (const { x, y } of spots) {
    box.left = Math.min(box.left, x);
    box.right = Math.max(box.right, x);
    box.low = Math.min(box.low, y);
    box.top = Math.max(box.top, y);
  }
  return box;
}

/** The view that shows all of a box. */
export function viewOf({ left, low, right, top }: PlanBox, { width, height }: CanvasSize): PlanView {
  const across = Math.max(1, right - left);
  const up = Math.max(1, top - low);
  const scale = Math.max(0.1, Math.min((width - 2 * MARGIN) / across, (height - 2 * MARGIN) / up, CLOSEST));
  return { scale, middle: { x: (left + right) / 2, y: (low + top) / 2 } };
}

/** Height of a canvas that shows a box in full width, between a least and a most. */
export function heightFor({ left, low, right, top }: PlanBox, width: number, most: number): number {
  const scale = (width - 2 * MARGIN) / Math.max(1, right - left);
  return Math.round(Math.min(most, Math.max(LEAST_HEIGHT, (top - low) * scale + 2 * MARGIN)));
}

export const toCanvas = (spot: PlanSpot, { scale, middle }: PlanView, size: CanvasSize): PlanSpot => ({
  x: size.width / 2 + (spot.x - middle.x) * scale,
  y: size.height / 2 - (spot.y - middle.y) * scale,
});

export const toPlan = (spot: PlanSpot, { scale, middle }: PlanView, size: CanvasSize): PlanSpot => ({
  x: middle.x + (spot.x - size.width / 2) / scale,
  y: middle.y - (spot.y - size.height / 2) / scale,
});

/**
 * A view so many times nearer, with the spot under the finger staying where it is.
 *
 * @param whole the view that shows everything: no farther than half of it, no nearer than 40 times.
 */
export function zoomed(
  view: PlanView,
  times: number,
  at: PlanSpot,
  { size, whole }: { readonly size: CanvasSize; readonly whole: PlanView },
): PlanView {
  const scale = Math.min(whole.scale * 40, Math.max(whole.scale / 2, view.scale * times));
  const under = toPlan(at, view, size);
  return {
    scale,
    middle: {
      x: under.x - (at.x - size.width / 2) / scale,
      y: under.y + (at.y - size.height / 2) / scale,
    },
  };
}

export const moved = ({ scale, middle }: PlanView, dx: number, dy: number): PlanView => ({
  scale,
  middle: { x: middle.x - dx / scale, y: middle.y + dy / scale },
});

/** A bed on the plan: its corner, how far it reaches along its rows and across, and its turn. */
export interface BedBox extends PlanSpot {
  readonly length: number;
  readonly width: number;
  /** Degrees anticlockwise from east. */
  readonly turn: number;
}

/** Does a spot lie on a bed? */
export function isOnBed({ x, y, length, width, turn }: BedBox, spot: PlanSpot, margin = 0): boolean {
  const angle = (turn * Math.PI) / 180;
  const [dx, dy] = [spot.x - x, spot.y - y];
  const along = dx * Math.cos(angle) + dy * Math.sin(angle);
  const across = dy * Math.cos(angle) - dx * Math.sin(angle);
  return along >= -margin && along <= length + margin && across >= -margin && across <= width + margin;
}

/** The bar of scale with its words, px; `x` is its left end. */
export const SCALE_BAR = { width: 120, height: 24 };

/** Where the bar of scale begins: at the left, or at the right where the gate is drawn there. */
export function scaleBarX(view: PlanView, size: CanvasSize): number {
  const gate = toCanvas({ x: 0, y: 0 }, view, size);
  const isThere = gate.x < SCALE_BAR.width + MARGIN / 2 && gate.y > size.height - 2 * SCALE_BAR.height;
  return isThere ? size.width - SCALE_BAR.width : 10;
}
