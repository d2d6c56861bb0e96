import type { DomeForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import { about, type FlowerLooks, type Standing } from './looks';
import { ellipse, lines, placed, solid, specks, spiral, type Point, type Shape } from './shape';
import { stem } from './stem';
import type { DrawnForm } from './form';

type DomeLooks = FlowerLooks<DomeForm>;

const BUD = { pin: 14, green: 24, eve: 33 } as const;

/**
 * A strawberry flower from the side.
 *
 * @example domeSide(looks).shapes.some(({ part }) => part === 'dome') // open or spent
 */
function domeSide(looks: DomeLooks): Standing {
  const chance = seededChance(looks.seed);
  const { stage } = looks;
  const stalk = about(chance, 70, 0.1);
  const head =
    stage === 'open'
      ? [...sepals(chance, 26, 1.3), ...placed(domeFace(looks), { at: [0, -20], scale: 0.78, squash: 0.58 })]
      : stage === 'spent'
        ? spent(chance, looks)
        : budShapes(chance, looks, BUD[stage]);
  return {
    shapes: [stem(chance, { length: stalk, half: 2.4, foot: 1.1, sway: 7, line: 1.8 }), ...head],
    foot: stalk,
    tip: -60,
  };
}

function sepals(chance: Chance, length: number, spread: number): Shape[] {
  return [-75, 75, -32, 32, 0].flatMap((turn) =>
    placed(
      [
        solid(
          'sepals',
          'sepal',
          [
            [
              [-5, 2],
              [-6, -length * 0.5],
              [0, -about(chance, length, 0.08)],
            ],
            [
              [0, -length],
              [6, -length * 0.5],
              [5, 2],
            ],
          ],
          1.6,
        ),
      ],
      { turn: turn * spread },
    ),
  );
}

function budShapes(chance: Chance, { stage }: DomeLooks, length: number): Shape[] {
  const isEve = stage === 'eve';
  const half = length * 0.52;
  const petals = solid('bud', isEve ? 'petal' : 'bud', [
    [
      [-half * 0.7, -2],
      [-half, -length * 0.5],
      [-half * 0.5, -length * 0.95],
      [0, -length * 1.02],
      [half * 0.5, -length * 0.95],
      [half, -length * 0.5],
      [half * 0.7, -2],
    ],
    [
      [half * 0.7, -2],
      [-half * 0.7, -2],
    ],
  ]);
  const seam = lines('seam', isEve ? 'petalLine' : 'budRib', [
    [
      [-3, -4],
      [-5, -length * 0.5],
      [2, -length * 0.95],
    ],
  ]);
  return [
    petals,
    ...(isEve ? [seam] : []),
    ...sepals(chance, length * (isEve ? 0.66 : 1.02), isEve ? 0.95 : 0.42),
  ];
}

/**
 * A strawberry flower from above, its middle at the origin, petals about 46 long.
 *
 * @example domeFace(looks).at(-1)?.part // 'dome'
 */
function domeFace(looks: DomeLooks): Shape[] {
  const chance = seededChance(looks.seed + 1);
  const first = chance.below(40);
  const petals = Array.from({ length: 5 }, (_, i) => {
    const long = about(chance, 46, 0.06);
    return placed(
      [
        solid('petals', 'petal', [
          [
            [-5, -10],
            [-19, -long * 0.5],
            [-18, -long * 0.82],
            [-6, -long],
            [6, -long],
            [18, -long * 0.82],
            [19, -long * 0.5],
            [5, -10],
          ],
        ]),
        lines(
          'petals',
          'petalLine',
          [
            [
              [-4, -20],
              [-6, -long * 0.7],
            ],
            [
              [4, -20],
              [6, -long * 0.7],
            ],
          ],
          1,
        ),
      ],
      { turn: first + 72 * i },
    );
  }).flat();
  return [...petals, ...ring('pollen', 20, 22), ...dome(17, 'stigma')];
}

/** A ring of anthers. */
function ring(fill: 'pollen' | 'spentShade', count: number, radius: number): Shape[] {
  const anthers = Array.from({ length: count }, (_, i): Point[][] => {
    const angle = (2 * Math.PI * i) / count;
    const r = radius + (i % 2) * 3.4;
    return [ellipse([r * Math.cos(angle), r * Math.sin(angle)], 2.9, 2.9, 6)];
  });
  return [specks('anthers', fill, anthers.flat(), 1.1)];
}

/** The many pistils on their dome. */
function dome(radius: number, fill: 'stigma' | 'fruitlet'): Shape[] {
  const dots = spiral(34, radius * 0.92).map((at): Point[] => [at, [at[0] + 1.4, at[1] - 1]]);
  return [
    solid('dome', fill, [ellipse([0, 0], radius, radius)], 1.8),
    lines('dome', fill === 'stigma' ? 'column' : 'fruitletShade', dots, 1.8),
  ];
}

/** Petals down, anthers brown, the dome green and growing. */
function spent(chance: Chance, { seed }: DomeLooks): Shape[] {
  const left = seededChance(seed + 2).below(3);
  const hanging = Array.from({ length: Math.floor(left) }, (_, i) =>
    placed(
      [
        solid(
          'petals',
          'spent',
          [
            [
              [-4, 0],
              [-13, -14],
              [-6, -27],
              [7, -26],
              [13, -13],
              [4, 0],
            ],
          ],
          1.6,
        ),
      ],
      { at: [i === 0 ? -14 : 14, -6], turn: i === 0 ? -118 : 122 },
    ),
  ).flat();
  return [
    ...hanging,
    ...sepals(chance, 28, 1.25),
    ...placed([...ring('spentShade', 16, 20), ...dome(20, 'fruitlet')], { at: [0, -20], squash: 0.84 }),
  ];
}

export const DOME: DrawnForm<DomeForm> = {
  side: domeSide,
  face: domeFace,
  frame: () => ({ width: 96, height: 142 }),
  colours: () => ({ petals: 'white', own: { pollen: '#F3C33B', stigma: '#DCD86C', column: '#A99A2E' } }),
  perfect: true,
};
