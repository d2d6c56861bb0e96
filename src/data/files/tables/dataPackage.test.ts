import { Profile } from 'datapackage';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import readExcelFile from 'read-excel-file/universal';
import { Table } from 'tableschema';
import { livedSeason } from '@testing/seasons';
import { begin } from '@testing/yard';
import type { StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { TABLE_NAMES } from '@/core/records/tables/tables';
import { faultOfEntry } from '../../schema/entrySchema';
import { decodeBackup } from '../backup';
import { DESCRIPTOR, encodePackage, fileOf, type Descriptor, type PackageSource } from './dataPackage';
import { isZip } from '../zip';
import { unpack } from './readPackage';
import { encodeWorkbook } from './workbook';

const NOW = Date.parse('2026-07-20T18:00:00Z');
const ENTRIES = livedSeason('untilJuly');

function sourceOf(entries: readonly StoredEntry[]): PackageSource {
  const journal = new Journal();
  journal.add(entries);
  const garden = journal.all('garden').get('')!;
  return { journal, garden, today: '2026-07-20', id: entries[0]!.garden, now: NOW };
}

const SOURCE = sourceOf(ENTRIES);
const BYTES = encodePackage(SOURCE);
const FILES = unzipSync(BYTES);
const textOf = (name: string): string => strFromU8(FILES[name]!);
const DESCRIBED = JSON.parse(textOf(DESCRIPTOR)) as Descriptor;
const cellsOf = (text: string): string[][] =>
  Papa.parse<string[]>(text, { delimiter: ',', skipEmptyLines: true }).data;

test('the description fits the published schema of tabular data packages [Frictionless Data, v1]', async () => {
  const profile = await Profile.load('tabular-data-package');
  expect(profile.validate(DESCRIBED).errors).toEqual([]);
  expect(profile.validate({ ...DESCRIBED, resources: [] }).valid).toBe(false);
});

test('each table is read by the reference library of table schemas: types, values, keys and what they refer to', async () => {
  const read = new Map<string, Record<string, unknown>[]>();
  const load = ({ path, schema }: Descriptor['resources'][number]): Promise<Table> =>
    Table.load(cellsOf(textOf(path)), { schema, strict: true });
  for (const resource of DESCRIBED.resources) {
    const rows = await (await load(resource)).read({ keyed: true });
    expect({ of: resource.name, rows: rows.length }).toEqual({
      of: resource.name,
      rows: cellsOf(textOf(resource.path)).length - 1,
    });
    read.set(resource.name, rows);
  }
  // What is referred to is put into the row, so that each table is read once more.
  for (const resource of DESCRIBED.resources) {
    const of = (resource.schema.foreignKeys ?? []).map(({ reference }) => reference.resource);
    const relations = Object.fromEntries(of.map((name) => [name, read.get(name || resource.name)!]));
    await (await load(resource)).read({ keyed: true, relations });
  }
  expect(read.size).toBe(TABLE_NAMES.length);
  expect(read.get('flowers')!.length).toBeGreaterThan(100);
  expect(read.get('beds')![0]).toMatchObject({ length: expect.any(Number) as number, under_glass: false });
});

test('a package that is read back in is the same entries', () => {
  const unpacked = unpack(BYTES);
  if ('refusal' in unpacked) throw new Error(unpacked.refusal.why);
  expect(unpacked.changed).toEqual([]);
  const decoded = decodeBackup(unpacked.backup, faultOfEntry);
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.refusal));
  expect(decoded.backup).toMatchObject({ garden: SOURCE.id, name: SOURCE.garden.name });
  const byId = (entries: readonly StoredEntry[]): unknown =>
    Object.fromEntries(entries.map((entry) => [entry.id, entry]));
  expect(byId(decoded.backup.entries)).toEqual(byId(ENTRIES));
  expect(isZip(BYTES)).toBe(true);
  expect(isZip(strToU8('{"format"'))).toBe(false);
});

function named(name: string): StoredEntry[] {
  const { journal } = begin([{ variety: 'a', crop: 'pepo', plants: ['a1', 'a2'] }]);
  return [...journal.entries()].map((entry) =>
    entry.kind === 'variety.described' ? ({ ...entry, body: { ...entry.body, name } } as StoredEntry) : entry,
  );
}

