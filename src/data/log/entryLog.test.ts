import { livedSeason } from '@testing/seasons';
import type { StoredEntry } from '@/core/journal/entry';
import { faultOfEntry } from '../schema/entrySchema';
import { openStore, type Store } from '../storage';
import { MemoryStore } from '@testing/memoryStore';
import { EntryLog, SEGMENT_SIZE, type Damage, type LogPart } from './entryLog';
import { checksum, decodeRecord, encodeRecord, fnv1a } from './record';

const SEASON = livedSeason('other');

async function readAll(
  log: EntryLog,
  recent = '',
): Promise<{ ids: string[]; damage: Damage[]; parts: number }> {
  const ids: string[] = [];
  const damage: Damage[] = [];
  let parts = 0;
  for await (const part of log.read(recent)) {
    ids.push(...part.entries.map(({ id }) => id));
    damage.push(...part.damage);
    parts += 1;
  }
  return { ids, damage, parts };
}
const openLog = (store: Store): EntryLog => new EntryLog(store, async () => faultOfEntry);
const idsOf = (entries: readonly StoredEntry[]): string[] => entries.map(({ id }) => id).sort();

test('what is appended is read again, from the browser’s own store', async () => {
  const store = openStore('log-test');
  const log = openLog(store);
  await log.append(SEASON.slice(0, 2));
  await log.append(SEASON.slice(2, 5));
  expect((await readAll(openLog(store))).ids.sort()).toEqual(idsOf(SEASON.slice(0, 5)));
});

test('two writers of one store never touch each other’s records', async () => {
  const store = openStore('log-two');
  const [a, b] = [openLog(store), openLog(store)];
  await Promise.all(SEASON.slice(0, 200).map((entry, i) => (i % 2 === 0 ? a : b).append([entry])));
  expect((await readAll(openLog(store))).ids.sort()).toEqual(idsOf(SEASON.slice(0, 200)));
  // Each reads only what it did not write itself.
  expect((await readAll(a)).ids.sort()).toEqual(idsOf(SEASON.slice(0, 200).filter((_, i) => i % 2 === 1)));
});

test('loose records are packed into segments, and nothing is lost when packing stops half-way', async () => {
  const store = new MemoryStore();
  const log = openLog(store);
  for (const entry of SEASON.slice(0, SEGMENT_SIZE + 40)) await log.append([entry]);
  const removeMany = store.removeMany.bind(store);
  store.removeMany = () => Promise.reject(new Error('the tab was closed'));
  await expect(log.packWhenDue()).rejects.toThrow('the tab was closed');
  const doubled = await readAll(openLog(store));
  expect(new Set(doubled.ids).size).toBe(SEGMENT_SIZE + 40);
  expect(doubled.ids.length).toBeGreaterThan(SEGMENT_SIZE + 40);
  store.removeMany = removeMany;
  await log.packWhenDue();
  const keys = await store.getAllKeys();
  expect(keys.some((key) => key.startsWith('log/'))).toBe(false);
  expect(new Set((await readAll(openLog(store))).ids).size).toBe(SEGMENT_SIZE + 40);
});

test('two tabs that pack at once without a lock lose nothing', async () => {
  const store = new MemoryStore();
  const [a, b] = [openLog(store), openLog(store)];
  for (const entry of SEASON.slice(0, SEGMENT_SIZE + 10)) await a.append([entry]);
  await readAll(b);
  await Promise.all([a.packWhenDue(), b.packWhenDue()]);
  expect(new Set((await readAll(openLog(store))).ids).size).toBe(SEGMENT_SIZE + 10);
});

test('an append writes the same few bytes however long the journal is', async () => {
  const store = new MemoryStore();
  const log = openLog(store);
  const entry = SEASON.find(({ kind }) => kind === 'pollinated')!;
  const bytes: number[] = [];
  for (const length of [0, 1000, 20_000]) {
    await log.appendMany(Array.from({ length }, (_, i) => ({ ...entry, id: `${length}-${i}` })));
    store.written = 0;
    await log.append([{ ...entry, id: `one-${length}` }]);
    bytes.push(store.written);
  }
  expect(Math.max(...bytes)).toBeLessThanOrEqual(8 * 1024);
  expect(Math.max(...bytes) - Math.min(...bytes)).toBeLessThan(16);
});

