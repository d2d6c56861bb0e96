import type { FlowerForm, FlowerStage } from '@/core/crops/flowerForm';
import type { SignId, SignValue } from '@/core/flowers/signs/sign';
import { flowerFace, flowerSide } from './drawFlower';
import { drawnAs } from './forms';
import type { FlowerLooks } from './looks';
import { boxOf, lines, movedBy, placed, solid, type Box, type Point, type Shape } from './shape';

/** A flower that shows a value of a sign, and what of it is looked at. */
interface Example {
  readonly sex: FlowerLooks['sex'];
  readonly stage: FlowerStage;
  readonly style?: FlowerLooks['style'];
  readonly face?: true;
  readonly tips?: true;
}

const BUD: Example = { sex: 'male', stage: 'green' };
const EVE: Example = { sex: 'male', stage: 'eve' };
const OPEN: Example = { sex: 'male', stage: 'open' };
const SPENT: Example = { sex: 'male', stage: 'spent' };
const bisexual = (stage: FlowerStage, face?: true): Example => ({
  sex: 'perfect',
  stage,
  style: 'long',
  ...(face && { face }),
});
const ear = (stage: FlowerStage): Example => ({ sex: 'female', stage });
const styled = (style: NonNullable<FlowerLooks['style']>): Example => ({
  sex: 'perfect',
  stage: 'open',
  style,
});

type Examples = { readonly [Id in SignId]?: Readonly<Record<SignValue<Id>, Example>> };

const EXAMPLES: Examples = {
  under: {
    even: OPEN,
    swelling: { sex: 'female', stage: 'pin' },
    fruitlet: { sex: 'female', stage: 'open' },
  },
  size: { tiny: { sex: 'male', stage: 'pin' }, half: BUD, full: EVE },
  colour: { green: BUD, seams: EVE, full: OPEN, faded: SPENT },
  tip: { closed: EVE, open: OPEN, twisted: SPENT },
  inside: {
    column: { ...OPEN, face: true },
    lobes: { sex: 'female', stage: 'open', face: true },
    both: bisexual('open', true),
  },
  organ: { tassel: OPEN, shoot: ear('open') },
  branches: { wrapped: { sex: 'male', stage: 'pin' }, spread: EVE },
  hangingAnthers: { none: BUD, few: EVE, many: OPEN, pale: SPENT },
  silk: { none: ear('green'), short: { ...ear('open'), tips: true }, long: ear('open'), brown: ear('spent') },
  petals: {
    closed: bisexual('green'),
    colouring: bisexual('eve'),
    open: bisexual('open'),
    withered: bisexual('spent'),
  },
  anthers: {
    green: bisexual('green'),
    plump: bisexual('eve'),
    dusty: bisexual('open', true),
    brown: bisexual('spent'),
  },
  centre: { hidden: bisexual('eve'), pale: bisexual('open', true), greenGrowing: bisexual('spent') },
  rays: {
    wrapped: bisexual('green'),
    unfolding: bisexual('eve'),
    spread: bisexual('open'),
    withered: bisexual('spent'),
  },
  florets: { closed: bisexual('eve'), ring: bisexual('open', true), over: bisexual('spent', true) },
  back: { green: bisexual('eve'), yellow: bisexual('spent') },
  style: { beyond: styled('long'), level: styled('medium'), below: styled('short') },
};

/** Perfect flowers: their buds are green or colour, whatever is looked at. */
const SIZE_OF_PERFECT: Readonly<Record<SignValue<'size'>, Example>> = {
  tiny: bisexual('pin'),
  half: bisexual('green'),
  full: bisexual('open'),
};

/**
 * What a value of a sign looks like on a flower of a form.
 *
 * @returns nothing where it can be felt, but not drawn.
 * @example signPicture(form, 'inside', 'lobes')?.shapes.length
 */
export function signPicture<Id extends SignId>(
  form: FlowerForm,
  sign: Id,
  value: SignValue<Id>,
): { readonly shapes: readonly Shape[]; readonly box: Box } | undefined {
  const drawn = ownPicture(form, sign, value) ?? exampleShapes(form, sign, value);
  return drawn && { shapes: drawn, box: sign === 'under' ? underBox(drawn) : boxOf(drawn) };
}

