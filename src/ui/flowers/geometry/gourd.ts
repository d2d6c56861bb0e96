import type { GourdForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import type { DrawnForm } from './form';
import { fruitletShapes } from './fruitlet';
import { budShapes } from './gourdBud';
import { faceShapes } from './gourdFace';
import { openBell, openWheel } from './gourdOpen';
import { spentShapes } from './gourdSpent';
import { about, type FlowerLooks, type Standing } from './looks';
import { between, lines, solid, type Point, type Shape } from './shape';

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

export const GOURD: DrawnForm<GourdForm> = {
  side: gourdSide,
  face: faceShapes,
  frame: ({ petals }) => (petals === 'bell' ? { width: 150, height: 246 } : { width: 96, height: 130 }),
  colours: ({ petalColour }) => ({ petals: petalColour }),
  onVine: true,
  marksOnFace: true,
};
