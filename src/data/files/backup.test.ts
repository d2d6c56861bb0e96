import Ajv from 'ajv';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { DEMO_GARDEN } from '../../../demo/phones';
import { livedSeason } from '@testing/seasons';
import { Journal } from '@/core/journal/journal';
import { SUBJECT_TYPES } from '@/core/journal/kinds/definition';
import type { StoredEntry } from '@/core/journal/entry';
import { decodeBackup, describesGarden, encodeBackup, previewImport, type BackupSource } from './backup';
import { faultOfEntry } from '../schema/entrySchema';

const SEASON = livedSeason('untilJuly');
const SOURCE: BackupSource = {
  garden: DEMO_GARDEN,
  name: 'Larkmere',
  exported: '2026-07-18T18:00:00.000Z',
  entries: SEASON,
};
const DOCS = path.resolve(__dirname, '../../../docs');

test('an exported backup is imported entry for entry', async () => {
  const decoded = decodeBackup(encodeBackup(SOURCE), faultOfEntry);
  expect(decoded).toMatchObject({ ok: true, backup: { garden: DEMO_GARDEN, name: 'Larkmere' } });
  if (decoded.ok) expect(decoded.backup.entries).toEqual(SEASON);
});

test('a backup fits its published schema', () => {
  const schema = JSON.parse(readFileSync(path.join(DOCS, 'backup.schema.json'), 'utf8')) as object;
  const validate = new Ajv({ strict: false }).compile(schema);
  expect(validate(JSON.parse(encodeBackup(SOURCE)))).toBe(true);
  expect(validate({ ...SOURCE, format: 'another' })).toBe(false);
  expect(validate(JSON.parse(encodeBackup({ ...SOURCE, entries: [{ ...SEASON[0]!, lamport: -1 }] })))).toBe(
    false,
  );
});

test('the golden backup of the first version is still read', async () => {
  const golden = readFileSync(path.join(DOCS, '../testing/golden/backup-1.json'), 'utf8');
  const decoded = decodeBackup(golden, faultOfEntry);
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.refusal));
  const journal = new Journal();
  journal.add(decoded.backup.entries);
  expect([...journal.all('bloom').values()]).toMatchObject([
    { sex: 'female', code: 'K00A', pollination: { found: 'shut' }, looks: [{ seen: 'growing' }] },
    { sex: 'male', picked: {} },
  ]);
});

test('the golden backup of the second version, with its plan, is still read', () => {
  const golden = readFileSync(path.join(DOCS, '../testing/golden/backup-2.json'), 'utf8');
  const decoded = decodeBackup(golden, faultOfEntry);
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.refusal));
  const journal = new Journal();
  journal.add(decoded.backup.entries);
  expect(journal.all('bed').get('b1')).toMatchObject({ turn: 30, every: 0.5 });
  expect(journal.all('variety').get('v1')).toMatchObject({
    crop: 'corn',
    traits: { endosperm: 'sweet' },
    flowered: ['2026-01-22'],
  });
  expect([...journal.all('outside').keys()]).toEqual(['o1']);
  expect(journal.all('barrier').get('w1')).toMatchObject({ sort: 'hedge' });
  expect(journal.all('surroundings').get('')).toMatchObject({ ground: 'open' });
});

/** States as they were folded before version 2 of the kinds. */
const STATES_BEFORE = JSON.parse(
  readFileSync(path.join(DOCS, '../testing/golden/states.json'), 'utf8'),
) as Record<string, Record<string, Record<string, object>>>;
const inTheNamesOfVersion2 = <T>(states: T): T =>
  JSON.parse(
    JSON.stringify(states)
      .replaceAll('"flower":', '"bloom":')
      .replaceAll('"flowers":', '"blooms":')
      .replaceAll('"morning":', '"day":'),
  ) as T;

/** What is said of a subject now and was not before. */
const NEW_FIELDS = [
  ...['part', 'count', 'countedBy', 'members', 'application', 'outing', 'purposes', 'role'],
  ...['coveredGreen', 'coveredGreenEntries', 'receptive', 'receptiveEntries', 'emasculatedEntries'],
  ...['over', 'looked', 'describedBy'],
];

