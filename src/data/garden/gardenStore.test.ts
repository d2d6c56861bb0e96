import { DEMO_GARDEN } from '../../../demo/phones';
import { livedSeason } from '@testing/seasons';
import type { Fact } from '@/core/journal/entry';
import { nextTagCodes } from '@/core/text/tagCode';
import { Clock } from '../clock';
import { isStructural } from '@/core/journal/kinds/kinds';
import { EntryLog, recordsOf } from '../log/entryLog';
import { GardenStore } from './gardenStore';
import { MemoryStore } from '@testing/memoryStore';

const SEASON = livedSeason('fourWeeks');
const scouted = (plant: string): Fact => ({
  kind: 'scouted',
  body: { plant, day: '2026-07-19', eve: { female: 1, male: 0 }, green: { female: 0, male: 0 } },
});

const open = (store: MemoryStore, device = 'phone'): Promise<GardenStore> =>
  GardenStore.open({ garden: DEMO_GARDEN, store, device, clock: Clock.real() });

test('what is recorded shows at once, is on disk after, and is there again when reopened', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  const saved = garden.record([scouted('p1')]);
  await expect(saved).resolves.toBe('saved');
  expect(garden.journal.all('walk').size).toBe(1);
  const again = await open(store);
  expect(again.journal.all('walk')).toEqual(garden.journal.all('walk'));
  expect(again.reading.complete).toBe(true);
});

test('it is recorded at the time of its tap, however long the check of the first one takes to fetch', async () => {
  const tap = Date.UTC(2026, 6, 19, 5);
  const clock = jest.spyOn(Date, 'now').mockReturnValue(tap);
  const garden = await open(new MemoryStore());
  const saved = garden.record([scouted('p1')]);
  clock.mockReturnValue(tap + 4 * 24 * 3_600_000);
  await saved;
  clock.mockRestore();
  expect(garden.allEntries().map(({ recorded }) => recorded)).toEqual(['2026-07-19T05:00:00.000Z']);
});

test('a fact that does not fit its schema is refused before anything is written', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  const wrong = { kind: 'scouted', body: { plant: '', morning: 'soon' } } as unknown as Fact;
  await expect(garden.record([wrong])).rejects.toThrow(/scouted: body\.plant/);
  expect(store.texts.size).toBe(0);
});

test('a write that fails changes the state all the same, is kept, exported and tried again', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  store.refuse = new Error('');
  await expect(garden.record([scouted('p1')])).resolves.toBe('unsaved');
  await garden.record([scouted('p2')]);
  expect(garden.journal.all('walk').size).toBe(2);
  expect(garden.unsaved).toHaveLength(2);
  expect(garden.allEntries()).toHaveLength(2);
  store.refuse = undefined;
  await garden.retryUnsaved();
  expect(garden.unsaved).toHaveLength(0);
  expect((await open(store)).journal.all('walk').size).toBe(2);
  garden.close();
});

test('what waits for the disk is done once all is on it', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  store.refuse = new Error('');
  await garden.record([scouted('p1')]);
  let done = 0;
  garden.onceSaved(() => (done += 1));
  await garden.record([scouted('p2')]);
  await garden.retryUnsaved();
  expect(done).toBe(0);
  store.refuse = undefined;
  await garden.retryUnsaved();
  await garden.record([scouted('p3')]);
  expect(done).toBe(1);
  garden.close();
});

test('the newest record is that of corrected times, and an undo of the correction brings the old ones back', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  await garden.record([scouted('p1')]);
  const [first] = garden.allEntries();
  const before = garden.newest!;
  const week = 7 * 24 * 60;
  await garden.record([{ kind: 'times.corrected', body: { targets: [first!.id], by: week, days: 7 } }]);
  expect(garden.newest).toBe(before + week * 60_000);
  expect([...garden.journal.all('walk').keys()]).toEqual(['p1|2026-07-26']);
  // Put right under the day that is shown, it is stored under the day of that clock.
  const body = { ...scouted('p1').body, day: '2026-07-27' };
  await garden.record([{ kind: 'amended', body: { target: first!.id, of: 'scouted', body } }]);
  expect([...garden.journal.all('walk').keys()]).toEqual(['p1|2026-07-27']);
  expect(garden.allEntries().at(-1)).toMatchObject({ body: { body: { day: '2026-07-20' } } });
  await garden.undo();
  await garden.undo();
  expect([...garden.journal.all('walk').keys()]).toEqual(['p1|2026-07-19']);
  expect(garden.newest! - before).toBeLessThan(week * 60_000);
  const again = await open(store);
  expect(again.newest).toBe(garden.newest);
});

