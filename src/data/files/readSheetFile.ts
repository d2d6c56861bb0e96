import readExcelFile, { type CellValue } from 'read-excel-file/universal';
import { readPlanTable } from '@/core/records/planTable';
import { guessSheet } from '@/core/records/sheet/guessSheet';
import { decodeTable } from './csv';
import { isZip } from './zip';
import { MAX_SHEET_BYTES, MAX_SHEET_LINES, type OpenedSheets, type SheetReader } from './sheetReader';

/** Reads somebody’s spreadsheet. */
export const SHEET_READER: SheetReader = {
  open: async (file) => (typeof file === 'string' ? openText(file) : openFile(file)),
  guess: (rows, defaults, held, today) => {
    const sheet = guessSheet(rows, defaults);
    return { sheet, read: readPlanTable(sheet, held, today) };
  },
  read: readPlanTable,
};

async function openFile(file: ArrayBuffer): Promise<OpenedSheets> {
  const bytes = new Uint8Array(file);
  if (bytes.length > MAX_SHEET_BYTES) return { ok: false, why: 'tooLong' };
  // A workbook is a zip archive; all else is text.
  if (!isZip(bytes)) return openText(decoded(bytes));
  try {
    const sheets = await readExcelFile(file);
    const tables = sheets.map(({ sheet, data }) => ({
      name: sheet,
      rows: data.map((row) => row.map(textOf)),
    }));
    return openTables(tables);
  } catch {
    return { ok: false, why: 'noTable' };
  }
}

/** UTF-8 or UTF-16 by its mark; a text that is no UTF-8 comes from an older spreadsheet (Windows-1252). */
function decoded(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

function openText(text: string): OpenedSheets {
  const rows = decodeTable(text);
  return rows ? openTables([{ name: '', rows }]) : { ok: false, why: 'tooLong' };
}

function openTables(tables: readonly { readonly name: string; readonly rows: string[][] }[]): OpenedSheets {
  const filled = tables.filter(({ rows }) => rows.some((row) => row.some((cell) => cell.trim() !== '')));
  if (filled.length === 0) return { ok: false, why: 'noTable' };
  if (filled.some(({ rows }) => rows.length > MAX_SHEET_LINES)) return { ok: false, why: 'tooLong' };
  return { ok: true, tables: filled };
}

/** A cell of a workbook as text; days as they are stored, without a zone. */
function textOf(cell: CellValue | null): string {
  if (cell === null) return '';
  if (cell instanceof Date) return cell.toISOString().slice(0, 10);
  // 0.1 + 0.2 of a formula is 0.3.
  return typeof cell === 'number' ? String(Number(cell.toPrecision(12))) : String(cell);
}