test.each(['1', '2', '3'])('golden backup %s folds to the same garden as when it was written', (version) => {
  const golden = readFileSync(path.join(DOCS, `../testing/golden/backup-${version}.json`), 'utf8');
  const decoded = decodeBackup(golden, faultOfEntry);
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.refusal));
  const journal = new Journal();
  journal.add(decoded.backup.entries);
  for (const type of SUBJECT_TYPES) {
    const was = STATES_BEFORE[version]![type === 'bloom' ? 'flower' : type] ?? {};
    // A variety's trait called `flowers` is still called so.
    const before = type === 'variety' ? was : inTheNamesOfVersion2(was);
    expect([...journal.all(type).keys()].sort()).toEqual(Object.keys(before).sort());
    for (const [id, state] of journal.all(type)) {
      const plain = JSON.parse(
        JSON.stringify(state, (key, value: unknown) =>
          NEW_FIELDS.includes(key) ? undefined : value instanceof Map ? Object.fromEntries(value) : value,
        ),
      ) as object;
      expect({ type, id, state: plain }).toEqual({ type, id, state: before[id] });
    }
  }
});

/** Likewise of 4 and 5. */
const SAID_SINCE = [
  ...['emasculatedEntries', 'sets', 'swept', 'keptOn', 'over', 'looked', 'versions', 'describedBy', 'fills'],
];

// 4 has a kind of every family; 5 readings of the weather and crosses that name their fathers.
test.each(['4', '5'])(
  'golden backup %s, whole, folds to the same garden as when it was written',
  (version) => {
    const read = (name: string): string =>
      readFileSync(path.join(DOCS, `../testing/golden/${name}-${version}.json`), 'utf8');
    const decoded = decodeBackup(read('backup'), faultOfEntry);
    if (!decoded.ok) throw new Error(JSON.stringify(decoded.refusal));
    const journal = new Journal();
    journal.add(decoded.backup.entries);
    const states = Object.fromEntries(
      SUBJECT_TYPES.map((type) => [type, Object.fromEntries([...journal.all(type)])]),
    );
    const plain = JSON.stringify(states, (key, value: unknown) => {
      if (SAID_SINCE.includes(key)) return undefined;
      return value instanceof Map ? Object.fromEntries(value) : value;
    });
    // Of what no entry could speak then, there is nothing.
    const none = Object.fromEntries(SUBJECT_TYPES.map((type) => [type, {}]));
    expect(JSON.parse(plain)).toEqual({ ...none, ...(JSON.parse(read('states')) as object) });
  },
);

test('fields and kinds of a later version survive export and import', async () => {
  const later = [
    { ...SEASON[0]!, mood: 'fine' },
    { ...SEASON[1]!, id: 'later', kind: 'danced', body: { steps: 3 } },
  ] as StoredEntry[];
  const decoded = decodeBackup(encodeBackup({ ...SOURCE, entries: later }), faultOfEntry);
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.refusal));
  expect(decoded.backup.entries).toEqual(later);
});

const nested = (depth: number): unknown => (depth === 0 ? 1 : { in: nested(depth - 1) });

test.each([
  ['not JSON', '{"format":', 'notJson'],
  ['something else', '{"hello":"world"}', 'notABackup'],
  ['a newer version', encodeBackup(SOURCE).replace('"version":1', '"version":2'), 'newerVersion'],
  ['a poisoned key', encodeBackup(SOURCE).replace('"action"', '"__proto__"'), 'proto'],
  [
    'too deep',
    encodeBackup({ ...SOURCE, entries: [{ ...SEASON[0]!, odd: nested(20) } as unknown as StoredEntry] }),
    'tooDeep',
  ],
  [
    'an entry of another garden',
    encodeBackup({ ...SOURCE, entries: [...SEASON, { ...SEASON[0]!, id: 'z', garden: 'elsewhere' }] }),
    'otherGarden',
  ],
  [
    'a text that was changed after the export',
    encodeBackup(SOURCE).replace('"female":1', '"female":2'),
    'altered',
  ],
  ['fifty megabytes of brackets', '['.repeat(50_000_000), 'tooDeep'],
  [
    'an entry with a list of 200,000 numbers',
    encodeBackup({
      ...SOURCE,
      entries: [
        { ...SEASON[0]!, odd: Array.from({ length: 200_000 }, (_, i) => i) } as unknown as StoredEntry,
      ],
    }),
    'tooLong',
  ],
  [
    'a text of a million letters',
    encodeBackup({
      ...SOURCE,
      entries: [{ ...SEASON[0]!, odd: 'x'.repeat(1_000_000) } as unknown as StoredEntry],
    }),
    'tooLong',
  ],
  [
    'a clock that would leave no room for later entries',
    encodeBackup({ ...SOURCE, entries: [{ ...SEASON[0]!, lamport: Number.MAX_SAFE_INTEGER }] }),
    'clock',
  ],
  [
    'one id with two contents',
    encodeBackup({ ...SOURCE, entries: [...SEASON, { ...SEASON[0]!, at: '2026-01-01T00:00:00.000Z' }] }),
    'changedEntries',
  ],
])('refuses %s, and says so', async (_name, text, why) => {
  expect(decodeBackup(text, faultOfEntry)).toMatchObject({ ok: false, refusal: { why } });
});

