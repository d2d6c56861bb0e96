import type { CanvasSize, PlanSpot } from './planView';

/** An upright box on the canvas, px; `y` is its upper edge. */
export interface CanvasBox extends PlanSpot {
  readonly width: number;
  readonly height: number;
}

export interface LabelWish {
  readonly id: string;
  readonly text: string;
  /** What stays behind a name that is shortened: how far it is. */
  readonly tail?: string;
  /** What it names. */
  readonly of: CanvasBox;
  /** Earlier ones get their place first. */
  readonly first?: boolean;
}

export interface PlacedLabel {
  readonly id: string;
  readonly text: string;
  /** Where the text begins, on its base line; or ends, where it stands left of what it names. */
  readonly x: number;
  readonly y: number;
  readonly ends?: true;
}

/** Height of a line and width of a letter, in sizes of the type. Our own faces, measured. */
const LINE = 1.15;
const LETTER = 0.6;
/** From the base line up to the top of a line, in sizes of the type. */
const ASCENT = 0.88;
/** Free ground round a label, px. */
const GAP = 4;
/** Letters of a name that had no room. */
const SHORTENED = [Infinity, 12, 6];

/**
 * Where the names of things stand: beside, above or below what they name, within the canvas, on nothing that is drawn and
 * on no other name. A name without room is shortened; one that has none even so is left out, since the list has it.
 *
 * @param size of the type, px.
 * @param obstacles what no label may cover.
 * @example placeLabels([{ id: 'a', text: 'A', of: box }], [box], canvas, 14)[0] // left of the box
 */
export function placeLabels(
  wishes: readonly LabelWish[],
  obstacles: readonly CanvasBox[],
  canvas: CanvasSize,
  size: number,
): PlacedLabel[] {
  const used: CanvasBox[] = [];
  const inOrder = [...wishes].sort((a, b) => Number(b.first ?? false) - Number(a.first ?? false));
  return inOrder.flatMap(({ id, text, tail = '', of }) => {
    for (const letters of SHORTENED) {
      if (letters !== Infinity && text.length <= letters) continue;
      const shown = (text.length > letters ? `${text.slice(0, letters - 1).trimEnd()}…` : text) + tail;
      const box = { width: Math.ceil(shown.length * LETTER * size) + 2, height: Math.ceil(LINE * size) };
      const found = spotsAround(of, box).find(
        (each) => isWithin(each, canvas) && ![...obstacles, ...used].some((other) => overlap(each, other)),
      );
      if (!found) continue;
      used.push(found);
      const ends = found.x + found.width <= of.x;
      const x = ends ? found.x + found.width - 1 : found.x + 1;
      return [{ id, text: shown, x, y: found.y + ASCENT * size, ...(ends && { ends }) }];
    }
    return [];
  });
}

/** Left of a thing at its lower, middle and upper part, above it, below it, right of it. */
function spotsAround(
  of: CanvasBox,
  { width, height }: Pick<CanvasBox, 'width' | 'height'>,
): readonly CanvasBox[] {
  const [left, right] = [of.x - GAP - width, of.x + of.width + GAP];
  const [above, below] = [of.y - GAP - height, of.y + of.height + GAP];
  const [low, middle] = [of.y + of.height - height, of.y + (of.height - height) / 2];
  const centred = of.x + (of.width - width) / 2;
  return [
    [left, low],
    [left, middle],
    [left, of.y],
    [of.x, above],
    [centred, above],
    [of.x, below],
    [centred, below],
    [right, low],
    [right, middle],
    [right, of.y],
    [of.x + of.width - width, above],
    [of.x + of.width - width, below],
  ].map(([x, y]) => ({ x: x!, y: y!, width, height }));
}

const isWithin = (box: CanvasBox, canvas: CanvasSize): boolean =>
  box.x >= 0 && box.y >= 0 && box.x + box.width <= canvas.width && box.y + box.height <= canvas.height;

/** Do two boxes cover each other? Touching is no covering. */
export const overlap = (a: CanvasBox, b: CanvasBox): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/**
 * The upright box round some spots of the canvas.
 *
 * @example boxRound([{ x: 1, y: 2 }, { x: 4, y: 0 }]) // { x: 1, y: 0, width: 3, height: 2 }
 */
export function boxRound(spots: readonly PlanSpot[]): CanvasBox {
  const [xs, ys] = [spots.map(({ x }) => x), spots.map(({ y }) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
