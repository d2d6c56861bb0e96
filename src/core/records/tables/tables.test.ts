import { readFileSync } from 'node:fs';
import path from 'node:path';
import { livedSeason } from '@testing/seasons';
import { begin, YARD } from '@testing/yard';
import type { StoredEntry } from '../../journal/entry';
import { Journal } from '../../journal/journal';
import type { Day } from '../../time/types';
import type { Cell, RecordTable, Tabled } from './table';
import { TABLE_NAMES, TABLES, rowsOf, type TableName } from './tables';

function tabled(entries: readonly StoredEntry[], today: Day): Tabled {
  const journal = new Journal();
  journal.add(entries);
  return { journal, garden: journal.all('garden').get('')!, today };
}

const golden = JSON.parse(
  readFileSync(path.join(__dirname, '../../../../testing/golden/backup-5.json'), 'utf8'),
) as { readonly entries: readonly StoredEntry[] };
const DEMO = tabled(livedSeason('demo'), '2026-10-30');
const table = (name: TableName): RecordTable => TABLES[name];
const allRows = (of: Tabled) => new Map(TABLE_NAMES.map((name) => [name, rowsOf(name, of)]));
const ROWS = allRows(DEMO);

const keyOf = (row: Record<string, Cell>, columns: readonly string[]): string =>
  JSON.stringify(columns.map((column) => row[column]));

describe.each([
  ['the demo', ROWS],
  ['a garden with an entry of each kind', allRows(tabled(golden.entries, '2026-12-30'))],
])('%s', (_garden, all) => {
  describe.each(TABLE_NAMES)('%s', (name) => {
    const { columns, key, refers } = table(name);
    const rows = all.get(name)!;

    test('its key tells each row from all others', () => {
      const keys = rows.map((row) => keyOf(row, key));
      expect(new Set(keys).size).toBe(keys.length);
      expect(columns.map((column) => column.name)).toEqual(expect.arrayContaining([...key]));
    });

    test('each cell is of its column’s type, and one of its values', () => {
      for (const { name: column, type, oneOf, always } of columns)
        for (const row of rows) {
          const cell = row[column];
          if (cell === undefined) {
            expect(always && column).toBeFalsy();
            continue;
          }
          expect({ column, cell, fits: fits(type, cell) }).toEqual({ column, cell, fits: true });
          if (oneOf) expect(oneOf).toContain(cell);
        }
    });

    test('what it refers to is there', () => {
      for (const { columns: own, table: other, theirs = own } of refers) {
        const there = new Set(all.get(other as TableName)!.map((row) => keyOf(row, theirs)));
        for (const row of rows)
          if (own.every((column) => row[column] !== undefined)) expect(there).toContain(keyOf(row, own));
      }
    });
  });
});

function fits(type: string, cell: NonNullable<Cell>): boolean {
  switch (type) {
    case 'integer':
      return Number.isInteger(cell);
    case 'number':
      return Number.isFinite(cell);
    case 'boolean':
      return typeof cell === 'boolean';
    case 'date':
      return /^\d{4}-\d\d-\d\d$/.test(String(cell));
    case 'instant':
      return /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/.test(String(cell));
    default:
      return typeof cell === 'string' && cell !== '';
  }
}

test('the demo fills the tables of a season: it makes no cross, and has no logger', () => {
  const empty = TABLE_NAMES.filter((name) => ROWS.get(name)!.length === 0);
  expect(empty).toEqual(['crosses', 'weather_hours']);
});

test('a cross and an hour of readings are rows; what is not on the plan refers to nothing', () => {
  const phone = begin([{ variety: 'a', crop: 'pepo', plants: ['a1', 'a2'] }]);
  phone.say(
    '2026-07-01T05:00:00Z',
    {
      kind: 'mating.set',
      body: {
        ...{ mating: 'm', mother: 'a', father: 'nobody', purpose: 'seedForFun', ownPollen: 'never' },
        ...{ from: '2026-07-02', plants: ['a2', 'gone'], marker: 'striped' },
      },
    },
    {
      kind: 'weather.read',
      body: {
        ...{ day: '2026-07-01', source: 'logger' },
        readings: [[Date.parse('2026-07-01T05:00:00Z'), 14.5, 80, null, null, null]],
      },
    },
  );
  const of = { journal: phone.journal, garden: YARD, today: '2026-07-02' };
  expect(rowsOf('crosses', of)).toMatchObject([
    {
      cross_id: 'm',
      mother_variety_id: 'a',
      father_variety_id: undefined,
      mother_plants: 'a2',
      marker: 'striped',
    },
  ]);
  expect(rowsOf('weather_hours', of)).toMatchObject([
    { at: '2026-07-01T05:00:00.000Z', source: 'logger', temperature: 14.5, humidity: 80, rain: undefined },
  ]);
});

test('a garden with nothing in it has empty tables, but for itself', () => {
  const nothing = { ...DEMO, journal: new Journal() };
  expect(TABLE_NAMES.filter((name) => rowsOf(name, nothing).length > 0)).toEqual(['garden']);
});

test('an event stands once: pollinations and looks are as many as were recorded', () => {
  const kinds = [...DEMO.journal.entries()];
  const looked = kinds.filter(({ kind }) => kind === 'looked' || kind === 'fruit.counted').length;
  expect(ROWS.get('looks')!.length).toBeLessThanOrEqual(looked);
  expect(ROWS.get('looks')!.length).toBeGreaterThan(looked * 0.9);
});

test('the tables are the same in whatever order the entries came', () => {
  const entries = livedSeason('untilJuly');
  const tablesOf = (given: readonly StoredEntry[]): unknown => [...allRows(tabled(given, '2026-07-20'))];
  const [half, ahead] = [Math.floor(entries.length / 2), entries.slice().reverse()];
  const shuffled = [...ahead.slice(half), ...ahead.slice(0, half)];
  expect(tablesOf(shuffled)).toEqual(tablesOf(entries));
});
