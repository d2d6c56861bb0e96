import type { FruitShape } from '@/core/crops/flowerForm';
import { lines, solid, symmetrical, type Point, type Shape } from './shape';

/** Height for a width of 1, and the half-width at each tenth of it, from the flower down to the stalk. */
interface Profile {
  readonly height: number;
  readonly half: readonly number[];
  /** How far the stalk end leans to one side. */
  readonly bend?: number;
}

const PROFILES: Readonly<Record<FruitShape, Profile>> = {
  round: { height: 0.98, half: [0.18, 0.36, 0.46, 0.5, 0.5, 0.49, 0.46, 0.4, 0.32, 0.22, 0.12] },
  flat: { height: 0.66, half: [0.18, 0.38, 0.48, 0.5, 0.5, 0.5, 0.49, 0.46, 0.38, 0.26, 0.13] },
  oval: { height: 1.35, half: [0.18, 0.34, 0.43, 0.48, 0.5, 0.5, 0.48, 0.43, 0.35, 0.25, 0.14] },
  long: { height: 2.1, half: [0.36, 0.44, 0.48, 0.5, 0.5, 0.49, 0.47, 0.44, 0.4, 0.34, 0.26] },
  bottle: { height: 1.75, half: [0.22, 0.4, 0.49, 0.5, 0.47, 0.39, 0.3, 0.25, 0.23, 0.22, 0.18] },
  curved: { height: 2.2, half: [0.26, 0.42, 0.5, 0.5, 0.45, 0.36, 0.29, 0.26, 0.25, 0.24, 0.2], bend: 0.35 },
  ribbed: { height: 2.3, half: [0.22, 0.38, 0.46, 0.49, 0.5, 0.5, 0.48, 0.44, 0.37, 0.28, 0.18] },
};

/** A badly pollinated fruit is narrow down to here. */
const TAPERED = 0.62;

/** Further apart than this, the same area looks as large whatever the shape. */
const widthFor = ({ height }: Profile, size: number): number => size / Math.sqrt(height);

/**
 * The small fruit under a female flower, which has the shape of the ripe one already; the flower sits at the origin.
 *
 * @param size square root of its area, about.
 * @param taper how much of its width is left at the flower's end: 1 all of it.
 * @returns its shapes, where its stalk begins, and points on its edge left and right.
 */
export function fruitletShapes(
  shape: FruitShape,
  size: number,
  taper = 1,
): { readonly shapes: Shape[]; readonly end: Point; readonly edge: readonly Point[] } {
  const profile = PROFILES[shape];
  const width = widthFor(profile, size);
  const tall = width * profile.height;
  const lean = (t: number): number => (profile.bend ?? 0) * width * t * t;
  // Less and less narrow, from the flower's end to the middle.
  const kept = (t: number): number => taper + (1 - taper) * Math.min(1, t / TAPERED);
  const rows = profile.half.map(
    (half, i) => [half * width * kept(i / 10), (i / 10) * tall, lean(i / 10)] as const,
  );
  const [left, foot, right] = symmetrical(rows.map(([half, y]) => [half, y])).map((run) =>
    run.map(([x, y]): Point => [x + lean(y / tall), y]),
  );
  const shade = rows
    .slice(2, 10)
    .map(([half, y, x]): Point => [x + half * 0.55, y])
    .concat(
      rows
        .slice(2, 10)
        .toReversed()
        .map(([half, y, x]): Point => [x + half * 0.96, y]),
    );
  return {
    shapes: [
      solid('fruitlet', 'fruitlet', [left!, foot!, right!]),
      { part: 'fruitlet', runs: [shade], closed: true, fill: 'fruitletShade', line: 'none', width: 0 },
      ...(shape === 'ribbed' || shape === 'flat' ? [ribs(rows)] : []),
    ],
    end: [lean(1), tall],
    edge: [...left!.slice(1, 9), ...right!.slice(2, 10)],
  };
}

const ribs = (rows: readonly (readonly [number, number, number])[]): Shape =>
  lines(
    'fruitlet',
    'fruitletShade',
    [-0.62, -0.22, 0.22].map((part) => rows.slice(1, 10).map(([half, y, x]): Point => [x + part * half, y])),
    1.6,
  );
