import type { Chance } from '@/core/random/chance';
import { between, solid, type Point, type Shape } from './shape';

export interface Stem {
  readonly length: number;
  /** Half its width below the flower, and how much wider it is at its foot. */
  readonly half: number;
  readonly foot: number;
  /** How far its middle may lie to one side. */
  readonly sway: number;
  /** Of its outline. */
  readonly line: number;
}

/** A stalk from the origin down, a little bent to one side. */
export function stem(chance: Chance, { length, half, foot, sway, line }: Stem): Shape {
  const bend = chance.below(2 * sway) - sway;
  const side = (x: number): Point[] => [
    [x, 0],
    [x + bend, length * 0.5],
    [x * foot, length],
  ];
  return solid('stalk', 'stalk', between(side(-half), side(half).toReversed()), line);
}
