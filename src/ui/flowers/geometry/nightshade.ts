import type { NightshadeForm } from '@/core/crops/flowerForm';
import { type Chance, seededChance } from '@/core/random/chance';
import { about, type Standing } from './looks';
import { between, ellipse, lines, type Point, type Shape, solid, symmetrical } from './shape';
import type { DrawnForm } from './form';
import { nightshadeFace, type NightshadeLooks } from './nightshadeFace';
import { openFlower } from './nightshadeOpen';

const PETALS = { pin: 18, green: 34, eve: 48, open: 62, spent: 40 } as const;

const STALK = { pin: 24, green: 40, eve: 52, open: 60, spent: 58 } as const;

/**
 * A flower of the tomato's family from the side. It hangs in nature; here it is drawn with its base at the origin and
 * its petals up, and is turned over where it is shown.
 *
 * @example nightshadeSide(looks).tip // below 0
 */
function nightshadeSide(looks: NightshadeLooks): Standing {
  const chance = seededChance(looks.seed);
  const { stage } = looks;
  const length = about(chance, PETALS[stage], 0.04);
  const stalk = about(chance, STALK[stage], 0.08);
  return {
    shapes: [
      ...pedicel(chance, stalk),
      ...(stage === 'open'
        ? openFlower(chance, looks)
        : stage === 'spent'
          ? withered(chance, length)
          : bud(chance, looks, length)),
    ],
    foot: stalk,
    tip: -length,
  };
}

/** A thin stalk with the knuckle at which flowers drop. */
function pedicel(chance: Chance, length: number): Shape[] {
  const sway = chance.below(8) - 4;
  const knuckle = length * 0.55;
  const left: Point[] = [
    [-2.6, 0],
    [-2.4 + sway, knuckle - 5],
    [-4 + sway, knuckle],
    [-2.6 + sway, knuckle + 5],
    [-2.8, length],
  ];
  const right = left.map(([x, y], i): Point => [x + [5.2, 4.8, 8, 5.2, 5.6][i]!, y]).toReversed();
  return [solid('stalk', 'stalk', between(left, right), 1.8)];
}

/** Between the sepals a bud shows its petals from the day before it opens. */
function bud(chance: Chance, looks: NightshadeLooks, length: number): Shape[] {
  const isEve = looks.stage === 'eve';
  const half = length * (isEve ? 0.26 : 0.36);
  const [left, , right] = symmetrical([
    [half * 0.5, 0],
    [half, -length * 0.35],
    [half * 0.8, -length * 0.7],
    [half * 0.3, -length * 0.94],
  ]);
  const tip: Point = [0, -length];
  const body = solid('bud', isEve ? 'petal' : 'bud', [
    [...left!, tip],
    [tip, ...right!],
    [right!.at(-1)!, left![0]!],
  ]);
  const seams = lines('seam', isEve ? 'petalLine' : 'budRib', [
    [
      [-half * 0.3, -4],
      [-half * 0.35, -length * 0.5],
      [-1, -length * 0.92],
    ],
    [
      [half * 0.35, -4],
      [half * 0.4, -length * 0.5],
      [1, -length * 0.92],
    ],
  ]);
  // Closed round a green bud, standing off a colouring one.
  const reach = looks.stage === 'pin' ? 1.05 : looks.stage === 'green' ? 0.98 : 0.62;
  const spread = isEve ? 1.7 : 0.86;
  return [body, seams, ...sepals(chance, length * reach, half, spread)];
}

function sepals(chance: Chance, length: number, half: number, spread: number): Shape[] {
  return [-1, 1, 0].map((side) => {
    const out = side * half * spread;
    const tall = about(chance, length, 0.08) * (spread > 1 && side !== 0 ? 0.9 : 1);
    const w = Math.max(2.4, half * 0.3);
    const tip: Point = [out * 1.05, -tall];
    return solid(
      'sepals',
      'sepal',
      [
        [[side * half * 0.4 - w, 1], [out * 0.9 - w, -tall * 0.5], tip],
        [tip, [out * 0.9 + w, -tall * 0.5], [side * half * 0.4 + w, 1]],
      ],
      1.6,
    );
  });
}

function withered(chance: Chance, length: number): Shape[] {
  const half = length * 0.22;
  const bend = chance.below(2) < 1 ? -1 : 1;
  const petals = solid('petals', 'spent', [
    [
      [-half, -length * 0.3],
      [-half * 1.2 + bend * 3, -length * 0.62],
      [bend * 9 - 4, -length * 0.95],
    ],
    [
      [bend * 9 - 4, -length * 0.95],
      [bend * 12, -length * 0.84],
      [bend * 14, -length * 0.9],
    ],
    [
      [bend * 14, -length * 0.9],
      [half * 1.2 + bend * 4, -length * 0.5],
      [half, -length * 0.3],
    ],
    [
      [half, -length * 0.3],
      [-half, -length * 0.3],
    ],
  ]);
  const creases = lines('petals', 'spentShade', [
    [
      [-half * 0.4, -length * 0.34],
      [bend * 2, -length * 0.6],
      [bend * 7, -length * 0.86],
    ],
    [
      [half * 0.5, -length * 0.34],
      [half * 0.5 + bend * 3, -length * 0.56],
      [bend * 11, -length * 0.82],
    ],
  ]);
  const swelling = solid('fruitlet', 'fruitlet', [ellipse([0, -length * 0.18], half * 1.1, length * 0.16)]);
  return [petals, creases, swelling, ...sepals(chance, length * 0.5, half * 1.3, 1.7)];
}

/** The anthers of peppers are blue to violet. */
const FREE = { column: '#6F7FA8', stigma: '#C9D27A' } as const;

const JOINED = { stigma: '#A8C46A' } as const;

export const NIGHTSHADE: DrawnForm<NightshadeForm> = {
  side: nightshadeSide,
  face: nightshadeFace,
  frame: () => ({ width: 124, height: 136 }),
  hangs: true,
  colours: ({ petalColour, anthers }) => ({ petals: petalColour, own: anthers === 'free' ? FREE : JOINED }),
  perfect: true,
};
