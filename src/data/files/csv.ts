import Papa from 'papaparse';

/**
 * Where a spreadsheet would see a formula begin: at the start of a cell, and after whatever it may take for the end of
 * one, since not every spreadsheet splits at commas. Apostrophes that are there already count along, so that one more
 * can always be taken away again. In East Asia spreadsheets take the wide signs for the narrow ones.
 */
const FORMULA = /(^|[,;\t|\r\n])(\s*"*\s*)(?='*[=+\-@＝＋－＠])/g;
const GUARDED = /(^|[,;\t|\r\n])(\s*"*\s*)'(?='*[=+\-@＝＋－＠])/g;

const guarded = (cell: string): string => cell.replace(FORMULA, "$1$2'");
const unguarded = (cell: string): string => cell.replace(GUARDED, '$1$2');

/**
 * A table by RFC 4180, with a byte order mark so that spreadsheets read the accents. What a spreadsheet would take for a
 * formula gets an apostrophe in front, in the middle of a cell too.
 */
export function encodeTable<C extends string>(
  columns: readonly C[],
  rows: readonly Readonly<Record<C, string>>[],
): string {
  const body = Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => guarded(row[column]))) },
    { newline: '\r\n' },
  );
  return `\uFEFF${body}\r\n`;
}

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
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: false });
  return data.map((row) => row.map(unguarded));
}