test('tags in use are never handed out, those of what was undone again, in a long garden as in a plain search', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  const cover = (codes: readonly string[], many: number): Fact => ({
    kind: 'covered',
    body: {
      plant: 'p1',
      day: '2026-07-19',
      method: 'tape',
      blooms: codes.map((code, i) => ({ bloom: `f${many}-${i}`, sex: 'female', code })),
    },
  });
  const plain = (count: number): string[] =>
    nextTagCodes(
      garden.tags.letter,
      new Set(Array.from(garden.journal.all('bloom').values(), ({ code }) => code)),
      count,
    );
  for (let many = 0; many < 60; many += 1) {
    expect(garden.tags.next(4)).toEqual(plain(4));
    const codes = garden.tags.next(1 + (many % 3));
    await garden.record([...garden.tags.ensureLetter(), cover(codes, many)]);
    if (many % 7 === 3) await garden.undo();
    if (many % 11 === 5) {
      const target = garden.allEntries().findLast(({ kind }) => kind === 'covered')!;
      const { body } = cover(codes.slice(1), many) as Extract<Fact, { kind: 'covered' }>;
      await garden.record([{ kind: 'amended', body: { target: target.id, of: 'covered', body } }]);
    }
  }
  expect((await open(store)).tags.next(4)).toEqual(plain(4));
});

test('undo and redo survive a reload', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  await garden.record([scouted('p1')]);
  await garden.record([scouted('p2')]);
  const reopened = await open(store);
  expect(await reopened.undo()).toMatchObject([{ kind: 'scouted', body: { plant: 'p2' } }]);
  expect(reopened.undone).toHaveLength(1);
  expect(reopened.own.redoable()).toBeDefined();
  expect([...reopened.journal.all('walk').keys()]).toEqual(['p1|2026-07-19']);
  expect(await (await open(store)).redo()).toBe(true);
  expect((await open(store)).journal.all('walk').size).toBe(2);
});

test('undo leaves alone what another device did, and says when there is nothing', async () => {
  const store = new MemoryStore();
  await (await open(store, 'other')).record([scouted('p1')]);
  const garden = await open(store);
  expect(await garden.undo()).toBeUndefined();
  expect(garden.journal.all('walk').size).toBe(1);
});

test('two tabs see each other’s entries without a reload', async () => {
  const store = new MemoryStore();
  const [a, b] = [await open(store), await open(store)];
  await Promise.all(
    Array.from({ length: 100 }, async (_, i) => {
      await a.record([scouted(`a${i}`)]);
      await b.record([scouted(`b${i}`)]);
    }),
  );
  await a.catchUp();
  await b.catchUp();
  expect(a.journal.all('walk').size).toBe(200);
  expect(b.journal.all('walk').size).toBe(200);
  expect((await open(store)).journal.all('walk').size).toBe(200);
});

test('a file is imported whole, and a second time changes nothing', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  await garden.importEntries(SEASON);
  const flowers = garden.journal.all('bloom').size;
  await garden.importEntries(SEASON);
  expect(garden.journal.size).toBe(SEASON.length);
  expect(garden.journal.all('bloom').size).toBe(flowers);
  await expect(garden.importEntries([{ ...SEASON[0]!, id: 'x', garden: 'another' }])).rejects.toThrow();
});

/** A store of three years, of which only the last is recent. */
test('records that ship with the app show at once and are there again; one that did not arrive whole is refused', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  const records = recordsOf(SEASON);
  const [key, text] = Object.entries(records).find(([each]) => each.startsWith('seg/'))!;
  expect(() => garden.adoptBundled({ ...records, [key]: text.slice(0, -9) })).toThrow(RangeError);
  expect([garden.journal.size, store.texts.size]).toEqual([0, 0]);
  garden.adoptBundled(records);
  expect(garden.journal.size).toBe(SEASON.length);
  const again = await open(store);
  expect(
    again
      .allEntries()
      .map(({ id }) => id)
      .sort(),
  ).toEqual(SEASON.map(({ id }) => id).sort());
});