function exampleShapes(form: FlowerForm, sign: SignId, value: string): Shape[] | undefined {
  const examples = (sign === 'size' && drawnAs(form).perfect ? SIZE_OF_PERFECT : EXAMPLES[sign]) as
    Readonly<Record<string, Example>> | undefined;
  const example = examples?.[value];
  if (!example) return undefined;
  const { face, ...kind } = example;
  const looks: FlowerLooks = { form, seed: 5, ...kind };
  const shapes = face ? flowerFace(looks) : flowerSide(looks);
  // Where petals are the question, the stalk says nothing.
  return sign === 'colour' || sign === 'tip' ? shapes.filter(({ part }) => part !== 'stalk') : shapes;
}

/** Where petals and stalk meet. */
function underBox(shapes: readonly Shape[]): Box {
  const low = boxOf(shapes.filter(({ part }) => part === 'stalk' || part === 'fruitlet'));
  const half = Math.max(34, low.width / 2);
  const middle = low.x + low.width / 2;
  return { x: middle - half, y: low.y - 14, width: 2 * half, height: Math.min(low.height, 96) + 14 };
}

/** What is not of the flower itself: its stalk, its neighbours, its place on the plant. */
function ownPicture(form: FlowerForm, sign: SignId, value: string): Shape[] | undefined {
  if (!drawnAs(form).onVine) return undefined;
  const male = (seed: number): Shape[] => flowerSide({ form, sex: 'male', stage: 'green', seed });
  switch (sign) {
    case 'stalkLength':
      return stalked(form, value === 'long' ? 1 : 0.3);
    case 'grouping':
      return value === 'clustered'
        ? [
            ...placed(male(3), { turn: -34, scale: 0.86 }),
            ...placed(male(4), { turn: 30, scale: 0.8 }),
            ...placed(male(5), {}),
            ...vine(),
          ]
        : [...placed(male(5), {}), ...vine()];
    case 'shoot':
      return onPlant(male(5), value === 'sideShoot');
    case 'feel':
      return felt(form, value as SignValue<'feel'>);
    default:
      return undefined;
  }
}

const stalked = (form: FlowerForm, long: number): Shape[] => {
  const shapes = flowerSide({ form, sex: 'male', stage: 'open', seed: 5 });
  const top = boxOf(shapes.filter(({ part }) => part === 'stalk')).y;
  const shorten = ([x, y]: Point): Point => [x, y > top ? top + (y - top) * long : y];
  return shapes.map((shape) => (shape.part === 'stalk' ? movedBy(shape, shorten) : shape));
};

const vine = (): Shape[] => [
  solid('node', 'stalk', [
    [
      [-52, 2],
      [0, -3],
      [52, 2],
    ],
    [
      [52, 2],
      [52, 10],
    ],
    [
      [52, 10],
      [0, 6],
      [-52, 10],
    ],
    [
      [-52, 10],
      [-52, 2],
    ],
  ]),
];

function onPlant(flower: readonly Shape[], side: boolean): Shape[] {
  const shoot: Shape[] = side
    ? [
        lines(
          'node',
          'ink',
          [
            [
              [0, 30],
              [34, 6],
              [64, -2],
            ],
          ],
          6,
        ),
        lines(
          'node',
          'stalk',
          [
            [
              [0, 30],
              [34, 6],
              [64, -2],
            ],
          ],
          3.6,
        ),
      ]
    : [];
  return [
    lines(
      'node',
      'ink',
      [
        [
          [-6, 110],
          [2, 40],
          [-2, -70],
        ],
      ],
      10,
    ),
    lines(
      'node',
      'stalk',
      [
        [
          [-6, 110],
          [2, 40],
          [-2, -70],
        ],
      ],
      7,
    ),
    ...shoot,
    ...placed(flower, side ? { at: [44, 2], turn: 14, scale: 0.7 } : { at: [2, 20], turn: 62, scale: 0.7 }),
  ];
}

function felt(form: FlowerForm, value: SignValue<'feel'>): Shape[] {
  const stage = value === 'slack' ? 'green' : value === 'firm' ? 'eve' : 'spent';
  const bud = flowerSide({ form, sex: 'male', stage, seed: 5 }).filter(({ part }) => part !== 'stalk');
  // A finger's push: slack petals give way.
  const { x, y, width, height } = boxOf(bud);
  const push = x + width + 6;
  const high = y + height * 0.42;
  const arrow = lines(
    'node',
    'ink',
    [
      [
        [push + 26, high],
        [push, high],
      ],
      [
        [push + 9, high - 7],
        [push, high],
        [push + 9, high + 7],
      ],
    ],
    2.4,
  );
  return value === 'slack' ? [...placed(bud, { turn: -16 }), arrow] : [...bud, arrow];
}
