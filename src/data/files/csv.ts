import Papa from 'papaparse';
import type { FlowerRow } from '@/core/records/flowerRows';
import { FLOWER_COLUMNS } from '@/core/records/flowerRows';
import { PLAN_COLUMNS, type PlanRow } from '@/core/records/planRows';

/** What a spreadsheet would run. The package's own pattern misses cells with line breaks. */
const FORMULA = /^[=+\-@\t\r]/;

/**
 * A table by RFC 4180, with a byte order mark so that spreadsheets read the accents. Cells that a spreadsheet would
 * take for a formula get an apostrophe in front.
 */
export function encodeTable<C extends string>(
  columns: readonly C[],
  rows: readonly Readonly<Record<C, string>>[],
): string {
  const body = Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => row[column])) },
    { newline: '\r\n', escapeFormulae: FORMULA },
  );
  return `\uFEFF${body}\r\n`;
}

export const encodeFlowers = (rows: readonly FlowerRow[]): string => encodeTable(FLOWER_COLUMNS, rows);

export const encodePlan = (rows: readonly PlanRow[]): string => encodeTable(PLAN_COLUMNS, rows);

/** Longer than any garden's plan. */
const MOST_CHARACTERS = 2_000_000;
/** The apostrophe that was put before what looks like a formula. */
const GUARD = /^'(?=[=+\-@\t\r])/;

/**
 * The cells of a pasted or chosen table: commas, semicolons or tabs, quoted or not.
 *
 * @returns `undefined` for a text that is too long to be a plan.
 */
export function decodeTable(text: string): string[][] | undefined {
  if (text.length > MOST_CHARACTERS) return undefined;
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: false });
  return data.map((row) => row.map((cell) => cell.replace(GUARD, '')));
}
