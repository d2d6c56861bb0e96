import Papa from 'papaparse';
import type { FlowerRow } from '@/core/records/flowerRows';
import { FLOWER_COLUMNS } from '@/core/records/flowerRows';

/** What a spreadsheet would run. The package's own pattern misses cells with line breaks. */
const FORMULA = /^[=+\-@\t\r]/;

/**
 * A table of flowers by RFC 4180, with a byte order mark so that spreadsheets read the accents. Cells that a
 * spreadsheet would take for a formula get an apostrophe in front.
 */
export function encodeFlowers(rows: readonly FlowerRow[]): string {
  const body = Papa.unparse(
    { fields: [...FLOWER_COLUMNS], data: rows.map((row) => FLOWER_COLUMNS.map((column) => row[column])) },
    { newline: '\r\n', escapeFormulae: FORMULA },
  );
  return `\uFEFF${body}\r\n`;
}