test.each(['=1+1', "'=x", 'a;=b', 'a,-2', '"=q"', '@\t=x', 'line\n=2', '＝wide', '\\=b', 'plain'])(
  'a name that looks like a formula comes back as it was, and is none anywhere: %j',
  (name) => {
    const entries = [
      ...named(name),
      {
        ...ENTRIES[0]!,
        id: 'later',
        kind: 'kind.of.later',
        body: { text: name, list: [-2, name] },
        extra: name,
      },
    ] as StoredEntry[];
    const bytes = encodePackage(sourceOf(entries));
    for (const [file, content] of Object.entries(unzipSync(bytes)))
      if (file !== DESCRIPTOR)
        for (const cell of cellsOf(strFromU8(content)).flat())
          expect(Number.isNaN(Number(cell)) ? cell.trimStart() : '').not.toMatch(/^[=+\-@＝＋－＠]/);
    const unpacked = unpack(bytes);
    if ('refusal' in unpacked) throw new Error(unpacked.refusal.why);
    const { entries: back } = JSON.parse(unpacked.backup) as { entries: StoredEntry[] };
    expect(new Set(back.map((entry) => JSON.stringify(sorted(entry))))).toEqual(
      new Set(entries.map((entry) => JSON.stringify(sorted(entry)))),
    );
  },
);

const sorted = (entry: object): object =>
  Object.fromEntries(Object.entries(entry).sort(([a], [b]) => (a < b ? -1 : 1)));

describe('what was changed', () => {
  const again = (change: (files: Record<string, Uint8Array>) => void): ReturnType<typeof unpack> => {
    const files = { ...FILES };
    change(files);
    return unpack(zipSync(files));
  };
  const edited = (name: string, from: string, to: string) => (files: Record<string, Uint8Array>) => {
    files[name] = strToU8(textOf(name).replace(from, to));
  };

  test('an entry that was changed is refused', () => {
    expect(again(() => undefined)).toEqual({ backup: expect.any(String) as string, changed: [] });
    expect(again(edited(fileOf('entries'), 'garden', 'yard'))).toEqual({ refusal: { why: 'altered' } });
    expect(again(edited(fileOf('entries'), '"', '""'))).toEqual({ refusal: { why: 'altered' } });
  });

  test('another table that was changed is not read, and told', () => {
    expect(again(edited(fileOf('plants'), '1', '2'))).toMatchObject({ changed: ['plants'] });
  });

  test.each([
    ['no description', (files: Record<string, Uint8Array>) => void delete files[DESCRIPTOR]],
    ['no entries', (files: Record<string, Uint8Array>) => void delete files['entries.csv']],
    ['a description of another program', edited(DESCRIPTOR, 'steadyTrowel', 'other')],
    ['a broken description', edited(DESCRIPTOR, '{', '')],
    ['a list of nothing', edited(DESCRIPTOR, '"resources": [', '"resources": [null,')],
  ])('%s: it is no package of ours', (_what, change) => {
    expect(again(change)).toEqual({ refusal: { why: 'notABackup' } });
  });

  test('one of a newer program is left alone', () => {
    expect(again(edited(DESCRIPTOR, '"version": 1', '"version": 2'))).toEqual({
      refusal: { why: 'newerVersion' },
    });
  });

  test('what is cut short is no package', () => {
    expect(unpack(BYTES.slice(0, BYTES.length / 2))).toEqual({ refusal: { why: 'notABackup' } });
    expect(unpack(new Uint8Array([0x50, 0x4b, 3, 4]))).toEqual({ refusal: { why: 'notABackup' } });
  });
});

test('the workbook opens in another reader: numbers are numbers, days days, times those of the garden', async () => {
  const sheets = await readExcelFile(await bytesOf(await encodeWorkbook(SOURCE)));
  expect(sheets.map(({ sheet }) => sheet)).toEqual([
    'about',
    ...TABLE_NAMES.filter((name) => name !== 'entries'),
  ]);
  const [head, ...rows] = sheets.find(({ sheet }) => sheet === 'flowers')!.data;
  const csv = cellsOf(textOf('flowers.csv'));
  expect(head).toEqual(csv[0]);
  expect(rows).toHaveLength(csv.length - 1);
  const at = (column: string): number => head!.indexOf(column);
  const pollinated = rows.findIndex((row) => row[at('pollinated_at')] !== null);
  const utc = Date.parse(csv[pollinated + 1]![at('pollinated_at')]!);
  // British summer time is an hour ahead of UTC.
  expect(SOURCE.garden.zone).toBe('Europe/London');
  expect(Number(rows[pollinated]![at('pollinated_at')])).toBeCloseTo(utc + 3_600_000, -3);
  expect(rows[pollinated]![at('morning')]).toEqual(
    new Date(`${csv[pollinated + 1]![at('morning')]}T00:00:00Z`),
  );
  expect(typeof rows[pollinated]![at('row')]).toBe('number');
});

const bytesOf = (blob: Blob): Promise<ArrayBuffer> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as ArrayBuffer);
    reader.onerror = () => reject(reader.error as Error);
    reader.readAsArrayBuffer(blob);
  });
