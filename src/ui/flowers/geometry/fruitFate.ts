import type { FlowerForm, FruitShape } from '@/core/crops/flowerForm';
import type { FruitFate } from '@/core/flowers/fruitFate';
import { drawnAs } from './forms';
import { fruitletShapes } from './fruitlet';
import { ellipse, lines, placed, solid, type Point, type Shape } from './shape';

/** How large each is; what has no fate of its own here is drawn as one that grows. */
const SIZES: Readonly<Partial<Record<FruitFate, number>>> = { yellowing: 30, misshapen: 66, endRot: 72 };
const GROWN = 74;
const STALK_LENGTH = 26;

/** Of crops without a fruitlet to see. */
const ANY_SHAPE: FruitShape = 'round';

/**
 * What became of what a flower bears: mostly a fruitlet some days later, its dried petals up, the end of its stalk at
 * the origin.
 *
 * @param shape of the variety, where it is another than most of its crop have.
 * @example fruitFate(form, 'endRot').some(({ fill }) => fill === 'rot') // true
 */
export function fruitFate(form: FlowerForm, fate: FruitFate, shape?: FruitShape): Shape[] {
  const { fate: drawnFate } = drawnAs(form);
  if (drawnFate) return drawnFate(fate);
  if (fate === 'gone') return scar();
  const own = shape ?? ('fruitlet' in form ? form.fruitlet : ANY_SHAPE);
  const fruit = fruitletShapes(own, SIZES[fate] ?? GROWN, fate === 'misshapen' ? 0.3 : 1);
  const [endX, endY] = fruit.end;
  const yellow = (shape: Shape): Shape =>
    fate !== 'yellowing'
      ? shape
      : {
          ...shape,
          fill:
            shape.fill === 'fruitlet' ? 'yellowed' : shape.fill === 'fruitletShade' ? 'spent' : shape.fill,
        };
  return [
    ...stalk(0, -STALK_LENGTH),
    ...placed([...fruit.shapes.map(yellow), ...remains(fate), ...marks(fate, fruit.edge)], {
      at: [-endX, -endY - STALK_LENGTH],
    }),
  ];
}

const stalk = (x: number, top: number): Shape[] => [
  solid(
    'stalk',
    'stalk',
    [
      [
        [x - 4, top - 2],
        [x - 4.5, 0],
      ],
      [
        [x - 4.5, 0],
        [x + 4.5, 0],
      ],
      [
        [x + 4.5, 0],
        [x + 4, top - 2],
      ],
      [
        [x + 4, top - 2],
        [x - 4, top - 2],
      ],
    ],
    1.8,
  ),
];

/** It has fallen: a stalk with a dry scar. */
const scar = (): Shape[] => [
  ...stalk(0, -STALK_LENGTH),
  solid('defect', 'spentShade', [ellipse([0, -STALK_LENGTH - 2], 6, 3.4)], 1.6),
];

/** The dried petals at the end of the fruitlet; they have fallen off a rotting one. */
const remains = (fate: FruitFate): Shape[] =>
  fate === 'endRot'
    ? []
    : [
        solid(
          'petals',
          'spent',
          [
            [
              [-5, 2],
              [-8, -8],
              [-3, -18],
            ],
            [
              [-3, -18],
              [1, -12],
            ],
            [
              [1, -12],
              [6, -20],
            ],
            [
              [6, -20],
              [8, -8],
              [5, 2],
            ],
            [
              [5, 2],
              [-5, 2],
            ],
          ],
          1.6,
        ),
      ];

function marks(fate: FruitFate, edge: readonly Point[]): Shape[] {
  const tall = Math.max(...edge.map(([, y]) => y));
  const wide = Math.max(...edge.map(([x]) => x));
  switch (fate) {
    case 'yellowing':
      return [
        lines(
          'defect',
          'spentShade',
          [
            [
              [-wide * 0.4, tall * 0.25],
              [-wide * 0.2, tall * 0.5],
              [-wide * 0.42, tall * 0.75],
            ],
            [
              [wide * 0.3, tall * 0.2],
              [wide * 0.1, tall * 0.5],
              [wide * 0.35, tall * 0.8],
            ],
          ],
          1.6,
        ),
      ];
    case 'endRot':
      return [solid('defect', 'rot', [ellipse([0, tall * 0.12], wide * 0.66, tall * 0.15)], 1.4)];
    default:
      return [];
  }
}
