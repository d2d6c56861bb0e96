import type { GourdForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import { fruitletShapes } from './fruitlet';
import { about, type FlowerLooks, type Standing } from './looks';
import { between, lines, placed, solid, symmetrical, type Point, type Shape } from './shape';
import type { DrawnForm } from './form';
import { faceShapes } from './gourdFace';

type GourdLooks = FlowerLooks<GourdForm>;

/** Square root of the area of the fruitlet, for a flower whose petals are 100 long. */
const FRUITLET = { pin: 13, green: 24, eve: 37, open: 42, spent: 47 } as const;
/** Small flowers have a large fruitlet for their size. */
const OF_WHEEL = 0.95;

const PETALS = { pin: 20, green: 54, eve: 98, open: 100, spent: 56 } as const;
const OF_WHEEL_PETALS = { pin: 18, green: 32, eve: 52, open: 34, spent: 34 } as const;

const STALK = {
  bell: { male: { pin: 26, green: 70, eve: 104, open: 110, spent: 110 }, female: 26, wide: [7, 9] },
  wheel: { male: { pin: 14, green: 24, eve: 32, open: 36, spent: 36 }, female: 22, wide: [4.5, 5.5] },
} as const;
/** Males of some small-flowered gourds stand on long stalks as well. */
const LONG_OF_WHEEL = 2.4;

/**
 * A flower of the gourd family from the side: stalk, fruitlet under the female, and petals of its age.
 *
 * @example gourdSide(looks).foot // where the stalk ends, below the origin
 */
function gourdSide(looks: GourdLooks): Standing {
  const chance = seededChance(looks.seed);
  const { form, sex, stage } = looks;
  const bell = form.petals === 'bell';
  const build = STALK[bell ? 'bell' : 'wheel'];
  const bears = sex !== 'male';
  const fruitlet = bears
    ? fruitletShapes(
        looks.fruitShape ?? form.fruitlet,
        about(chance, FRUITLET[stage] * (bell ? 1 : OF_WHEEL)),
      )
    : undefined;
  const from = fruitlet?.end ?? [0, 0];
  const long = !bell && form.maleStalk === 'long' ? LONG_OF_WHEEL : 1;
  const length = about(chance, bears ? build.female : build.male[stage] * long);
  const petals = about(chance, (bell ? PETALS : OF_WHEEL_PETALS)[stage], 0.03);
  const stalk = stalkShapes(chance, from, length, build.wide[bears ? 1 : 0], form.hairy ?? false);
  return {
    shapes: [
      ...stalk,
      ...(fruitlet?.shapes ?? []),
      ...(fruitlet && form.hairy && !bell ? [fuzz(chance, fruitlet.edge)] : []),
      ...crown(chance, looks, petals),
    ],
    foot: from[1] + length,
    tip: -petals,
  };
}

function stalkShapes(chance: Chance, [x, y]: Point, length: number, wide: number, hairy: boolean): Shape[] {
  const sway = chance.below(6) - 3;
  const side = (half: number): Point[] => [
    [x + half, y - 2],
    [x + half * 0.94 + sway, y + length * 0.5],
    [x + half * 1.1, y + length],
  ];
  const half = wide / 2;
  const left = side(-half);
  const right = side(half).toReversed();
  const hairs = Array.from({ length: Math.floor(length / 7) }, (_, i): Point[] => {
    const at = y + 5 + i * 7;
    const out = i % 2 === 0 ? 1 : -1;
    return [
      [x + out * half + sway * 0.8, at],
      [x + out * (half + 4) + sway * 0.8, at - 2],
    ];
  });
  return [
    solid('stalk', 'stalk', between(left, right)),
    lines('stalk', 'stalkShade', [right.map(([px, py]): Point => [px - half * 0.7, py])], 1.6),
    ...(hairy ? [lines('stalk', 'hair', hairs, 1)] : []),
  ];
}

/** Fine hairs round the fruitlet of melon, cucumber and watermelon. */
function fuzz(chance: Chance, edge: readonly Point[]): Shape {
  const middle = edge.reduce((sum, [x]) => sum + x, 0) / edge.length;
  const hairs = edge.map(([x, y]): Point[] => [
    [x, y],
    [x + Math.sign(x - middle) * (3 + chance.below(2)), y + 2],
  ]);
  return lines('fruitlet', 'hair', hairs, 1);
}

function crown(chance: Chance, looks: GourdLooks, length: number): Shape[] {
  switch (looks.stage) {
    case 'pin':
    case 'green':
    case 'eve':
      return budShapes(chance, looks, length);
    case 'open':
      return looks.form.petals === 'bell' ? openBell(chance, looks) : openWheel(chance, looks);
    case 'spent':
      return spentShapes(chance, looks, length);
  }
}

/** Half-widths of a bud for a length of 100, from base to tip. */
const BUD = {
  bell: {
    pin: [
      [13, 0],
      [17, -35],
      [13, -70],
      [0, -100],
    ],
    green: [
      [11, 0],
      [17, -30],
      [18, -55],
      [11, -82],
      [0, -100],
    ],
    eve: [
      [9, 0],
      [12, -25],
      [17, -52],
      [14, -72],
      [6, -90],
      [0, -100],
    ],
  },
  wheel: {
    pin: [
      [18, 0],
      [24, -40],
      [16, -75],
      [0, -100],
    ],
    green: [
      [20, 0],
      [27, -40],
      [22, -72],
      [0, -100],
    ],
    eve: [
      [18, 0],
      [24, -35],
      [28, -62],
      [18, -86],
      [0, -100],
    ],
  },
} as const;

function budShapes(chance: Chance, { form, stage }: GourdLooks, length: number): Shape[] {
  const age = stage as 'pin' | 'green' | 'eve';
  const bell = form.petals === 'bell';
  const lean = (age === 'green' ? 7 : 2) * (chance.below(2) - 1);
  const scale = length / 100;
  const profile = BUD[bell ? 'bell' : 'wheel'][age].map(
    ([half, y]) => [about(chance, half, 0.04) * scale, y * scale] as const,
  );
  const bend = ([x, y]: Point): Point => [x + lean * (y / length) ** 2 * scale, y];
  const [left, , right] = symmetrical(profile.slice(0, -1)).map((run) => run.map(bend));
  const tip = bend([0, -length]);
  const base: Point[] = [right!.at(-1)!, left![0]!];
  const isEve = age === 'eve';
  return [
    solid('bud', isEve ? 'seam' : 'bud', [[...left!, tip], [tip, ...right!], base]),
    ...(isEve ? eveRibs(profile, bend, tip) : [budRibs(profile, bend, tip)]),
    ...(isEve && bell ? [lines('seam', 'ink', tipTwist(tip, scale), 1.3)] : []),
    ...sepals(chance, bell, age === 'pin' ? length * 1.05 : length * (age === 'green' ? 0.5 : 0.26), scale),
  ];
}

/** Green ribs that leave the petals' own colour along the seams between them. */
function eveRibs(
  profile: readonly (readonly [number, number])[],
  bend: (point: Point) => Point,
  tip: Point,
): Shape[] {
  const rib = (from: number, to: number): Point[][] => {
    const rows = profile.slice(0, -1);
    const one = rows.map(([half, y]): Point => bend([from * half, y]));
    const other = rows.map(([half, y]): Point => bend([to * half, y])).toReversed();
    return [
      [...one, tip],
      [tip, ...other],
    ];
  };
  return [
    [-0.98, -0.66],
    [-0.2, 0.2],
    [0.66, 0.98],
  ].map(([from, to]) => ({
    part: 'bud',
    runs: rib(from!, to!),
    closed: true,
    fill: 'budRib',
    line: 'none',
    width: 0,
  }));
}

const budRibs = (
  profile: readonly (readonly [number, number])[],
  bend: (point: Point) => Point,
  tip: Point,
): Shape =>
  lines(
    'bud',
    'budRib',
    [-0.45, 0.1, 0.55].map((part) => [
      ...profile.slice(0, -1).map(([half, y]): Point => bend([part * half, y])),
      tip,
    ]),
    2,
  );

const tipTwist = ([x, y]: Point, scale: number): Point[][] => [
  [
    [x - 4 * scale, y + 14 * scale],
    [x + 2 * scale, y + 8 * scale],
    [x + 1 * scale, y],
  ],
  [
    [x + 5 * scale, y + 18 * scale],
    [x + 1 * scale, y + 12 * scale],
  ],
];

/** The narrow green leaves at the base of the petals: closed round a young bud, standing off an older one. */
function sepals(chance: Chance, bell: boolean, length: number, scale: number): Shape[] {
  const young = length > 100 * scale;
  const half = (bell ? 11 : 16) * Math.max(young ? 0.3 : 0.45, scale);
  return [-1, 1, 0.1].map((side) => {
    const x = side * half;
    const out = young ? x * 0.7 : x * 1.5 + chance.below(3) - 1.5;
    const belly = young ? x * 1.5 : (x + out) / 2;
    const tip: Point = [out, -about(chance, length, 0.1)];
    const width = (bell ? 3 : 3.4) * Math.max(0.55, scale);
    return solid(
      'sepals',
      'sepal',
      [
        [[x - width, 2], [belly - width, tip[1] / 2], tip],
        [tip, [belly + width, tip[1] / 2], [x + width, 2]],
      ],
      1.6,
    );
  });
}

/** The mouth of the bell, seen a little from above. */
const MOUTH = { x: 45, back: -78, front: -57 } as const;

function openBell(chance: Chance, looks: GourdLooks): Shape[] {
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
function openWheel(chance: Chance, looks: GourdLooks): Shape[] {
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

/** Wilted, wrung shut like a cloth, and hanging over. */
function spentShapes(chance: Chance, { form }: GourdLooks, length: number): Shape[] {
  const bell = form.petals === 'bell';
  const side = chance.below(2) < 1 ? -1 : 1;
  const k = length / 56;
  // It leans more the higher it is.
  const at = (x: number, y: number): Point => [side * (x + 0.0075 * y * y) * k, y * k * (1 + 0.0022 * y)];
  const left = [at(-9, 0), at(-14, -16), at(-11, -30), at(-5, -42), at(-7, -54)];
  const ragged = [at(-7, -54), at(-9, -64), at(-3, -58), at(1, -67), at(4, -58), at(10, -63), at(7, -53)];
  const right = [at(7, -53), at(5, -42), at(11, -30), at(14, -16), at(9, 0)];
  return [
    solid('petals', 'spent', [
      left,
      ...ragged.slice(1).map((tip, i) => [ragged[i]!, tip]),
      right,
      [at(9, 0), at(-9, 0)],
    ]),
    lines(
      'petals',
      'spentShade',
      [
        [at(-11, -10), at(-4, -22), at(6, -30), at(4, -42)],
        [at(-4, -3), at(3, -14), at(11, -22)],
        [at(-11, -26), at(-3, -36), at(3, -46), at(4, -54)],
        [at(-2, -44), at(-3, -54)],
        [at(5, -3), at(10, -11)],
      ],
      1.8,
    ),
    ...sepals(chance, bell, 15, bell ? 0.9 : 0.55),
  ];
}

export const GOURD: DrawnForm<GourdForm> = {
  side: gourdSide,
  face: faceShapes,
  frame: ({ petals }) => (petals === 'bell' ? { width: 150, height: 246 } : { width: 96, height: 130 }),
  colours: ({ petalColour }) => ({ petals: petalColour }),
  onVine: true,
  marksOnFace: true,
};
