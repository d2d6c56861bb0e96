import type { GourdForm } from '@/core/crops/flowerForm';
import type { Chance } from '@/core/random/chance';
import { sepals } from './gourdBud';
import type { FlowerLooks } from './looks';
import { lines, solid, type Point, type Shape } from './shape';

type GourdLooks = FlowerLooks<GourdForm>;

/** Wilted, wrung shut like a cloth, and hanging over. */
export function spentShapes(chance: Chance, { form }: GourdLooks, length: number): Shape[] {
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
