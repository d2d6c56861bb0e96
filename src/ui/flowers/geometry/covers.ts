import { seededChance } from '@/core/random/chance';
import type { FlowerLooks, Standing } from './looks';
import { ellipse, lines, placed, solid, type Point, type Shape } from './shape';

/** A strip half on the petals, half above, its ends folded to tabs. */
const strip = (wide: number): Shape[] => [
  solid(
    'cover',
    'tape',
    [
      [
        [-wide, -12],
        [wide, -12],
      ],
      [
        [wide, -12],
        [wide, 12],
      ],
      [
        [wide, 12],
        [-wide, 12],
      ],
      [
        [-wide, 12],
        [-wide, -12],
      ],
    ],
    1.8,
  ),
  lines('cover', 'ink', [
    [
      [-wide + 8, -12],
      [-wide + 8, 12],
    ],
    [
      [wide - 8, -12],
      [wide - 8, 12],
    ],
  ]),
];

/**
 * What keeps a flower shut, on the flower from the side.
 *
 * @example coverShapes({ ...looks, cover: 'tape' }, standing)[0]?.part // 'cover'
 */
export function coverShapes(looks: FlowerLooks, { tip, foot }: Standing): Shape[] {
  switch (looks.cover) {
    case undefined:
      return [];
    case 'tape':
      return looks.defect === 'slipped'
        ? placed(strip(34), { at: [16, tip * 0.62], turn: 24 })
        : placed(strip(36), { at: [0, tip + 4], turn: seededChance(looks.seed).below(8) - 4 });
    case 'bag':
      return bag(tip, looks.defect === 'slipped' ? tip * 0.3 : Math.min(foot * 0.6, 60));
  }
}

/** Of muslin, drawn shut below the flower. */
function bag(tip: number, neck: number): Shape[] {
  const top = tip - 12;
  const half = Math.max(30, (neck - top) * 0.34);
  const middle = (neck + top) / 2;
  const outline: Point[][] = [
    [
      [-5, neck],
      [-half * 0.9, middle + (neck - middle) * 0.5],
      [-half, middle],
      [-half * 0.7, top + 8],
      [0, top],
      [half * 0.7, top + 8],
      [half, middle],
      [half * 0.9, middle + (neck - middle) * 0.5],
      [5, neck],
    ],
    [
      [5, neck],
      [-5, neck],
    ],
  ];
  const weave: Point[][] = [-0.6, -0.2, 0.2, 0.6].map((x) => [
    [x * 8, neck - 4],
    [x * half * 1.4, middle],
    [x * half * 0.9, top + 8],
  ]);
  return [
    { ...solid('cover', 'veil', outline), width: 1.8 },
    lines('cover', 'hair', weave, 1),
    lines(
      'cover',
      'ink',
      [
        [
          [-9, neck],
          [0, neck + 3],
          [9, neck],
        ],
        [
          [6, neck + 2],
          [16, neck + 12],
        ],
        [
          [4, neck + 3],
          [8, neck + 15],
        ],
      ],
      2,
    ),
  ];
}

/**
 * What is wrong with a flower: from the side, or, without a standing, on its face.
 *
 * @example defectShapes({ ...looks, defect: 'hole' }, standing)[0]?.part // 'defect'
 */
export function defectShapes({ defect, stage, seed }: FlowerLooks, standing?: Standing): Shape[] {
  const chance = seededChance(seed + 3);
  const side = chance.below(2) < 1 ? -1 : 1;
  // Low on the petals from the side, where insects bite in; half-way out on the face.
  const spot: Point = standing ? [side * 5, standing.tip * (stage === 'open' ? 0.24 : 0.2)] : [side * 24, 22];
  switch (defect) {
    case undefined:
    case 'slipped':
      return [];
    case 'hole':
      return [
        solid('defect', 'hole', [ellipse(spot, 4.6, 5.6, 7)], 1.2),
        lines('defect', 'spentShade', [ellipse(spot, 6.6, 7.6, 9)], 1.4),
      ];
    case 'torn': {
      const from: Point = standing ? [side * 4, standing.tip] : [side * 10, -70];
      const down = standing ? -standing.tip * 0.5 : 42;
      return [
        solid(
          'defect',
          'hole',
          [
            [
              from,
              [from[0] + 5, from[1] + down * 0.3],
              [from[0] - 2, from[1] + down * 0.6],
              [from[0] + 3, from[1] + down],
            ],
            [
              [from[0] + 3, from[1] + down],
              [from[0] + 12, from[1] + down * 0.5],
              [from[0] + 14, from[1] + 6],
              from,
            ],
          ],
          1.2,
        ),
      ];
    }
    case 'visited': {
      const grains = Array.from({ length: 16 }, (_, i): Point[] => {
        const angle = i * 2.4;
        const r = (standing ? 22 : 34) * Math.sqrt((i + 1) / 16);
        const middle: Point = standing ? [0, standing.tip * 0.55] : [0, 0];
        const at: Point = [middle[0] + r * Math.cos(angle), middle[1] + r * 0.6 * Math.sin(angle)];
        return ellipse(at, 1.7, 1.7, 5);
      });
      return [
        { part: 'defect', runs: [], closed: false, strokes: grains, fill: 'pollen', line: 'ink', width: 0.8 },
      ];
    }
  }
}
