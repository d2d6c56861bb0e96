import type { FlowerStage, GourdForm } from '@/core/crops/flowerForm';
import { seededChance, type Chance } from '@/core/random/chance';
import { flowerSide } from './drawFlower';
import type { FlowerLooks } from './looks';
import { boxOf, lines, placed, solid, type Box, type Point, type Shape } from './shape';

/** A flower of the scene, and where it is touched. */
export interface SceneFlower {
  readonly looks: FlowerLooks<GourdForm>;
  readonly shapes: readonly Shape[];
  readonly box: Box;
}

/** A plant with its flowers, from back to front. */
export interface PlantScene {
  readonly behind: readonly Shape[];
  readonly flowers: readonly SceneFlower[];
  readonly inFront: readonly Shape[];
  readonly width: number;
  readonly height: number;
}

const WIDTH = 360;
const HEIGHT = 430;
const VINES = 3;
/** Flowers of a scene. */
export const SCENE_FLOWERS = { fewest: 8, most: 14 } as const;

/** How often each age is met on a plant in full flower. Our default. */
const AGES: readonly (readonly [FlowerStage, number])[] = [
  ['pin', 0.16],
  ['green', 0.26],
  ['eve', 0.28],
  ['open', 0.14],
  ['spent', 0.16],
];
const FEMALES = 0.35;
/** Lines of what is drawn so small. */
const THIN = 0.7;

/**
 * A plant in flower: vines with leaves, and flowers of all ages at their nodes, some half hidden behind a leaf. There is
 * always an eve bud to find.
 *
 * @param bearing the sex of the flowers that carry the fruit.
 * @example plantScene(form, 'female', 3).flowers.length // 8 to 14
 */
export function plantScene(form: GourdForm, bearing: 'female' | 'perfect', seed: number): PlantScene {
  const chance = seededChance(seed);
  const count = SCENE_FLOWERS.fewest + chance.index(SCENE_FLOWERS.most - SCENE_FLOWERS.fewest + 1);
  const nodes = nodesOf(chance, count);
  const eve = chance.index(count);
  const scale = form.petals === 'bell' ? 0.4 : 0.8;
  const flowers = nodes.map(({ at }, i): SceneFlower => {
    const looks: FlowerLooks<GourdForm> = {
      form,
      sex: chance.below(1) < FEMALES ? bearing : 'male',
      stage: i === eve ? 'eve' : ageBy(chance.below(1)),
      seed: seed * 31 + i,
    };
    const shapes = placed(flowerSide(looks), { at, scale, turn: chance.below(40) - 20 }).map((shape) => ({
      ...shape,
      width: shape.width * THIN,
    }));
    return { looks, shapes, box: boxOf(shapes, 4) };
  });
  return {
    behind: [...leaves(chance, nodes, false), ...vines(nodes)],
    flowers,
    inFront: leaves(chance, nodes, true),
    width: WIDTH,
    height: HEIGHT,
  };
}

interface Node {
  readonly vine: number;
  readonly at: Point;
}

/** Along gentle vines, one above the other. */
function nodesOf(chance: Chance, count: number): Node[] {
  return Array.from({ length: count }, (_, i) => {
    const vine = i % VINES;
    const onVine = Math.ceil((count - vine) / VINES);
    const along = (Math.floor(i / VINES) + 0.5) / onVine;
    const x = 26 + along * (WIDTH - 52) + chance.below(16) - 8;
    const base = HEIGHT * (0.31 + 0.32 * vine);
    return { vine, at: [x, base + 12 * Math.sin(along * 5 + vine * 2) + chance.below(8)] };
  });
}

function ageBy(share: number): FlowerStage {
  let sum = 0;
  for (const [stage, part] of AGES) {
    sum += part;
    if (share < sum) return stage;
  }
  return 'spent';
}

function vines(nodes: readonly Node[]): Shape[] {
  const strokes = Array.from({ length: VINES }, (_, vine) => {
    const through = nodes.filter((node) => node.vine === vine).map(({ at }) => at);
    const [first, last] = [through[0]!, through.at(-1)!];
    return [[-10, first[1] + 8] as Point, ...through, [WIDTH + 10, last[1] - 4] as Point];
  });
  return [lines('node', 'ink', strokes, 5.5), lines('node', 'stalk', strokes, 3.8)];
}

/** Broad leaves with five lobes: most behind the flowers, a few in front, never over the middle of one. */
function leaves(chance: Chance, nodes: readonly Node[], front: boolean): Shape[] {
  return nodes.flatMap(({ at: [x, y] }) => {
    const takes = chance.below(1) < (front ? 0.3 : 0.75);
    if (!takes) return [];
    const side = chance.below(2) < 1 ? -1 : 1;
    const scale = (front ? 0.62 : 0.95) + chance.below(0.3);
    // In front a leaf rises from below, so that it hides a stalk or a fruitlet, not the petals.
    const at: Point = front ? [x + side * 24, y + 30] : [x + side * 22, y - 14];
    return placed(leaf(), { at, scale, turn: side * (30 + chance.below(40)) });
  });
}

/** A leaf that points up, its stalk at the origin, about 70 long. */
function leaf(): Shape[] {
  const half: Point[] = [
    [0, 0],
    [-17, 8],
    [-32, -2],
    [-28, -16],
    [-42, -30],
    [-30, -40],
    [-32, -58],
    [-15, -54],
    [0, -74],
  ];
  const other = half.map(([px, py]): Point => [-px, py]).toReversed();
  return [
    solid('leaf', 'leaf', [half, other], 1.6),
    lines(
      'leaf',
      'leafLine',
      [
        [
          [0, -2],
          [0, -34],
          [0, -66],
        ],
        [
          [0, -6],
          [-16, -22],
          [-34, -31],
        ],
        [
          [0, -6],
          [16, -22],
          [34, -31],
        ],
        [
          [0, -14],
          [-12, -36],
          [-25, -52],
        ],
        [
          [0, -14],
          [12, -36],
          [25, -52],
        ],
      ],
      1.2,
    ),
  ];
}
