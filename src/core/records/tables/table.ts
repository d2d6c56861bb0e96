import type { Journal } from '../../journal/journal';
import type { Garden } from '../../journal/state';
import type { Day } from '../../time/types';

/** What tables are made of. */
export interface Tabled {
  readonly journal: Journal;
  readonly garden: Garden;
  readonly today: Day;
}

/** What a column measures. */
export type ColumnUnit = 'm' | 'mm' | 'g' | 'degC' | 'degree' | 'day' | 'hour' | 'percent' | 'm/s' | 'W/m2';

/** Types of the Table Schema; a boolean is written 1 or 0. `instant`: a time in UTC, to the millisecond. */
export type ColumnType = 'string' | 'integer' | 'number' | 'boolean' | 'date' | 'instant' | 'object';

/** Nothing is known, or nothing is to be said, where it is `undefined`. */
export type Cell = string | number | boolean | undefined;

export interface Column {
  readonly name: string;
  readonly type: ColumnType;
  /** What it holds, in a few words. */
  readonly holds: string;
  readonly unit?: ColumnUnit;
  /** The only values it may have. */
  readonly oneOf?: readonly string[];
  /** It is never empty. */
  readonly always?: true;
}

/** A column with what it holds of a row. */
export interface ColumnOf<Row> extends Column {
  readonly of: (row: Row) => Cell;
}

/** Columns whose values are those of another table's key. */
interface Reference {
  readonly columns: readonly string[];
  /** Its name, and its columns where they are called otherwise. */
  readonly table: string;
  readonly theirs?: readonly string[];
}

/** A table of a garden's records. */
export interface RecordTable {
  /** What a row is. */
  readonly holds: string;
  readonly columns: readonly Column[];
  /** Columns that tell each row from all others. */
  readonly key: readonly string[];
  readonly refers: readonly Reference[];
  /** Rows of cells, in the order of the columns. */
  readonly rows: (of: Tabled) => readonly (readonly Cell[])[];
}

interface TableOf<Row> extends Omit<RecordTable, 'columns' | 'rows' | 'refers'> {
  readonly columns: readonly ColumnOf<Row>[];
  readonly refers?: readonly Reference[];
  readonly items: (of: Tabled) => readonly Row[];
}

/**
 * A table by what each column holds of a row.
 *
 * @example recordTable({ holds: 'a bed', key: ['bed_id'], items, columns: [column('bed_id', 'string', 'its id', (bed) => bed.bed)] })
 */
export const recordTable = <Row>({ items, columns, refers = [], ...table }: TableOf<Row>): RecordTable => ({
  ...table,
  refers,
  columns,
  rows: (of) => items(of).map((row) => columns.map((column) => nothingIfEmpty(column.of(row)))),
});

/** An empty text says nothing. */
const nothingIfEmpty = (cell: Cell): Cell => (cell === '' ? undefined : cell);

type ColumnFacts = Omit<Column, 'name' | 'type' | 'holds'>;

/** One column; see `recordTable`. */
export const column = <Row>(
  name: string,
  type: ColumnType,
  holds: string,
  of: (row: Row) => Cell,
  facts: ColumnFacts = {},
): ColumnOf<Row> => ({ name, type, holds, of, ...facts });

/** A column that is never empty. */
export const ALWAYS = { always: true } as const;

/** A column of one of a list of values. */
export const oneOf = (values: readonly string[]): ColumnFacts => ({ oneOf: values });

/** A column in a unit. */
export const inUnit = (unit: ColumnUnit): ColumnFacts => ({ unit });

/**
 * A number without the noise of its arithmetic.
 *
 * @example rounded(0.1 + 0.2, 2) // 0.3
 */
export const rounded = (value: number | undefined, digits: number): number | undefined =>
  value === undefined ? undefined : Number(value.toFixed(digits));
