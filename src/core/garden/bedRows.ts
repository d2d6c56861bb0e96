import { toCentimetre, type BedShape, type Place } from './places';

/** `sideBySide`: along their long sides, a path between each two; `endToEnd`: one behind the other. */
export const BED_ARRANGEMENTS = ['sideBySide', 'endToEnd'] as const;
export type BedArrangement = (typeof BED_ARRANGEMENTS)[number];

/**
 * Where several beds lie that are laid in one go, by the width of the paths between them. Rows run east.
 *
 * @param from the corner of the first, metres.
 * @returns the corner of each.
 * @example cornersInARow([{ length: 10, width: 1.2 }, { length: 10, width: 1.2 }], { path: 0.5, arrangement: 'sideBySide', from: { x: 1, y: 1 } })
 * // [{ x: 1, y: 1 }, { x: 1, y: 2.7 }]
 */
export function cornersInARow(
  beds: readonly Pick<BedShape, 'length' | 'width'>[],
  {
    path,
    arrangement,
    from,
  }: { readonly path: number; readonly arrangement: BedArrangement; readonly from: Place },
): Place[] {
  let next = from;
  return beds.map(({ length, width }) => {
    const corner = next;
    next =
      arrangement === 'sideBySide'
        ? { x: corner.x, y: toCentimetre(corner.y + width + path) }
        : { x: toCentimetre(corner.x + length + path), y: corner.y };
    return corner;
  });
}

/**
 * Free ground for more beds: beyond all that lie already, on the side away from the gate.
 *
 * @example freeCorner([], 1) // { x: 1, y: 1 }
 */
export function freeCorner(beds: readonly BedShape[], path: number): Place {
  return { x: 1, y: toCentimetre(Math.max(1, ...beds.map((bed) => bed.y + bed.width + path))) };
}

/**
 * Names for new beds: letters that are free, then numbers.
 *
 * @example freeBedNames(['A', 'C'], 2) // ['B', 'D']
 */
export function freeBedNames(taken: readonly string[], count: number): string[] {
  const used = new Set(taken.map((name) => name.toUpperCase()));
  const letters = [...'ABCDEFGHJKLMNPQRSTUVWXYZ'].filter((letter) => !used.has(letter));
  const numbers = Array.from({ length: count + used.size }, (_, i) => String(i + 1));
  return [...letters, ...numbers.filter((number) => !used.has(number))].slice(0, count);
}
