import writeExcelFile, { type Cell as SheetCell, type Sheet } from 'write-excel-file/universal';
import type { Cell, Column, RecordTable, Tabled } from '@/core/records/tables/table';
import { TABLE_NAMES, TABLES, type TableName } from '@/core/records/tables/tables';
import { clockHour, dayAt, MS_PER_HOUR, toMs } from '@/core/time/calendar';

/** Tables that nobody reads in a spreadsheet: entries are for programs. */
const LEFT_OUT: readonly TableName[] = ['entries'];

/**
 * The garden as a workbook [ECMA-376], a sheet a table, numbers as numbers and days as days. Times are those of the
 * garden’s clocks: a spreadsheet knows no zones.
 */
export function encodeWorkbook(of: Tabled): Promise<Blob> {
  const names = TABLE_NAMES.filter((name) => !LEFT_OUT.includes(name));
  const sheets = [about(of), ...names.map((name) => sheetOf(name, TABLES[name], of))];
  return writeExcelFile(sheets).toBlob();
}

const BOLD = { fontWeight: 'bold' } as const;

/** What each sheet and column holds. */
function about({ garden, today }: Tabled): Sheet<Blob> {
  const names = TABLE_NAMES.filter((name) => !LEFT_OUT.includes(name));
  const line = (...texts: string[]): SheetCell[] => texts.map((text) => text);
  return {
    sheet: 'about',
    data: [
      [{ value: garden.name, ...BOLD }],
      line(`Records up to ${today}. Times are those of ${garden.zone}.`),
      line('An empty cell is not known, or there is nothing to say.'),
      [],
      ['sheet', 'column', 'unit', 'holds'].map((value) => ({ value, ...BOLD })),
      ...names.flatMap((name) => [
        line(name, '', '', `a row is ${TABLES[name].holds}`),
        ...TABLES[name].columns.map((column) => line(name, column.name, column.unit ?? '', column.holds)),
      ]),
    ],
    columns: [18, 22, 10, 80].map((width) => ({ width })),
  };
}

function sheetOf(name: TableName, { columns, rows }: RecordTable, of: Tabled): Sheet<Blob> {
  return {
    sheet: name,
    stickyRowsCount: 1,
    data: [
      columns.map((column) => ({ value: column.name, ...BOLD })),
      ...rows(of).map((cells) => columns.map((column, i) => sheetCell(column, cells[i], of.garden.zone))),
    ],
    columns: columns.map((column) => ({ width: WIDTHS[column.type] })),
  };
}

/** Letters across. */
const WIDTHS: Readonly<Record<Column['type'], number>> = {
  ...{ string: 16, integer: 9, number: 9, boolean: 9, date: 12, instant: 17, object: 30 },
};

function sheetCell({ type }: Column, cell: Cell, zone: string): SheetCell {
  if (cell === undefined || cell === '') return null;
  switch (type) {
    case 'string':
    case 'object':
      return { value: String(cell), type: String };
    case 'integer':
    case 'number':
      return { value: Number(cell), type: Number };
    case 'boolean':
      return { value: Number(cell), type: Number };
    case 'date':
      return { value: new Date(`${String(cell)}T00:00:00Z`), type: Date, format: 'yyyy-mm-dd' };
    case 'instant':
      return { value: onTheWall(String(cell), zone), type: Date, format: 'yyyy-mm-dd hh:mm' };
  }
}

/** The clock of the garden then, as if it were UTC. */
function onTheWall(at: string, zone: string): Date {
  const ms = toMs(at);
  return new Date(toMs(`${dayAt(ms, zone)}T00:00:00Z`) + Math.round(clockHour(ms, zone) * MS_PER_HOUR));
}
