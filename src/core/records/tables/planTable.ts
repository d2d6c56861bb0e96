import { PLAN_COLUMNS } from '../planColumns';
import { planRows, type PlanRow } from '../planLines';
import { column, recordTable } from './table';

/** The plan as it is now, a row for each row of a bed and each sowing in it; read again, it is the same plan. */
export const PLAN_TABLE = recordTable<PlanRow>({
  holds: 'a row of a bed with one sowing of a variety in it',
  key: [],
  columns: PLAN_COLUMNS.map((name) => column(name, 'string', '', (row) => row[name])),
  items: ({ journal }) => planRows(journal),
});
