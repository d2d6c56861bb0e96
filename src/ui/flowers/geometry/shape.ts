import { curveCatmullRom, line } from 'd3-shape';

export type Point = readonly [x: number, y: number];

/** What a shape is of; its colour follows from it. */
export type Tone =
  | 'stalk'
  | 'stalkShade'
  | 'sepal'
  | 'bud'
  | 'budRib'
  | 'seam'
  | 'petal'
  | 'petalBack'
  | 'petalLine'
  | 'throat'
  | 'column'
  | 'pollen'
  | 'stigma'
  | 'fruitlet'
  | 'fruitletShade'
  | 'yellowed'
  | 'rot'
  | 'spent'
  | 'spentShade'
  | 'leaf'
  | 'leafLine'
  | 'husk'
  | 'huskShade'
  | 'silk'
  | 'silkSpent'
  | 'straw'
  | 'tape'
  | 'veil'
  | 'hole'
  | 'hair'
  | 'none';

/** One path of a drawing: what it is of, and its outline in runs that meet at corners; within a run it is smooth. */
export interface Shape {
  readonly part: Part;
  readonly runs: readonly (readonly Point[])[];
  readonly closed: boolean;
  /** Further pieces of the same path, each by itself: hairs, veins. */
  readonly strokes?: readonly (readonly Point[])[];
  readonly fill: Tone;
  /** The outline, unless `none`. */
  readonly line: Tone | 'ink';
  /** Of its line, px on the screen, about. */
  readonly width: number;
}

/** Parts that can be named on a drawing. */
export type Part =
  | 'stalk'
  | 'fruitlet'
  | 'sepals'
  | 'bud'
  | 'seam'
  | 'petals'
  | 'throat'
  | 'column'
  | 'lobes'
  | 'anthers'
  | 'style'
  | 'dome'
  | 'tassel'
  | 'shoot'
  | 'silk'
  | 'leaf'
  | 'cover'
  | 'defect'
  | 'node';

const through = line<Point>()
  .x(([x]) => x)
  .y(([, y]) => y)
  .curve(curveCatmullRom.alpha(0.5))
  .digits(1);

/**
 * The `d` of an SVG path.
 *
 * @example pathOf({ ...shape, runs: [[[0, 0], [10, 0]]], closed: false }) // 'M0,0L10,0'
 */
export function pathOf({ runs, closed, strokes = [] }: Shape): string {
  const outline = runs
    .map((run, i) => {
      const d = through(run) ?? '';
      return i === 0 ? d : d.replace(/^M[-\d.e]+,[-\d.e]+/, '');
    })
    .join('');
  return outline + (closed ? 'Z' : '') + strokes.map((stroke) => through(stroke) ?? '').join('');
}

export interface Placing {
  /** Where what was at the origin comes to be. */
  readonly at?: Point;
  readonly scale?: number;
  /** Height against width. */
  readonly squash?: number;
  /** Degrees, clockwise. */
  readonly turn?: number;
}

/**
 * Shapes elsewhere, larger or turned. First they are squashed, then turned.
 *
 * @example placed([shape], { at: [10, 0], scale: 2 })
 */
export function placed(
  shapes: readonly Shape[],
  { at: [dx, dy] = [0, 0], scale = 1, squash = 1, turn = 0 }: Placing,
): Shape[] {
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle) * scale, Math.sin(angle) * scale];
  const move = ([x, y]: Point): Point => {
    const flat = y * squash;
    return [dx + x * cos - flat * sin, dy + x * sin + flat * cos];
  };
  return shapes.map((shape) => movedBy(shape, move));
}

/** A shape whose points are all elsewhere. */
export function movedBy(shape: Shape, move: (point: Point) => Point): Shape {
  const moveAll = (points: readonly Point[]): Point[] => points.map(move);
  return {
    ...shape,
    runs: shape.runs.map(moveAll),
    ...(shape.strokes && { strokes: shape.strokes.map(moveAll) }),
  };
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * The smallest box round all points of shapes, with a margin.
 *
 * @throws RangeError when there is nothing to go round.
 */
export function boxOf(shapes: readonly Shape[], margin = 4): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  const goRound = (points: readonly Point[]): void => {
    for (const [x, y] of points) {
      if (x < left) left = x;
      if (x > right) right = x;
      if (y < top) top = y;
      if (y > bottom) bottom = y;
    }
  };
  for (const { runs, strokes } of shapes) {
    runs.forEach(goRound);
    strokes?.forEach(goRound);
  }
  if (left > right) throw new RangeError('expected shapes with points');
  const [x, y] = [left - margin, top - margin];
  return { x, y, width: right + margin - x, height: bottom + margin - y };
}

/** A closed shape with an outline of ink. */
export const solid = (part: Part, fill: Tone, runs: Shape['runs'], width = 2): Shape => ({
  part,
  runs,
  closed: true,
  fill,
  line: 'ink',
  width,
});

/** Lines within a shape. */
export const lines = (
  part: Part,
  line: Shape['line'],
  strokes: readonly (readonly Point[])[],
  width = 1.2,
): Shape => ({ part, runs: [], closed: false, strokes, fill: 'none', line, width });

/** Small pieces of one path, each filled. */
export const specks = (
  part: Part,
  fill: Tone,
  strokes: readonly (readonly Point[])[],
  width: number,
): Shape => ({ part, runs: [], closed: false, strokes, fill, line: 'ink', width });

/** Turn from one floret to the next, radians: the golden angle [Vogel 1979]. */
const GOLDEN = 2.39996;

/**
 * Points spread evenly over a disc round the origin, from its middle outwards, as florets stand on a head.
 *
 * @example spiral(150, 44).length // 150
 */
export const spiral = (count: number, radius: number): Point[] =>
  Array.from({ length: count }, (_, i) => {
    const r = radius * Math.sqrt((i + 0.5) / count);
    return [r * Math.cos(i * GOLDEN), r * Math.sin(i * GOLDEN)];
  });

/** Points on an ellipse, from the right, clockwise. */
export const ellipse = ([cx, cy]: Point, rx: number, ry: number, count = 12): Point[] =>
  Array.from({ length: count + 1 }, (_, i) => {
    const angle = (2 * Math.PI * i) / count;
    return [cx + rx * Math.cos(angle), cy + ry * Math.sin(angle)];
  });

/** A closed outline from its two sides, each followed on from the other. */
export const between = (one: readonly Point[], other: readonly Point[]): (readonly Point[])[] => [
  one,
  [one.at(-1)!, other[0]!],
  other,
  [other.at(-1)!, one[0]!],
];

/** An outline that is the same left and right of its axis, from half-widths along it. */
export function symmetrical(profile: readonly (readonly [half: number, y: number])[]): Point[][] {
  const left = profile.map(([half, y]): Point => [-half, y]);
  const right = profile.map(([half, y]): Point => [half, y]).toReversed();
  return [left, [left.at(-1)!, right[0]!], right];
}
