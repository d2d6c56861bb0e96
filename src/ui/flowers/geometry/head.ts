import type { HeadForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import { headFilled } from './filled';
import type { DrawnForm } from './form';
import { about, type FlowerLooks, type Standing } from './looks';
import { ellipse, placed, solid, specks, spiral, type Point, type Shape } from './shape';
import { stem } from './stem';

type HeadLooks = FlowerLooks<HeadForm>;

/** Half the width of the head, px of the drawing. */
const HALF = { pin: 15, green: 30, eve: 42, open: 46, spent: 48 } as const;
const FLORETS = 150;

/**
 * A head from the side: a bud in its bracts, the rays between them the evening before, an open head that looks at one,
 * and one that hangs when it is over.
 *
 * @example headSide(looks).shapes.some(({ part }) => part === 'bud') // pin, green and eve
 */
function headSide(looks: HeadLooks): Standing {
  const chance = seededChance(looks.seed);
  const { stage } = looks;
  const stalk = about(chance, 86, 0.06);
  const half = about(chance, HALF[stage], 0.04);
  const shapes = [
    stem(chance, { length: stalk, half: 5, foot: 1.1, sway: 5, line: 2 }),
    ...headShapes(chance, looks, half),
  ];
  return { shapes, foot: stalk, tip: stage === 'open' || stage === 'spent' ? -112 : -half * 1.9 };
}

function headShapes(chance: Chance, looks: HeadLooks, half: number): Shape[] {
  switch (looks.stage) {
    case 'open':
      return placed(headFace(looks), { at: [0, -50], scale: 0.72, squash: 0.9 });
    case 'spent':
      return spent(chance, looks);
    default:
      return bud(chance, half, looks.stage === 'eve');
  }
}

/** Green bracts round a flat button; the evening before, folded rays stand up between them. */
function bud(chance: Chance, half: number, rays: boolean): Shape[] {
  const body = solid('bud', 'bud', [ellipse([0, -half * 0.72], half * 0.86, half * 0.72)], 2);
  const folded = rays
    ? [-42, -26, -12, 0, 13, 27, 41].flatMap((turn) =>
        leafOf('petals', 'petal', about(chance, half * 1.1, 0.1), half * 0.15, turn, -half * 0.8),
      )
    : [];
  // Shut, they lie over the top; when the rays unfold they stand off.
  const turns = rays ? [-74, -50, -27, 27, 50, 74, -12, 12] : [-52, 52, -36, 36, -20, 20, 0];
  const bracts = turns.flatMap((turn) =>
    leafOf(
      'sepals',
      'sepal',
      about(chance, half * (rays ? 1.16 : 1.5), 0.08),
      half * 0.27,
      turn,
      -half * 0.25,
    ),
  );
  return [body, ...folded, ...bracts];
}

/** A pointed leaf or ray that stands out from a point on the axis. */
const leafOf = (
  part: 'petals' | 'sepals',
  fill: 'petal' | 'petalBack' | 'sepal' | 'spent',
  long: number,
  wide: number,
  turn: number,
  from: number,
): Shape[] =>
  placed(
    [
      solid(
        part,
        fill,
        [
          [
            [-wide * 0.5, 0],
            [-wide, -long * 0.45],
            [0, -long],
          ],
          [
            [0, -long],
            [wide, -long * 0.45],
            [wide * 0.5, 0],
          ],
        ],
        1.5,
      ),
    ],
    { at: [0, from], turn },
  );

/**
 * A head from the front, its middle at the origin: rays round florets, of which a ring is open between those that are
 * over and those still shut.
 *
 * @example headFace(looks).filter(({ part }) => part === 'petals').length // 44
 */
function headFace(looks: HeadLooks): Shape[] {
  const chance = seededChance(looks.seed + 1);
  const first = chance.below(16);
  const row = (fill: 'petal' | 'petalBack', offset: number, long: number): Shape[] =>
    Array.from({ length: 22 }, (_, i) =>
      placed(leafOf('petals', fill, about(chance, long, 0.06), 7.5, 0, -38), {
        turn: first + offset + (360 / 22) * i,
      }),
    ).flat();
  return [...row('petalBack', 8, 42), ...row('petal', 0, 38), ...disc(44, looks.stage === 'spent')];
}

/** Florets by their ring: the outermost opened first. */
function disc(radius: number, over: boolean): Shape[] {
  const florets = spiral(FLORETS, radius);
  const dots = (from: number, to: number, size: number): Point[][] =>
    florets.flatMap((at) => {
      const out = Math.hypot(...at) / radius;
      return out > from && out <= to ? [ellipse(at, size, size, 5)] : [];
    });
  const ground = solid('dome', over ? 'spent' : 'column', [ellipse([0, 0], radius, radius)], 2);
  if (over) return [ground, specks('dome', 'spentShade', dots(0, 1, 2), 0.8)];
  return [
    ground,
    specks('dome', 'bud', dots(0, 0.6, 1.9), 0.8),
    specks('anthers', 'pollen', dots(0.6, 0.84, 3), 0.8),
    specks('dome', 'spentShade', dots(0.84, 1, 1.8), 0.8),
  ];
}

/** It hangs, its back yellow, its rays withered. */
function spent(chance: Chance, { seed }: HeadLooks): Shape[] {
  const lean = seededChance(seed + 2).below(2) < 1 ? -1 : 1;
  const rays = [-150, -125, -100, 100, 125, 150, 175].flatMap((turn) =>
    leafOf('petals', 'spent', about(chance, 34, 0.12), 5, turn, 0),
  );
  const back = solid('sepals', 'yellowed', [ellipse([0, -2], 46, 30)], 2);
  const bracts = [-70, -35, 0, 35, 70].flatMap((turn) =>
    leafOf('sepals', 'sepal', about(chance, 26, 0.1), 8, turn, -22),
  );
  const neck = solid(
    'stalk',
    'stalk',
    [
      [
        [-5, 0],
        [-9 * lean - 5, -40],
        [8 * lean - 5, -66],
      ],
      [
        [8 * lean - 5, -66],
        [8 * lean + 6, -60],
      ],
      [
        [8 * lean + 6, -60],
        [-6 * lean + 5, -38],
        [5, 0],
      ],
    ],
    2,
  );
  return [neck, ...placed([...rays, back, ...bracts], { at: [16 * lean, -58], turn: 34 * lean })];
}

export const HEAD: DrawnForm<HeadForm> = {
  side: headSide,
  face: headFace,
  fate: headFilled,
  frame: () => ({ width: 128, height: 200 }),
  colours: () => ({ petals: 'yellow', own: { column: '#6B4A26', pollen: '#E9A92B', spentShade: '#7A5634' } }),
  perfect: true,
};
