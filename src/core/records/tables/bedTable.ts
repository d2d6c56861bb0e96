import type { Journal } from '../../journal/journal';
import type { Bodies } from '../../journal/kinds/kinds';
import { byId } from '../../text/byId';
import { ALWAYS, column, inUnit, recordTable, type ColumnOf } from './table';

/** A bed as it was laid last, also one that was taken off the plan since: plants have stood in it. */
interface BedRow {
  readonly bed: Bodies['bed.laid'];
  readonly isThere: boolean;
}

const METRES = inUnit('m');

const COLUMNS: readonly ColumnOf<BedRow>[] = [
  column('bed_id', 'string', 'its id', ({ bed }) => bed.bed, ALWAYS),
  column('name', 'string', 'what it is called', ({ bed }) => bed.name, ALWAYS),
  column('x', 'number', 'its corner, east of the gate', placed('x'), METRES),
  column('y', 'number', 'its corner, north of the gate', placed('y'), METRES),
  column('length', 'number', 'along its rows', ({ bed }) => bed.length, METRES),
  column('width', 'number', 'across its rows', ({ bed }) => bed.width, METRES),
  column('rows', 'integer', 'its rows', ({ bed }) => bed.rows),
  column('turn', 'number', 'anticlockwise from east', ({ bed }) => bed.turn, inUnit('degree')),
  column(
    'spacing',
    'number',
    'from plant to plant; empty where a row’s plants share its length',
    ({ bed }) => bed.every,
    METRES,
  ),
  column('under_glass', 'boolean', 'it lies under glass, film or a tunnel', ({ bed }) => bed.glass === true),
  column('on_plan', 'boolean', '0: it was taken off the plan', ({ isThere }) => isThere),
];

/** Nowhere, of a bed of which nobody said where it lies. */
function placed(axis: 'x' | 'y'): (row: BedRow) => number | undefined {
  return ({ bed }) => (bed.unplaced ? undefined : bed[axis]);
}

/** Beds, in the order in which they came. */
export const BED_TABLE = recordTable<BedRow>({
  holds: 'a bed',
  key: ['bed_id'],
  columns: COLUMNS,
  items: ({ journal }) => bedsEver(journal),
});

/** @example bedsEver(new Journal()) // [] */
export function bedsEver(journal: Journal): BedRow[] {
  const rows: BedRow[] = [];
  for (const { id, entries } of journal.everything('bed')) {
    const last = entries.findLast(({ kind }) => kind === 'bed.laid');
    if (last?.kind === 'bed.laid') rows.push({ bed: last.body, isThere: journal.all('bed').has(id) });
  }
  return rows.sort((a, b) => byId(a.bed.bed, b.bed.bed));
}
