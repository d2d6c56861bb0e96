import type { GourdForm } from '@/core/crops/flowerForm';
import type { Chance } from '@/core/random/chance';
import { sepals } from './gourdBud';
import { faceShapes } from './gourdFace';
import { about, type FlowerLooks } from './looks';
import { lines, placed, solid, type Point, type Shape } from './shape';

type GourdLooks = FlowerLooks<GourdForm>;

/** The mouth of the bell, seen a little from above. */
const MOUTH = { x: 45, back: -78, front: -57 } as const;

export function openBell(chance: Chance, looks: GourdLooks): Shape[] {
  const lobe = (x: number, wide: number, tip: Point): Point[][] => {
    const t: Point = [about(chance, tip[0] || 1, 0.07), about(chance, tip[1], 0.03)];
    return [
      [[x - wide, -70], [x - wide * 0.9 + (t[0] - x) * 0.35, (t[1] - 70) / 2 - 6], t],
      [t, [x + wide * 0.9 + (t[0] - x) * 0.35, (t[1] - 70) / 2 - 6], [x + wide, -68]],
    ];
  };
  const back = [lobe(-30, 20, [-60, -108]), lobe(30, 20, [60, -108]), lobe(0, 26, [2, -124])].map((runs) =>
    solid('petals', 'petal', runs),
  );
  const backVeins = lines(
    'petals',
    'petalLine',
    [
      [
        [-22, -72],
        [-40, -88],
        [-56, -104],
      ],
      [
        [22, -72],
        [40, -88],
        [56, -104],
      ],
      [
        [0, -74],
        [1, -98],
        [2, -118],
      ],
      [
        [-9, -76],
        [-12, -92],
        [-8, -104],
      ],
      [
        [9, -76],
        [13, -92],
        [10, -104],
      ],
    ],
    1.3,
  );
  const left: Point[] = [
    [-9, 0],
    [-13, -22],
    [-24, -45],
    [-45, -68],
  ];
  const mouth: Point[] = [
    [-45, -68],
    [-24, MOUTH.front - 2],
    [0, MOUTH.front + 2],
    [24, MOUTH.front - 2],
    [45, -68],
  ];
  const right = left.map(([x, y]): Point => [-x, y]).toReversed();
  const frontLobe = (side: number): Shape => {
    const tip: Point = [side * about(chance, 40, 0.08), -about(chance, 34, 0.1)];
    return solid('petals', 'petal', [
      [[side * 45, -68], [side * 54, -50], tip],
      [tip, [side * 22, -44], [side * 5, MOUTH.front + 2]],
      [
        [side * 5, MOUTH.front + 2],
        [side * 24, MOUTH.front - 2],
        [side * 45, -68],
      ],
    ]);
  };
  return [
    ...back,
    backVeins,
    solid(
      'throat',
      'throat',
      [
        [
          [-45, -68],
          [-26, MOUTH.back],
          [0, MOUTH.back - 3],
          [26, MOUTH.back],
          [45, -68],
        ],
        mouth.toReversed(),
      ],
      1.2,
    ),
    ...placed(organShapes(looks), { at: [0, -50], scale: 1 }),
    solid('petals', 'petalBack', [left, mouth, right, [right.at(-1)!, left[0]!]]),
    lines(
      'petals',
      'budRib',
      [
        [
          [0, -2],
          [0, -30],
          [0, -54],
        ],
        [
          [-6, -2],
          [-12, -30],
          [-28, -54],
        ],
        [
          [6, -2],
          [12, -30],
          [28, -54],
        ],
      ],
      2,
    ),
    frontLobe(-1),
    frontLobe(1),
    ...sepals(chance, true, 24, 1),
  ];
}

/** What stands in the middle, from the side, its foot at the origin. */
function organShapes({ sex }: GourdLooks): Shape[] {
  if (sex === 'male') {
    return [
      solid('column', 'pollen', [
        [
          [-6, 0],
          [-6.5, -16],
          [-6, -30],
          [0, -37],
          [6, -30],
          [6.5, -16],
          [6, 0],
        ],
      ]),
      lines(
        'column',
        'column',
        [
          [
            [-3, -30],
            [3, -26],
          ],
          [
            [-4, -22],
            [4, -18],
          ],
          [
            [-3, -14],
            [4, -10],
          ],
        ],
        1.6,
      ),
    ];
  }
  const lobe = (x: number, y: number): Shape =>
    solid(
      'lobes',
      'stigma',
      [
        [
          [x, y + 13],
          [x - 8, y + 8],
          [x - 9, y - 2],
          [x - 4, y - 7],
          [x, y - 3],
          [x + 4, y - 7],
          [x + 9, y - 2],
          [x + 8, y + 8],
          [x, y + 13],
        ],
      ],
      1.8,
    );
  return [lobe(0, -27), lobe(-14, -18), lobe(14, -18)];
}

/** A flat flower is its face, seen from one side. */
export function openWheel(chance: Chance, looks: GourdLooks): Shape[] {
  const cup = solid('petals', 'petalBack', [
    [
      [-7, 2],
      [-10, -8],
      [-16, -16],
    ],
    [
      [-16, -16],
      [0, -10],
      [16, -16],
    ],
    [
      [16, -16],
      [10, -8],
      [7, 2],
    ],
    [
      [7, 2],
      [-7, 2],
    ],
  ]);
  return [
    cup,
    ...sepals(chance, false, 12, 0.5),
    ...placed(faceShapes(looks), { at: [0, -22], scale: 0.5, squash: 0.62 }),
  ];
}
