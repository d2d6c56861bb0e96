import type { Purpose } from '../../crops/variety';
import type { DateOrder } from '../dateOrder';
import { SHARED_USES, type ColumnUse } from '../planColumns';

/** A table as a grower has it, and how it is to be read. */
export interface Sheet {
  /** Every line, titles and notes among them. */
  readonly rows: readonly (readonly string[])[];
  /** Index of the line that names the columns; -1 where none does. */
  readonly header: number;
  /** What each column holds. */
  readonly uses: readonly ColumnUse[];
  /** Indices of columns whose use no name told, but what they hold. */
  readonly guessed?: readonly number[];
  /** Missing where the table does not tell whether day or month comes first. */
  readonly dates?: DateOrder;
  /** The year of days that are written without one. */
  readonly year?: number;
  /** What varieties are grown for where the table says nothing. */
  readonly purpose: Purpose;
  /** The unit of lengths that name none: metres or feet. */
  readonly unit: 'm' | 'ft';
  /** The unit of numbers without one from plant to plant that are too large for those. */
  readonly small: 'cm' | 'in';
  /** Where a column counts rows: do the plants of a line stand in all of them together, and not in each? */
  readonly inAll?: true;
  /** Indices of lines that the grower leaves out. */
  readonly left: readonly number[];
}

/**
 * What stands in a line for one use; several columns of notes are put together by the reader.
 *
 * @example cellOf({ rows: [['A', '6']], uses: ['bed', 'plants'], … }, 0, 'plants') // '6'
 */
export function cellOf({ rows, uses }: Pick<Sheet, 'rows' | 'uses'>, line: number, use: ColumnUse): string {
  return rows[line]?.[uses.indexOf(use)]?.trim() ?? '';
}

/**
 * The sheet with another text in some lines; a column is added where none has that use.
 *
 * @example withCells(sheet, [3], 'kind', 'pepo')
 */
export function withCells(sheet: Sheet, lines: readonly number[], use: ColumnUse, text: string): Sheet {
  const at = sheet.uses.indexOf(use);
  if (at < 0) {
    const column = Math.max(sheet.uses.length, ...sheet.rows.map((row) => row.length));
    const uses = Array.from({ length: column }, (_, i) => sheet.uses[i] ?? 'none');
    const grown = sheet.rows.map((row, i) => (i === sheet.header ? padded(row, column, use) : row));
    return withCells({ ...sheet, rows: grown, uses: [...uses, use] }, lines, use, text);
  }
  const chosen = new Set(lines);
  return { ...sheet, rows: sheet.rows.map((row, i) => (chosen.has(i) ? padded(row, at, text) : row)) };
}

/** A row with a text at some place, however short it was. */
const padded = (row: readonly string[], at: number, text: string): string[] =>
  Array.from({ length: Math.max(row.length, at + 1) }, (_, i) => (i === at ? text : (row[i] ?? '')));

/**
 * The sheet with another use of a column; the column that had it before holds notes from now on.
 *
 * @example withUse(sheet, 2, 'variety')
 */
export function withUse(sheet: Sheet, column: number, use: ColumnUse): Sheet {
  const width = Math.max(column + 1, sheet.uses.length);
  const uses = Array.from({ length: width }, (_, i): ColumnUse => {
    const was = sheet.uses[i] ?? 'none';
    if (i === column) return use;
    return was === use && !SHARED_USES.includes(use) ? 'note' : was;
  });
  const { guessed, ...rest } = sheet;
  const left = guessed?.filter((each) => each !== column) ?? [];
  return { ...rest, uses, ...(left.length > 0 && { guessed: left }) };
}
