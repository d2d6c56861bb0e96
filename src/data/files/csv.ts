import Papa from 'papaparse';

/**
 * Where a spreadsheet would see a formula begin: at the start of a cell, and after whatever it may take for the end of
 * one, since not every spreadsheet splits at commas. Apostrophes that are there already count along, so that one more
 * can always be taken away again. In East Asia spreadsheets take the wide signs for the narrow ones.
 */
const FORMULA = /(^|[,;\t|\r\n])(\s*"*\s*)(?='*[=+\-@＝＋－＠])/g;
const GUARDED = /(^|[,;\t|\r\n])(\s*"*\s*)'(?='*[=+\-@＝＋－＠])/g;

/** A cell in which no spreadsheet sees a formula: what would begin one has an apostrophe in front. */
export const guarded = (cell: string): string => cell.replace(FORMULA, "$1$2'");
/** The cell that it was before. */
export const unguarded = (cell: string): string => cell.replace(GUARDED, '$1$2');

/** So that spreadsheets read the accents. */
export const BYTE_ORDER_MARK = '\uFEFF';

/**
 * A table by RFC 4180, with a byte order mark. What a spreadsheet would take for a formula gets an apostrophe in front,
 * in the middle of a cell too.
 */
export const encodeTable = <C extends string>(
  columns: readonly C[],
  rows: readonly Readonly<Record<C, string>>[],
): string =>
  BYTE_ORDER_MARK +
  encodeCells(
    columns,
    rows.map((row) => columns.map((column) => guarded(row[column]))),
  );

/** The same of cells as they are, without a mark. */
export const encodeCells = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse({ fields: [...head], data: rows.map((row) => [...row]) }, { newline: '\r\n' })}\r\n`;

/** Longer than any garden's plan. */
const MAX_CHARACTERS = 2_000_000;

/**
 * The cells of a pasted or chosen table: commas, semicolons or tabs, quoted or not.
 *
 * @param most characters; by default more than any plan has.
 * @returns `undefined` for a text that is too long.
 */
export function decodeTable(text: string, most = MAX_CHARACTERS): string[][] | undefined {
  if (text.length > most) return undefined;
  // A first cell may be empty: what stands before it is no blank line.
  const table = text
    .replace(/^\uFEFF/, '')
    .replace(/^(?:[ \t]*\r?\n)+/, '')
    .trimEnd();
  return parsed(table).map((row) => row.map(unguarded));
}

/** Quotes that open and do not close are signs like others: the rest of the table would be one cell. */
const MAX_OPEN_QUOTES = 200;

function parsed(table: string): string[][] {
  let text = table;
  for (let i = 0; ; i += 1) {
    const { data, errors, meta } = Papa.parse<string[]>(text, { skipEmptyLines: false });
    const open = errors.find(({ type }) => type === 'Quotes')?.index ?? swallowed(data, text, meta.delimiter);
    if (open === undefined || i === MAX_OPEN_QUOTES) return data;
    const quote = text.lastIndexOf('"', Math.max(0, open - 1));
    if (quote < 0) return data;
    text = `${text.slice(0, quote)}${text.slice(quote + 1)}`;
  }
}

/** Where a cell begins that holds whole lines of a table, just behind its quote. */
function swallowed(data: readonly string[][], text: string, delimiter: string): number | undefined {
  const usual = data.reduce((most, row) => Math.max(most, row.length), 0);
  for (const row of data)
    for (const cell of row) {
      // With tabs no cell has one in it; with commas some do, and then the line is short of cells.
      if (!cell.includes('\n') || (delimiter !== '\t' && row.length === usual)) continue;
      if (!cell.slice(cell.indexOf('\n')).includes(delimiter)) continue;
      const at = text.indexOf(`"${cell.replaceAll('"', '""')}`);
      if (at >= 0) return at + 1;
    }
  return undefined;
}
