import type { GourdForm } from '@/core/crops/flowerForm';
import type { Chance } from '@/core/random/chance';
import { about, type FlowerLooks } from './looks';
import { lines, solid, symmetrical, type Point, type Shape } from './shape';

type GourdLooks = FlowerLooks<GourdForm>;

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

export function budShapes(chance: Chance, { form, stage }: GourdLooks, length: number): Shape[] {
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
export function sepals(chance: Chance, bell: boolean, length: number, scale: number): Shape[] {
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
