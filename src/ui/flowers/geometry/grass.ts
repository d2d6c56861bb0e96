import type { GrassForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import { about, type FlowerLooks, type Standing } from './looks';
import { lines, solid, type Point, type Shape } from './shape';
import type { DrawnForm } from './form';

type GrassLooks = FlowerLooks<GrassForm>;

/**
 * Corn: the tassel, or a shoot with its silk. The stem below it is the stalk of the plant.
 *
 * @example grassSide({ ...looks, sex: 'male' }).shapes.some(({ part }) => part === 'tassel') // true
 */
function grassSide(looks: GrassLooks): Standing {
  const chance = seededChance(looks.seed);
  return looks.sex === 'male' ? tassel(chance, looks) : shoot(chance, looks);
}

const TASSEL = { pin: 42, green: 76, eve: 108, open: 112, spent: 108 } as const;
/** Degrees from upright of the outermost branch. */
const SPREAD = { pin: 5, green: 11, eve: 34, open: 46, spent: 40 } as const;
const SIDE_BRANCHES = 4;

function tassel(chance: Chance, { stage }: GrassLooks): Standing {
  const long = about(chance, TASSEL[stage], 0.04);
  const branches = [
    ...[-1, 1].flatMap((side) =>
      Array.from({ length: SIDE_BRANCHES }, (_, i): Point[] => {
        const from = -long * (0.06 + 0.07 * i);
        const angle =
          (side * SPREAD[stage] * (1.15 - 0.18 * i) * Math.PI) / 180 + (chance.below(0.08) - 0.04);
        const reach = long * (0.8 - 0.06 * i);
        const droop = stage === 'pin' || stage === 'green' ? 0 : reach * 0.14;
        return [
          [0, from],
          [Math.sin(angle) * reach * 0.55, from - Math.cos(angle) * reach * 0.62],
          [Math.sin(angle) * reach * 1.05, from - Math.cos(angle) * reach + droop],
        ];
      }),
    ),
    [
      [0, 0],
      [1, -long * 0.5],
      [0, -long],
    ] as Point[],
  ];
  const stem: Shape[] = [
    solid(
      'stalk',
      'stalk',
      [
        [
          [-4, 0],
          [-4.5, 60],
        ],
        [
          [-4.5, 60],
          [4.5, 60],
        ],
        [
          [4.5, 60],
          [4, 0],
        ],
        [
          [4, 0],
          [-4, 0],
        ],
      ],
      1.8,
    ),
  ];
  const tone = stage === 'spent' ? 'straw' : stage === 'open' || stage === 'eve' ? 'husk' : 'bud';
  return {
    shapes: [
      ...stem,
      lines('tassel', 'ink', branches, stage === 'pin' ? 5.5 : 8),
      lines('tassel', tone, branches, stage === 'pin' ? 3.2 : 5.4),
      ...spikelets(branches, stage),
      ...hanging(chance, branches, stage),
      ...flagLeaves(chance, stage, long),
    ],
    foot: 60,
    tip: -long,
  };
}

const at = ([a, b, c]: readonly Point[], t: number): Point => {
  const mix = (i: 0 | 1): number => (1 - t) ** 2 * a![i] + 2 * t * (1 - t) * b![i] + t * t * c![i];
  return [mix(0), mix(1)];
};

function spikelets(branches: readonly Point[][], stage: GrassLooks['stage']): Shape[] {
  if (stage === 'pin') return [];
  const marks = branches.flatMap((branch) =>
    Array.from({ length: 7 }, (_, i): Point[] => {
      const [x, y] = at(branch, 0.2 + i * 0.11);
      return [
        [x - 2.4, y + 2],
        [x, y - 2.4],
        [x + 2.4, y + 2],
      ];
    }),
  );
  return [lines('tassel', stage === 'spent' ? 'huskShade' : 'stalkShade', marks, 1.1)];
}

/** Anthers hang out when a tassel sheds, first from the middle of its central branch. */
function hanging(chance: Chance, branches: readonly Point[][], stage: GrassLooks['stage']): Shape[] {
  if (stage !== 'eve' && stage !== 'open') return [];
  const from = stage === 'open' ? branches : branches.slice(-1);
  const anthers = from.flatMap((branch) =>
    Array.from({ length: stage === 'open' ? 7 : 5 }, (_, i): Point[] => {
      const [x, y] = at(branch, (stage === 'open' ? 0.22 : 0.35) + i * (stage === 'open' ? 0.12 : 0.09));
      const side = i % 2 === 0 ? 1 : -1;
      const out = side * (4 + chance.below(4));
      return [
        [x, y],
        [x + out, y + 4],
        [x + out * 1.1, y + 13 + chance.below(4)],
      ];
    }),
  );
  return [lines('anthers', 'ink', anthers, 5), lines('anthers', 'pollen', anthers, 3)];
}

/** The leaf that wraps the tassel until it is out. */
function flagLeaves(chance: Chance, stage: GrassLooks['stage'], long: number): Shape[] {
  const hides = stage === 'pin' ? 0.86 : stage === 'green' ? 0.4 : 0;
  const leaf = (side: number): Shape[] => {
    const top = hides > 0 ? -long * hides : -about(chance, 6, 0.4);
    const tip: Point = hides > 0 ? [side * 16, top - 26] : [side * 70, 22];
    const mid: Point = hides > 0 ? [side * 15, top * 0.5] : [side * 40, -16];
    return [
      solid('leaf', 'leaf', [
        [[side * 3, 40], mid, tip],
        [tip, [mid[0] * 0.55, mid[1] + (hides > 0 ? 4 : 18)], [side * 1, 44]],
      ]),
    ];
  };
  return [...leaf(-1), ...leaf(1)];
}

const HUSK = { pin: 34, green: 66, eve: 86, open: 92, spent: 104 } as const;
const SILK = { pin: 0, green: 0, eve: 10, open: 44, spent: 26 } as const;

/** A shoot leans out of the joint between leaf and stem. */
function shoot(chance: Chance, { stage }: GrassLooks): Standing {
  const long = about(chance, HUSK[stage], 0.05);
  const half = long * (stage === 'pin' ? 0.15 : 0.19);
  const silkLong = SILK[stage];
  const silk =
    silkLong > 0
      ? Array.from({ length: stage === 'eve' ? 6 : 15 }, (_, i): Point[] => {
          const t = (i / (stage === 'eve' ? 5 : 14)) * 2 - 1;
          const reach = silkLong * (1 - 0.25 * t * t) * (0.85 + chance.below(0.3));
          const x = t * 6;
          const out = t * (stage === 'open' ? 26 : stage === 'spent' ? 15 : 6);
          const fall = stage === 'spent' ? reach * 0.5 : stage === 'open' ? Math.abs(t) * 20 : 0;
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

export const GRASS: DrawnForm<GrassForm> = {
  side: grassSide,
  frame: () => ({ width: 190, height: 196 }),
  colours: () => ({ petals: 'yellow', own: { pollen: '#EBCF57' } }),
};
