import type { KeelForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import type { DrawnForm } from './form';
import { about, type FlowerLooks, type Standing } from './looks';
import { ellipse, lines, placed, solid, type Point, type Shape } from './shape';
import { stem } from './stem';

type KeelLooks = FlowerLooks<KeelForm>;

/** From the base of the green cup to the tip, px of the drawing. */
const LENGTH = { pin: 18, green: 32, eve: 58, open: 78, spent: 58 } as const;
/** The green cup, in the same px: petals grow out of it. */
const CUP = { pin: 17, green: 26, eve: 26, open: 24, spent: 24 } as const;

/**
 * A pea's or a bean's flower from the side, looking to one side: the bud in its cup, folded petals the evening before,
 * the banner up when it is open, and the young pod between withered petals.
 *
 * @example keelSide(looks).shapes.some(({ part }) => part === 'bud') // pin, green and eve
 */
function keelSide(looks: KeelLooks): Standing {
  const chance = seededChance(looks.seed);
  const { stage } = looks;
  const length = about(chance, LENGTH[stage], 0.05);
  const stalk = about(chance, 44, 0.1);
  const head =
    stage === 'open'
      ? open(looks, length)
      : stage === 'spent'
        ? spent(chance, length)
        : folded(looks, length);
  return {
    shapes: [
      stem(chance, { length: stalk, half: 2.4, foot: 1.2, sway: 5, line: 1.8 }),
      ...head,
      ...cup(chance, CUP[stage]),
    ],
    foot: stalk,
    tip: -length,
  };
}

/** The green cup with its teeth. */
const cup = (chance: Chance, length: number): Shape[] => [
  solid('sepals', 'sepal', [
    [
      [-5, 0],
      [-11, -length * 0.45],
      [-12, -about(chance, length, 0.06)],
    ],
    [
      [-12, -length],
      [-6, -length * 0.68],
      [0, -length * 0.92],
      [6, -length * 0.68],
      [12, -length],
    ],
    [
      [12, -length],
      [11, -length * 0.45],
      [5, 0],
    ],
  ]),
];

/** Petals folded over each other; before, no more of them than a rim beyond the cup. */
function folded({ stage }: KeelLooks, length: number): Shape[] {
  const isEve = stage === 'eve';
  const half = isEve ? 15 : 9;
  const petals = solid('bud', isEve ? 'petal' : 'bud', [
    [
      [-6, -4],
      [-half, -length * 0.55],
      [-half * 0.7, -length * 0.92],
      [half * 0.3, -length],
      [half, -length * 0.8],
      [half, -length * 0.5],
      [6, -4],
    ],
  ]);
  if (!isEve) return [petals];
  const fold = lines('seam', 'petalLine', [
    [
      [-2, -length * 0.35],
      [2, -length * 0.65],
      [half * 0.5, -length * 0.94],
    ],
  ]);
  return [petals, fold];
}

/** The banner stands up behind, the wings lie to the front over the keel. */
function open({ form }: KeelLooks, length: number): Shape[] {
  const banner = solid('petals', 'petal', [
    [
      [-6, -16],
      [-27, -length * 0.45],
      [-34, -length * 0.74],
      [-22, -length * 0.98],
      [-4, -length],
      [10, -length * 0.86],
      [12, -length * 0.55],
      [6, -16],
    ],
  ]);
  const veins = lines(
    'petals',
    'petalLine',
    [-22, -12, -2].map((x): Point[] => [
      [-2, -22],
      [x * 0.7, -length * 0.55],
      [x, -length * 0.84],
    ]),
    0.9,
  );
  const keel = solid('column', 'column', [
    form.keel === 'coiled'
      ? [
          [2, -14],
          [20, -34],
          [38, -36],
          [46, -26],
          [41, -17],
          [32, -20],
          [34, -27],
          [26, -24],
          [6, -8],
        ]
      : [
          [2, -14],
          [20, -30],
          [38, -34],
          [48, -26],
          [40, -16],
          [22, -10],
          [6, -8],
        ],
  ]);
  const wing = solid('lobes', 'petalBack', [
    [
      [2, -16],
      [14, -44],
      [34, -50],
      [44, -38],
      [30, -26],
      [12, -18],
    ],
  ]);
  const blotch = form.blotched ? [solid('lobes', 'throat', [ellipse([27, -40], 8, 6)], 0.6)] : [];
  return [banner, veins, keel, wing, ...blotch];
}

/** Petals hang withered round the young pod. */
function spent(chance: Chance, length: number): Shape[] {
  const pod = solid('fruitlet', 'fruitlet', [
    [
      [-4, -6],
      [-5, -length * 0.6],
      [2, -length],
    ],
    [
      [2, -length],
      [8, -length * 0.6],
      [5, -6],
    ],
  ]);
  const rag = (turn: number, long: number): Shape[] =>
    placed(
      [
        solid(
          'petals',
          'spent',
          [
            [
              [-4, 0],
              [-10, -long * 0.5],
              [-4, -long],
              [6, -long * 0.9],
              [9, -long * 0.4],
              [4, 0],
            ],
          ],
          1.6,
        ),
      ],
      { at: [0, -18], turn },
    );
  return [...rag(-62, about(chance, 26, 0.1)), pod, ...rag(58, about(chance, 30, 0.1))];
}

export const KEEL: DrawnForm<KeelForm> = {
  side: keelSide,
  frame: () => ({ width: 112, height: 130 }),
  colours: ({ petalColour }) => ({
    petals: petalColour === 'violet' ? 'violet' : 'white',
    own: {
      throat: '#3B2A33',
      column: '#DDE3B8',
      ...(petalColour === 'scarlet' && { petal: '#C8452F', petalBack: '#D8604A', column: '#E3A08F' }),
    },
  }),
  perfect: true,
};
