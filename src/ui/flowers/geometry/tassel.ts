import type { GrassForm } from '@/core/crops/flowerForm';
import type { Chance } from '@/core/random/chance';
import { about, type FlowerLooks, type Standing } from './looks';
import { lines, type Point, type Shape, solid } from './shape';

export type GrassLooks = FlowerLooks<GrassForm>;

const TASSEL = { pin: 42, green: 76, eve: 108, open: 112, spent: 108 } as const;

/** Degrees from upright of the outermost branch. */
const SPREAD = { pin: 5, green: 11, eve: 34, open: 46, spent: 40 } as const;

const SIDE_BRANCHES = 4;

export function tassel(chance: Chance, { stage }: GrassLooks): Standing {
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
