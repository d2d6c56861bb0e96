import type { NightshadeForm } from '@/core/crops/flowerForm';
import type { Chance } from '@/core/random/chance';
import { about } from './looks';
import { between, lines, placed, type Shape, solid, symmetrical } from './shape';
import { nightshadeFace, type NightshadeLooks } from './nightshadeFace';

/** How far the style ends beyond the anthers, px; in most flowers hardly at all. */
const BEYOND = { long: 17, medium: 1, short: -14 } as const;

export function openFlower(chance: Chance, looks: NightshadeLooks): Shape[] {
  const { form } = looks;
  if (form.anthers === 'tube' || looks.form.anthers === 'cone') {
    // Petals bent back from the cone.
    const back = form.anthers === 'tube' ? [-70, -40, 40, 70] : [-78, -48, 48, 78];
    return [
      ...back.flatMap((turn) =>
        placed(sidePetal(chance, form), { at: [0, -4], turn: turn + chance.below(8) - 4 }),
      ),
      ...calyx(chance),
      ...styleBehind(looks),
      ...cone(looks),
    ];
  }
  return [...calyx(chance), ...placed(nightshadeFace(looks), { at: [0, -20], scale: 0.78, squash: 0.62 })];
}

const calyx = (chance: Chance): Shape[] =>
  [-115, 115, -150, 150].flatMap((turn) =>
    placed(
      [
        solid(
          'sepals',
          'sepal',
          [
            [
              [-4, 0],
              [-4.4, -14],
              [0, -about(chance, 27, 0.08)],
            ],
            [
              [0, -27],
              [4.4, -14],
              [4, 0],
            ],
          ],
          1.6,
        ),
      ],
      { turn },
    ),
  );

function sidePetal(chance: Chance, { anthers }: NightshadeForm): Shape[] {
  const long = about(chance, anthers === 'tube' ? 46 : 52, 0.06);
  const wide = anthers === 'tube' ? 9 : 18;
  return [
    solid('petals', 'petal', [
      [
        [-5, 0],
        [-wide, -long * 0.45],
        [-wide * 0.6, -long * 0.78],
        [0, -long],
      ],
      [
        [0, -long],
        [wide * 0.6, -long * 0.78],
        [wide, -long * 0.45],
        [5, 0],
      ],
    ]),
    lines('petals', 'petalLine', [
      [
        [0, -6],
        [0, -long * 0.8],
      ],
    ]),
  ];
}

/** The anthers round the style, grown together in tomato, open at their tips in aubergine and potato. */
function cone({ form }: NightshadeLooks): Shape[] {
  const tube = form.anthers === 'tube';
  const [left, , right] = symmetrical(
    tube
      ? [
          [10, 0],
          [11, -18],
          [7, -38],
          [3.5, -56],
        ]
      : [
          [12, 0],
          [14, -20],
          [12, -40],
          [8, -50],
        ],
  );
  return [
    solid('anthers', 'pollen', between(left!, right!)),
    lines(
      'anthers',
      'column',
      [
        [
          [-4, -2],
          [-4.5, -22],
          [-2.5, tube ? -50 : -47],
        ],
        [
          [4, -2],
          [4.5, -22],
          [2.5, tube ? -50 : -47],
        ],
      ],
      1.4,
    ),
  ];
}

/** The style, as far as it stands out of the cone; what stays inside is drawn as if one saw through. */
function styleBehind({ form, style = 'medium' }: NightshadeLooks): Shape[] {
  if (!form.styles) return form.anthers === 'tube' ? [] : [styleTo(-55)];
  return [styleTo(-50 - BEYOND[style])];
}

const styleTo = (end: number): Shape =>
  solid(
    'style',
    'stigma',
    [
      [
        [-1.6, -20],
        [-1.6, end + 5],
        [-4, end],
        [0, end - 4],
        [4, end],
        [1.6, end + 5],
        [1.6, -20],
      ],
    ],
    1.5,
  );
