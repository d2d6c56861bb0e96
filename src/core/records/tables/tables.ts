import { BED_TABLE } from './bedTable';
import { CONTENT_TABLE } from './contentTable';
import { CROSS_TABLE } from './crossTable';
import { ENTRY_TABLE } from './entryTable';
import { FLOWER_TABLE } from './flowerTable';
import { FRUIT_TABLE, HARVEST_TABLE, LOOK_TABLE } from './fruitTable';
import { GARDEN_TABLE } from './gardenTable';
import { GERMINATION_COUNT_TABLE, GERMINATION_TEST_TABLE } from './germinationTable';
import { LOT_TABLE } from './lotTable';
import { PLANT_TABLE } from './plantTable';
import { PLANTING_TABLE } from './plantingTable';
import { DONOR_TABLE, POLLINATION_TABLE } from './pollinationTable';
import type { Cell, RecordTable, Tabled } from './table';
import { VARIETY_TABLE } from './varietyTable';
import { WALK_TABLE } from './walkTable';
import { WEATHER_DAY_TABLE, WEATHER_HOUR_TABLE } from './weatherTable';

/** All that a garden's records can be had as, each table once; docs/tables.md lists their columns. */
export const TABLES = {
  garden: GARDEN_TABLE,
  beds: BED_TABLE,
  varieties: VARIETY_TABLE,
  plantings: PLANTING_TABLE,
  plants: PLANT_TABLE,
  crosses: CROSS_TABLE,
  walks: WALK_TABLE,
  flowers: FLOWER_TABLE,
  pollinations: POLLINATION_TABLE,
  donors: DONOR_TABLE,
  looks: LOOK_TABLE,
  fruits: FRUIT_TABLE,
  harvests: HARVEST_TABLE,
  lots: LOT_TABLE,
  lot_contents: CONTENT_TABLE,
  germination_tests: GERMINATION_TEST_TABLE,
  germination_counts: GERMINATION_COUNT_TABLE,
  weather_days: WEATHER_DAY_TABLE,
  weather_hours: WEATHER_HOUR_TABLE,
  entries: ENTRY_TABLE,
} as const satisfies Readonly<Record<string, RecordTable>>;

export type TableName = keyof typeof TABLES;

export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

/**
 * The rows of a table, each by the names of its columns.
 *
 * @example rowsOf('lots', { journal: new Journal(), garden, today }) // []
 */
export const rowsOf = (name: TableName, of: Tabled): Record<string, Cell>[] => {
  const { columns, rows }: RecordTable = TABLES[name];
  return rows(of).map((cells) => Object.fromEntries(columns.map((column, i) => [column.name, cells[i]])));
};
