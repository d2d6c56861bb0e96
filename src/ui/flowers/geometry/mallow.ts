import type { MallowForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import type { DrawnForm } from './form';
import { about, type FlowerLooks, type Standing } from './looks';
import { ellipse, lines, placed, solid, specks, spiral, type Point, type Shape } from './shape';
import { stem } from './stem';

type MallowLooks = FlowerLooks<MallowForm>;

/** From the base to the tip, px of the drawing. */
const LENGTH = { pin: 20, green: 44, eve: 66, open: 62, spent: 60 } as const;
const PETAL = 58;

/**
 * A mallow's flower from the side: a pointed bud in narrow bracts, the yellow cone of the evening before, the open
 * bowl, and the roll that is left next day.
 *
 * @example mallowSide(looks).shapes.some(({ part }) => part === 'bud') // pin, green and eve
 */
function mallowSide(looks: MallowLooks): Standing {
  const chance = seededChance(looks.seed);
  const { stage } = looks;
  const length = about(chance, LENGTH[stage], 0.05);
  const stalk = about(chance, 46, 0.08);
  const head =
    stage === 'open'
      ? [...placed(mallowFace(looks), { at: [0, -34], scale: 0.86, squash: 0.66 }), ...bracts(chance, 22, 1)]
      : stage === 'spent'
        ? [...roll(chance, length), ...bracts(chance, 24, 0.8)]
        : bud(chance, length, stage);
  return {
    shapes: [stem(chance, { length: stalk, half: 4.5, foot: 1.2, sway: 4, line: 2 }), ...head],
    foot: stalk,
    tip: -length,
  };
}

/** Narrow leaves below the flower. */
const bracts = (chance: Chance, length: number, spread: number): Shape[] =>
  [-78, 78, -46, 46, -18, 18].flatMap((turn) =>
    placed(
      [
        solid(
          'sepals',
          'sepal',
          [
            [
              [-2.6, 2],
              [-3.2, -length * 0.5],
              [0, -about(chance, length, 0.12)],
            ],
            [
              [0, -length],
              [3.2, -length * 0.5],
              [2.6, 2],
            ],
          ],
          1.4,
        ),
      ],
      { turn: turn * spread },
    ),
  );

/** Shut in its green sheath; the evening before, the rolled petals stand out of it. */
function bud(chance: Chance, length: number, stage: 'pin' | 'green' | 'eve'): Shape[] {
  const sheath = stage === 'eve' ? length * 0.55 : length;
  const half = { pin: 8, green: 12, eve: 14 }[stage];
  const cone = (to: number, wide: number): Shape['runs'] => [
    [
      [-wide * 0.8, 0],
      [-wide, -to * 0.3],
      [-wide * 0.62, -to * 0.72],
      [0, -to],
    ],
    [
      [0, -to],
      [wide * 0.62, -to * 0.72],
      [wide, -to * 0.3],
      [wide * 0.8, 0],
    ],
  ];
  const petals =
    stage === 'eve' ? [solid('bud', 'petal', cone(length, half * 0.98)), ...twist(length, half)] : [];
  const ribs = lines(
    'bud',
    'budRib',
    [-0.45, 0, 0.45].map((at): Point[] => [
      [half * at, -2],
      [half * at * 1.1, -sheath * 0.4],
      [half * at * 0.3, -sheath * 0.85],
    ]),
  );
  return [
    ...petals,
    solid('bud', 'bud', cone(sheath, half)),
    ribs,
    ...bracts(chance, length * (stage === 'eve' ? 0.4 : 0.52), 0.62),
  ];
}

/** The lines along which petals are rolled round each other. */
const twist = (length: number, half: number): Shape[] => [
  lines('bud', 'petalLine', [
    [
      [-half * 0.4, -length * 0.5],
      [half * 0.1, -length * 0.75],
      [0, -length * 0.97],
    ],
    [
      [half * 0.5, -length * 0.55],
      [half * 0.35, -length * 0.75],
      [0, -length * 0.97],
    ],
  ]),
];

/**
 * A mallow's flower from the front, its middle at the origin: five overlapping petals, dark at their base, and the
 * column.
 *
 * @example mallowFace(looks).filter(({ part }) => part === 'petals').length // a petal and its veins, five times
 */
function mallowFace(looks: MallowLooks): Shape[] {
  const chance = seededChance(looks.seed + 1);
  const first = chance.below(40);
  const petals = Array.from({ length: 5 }, (_, i) =>
    placed(petal(about(chance, PETAL, 0.05)), { turn: first + 72 * i }),
  ).flat();
  return [...petals, solid('throat', 'throat', [ellipse([0, 0], 17, 17)], 0.8), ...column(chance)];
}

const petal = (long: number): Shape[] => [
  solid('petals', 'petal', [
    [
      [-4, -4],
      [-24, -long * 0.5],
      [-27, -long * 0.82],
      [-10, -long],
      [12, -long * 0.97],
      [29, -long * 0.74],
      [22, -long * 0.42],
      [4, -4],
    ],
  ]),
  lines(
    'petals',
    'petalLine',
    [-14, -5, 5, 14].map((x): Point[] => [
      [x * 0.4, -16],
      [x * 0.9, -long * 0.5],
      [x * 1.25, -long * 0.86],
    ]),
    0.9,
  ),
];

/** Anthers all along a short column, five stigmas at its end. */
function column(chance: Chance): Shape[] {
  const dots = spiral(26, 10.5).map(([x, y]) => ellipse([x, y - 2], 2, 2, 6));
  const stigmas = Array.from({ length: 5 }, (_, i): Point[] => {
    const angle = chance.below(0.5) + (2 * Math.PI * i) / 5;
    return ellipse([4.6 * Math.cos(angle), 4.6 * Math.sin(angle) - 3], 2.7, 2.7, 7);
  });
  return [
    solid('column', 'column', [ellipse([0, -1], 11, 11)], 1.2),
    specks('anthers', 'pollen', dots, 0.9),
    specks('style', 'stigma', stigmas, 0.9),
  ];
}

/** Next day the petals are a limp, twisted roll on the young pod. */
function roll(chance: Chance, length: number): Shape[] {
  const lean = chance.below(2) < 1 ? -1 : 1;
  const pod = solid('fruitlet', 'fruitlet', [
    [
      [-9, 0],
      [-10, -length * 0.28],
      [-4, -length * 0.5],
      [4, -length * 0.5],
      [10, -length * 0.28],
      [9, 0],
    ],
  ]);
  const limp = placed(
    [
      solid('petals', 'spent', [
        [
          [-7, 2],
          [-9, -16],
          [-5, -32],
          [3, -40],
          [8, -28],
          [8, -12],
          [6, 2],
        ],
      ]),
      lines('petals', 'spentShade', [
        [
          [-4, -2],
          [2, -16],
          [1, -34],
        ],
        [
          [4, -4],
          [-2, -20],
          [3, -36],
        ],
      ]),
    ],
    { at: [2 * lean, -length * 0.46], turn: 34 * lean },
  );
  return [...limp, pod];
}

export const MALLOW: DrawnForm<MallowForm> = {
  side: mallowSide,
  face: mallowFace,
  frame: () => ({ width: 124, height: 150 }),
  colours: () => ({
    petals: 'yellow',
    own: { petal: '#F4E7A1', throat: '#6E2138', column: '#F0DFA0', pollen: '#EFC94C', stigma: '#7A1F33' },
  }),
  perfect: true,
};
