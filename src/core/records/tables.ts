import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import type { Day } from '../time/types';
import { FLOWER_COLUMNS, flowerRows } from './flowerRows';
import { LOT_COLUMNS, lotRows } from './lotRows';
import { PLAN_COLUMNS } from './planColumns';
import { planRows } from './planLines';

/** What a table is made of. */
interface Tabled {
  readonly journal: Journal;
  readonly garden: Garden;
  readonly today: Day;
}

interface RecordTable {
  /** In order; docs/formats.md says what each holds. */
  readonly columns: readonly string[];
  readonly rows: (of: Tabled) => readonly Readonly<Record<string, string>>[];
}

/** The tables that a garden's records can be had as. */
export const TABLES = {
  flowers: {
    columns: FLOWER_COLUMNS,
    rows: ({ journal, garden, today }) => flowerRows(journal, garden, today),
  },
  lots: { columns: LOT_COLUMNS, rows: ({ journal, garden }) => lotRows(journal, garden) },
  plan: { columns: PLAN_COLUMNS, rows: ({ journal }) => planRows(journal) },
} as const satisfies Readonly<Record<string, RecordTable>>;

export type TableName = keyof typeof TABLES;