test('recent records come first, and structure however old', async () => {
  const store = new MemoryStore();
  await openLog(store).appendMany(SEASON);
  const log = openLog(store);
  const { value: first } = (await log.read('2026-07-10').next()) as IteratorYieldResult<LogPart>;
  const kinds = new Set(first.entries.map(({ kind }) => kind));
  expect(kinds).toContain('plants.set');
  expect(first.outstanding).toBe(SEASON.length - first.entries.length);
  expect(first.entries.length).toBeLessThan(SEASON.length);
  expect(idsOf(SEASON)).toEqual((await readAll(openLog(store), '2026-07-10')).ids.sort());
});

test('of a damaged segment every whole line is recovered, and its count and days are told', async () => {
  const store = new MemoryStore();
  await openLog(store).appendMany(SEASON);
  const key = [...store.texts.keys()].findLast((each) => each.startsWith('seg/'))!;
  const text = store.texts.get(key)!;
  const { head } = decodeRecord(text);
  store.texts.set(key, text.slice(0, text.length - 160));
  const { ids, damage } = await readAll(openLog(store));
  expect(ids).toHaveLength(SEASON.length - 1);
  expect(damage).toEqual([
    {
      key,
      expected: head!.count,
      recovered: head!.count - 1,
      from: head!.from,
      to: head!.to,
      aside: [],
      text: store.texts.get(key),
    },
  ]);
});

test('a line of a damaged segment that holds no sound entry is set aside and told, and keeps nothing shut', async () => {
  const store = new MemoryStore();
  await openLog(store).appendMany(SEASON);
  const key = [...store.texts.keys()].findLast((each) => each.startsWith('seg/'))!;
  const lines = store.texts.get(key)!.split('\n');
  const at = lines.findIndex((line) => line.includes('"scouted"'));
  store.texts.set(key, lines.with(at, lines[at]!.replace('"eve":{', '"eve":7,"was":{')).join('\n'));
  const { ids, damage } = await readAll(openLog(store));
  expect(ids).toHaveLength(SEASON.length - 1);
  expect(damage).toMatchObject([
    { key, aside: [{ entry: { kind: 'scouted' }, fault: { field: 'body.eve', found: '7' } }] },
  ]);
});

test('a segment that is gone altogether is told by the index', async () => {
  const store = new MemoryStore();
  await openLog(store).appendMany(SEASON);
  const key = [...store.texts.keys()].findLast((each) => each.startsWith('seg/'))!;
  store.texts.delete(key);
  const { damage } = await readAll(openLog(store));
  expect(damage).toMatchObject([{ key, recovered: 0, text: '' }]);
  expect(damage[0]!.expected).toBeGreaterThan(0);
});

test.each(['null', '7', '{}', '{"count":', '[]'])(
  'an index line that holds %s does not keep a garden shut',
  async (line) => {
    const store = new MemoryStore();
    await openLog(store).appendMany(SEASON);
    for (const key of [...store.texts.keys()]) if (key.startsWith('idx/')) store.texts.set(key, line);
    const { ids, damage } = await readAll(openLog(store), '2026-07-10');
    expect(ids.sort()).toEqual(idsOf(SEASON));
    expect(damage).toEqual([]);
  },
);

test('a damaged loose record is never packed away', async () => {
  const store = new MemoryStore();
  const log = openLog(store);
  for (const entry of SEASON.slice(0, SEGMENT_SIZE)) await log.append([entry]);
  const key = [...store.texts.keys()][3]!;
  store.texts.set(key, `${store.texts.get(key)} `);
  await log.packWhenDue();
  expect(store.texts.has(key)).toBe(true);
});