test('another tab finds a file’s entries on the disk', async () => {
  const store = new MemoryStore();
  const [first, second] = [await open(store), await open(store)];
  await first.importEntries(SEASON);
  await second.catchUp();
  expect(second.journal.size).toBe(SEASON.length);
  first.close();
  second.close();
});

async function longStore(): Promise<{ store: MemoryStore; length: number }> {
  const store = new MemoryStore();
  const years = [0, 3, 4].flatMap((years) =>
    SEASON.filter(({ kind }) => years === 0 || !isStructural(kind)).map((entry) => ({
      ...entry,
      id: `${years}-${entry.id}`,
      lamport: entry.lamport + (4 - years) * 100_000,
      at: `${2026 - years}${entry.at.slice(4)}`,
      recorded: `${2026 - years}${entry.recorded.slice(4)}`,
    })),
  );
  await new EntryLog(store, async () => () => undefined).appendMany(years);
  return { store, length: years.length };
}

test('who needs every entry can wait for all of them, and is told how many are still to come', async () => {
  const { store, length } = await longStore();
  const garden = await open(store);
  expect(garden.reading.complete).toBe(false);
  expect(garden.allEntries().length + garden.reading.outstanding).toBe(length);
  const left: number[] = [];
  await garden.reading.readAll((outstanding) => left.push(outstanding));
  expect(garden.reading.complete).toBe(true);
  expect(garden.allEntries()).toHaveLength(length);
  expect(left.at(-1)).toBe(0);
  expect(left).toEqual([...left].sort((a, b) => b - a));
  await garden.reading.readAll();
});

test('what older entries bring is told one after another in idle moments, unless somebody waits for it', async () => {
  const { store } = await longStore();
  const order: string[] = [];
  const garden = await open(store);
  expect(garden.reading.complete).toBe(false);
  const told = new Promise<void>((resolve) => {
    garden.subscribe((unhurried) => order.push(`first ${unhurried}`, `${garden.reading.complete}`));
    garden.subscribe(() => resolve());
  });
  await told;
  expect(order).toEqual(['first true', 'true']);
  garden.close();

  const waitedFor = await open(store);
  waitedFor.subscribe((unhurried) => order.push(`waited for ${unhurried}`));
  await waitedFor.reading.readAll();
  expect(order).toEqual(['first true', 'true', 'waited for false']);
  waitedFor.close();
});

test('older entries that the disk does not give are read again later, and do not count as read until then', async () => {
  const { store, length } = await longStore();
  const garden = await open(store);
  store.refuseReading = new Error('closed');
  await expect(garden.reading.readAll()).rejects.toThrow('closed');
  expect(garden.reading.complete).toBe(false);
  store.refuseReading = undefined;
  await garden.reading.readAll();
  expect(garden.allEntries()).toHaveLength(length);
  garden.close();
});

test('a file whose entries were changed is refused and they are listed, though they are not read yet', async () => {
  const { store } = await longStore();
  const old = (await open(store)).allEntries()[0]!;
  const whole = await open(store);
  await whole.reading.readAll();
  const oldest = whole.allEntries().find(({ id }) => id.startsWith('4-'))!;
  const garden = await open(store);
  expect(garden.journal.has(oldest.id)).toBe(false);
  const changed = [
    { ...old, action: 'other' },
    { ...oldest, at: old.at },
  ];
  await expect(garden.importEntries(changed)).rejects.toMatchObject({ ids: [old.id, oldest.id] });
  expect(garden.journal.entry(oldest.id)).toEqual(oldest);
});

test('a file that the device refuses leaves the garden as it was', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  store.refuse = new Error('full');
  await expect(garden.importEntries(SEASON)).rejects.toThrow('full');
  expect(garden.journal.size).toBe(0);
});

test('a new device takes a letter that no other device of the garden has', async () => {
  const store = new MemoryStore();
  await (await open(store)).importEntries(SEASON);
  const garden = await open(store, 'third phone');
  expect(['K', 'T']).not.toContain(garden.tags.letter);
  await garden.record(garden.tags.ensureLetter());
  expect((await open(store, 'third phone')).tags.letter).toBe(garden.tags.letter);
  expect(garden.tags.next(3).every((tag) => tag.startsWith(garden.tags.letter))).toBe(true);
});

test('after a wipe nothing is written any more', async () => {
  const store = new MemoryStore();
  const garden = await open(store);
  await garden.record([scouted('p1')]);
  await garden.wipe();
  await garden.record([scouted('p2')]);
  expect(store.texts.size).toBe(0);
});
