import type { Column, RecordTable } from '@/core/records/tables/table';
import { TABLE_NAMES, TABLES } from '@/core/records/tables/tables';

/** docs/tables.md: every table of a garden's records with its columns. Written by `npx tsx scripts/tablesDoc.ts`. */
export const tablesDoc = (): string =>
  [
    '# Tables',
    'All tables of the data package and of the workbook; those of flowers and of lots are also files of their own ([formats.md](formats.md)). Written by `npx tsx scripts/tablesDoc.ts` from the tables themselves.',
    'Days are `YYYY-MM-DD` in the garden’s zone, times UTC to the second, in the workbook those of the garden’s clocks. Yes and no are 1 and 0. An empty cell is not known, or there is nothing to say. Columns in capitals are fields of the Multi-Crop Passport Descriptors (FAO and Bioversity International, V.2.1, from memory), as far as they fit.',
    ...TABLE_NAMES.map((name) => section(name, TABLES[name])),
  ].join('\n\n') + '\n';

const section = (name: string, { holds, columns, key, refers }: RecordTable): string =>
  [
    `## ${name}`,
    `A row is ${holds}. ${key.length > 1 ? 'Together they tell' : 'It is told by'} ${key.length > 1 ? `each from all others: ${key.map(code).join(', ')}` : code(key[0]!)}.${refers
      .map(
        ({ columns: own, table, theirs = own }) =>
          ` ${own.map(code).join(', ')}: ${table === name ? 'of this table' : code(table)}${own.join() === theirs.join() ? '' : `, there ${theirs.map(code).join(', ')}`}.`,
      )
      .join('')}`,
    ['| column | type | holds |', '| --- | --- | --- |', ...columns.map(row)].join('\n'),
  ].join('\n\n');

const row = (column: Column): string =>
  `| ${code(column.name)} | ${typeOf(column)} | ${column.holds}${column.oneOf ? `: ${column.oneOf.map(code).join(', ')}` : ''} |`;

const typeOf = ({ type, unit, always }: Column): string =>
  [`${type === 'instant' ? 'time' : type}${unit ? `, ${unit}` : ''}`, ...(always ? ['always'] : [])].join(
    '; ',
  );

const code = (text: string): string => `\`${text}\``;