test('the checksum is MurmurHash3, that of older records FNV-1a', () => {
  // Widely published values of MurmurHash3_x86_32 with seed 0, from memory.
  expect(checksum('')).toBe('m00000000');
  expect(checksum('hello')).toBe('m248bfa47');
  expect(checksum('hello, world')).toBe('m149bbb7f');
  expect(checksum('The quick brown fox jumps over the lazy dog')).toBe('m2e4ff723');
  // Published test vectors of the FNV authors (isthe.com), from memory: "" and "a" and "foobar".
  expect(fnv1a('')).toBe('811c9dc5');
  expect(fnv1a('a')).toBe('e40c292c');
  expect(fnv1a('foobar')).toBe('bf9cf968');
});

/** A record as it was written before rows: with either checksum, the first without brackets. */
function olderRecord(entries: readonly StoredEntry[], sum: (text: string) => string, bare = false): string {
  const lines = entries.map((entry) => JSON.stringify(entry)).join(',\n');
  const body = bare ? lines : `[\n${lines}\n]`;
  const { steady: _2, common: _none, ...head } = encodeRecord(entries).head;
  return `${JSON.stringify({ steady: 1, ...head, sum: sum(body) })}\n${body}`;
}

test('records of every version are read, and a change in any of them is noticed', () => {
  const entries = SEASON.slice(0, 3);
  const records = [
    encodeRecord(entries).text,
    olderRecord(entries, checksum),
    olderRecord(entries, fnv1a),
    olderRecord(entries, fnv1a, true),
  ];
  for (const record of records) {
    expect(decodeRecord(record)).toMatchObject({ damaged: false, entries });
    const body = record.length - record.indexOf('\n');
    for (const at of [record.length - 20, record.length - Math.floor(body / 2)]) {
      const other = record[at] === 'a' ? 'b' : 'a';
      expect(decodeRecord(record.slice(0, at) + other + record.slice(at + 1)).damaged).toBe(true);
    }
  }
});

test('entries come back as they were, also those of a later program, and in a third less room', () => {
  const lived = SEASON.slice(0, 200);
  const odd = [
    { ...lived[0]!, id: 'odd-1', mood: 'fine' },
    { ...lived[1]!, id: 'odd-2', garden: 'another' },
    { ...lived[2]!, id: 'odd-3', kind: 'danced', recorded: '2026-07-01T00:00:00.000Z', body: { steps: 3 } },
    { ...lived[3]!, id: 'odd-4', device: 'Ä-phone' },
  ] as StoredEntry[];
  const { text } = encodeRecord([...lived, ...odd]);
  expect(decodeRecord(text).entries).toEqual([...lived, ...odd]);
  expect(encodeRecord(lived).text.length).toBeLessThan(0.75 * JSON.stringify(lived).length);
});

test('whichever line of a record is lost, the others are read', () => {
  const entries = SEASON.slice(0, 12);
  const lines = encodeRecord(entries).text.split('\n');
  lines.forEach((line, i) => {
    for (const text of [lines.toSpliced(i, 1, line.slice(2)), lines.slice(0, i)].map((all) =>
      all.join('\n'),
    )) {
      const { entries: read, damaged } = decodeRecord(text);
      expect(damaged).toBe(true);
      const lost = entries.filter(({ id }) => !text.includes(id) || line.includes(id));
      expect(read).toEqual(entries.filter((entry) => !lost.includes(entry)));
    }
  });
});

test('a last line that strayed in from another record does not make a record’s entries another’s', () => {
  const entries = SEASON.slice(0, 12);
  const stray = JSON.stringify({ garden: 'another', devices: ['somebody'] });
  const lines = encodeRecord(entries).text.split('\n');
  const text = [...lines.slice(0, -2), `${stray}`, ']'].join('\n');
  expect(decodeRecord(text)).toMatchObject({ damaged: true, entries });
});

test('a record of nothing readable is damage, not an error', () => {
  expect(decodeRecord('rubbish')).toEqual({ entries: [], damaged: true, head: undefined });
  expect(decodeRecord(encodeRecord([]).text)).toMatchObject({ entries: [], damaged: false });
});