test('a faulty entry is named with its place, its field, and what was expected and found', async () => {
  const faulty = SEASON.map((entry, i) => (i === 4 ? { ...entry, at: 'yesterday' } : entry));
  expect(decodeBackup(encodeBackup({ ...SOURCE, entries: faulty }), faultOfEntry)).toMatchObject({
    refusal: { why: 'badEntry', position: 5, fault: { field: 'at', found: '"yesterday"' } },
  });
});

test.each([
  ['garden.described', { zone: '+99:99' }],
  ['garden.described', { zone: 'Mars/Olympus' }],
  ['device.named', { letter: 'É' }],
  ['season.named', { from: '2026-02-30' }],
  ['season.named', { to: '+275760-01-01' }],
  ['variety.described', { traits: undefined }],
])('an entry %s with %o is refused by its place', (kind, change) => {
  const at = SEASON.findIndex((entry) => entry.kind === kind);
  const entry = { ...SEASON[at]!, body: { ...SEASON[at]!.body, ...change } } as StoredEntry;
  const text = encodeBackup({ ...SOURCE, entries: SEASON.with(at, entry as never) });
  expect(decodeBackup(text, faultOfEntry)).toMatchObject({
    refusal: { why: 'badEntry', position: at + 1, fault: { field: `body.${Object.keys(change)[0]}` } },
  });
});

test('a clock as far on as entries have taken it is no fault, though one was put far ahead before', () => {
  const ahead = [
    { ...SEASON[0]!, lamport: 1_000_000_001 },
    { ...SEASON[1]!, lamport: 1_000_000_002 },
  ];
  expect(decodeBackup(encodeBackup({ ...SOURCE, entries: ahead }), faultOfEntry).ok).toBe(true);
});

test('a file without a checksum, or formatted differently, is read', () => {
  const text = encodeBackup(SOURCE);
  const bare = text.replace(/,"sum":"m[0-9a-f]{8}"/, '');
  expect(bare).not.toBe(text);
  expect(decodeBackup(bare, faultOfEntry).ok).toBe(true);
  expect(decodeBackup(JSON.stringify(JSON.parse(text), null, 2), faultOfEntry).ok).toBe(true);
});

test('a garden is described by what holds after all corrections', () => {
  const described = SEASON.filter(({ kind }) => kind === 'garden.described');
  expect(describesGarden(SEASON)).toBe(true);
  expect(describesGarden(SEASON.filter((entry) => !described.includes(entry)))).toBe(false);
  const struck = described.map(
    (entry) =>
      ({
        ...entry,
        id: `s-${entry.id}`,
        kind: 'struck',
        v: 1,
        lamport: 1e6,
        body: { target: entry.id },
      }) as StoredEntry,
  );
  expect(describesGarden([...SEASON, ...struck])).toBe(false);
});

test('the preview counts what is new, and refuses an entry whose content was changed', async () => {
  const decoded = decodeBackup(encodeBackup(SOURCE), faultOfEntry);
  if (!decoded.ok) throw new Error('a good file');
  const half = new Map<string, StoredEntry>(SEASON.slice(0, 10).map((entry) => [entry.id, entry]));
  expect(previewImport(decoded.backup, (id) => half.get(id))).toMatchObject({
    fresh: SEASON.length - 10,
    known: 10,
  });
  const tampered = new Map<string, StoredEntry>([[SEASON[3]!.id, { ...SEASON[3]!, lamport: 999 }]]);
  expect(previewImport(decoded.backup, (id) => tampered.get(id))).toEqual({
    refusal: { why: 'changedEntries', ids: [SEASON[3]!.id] },
  });
});
