import type { Chance } from '@/core/random/chance';
import { about, type Standing } from './looks';
import { lines, type Point, type Shape, solid } from './shape';
import type { GrassLooks } from './tassel';

const HUSK = { pin: 34, green: 66, eve: 86, open: 92, spent: 104 } as const;

const SILK = { pin: 0, green: 0, eve: 0, open: 44, spent: 26 } as const;
const TIPS = 10;

/** A shoot leans out of the joint between leaf and stem. */
export function shoot(chance: Chance, { stage, tips }: GrassLooks): Standing {
  const long = about(chance, HUSK[stage], 0.05);
  const half = long * (stage === 'pin' ? 0.15 : 0.19);
  const silkLong = tips ? TIPS : SILK[stage];
  const hairs = tips ? 6 : 15;
  const silk =
    silkLong > 0
      ? Array.from({ length: hairs }, (_, i): Point[] => {
          const t = (i / (hairs - 1)) * 2 - 1;
          const reach = silkLong * (1 - 0.25 * t * t) * (0.85 + chance.below(0.3));
          const x = t * 6;
          const out = t * (tips ? 6 : stage === 'spent' ? 15 : 26);
          const fall = tips ? 0 : stage === 'spent' ? reach * 0.5 : Math.abs(t) * 20;
          return [
            [x, -long + 4],
            [x + out * 0.5, -long - reach * 0.7],
            [x + out, -long - reach + fall],
          ];
        })
      : [];
  const husk = [
    solid('shoot', 'husk', [
      [
        [-half * 0.7, 0],
        [-half, -long * 0.4],
        [-half * 0.72, -long * 0.78],
        [-3, -long],
      ],
      [
        [-3, -long],
        [3, -long],
      ],
      [
        [3, -long],
        [half * 0.72, -long * 0.78],
        [half, -long * 0.4],
        [half * 0.7, 0],
      ],
      [
        [half * 0.7, 0],
        [-half * 0.7, 0],
      ],
    ]),
    solid(
      'shoot',
      'bud',
      [
        [
          [half * 0.7, 0],
          [half, -long * 0.4],
          [half * 0.5, -long * 0.9],
        ],
        [
          [half * 0.5, -long * 0.9],
          [-half * 0.1, -long * 0.5],
          [-half * 0.1, 0],
        ],
        [
          [-half * 0.1, 0],
          [half * 0.7, 0],
        ],
      ],
      1.6,
    ),
    lines(
      'shoot',
      'huskShade',
      [
        [
          [-half * 0.5, -4],
          [-half * 0.66, -long * 0.4],
          [-half * 0.3, -long * 0.85],
        ],
        [
          [half * 0.4, -6],
          [half * 0.55, -long * 0.4],
          [half * 0.42, -long * 0.7],
        ],
      ],
      1.4,
    ),
    // A small leaf at the tip of the husk.
    solid(
      'shoot',
      'leaf',
      [
        [
          [-2, -long + 10],
          [-half * 1.1, -long - 4],
          [-half * 1.5, -long - 22],
        ],
        [
          [-half * 1.5, -long - 22],
          [-half * 0.5, -long - 6],
          [2, -long + 6],
        ],
      ],
      1.6,
    ),
  ];
  const tone = stage === 'spent' ? 'silkSpent' : 'silk';
  return {
    shapes: [
      ...stemAndLeaf(),
      ...(silk.length > 0 ? [lines('silk', 'ink', silk, 3), lines('silk', tone, silk, 1.8)] : []),
      ...husk,
    ],
    foot: 70,
    tip: -long - silkLong,
  };
}

function stemAndLeaf(): Shape[] {
  return [
    solid('leaf', 'leaf', [
      [
        [-26, 18],
        [18, -16],
        [64, -34],
        [92, -18],
      ],
      [
        [92, -18],
        [62, -16],
        [26, 6],
        [-20, 34],
      ],
      [
        [-20, 34],
        [-26, 18],
      ],
    ]),
    lines(
      'leaf',
      'leafLine',
      [
        [
          [-20, 24],
          [24, -8],
          [64, -26],
          [88, -19],
        ],
      ],
      1.4,
    ),
    solid('stalk', 'stalk', [
      [
        [-30, -120],
        [-31, 0],
        [-30, 70],
      ],
      [
        [-30, 70],
        [-14, 70],
      ],
      [
        [-14, 70],
        [-13, 0],
        [-15, -120],
      ],
      [
        [-15, -120],
        [-30, -120],
      ],
    ]),
    lines(
      'stalk',
      'stalkShade',
      [
        [
          [-31, 16],
          [-22, 19],
          [-12, 15],
        ],
      ],
      2,
    ),
  ];
}
