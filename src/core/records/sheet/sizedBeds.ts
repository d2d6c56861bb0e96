import type { Bed } from '../../journal/state';
import { LIMITS, type Limit } from '../../journal/limits';
import { groupBy } from '../../text/groupBy';
import type { NewBed, PlanDraft } from '../planDraft';

/** A bed laid for a table that does not say where: so many metres wide for each row, and apart. Our defaults. */
const ROW_M = 0.9;
const APART_M = 1;
/** From plant to plant where the table gives neither that nor the length of the bed. Our default. */
const SPACING_M = 0.5;

/**
 * New beds as large as their rows need; where the table does not say where they lie, one beyond the other in its order.
 * What is not known is `NaN`.
 *
 * @returns the beds, and the indices of those that are larger than any bed can be.
 */
export function sizedBeds(
  beds: readonly NewBed[],
  allRows: PlanDraft['rows'],
  held: readonly Bed[],
): { readonly beds: NewBed[]; readonly tooLarge: readonly number[] } {
  let y = Math.max(0, ...held.map((bed) => bed.y + bed.width)) + APART_M;
  const byBed = groupBy(allRows, ({ bed }) => bed);
  const tooLarge: number[] = [];
  const sized = beds.map((bed, i): NewBed => {
    const own = byBed.get(i) ?? [];
    const rows = Math.max(bed.rows, ...own.map(({ row }) => row));
    if (bed.held) return { ...bed, rows };
    const longest = Math.max(...[...groupBy(own, ({ row }) => row).values()].map(plantsOf));
    const every = bed.every ?? (Number.isNaN(bed.length) ? SPACING_M : undefined);
    const length = orElse(bed.length, Math.max(1, longest * (every ?? SPACING_M)));
    const width = orElse(bed.width, Math.max(ROW_M, rows * ROW_M));
    const unplaced = Number.isNaN(bed.x) || Number.isNaN(bed.y);
    const at = { x: orElse(bed.x, 1), y: orElse(bed.y, y) };
    if (Number.isNaN(bed.y)) y += width + APART_M;
    const fits = isWithin('side', length) && isWithin('side', width) && isWithin('position', at.y);
    if (!fits) tooLarge.push(i);
    const more = { ...(every !== undefined && { every }), ...(unplaced && { unplaced }) };
    return { ...bed, rows, length, width, ...at, ...more };
  });
  return { beds: sized, tooLarge };
}

const isWithin = (limit: Limit, value: number): boolean =>
  value >= LIMITS[limit][0] && value <= LIMITS[limit][1];
const orElse = (value: number, other: number): number => (Number.isNaN(value) ? other : value);
const plantsOf = (rows: PlanDraft['rows']): number => rows.reduce((sum, { plants }) => sum + plants, 0);
