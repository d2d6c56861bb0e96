import type { Cell, Column, RecordTable, Tabled } from '@/core/records/tables/table';
import { encodeCells, guarded } from '../csv';

/** A table of records as text by RFC 4180: UTF-8, CRLF, a header, nothing where nothing is known. */
export const tableText = ({ columns, rows }: RecordTable, of: Tabled): string =>
  encodeCells(
    columns.map(({ name }) => name),
    rows(of).map((cells) => columns.map((column, i) => cellText(column, cells[i]))),
  );

/**
 * A cell as the Table Schema writes it: a boolean as 1 or 0, a time to the second; in texts no spreadsheet sees a formula.
 *
 * @example cellText({ name: 'late', type: 'boolean', holds: '…' }, true) // '1'
 * @example cellText({ name: 'name', type: 'string', holds: '…' }, '=1+1') // "'=1+1"
 */
function cellText({ type }: Pick<Column, 'type'>, cell: Cell): string {
  if (cell === undefined) return '';
  switch (type) {
    case 'boolean':
      return String(Number(cell));
    case 'instant':
      return `${String(cell).slice(0, 'YYYY-MM-DDTHH:MM:SS'.length)}Z`;
    case 'object':
      return withoutFormulas(String(cell));
    case 'string':
      return guarded(String(cell));
    case 'integer':
    case 'number':
    case 'date':
      return String(cell);
  }
}

const TEXT_OF_JSON = /"(?:[^"\\]|\\.)*"/g;
const FORMULA = /(^"|[,;\t|])(\s*)([=+\-@＝＋－＠])/g;

/** JSON that says the same, in whose texts nothing looks like a formula. A number is none. */
const withoutFormulas = (json: string): string =>
  json.replace(TEXT_OF_JSON, (text) =>
    text.replace(
      FORMULA,
      (_all, before: string, space: string, sign: string) => `${before}${space}${escaped(sign)}`,
    ),
  );

const escaped = (sign: string): string => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`;
