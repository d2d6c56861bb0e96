import type { GourdForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import { about, type FlowerLooks } from './looks';
import { ellipse, lines, placed, solid, type Point, type Shape } from './shape';

const LOBES = 5;

/**
 * A flower of the gourd family from above, its middle at the origin, petals about 70 long.
 *
 * @example faceShapes(looks).at(-1)?.part // 'column' in a male, 'lobes' in a female
 */
export function faceShapes(looks: FlowerLooks<GourdForm>): Shape[] {
  const chance = seededChance(looks.seed + 1);
  const first = chance.below(20) - 10;
  const petals = Array.from({ length: LOBES }, (_, i) => {
    const turn = first + (360 / LOBES) * i + chance.below(6) - 3;
    return placed(petal(chance, looks.form), { turn });
  });
  return [
    // One petal lies over the next.
    ...petals.flat(),
    solid(
      'throat',
      'throat',
      [ellipse([0, 0], looks.form.petals === 'bell' ? 24 : 15, looks.form.petals === 'bell' ? 24 : 15)],
      1,
    ),
    ...centre(looks),
  ];
}

/** One petal that points up from the middle. */
function petal(chance: Chance, { petals }: GourdForm): Shape[] {
  const long = about(chance, 70, 0.05);
  const wide = about(chance, petals === 'bell' ? 31 : petals === 'wheel' ? 29 : 19, 0.05);
  const tip: Point = [chance.below(4) - 2, -long];
  const blunt = petals !== 'bell';
  const outline: Point[][] = blunt
    ? [
        [
          [-9, -4],
          [-wide * 0.86, -long * 0.42],
          [-wide * 0.8, -long * 0.76],
          [-wide * 0.38, -long * 0.97],
          [0, -long * 0.99],
          [wide * 0.38, -long * 0.97],
          [wide * 0.8, -long * 0.76],
          [wide * 0.86, -long * 0.42],
          [9, -4],
        ],
      ]
    : [
        [[-12, -4], [-wide, -long * 0.42], [-wide * 0.62, -long * 0.74], tip],
        [tip, [wide * 0.62, -long * 0.74], [wide, -long * 0.42], [12, -4]],
      ];
  const veins: Point[][] = [
    [
      [0, -16],
      [0.5, -long * 0.55],
      [tip[0] * 0.8, -long * 0.86],
    ],
    [
      [-5, -18],
      [-wide * 0.42, -long * 0.48],
      [-wide * 0.4, -long * 0.68],
    ],
    [
      [5, -18],
      [wide * 0.42, -long * 0.48],
      [wide * 0.4, -long * 0.68],
    ],
  ];
  return [
    ...(petals === 'fringed' ? [fringe(long, wide)] : []),
    solid('petals', 'petal', outline),
    lines('petals', 'petalLine', veins, 1.3),
  ];
}

/** Long threads at the edge of the petals of snake gourd. */
function fringe(long: number, wide: number): Shape {
  const threads = Array.from({ length: 9 }, (_, i): Point[] => {
    const t = (i - 4) / 4;
    const from: Point = [t * wide * 0.8, -long * (0.98 - 0.3 * t * t)];
    const out: Point = [from[0] * 1.7, from[1] - 22 + 10 * t * t];
    return [
      from,
      [(from[0] + out[0]) / 2 + 4, (from[1] + out[1]) / 2],
      [out[0] - 4, out[1] - 3],
      [out[0] + 3, out[1] - 7],
    ];
  });
  return lines('petals', 'petalLine', threads, 1.4);
}

/** One column with loose pollen; or a short one with lobes; or lobes with anthers round them. */
function centre({ sex, form }: FlowerLooks<GourdForm>): Shape[] {
  const k = form.petals === 'bell' ? 1 : 0.78;
  if (sex === 'male') {
    const grains = Array.from({ length: 9 }, (_, i): Point[] => {
      const angle = i * 2.4;
      const r = 2.6 * Math.sqrt(i + 0.5);
      const at: Point = [r * Math.cos(angle), r * Math.sin(angle)];
      return [at, [at[0] + 1.6, at[1] + 1]];
    });
    return placed(
      [
        solid('column', 'pollen', [ellipse([0, 0], 11, 11)]),
        lines(
          'column',
          'column',
          [
            [
              [-7, -5],
              [0, -8],
              [7, -5],
            ],
            [
              [-9, 2],
              [0, -1],
              [9, 2],
            ],
            [
              [-6, 7],
              [0, 5],
              [6, 7],
            ],
          ],
          1.5,
        ),
        lines('column', 'petal', grains, 1.6),
      ],
      { scale: k },
    );
  }
  const lobes = [0, 120, 240].flatMap((turn) =>
    placed(
      [
        solid('lobes', 'stigma', [
          [
            [0, -1],
            [-8, -7],
            [-10, -15],
            [-5, -20],
            [0, -16],
            [5, -20],
            [10, -15],
            [8, -7],
            [0, -1],
          ],
        ]),
        lines(
          'lobes',
          'column',
          [
            [
              [0, -15],
              [0, -5],
            ],
          ],
          1.3,
        ),
      ],
      { turn },
    ),
  );
  const anthers =
    sex === 'perfect'
      ? [60, 180, 300].flatMap((turn) =>
          placed([solid('anthers', 'pollen', [ellipse([0, -20], 9, 5)], 1.6)], { turn }),
        )
      : [];
  return placed([...anthers, ...lobes], { scale: k });
}
