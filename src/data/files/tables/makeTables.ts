import { Journal } from '@/core/journal/journal';
import { planFeatures } from '@/core/records/planFeatures';
import { FLOWER_TABLE } from '@/core/records/tables/flowerTable';
import { LOT_TABLE } from '@/core/records/tables/lotTable';
import { PLAN_TABLE } from '@/core/records/tables/planTable';
import type { RecordTable, Tabled } from '@/core/records/tables/table';
import { dayAt } from '@/core/time/calendar';
import { BYTE_ORDER_MARK } from '../csv';
import { encodePackage } from './dataPackage';
import type { SingleTable, TableFiles, TableSource } from './tableFiles';
import { tableText } from './tableText';
import { encodeWorkbook } from './workbook';

const SINGLE: Readonly<Record<SingleTable, RecordTable>> = {
  flowers: FLOWER_TABLE,
  lots: LOT_TABLE,
  plan: PLAN_TABLE,
};

/** Makes files of a garden's records. */
export const TABLE_FILES: TableFiles = {
  table: (name, source) => BYTE_ORDER_MARK + tableText(SINGLE[name], tabled(source)),
  map: (source) => {
    const { journal, garden } = tabled(source);
    return `${JSON.stringify(planFeatures(journal, garden))}\n`;
  },
  dataPackage: (source) => encodePackage({ ...tabled(source), id: source.id, now: source.now }),
  workbook: (source) => encodeWorkbook(tabled(source)),
};

/** @throws Error where nobody described the garden: its files are not offered then. */
function tabled({ entries, now }: TableSource): Tabled {
  const journal = new Journal();
  journal.add(entries);
  const garden = journal.all('garden').get('');
  if (!garden) throw new Error('the garden is not described');
  return { journal, garden, today: dayAt(now, garden.zone) };
}
