import type { CrossingFrequency } from '@/core/isolation/compatibility';
import { scaleBand } from 'd3-scale';

export const CELL = 30;
export const NAMES_WIDTH = 150;
const LONGEST_NAME = 19;

export interface CrossCell {
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly frequency: Exclude<CrossingFrequency, 'never'>;
}

export interface CrossTableGeometry {
  readonly width: number;
  readonly height: number;
  /** A rule under each row, as one path. */
  readonly rules: string;
  readonly names: readonly { readonly name: string; readonly y: number; readonly numberX: number }[];
  readonly cells: readonly CrossCell[];
}

/**
 * Half a table of which varieties cross, in pixels.
 *
 * @param frequency how often two cross, by their places in `names`.
 */
export function crossTableGeometry(
  names: readonly string[],
  frequency: (a: number, b: number) => CrossingFrequency,
): CrossTableGeometry {
  const places = names.map((_, i) => i);
  const band = scaleBand(places, [0, names.length * CELL]);
  const middle = (i: number): number => band(i)! + CELL / 2;
  return {
    width: NAMES_WIDTH + names.length * CELL,
    height: names.length * CELL + 2,
    rules: places.map((row) => `M0 ${(row + 1) * CELL}H${NAMES_WIDTH + (row + 1) * CELL}`).join(''),
    names: names.map((name, i) => ({
      name: name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1)}…` : name,
      y: middle(i) + 5,
      numberX: NAMES_WIDTH + middle(i),
    })),
    cells: places.flatMap((row) =>
      places.slice(0, row).flatMap((column): CrossCell[] => {
        const found = frequency(row, column);
        if (found === 'never') return [];
        return [
          { key: `${row}-${column}`, x: NAMES_WIDTH + middle(column), y: middle(row), frequency: found },
        ];
      }),
    ),
  };
}
