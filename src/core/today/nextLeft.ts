import type { Plant } from '../journal/state';

/**
 * Where a walk goes on: at the first plant that is left, from the one on that was jumped to; once those behind it are
 * done, at the first of those that were jumped over.
 *
 * @param plants in walking order.
 * @param from the plant that was last done after a jump, if there was one; taken back, it is left again.
 * @example nextLeft([a, b, c], [a, c], 'b') // c
 */
export function nextLeft<T extends { readonly plant: Pick<Plant, 'plant'> }>(
  plants: readonly T[],
  left: readonly T[],
  from: string | undefined,
): T | undefined {
  const behind = plants.slice(
    Math.max(
      0,
      plants.findIndex(({ plant }) => plant.plant === from),
    ),
  );
  const isLeft = new Set(left);
  return behind.find((each) => isLeft.has(each)) ?? left[0];
}
