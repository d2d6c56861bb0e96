import type { NightshadeForm } from '@/core/crops/flowerForm';
import { seededChance } from '@/core/random/chance';
import { about, type FlowerLooks } from './looks';
import { ellipse, lines, placed, type Shape, solid } from './shape';

export type NightshadeLooks = FlowerLooks<NightshadeForm>;

/**
 * A flower of the tomato's family from the front, its middle at the origin, petals about 56 long.
 *
 * @example nightshadeFace(looks).filter(({ part }) => part === 'petals').length
 */
export function nightshadeFace(looks: NightshadeLooks): Shape[] {
  const { form } = looks;
  const chance = seededChance(looks.seed + 1);
  const lobes = form.anthers === 'free' ? 6 : 5;
  const first = chance.below(30);
  const wide = form.anthers === 'tube' ? 13 : form.anthers === 'cone' ? 24 : 18;
  const petals = Array.from({ length: lobes }, (_, i) => {
    const long = about(chance, 56, 0.05);
    return placed(
      [
        solid('petals', 'petal', [
          [
            [-7, -6],
            [-wide, -long * 0.5],
            [-wide * 0.5, -long * 0.84],
            [0, -long],
          ],
          [
            [0, -long],
            [wide * 0.5, -long * 0.84],
            [wide, -long * 0.5],
            [7, -6],
          ],
        ]),
        lines('petals', 'petalLine', [
          [
            [0, -12],
            [0, -long * 0.78],
          ],
        ]),
      ],
      { turn: first + (360 / lobes) * i },
    );
  }).flat();
  return [...petals, ...middle(looks, lobes, first)];
}

function middle({ form, style = 'long' }: NightshadeLooks, lobes: number, first: number): Shape[] {
  if (form.anthers === 'free') {
    const anthers = Array.from({ length: lobes }, (_, i) =>
      placed(
        [
          lines(
            'anthers',
            'stalkShade',
            [
              [
                [0, -4],
                [0, -14],
              ],
            ],
            1.6,
          ),
          solid('anthers', 'column', [ellipse([0, -21], 5, 8.5)], 1.6),
        ],
        { turn: first + 180 / lobes + (360 / lobes) * i },
      ),
    ).flat();
    return [...anthers, solid('style', 'stigma', [ellipse([0, 0], 5, 5)], 1.6)];
  }
  const anthers = Array.from({ length: 5 }, (_, i) =>
    placed([solid('anthers', 'pollen', [ellipse([0, -9], 6, 10)], 1.6)], { turn: first + 36 + 72 * i }),
  ).flat();
  const shows =
    form.styles && style !== 'short'
      ? [
          solid(
            'style',
            'stigma',
            [ellipse([0, 0], style === 'long' ? 6.5 : 4, style === 'long' ? 6.5 : 4)],
            1.6,
          ),
        ]
      : [];
  return [...anthers, ...shows];
}
