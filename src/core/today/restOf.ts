import type { Plant } from '../journal/state';

/** Plants that are left where one stands: of its row, and of its bed where that has more. */
export interface Rest<T> {
  readonly of: 'row' | 'bed';
  readonly plants: readonly T[];
}

/** One plant has its own button. */
const FEWEST = 2;

/**
 * Where everything that is left may be done in one tap: the rest of the row, and of the bed where more is left there.
 *
 * @param here one of those left.
 * @example restOf([here], here) // []
 */
export function restOf<T extends { readonly plant: Pick<Plant, 'bed' | 'row'>; readonly day: string }>(
  left: readonly T[],
  here: T,
): readonly Rest<T>[] {
  const bed = left.filter(({ plant, day }) => plant.bed === here.plant.bed && day === here.day);
  const row = bed.filter(({ plant }) => plant.row === here.plant.row);
  return [
    ...(row.length >= FEWEST && row.length < bed.length ? [{ of: 'row' as const, plants: row }] : []),
    ...(bed.length >= FEWEST ? [{ of: 'bed' as const, plants: bed }] : []),
  ];
}
