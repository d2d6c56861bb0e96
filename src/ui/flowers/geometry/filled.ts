import { seededChance } from '@/core/random/chance';
import type { FruitFate } from '@/core/flowers/fruitFate';
import { ellipse, placed, solid, specks, spiral, symmetrical, type Point, type Shape } from './shape';

/** Where something sits on an ear or a head: `along` from the base to the tip or from the middle to the rim, 0 to 1. */
interface Place {
  readonly along: number;
  /** From left to right, -1 to 1. */
  readonly across: number;
}

const SEED = 7;

/** Which places are left empty, for each thing that may become of an ear or a head. */
function emptyAt(fate: FruitFate): (place: Place) => boolean {
  const chance = seededChance(SEED);
  switch (fate) {
    case 'yellowing':
      return () => chance.below(100) < 94;
    case 'scattered':
      return () => chance.below(100) < 45;
    case 'emptyTip':
      return ({ along }) => along > 0.66;
    case 'oneSide':
      return ({ across }) => across > 0.15;
    case 'emptyRing':
      return ({ along }) => along > 0.52 && along < 0.76;
    case 'emptyMiddle':
      return ({ along }) => along < 0.42;
    default:
      return () => false;
  }
}

const [EAR_LONG, EAR_HALF, ROWS, COLUMNS] = [124, 26, 15, 7] as const;

/** Half the width of an ear, from its base to its tip. */
const halfAt = (along: number): number => EAR_HALF * Math.sqrt(Math.max(0, 1 - (0.25 + 0.75 * along) ** 4));

/**
 * An ear without its husk, its base at the origin: each kernel stands where silk took pollen.
 *
 * @example earFilled('emptyTip').some(({ part }) => part === 'defect') // true
 */
export function earFilled(fate: FruitFate): Shape[] {
  const isEmpty = emptyAt(fate);
  const profile = Array.from({ length: 13 }, (_, i): readonly [number, number] => {
    const along = i / 12;
    return [Math.max(4, halfAt(along) + 2), -along * (EAR_LONG + 4)];
  });
  const kernels = Array.from({ length: ROWS * COLUMNS }, (_, i) => {
    const along = (Math.floor(i / COLUMNS) + 0.5) / ROWS;
    const across = ((i % COLUMNS) - (COLUMNS - 1) / 2) / (COLUMNS / 2);
    // Rows of kernels go round the cob: those at its sides are seen at a slant.
    const at: Point = [halfAt(along) * Math.sin((across * Math.PI) / 2), -along * EAR_LONG];
    const wide = Math.max(1, 4.6 * Math.cos((across * Math.PI) / 2.3) * (halfAt(along) / EAR_HALF));
    return { empty: isEmpty({ along, across }), outline: ellipse(at, wide, 4, 8) };
  });
  const outlines = (empty: boolean): Point[][] =>
    kernels.filter((kernel) => kernel.empty === empty).map(({ outline }) => outline);
  const husk = (turn: number): Shape[] =>
    placed(
      [
        solid(
          'leaf',
          'husk',
          symmetrical([
            [5, 3],
            [13, -26],
            [1, -72],
          ]),
          1.6,
        ),
      ],
      { turn },
    );
  return [
    ...husk(-34),
    ...husk(34),
    solid('fruitlet', 'tape', symmetrical(profile), 2),
    ...(outlines(true).length > 0 ? [specks('defect', 'straw', outlines(true), 0.3)] : []),
    specks('fruitlet', 'pollen', outlines(false), 0.8),
  ];
}

const [HEAD_HALF, SEEDS] = [46, 150] as const;

/**
 * A ripe head from the front, standing on the origin: full seeds are dark, empty hulls pale.
 *
 * @example headFilled('emptyRing').some(({ part }) => part === 'defect') // true
 */
export function headFilled(fate: FruitFate): Shape[] {
  const isEmpty = emptyAt(fate);
  const seeds = spiral(SEEDS, HEAD_HALF - 4).map(([x, y]) => ({
    empty: isEmpty({ along: Math.hypot(x, y) / (HEAD_HALF - 4), across: x / HEAD_HALF }),
    outline: ellipse([x, y], 2.6, 2.6, 6),
  }));
  const outlines = (empty: boolean): Point[][] =>
    seeds.filter((seed) => seed.empty === empty).map(({ outline }) => outline);
  const bracts = Array.from({ length: 18 }, (_, i) =>
    placed(
      [
        solid(
          'sepals',
          'sepal',
          symmetrical([
            [6, -HEAD_HALF + 4],
            [5, -HEAD_HALF - 6],
            [0.5, -HEAD_HALF - 14],
          ]),
          1.4,
        ),
      ],
      {
        turn: 20 * i,
      },
    ),
  ).flat();
  return placed(
    [
      ...bracts,
      solid('dome', 'column', [ellipse([0, 0], HEAD_HALF, HEAD_HALF)], 2),
      ...(outlines(true).length > 0 ? [specks('defect', 'straw', outlines(true), 0.8)] : []),
      specks('fruitlet', 'hole', outlines(false), 0.5),
    ],
    { at: [0, -HEAD_HALF - 14] },
  );
}
