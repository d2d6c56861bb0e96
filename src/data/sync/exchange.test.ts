import { closeDevices, TestDevice, TestServer } from '@testing/syncYard';
import { SyncError } from './syncServer';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.open();
}, 30_000);
afterAll(() => server.database.close());
afterEach(closeDevices);
beforeEach(async () => {
  server.trouble = {};
  await server.clear();
});

/** Phones that sync, each with an entry of its own. */
async function phones(count: number): Promise<TestDevice[]> {
  const first = await (await TestDevice.open('A', server)).begin();
  const others: TestDevice[] = [];
  for (let i = 1; i < count; i += 1)
    others.push(await (await TestDevice.open(String.fromCharCode(65 + i), server)).join(first));
  return [first, ...others];
}

async function syncAll(devices: readonly TestDevice[], rounds = 3): Promise<void> {
  for (let i = 0; i < rounds; i += 1) for (const device of devices) await device.sync();
}

const together = (devices: readonly TestDevice[]): string[] =>
  [...new Set(devices.flatMap(({ ids }) => ids))].sort();

test('what each recorded without a network all have in the evening', async () => {
  const devices = await phones(3);
  for (const [i, device] of devices.entries()) await device.record(`p${i}`, `q${i}`);
  await syncAll(devices, 2);
  for (const device of devices) {
    expect(device.ids).toEqual(together(devices));
    expect(device.ids).toHaveLength(6);
    expect(device.exchange!.waiting).toBe(0);
    expect(device.exchange!.concerns).toEqual({ missing: 0, otherKey: 0, newer: 0, refused: [] });
  }
});

test('nothing is exchanged where nothing is new', async () => {
  const [a, b] = await phones(2);
  await a!.record('p1');
  await syncAll([a!, b!]);
  const blocks = await server.database.query('select 1 from blocks');
  await syncAll([a!, b!]);
  expect(await server.database.query('select 1 from blocks')).toHaveLength(blocks.length);
});

test('the server holds nothing that can be read', async () => {
  const [a] = await phones(1);
  await a!.record('Marrow at the gate');
  await a!.sync();
  const rows = await server.database.query<{ sealed: Uint8Array }>('select sealed from blocks');
  const all = JSON.stringify(await server.database.query('select * from gardens, members, writers'));
  const bytes = rows.map(({ sealed }) => Buffer.from(sealed).toString('latin1')).join('');
  for (const word of ['Marrow', 'scouted', 'p1', a!.garden.id]) {
    expect(bytes).not.toContain(word);
    expect(all).not.toContain(word);
  }
});

test('an answer that was lost is not written twice, also after a restart', async () => {
  const [a, b] = await phones(2);
  await a!.record('p1');
  server.trouble = {
    answer: (answer, { blocks }) => {
      if (blocks.length > 0) throw new SyncError('offline');
      return answer;
    },
  };
  await expect(a!.sync()).rejects.toThrow('offline');
  server.trouble = {};
  await a!.restart();
  await a!.record('p2');
  await syncAll([a!, b!]);
  expect(b!.ids).toEqual(a!.ids);
  expect(await server.database.query('select 1 from writers')).toHaveLength(2);
});

test('a server that lost its last minute gets it again, from whoever has it', async () => {
  const [a, b, c] = await phones(3);
  await a!.record('p1');
  await syncAll([a!, b!]);
  await a!.record('p2');
  await syncAll([a!, b!], 1);
  // As it was before; A's phone is lost as well.
  await server.database.run(`delete from blocks where number > 1; update writers set head = 1`);
  await b!.sync();
  await c!.sync();
  expect(c!.ids).toEqual(a!.ids);
  expect(c!.exchange!.concerns.missing).toBe(0);
  // It was found again: it writes under another name.
  await a!.record('p3');
  await syncAll([a!, b!, c!]);
  expect(c!.ids).toEqual(a!.ids);
  expect(b!.ids).toEqual(a!.ids);
  expect(a!.exchange!.concerns.missing).toBe(0);
});

test('a server that lost all is filled again', async () => {
  const [a, b] = await phones(2);
  await a!.record('p1');
  await b!.record('p2');
  await syncAll([a!, b!]);
  await server.database.run('delete from blocks; delete from writers');
  await syncAll([b!]);
  const c = await (await TestDevice.open('C', server)).join(a!);
  await syncAll([a!, b!, c]);
  expect(c.ids).toEqual(together([a!, b!]));
  expect(c.exchange!.concerns.missing).toBe(0);
});

test('a server that was replaced, or forgot who was let in, is filled again by whoever has the key', async () => {
  const [a, b, c] = await phones(3);
  await a!.record('p1');
  await syncAll([a!, b!, c!]);
  await server.clear();
  await b!.record('p2');
  await syncAll([b!, a!, c!]);
  for (const device of [a!, b!, c!]) expect(device.ids).toEqual(together([a!, b!]));
  await server.database.query('delete from members where member = $1', [c!.pairing.member]);
  await c!.record('p3');
  await syncAll([c!, a!]);
  expect(a!.ids).toEqual(c!.ids);
});

test('rows that were swapped, altered or kept back are seen, told, and come from another phone', async () => {
  const [a, b, c] = await phones(3);
  await a!.record('p1');
  await a!.sync();
  await a!.record('p2');
  await a!.sync();
  await a!.record('p3');
  await syncAll([a!, b!]);
  const { writer } = a!.pairing;
  const one = await server.database.query<{ sealed: Uint8Array }>(
    'select sealed from blocks where writer = $1 and number = 1',
    [writer],
  );
  // The second is now a copy of the first, and the third is kept back from the third phone.
  await server.database.query('update blocks set sealed = $1 where writer = $2 and number = 2', [
    one[0]!.sealed,
    writer,
  ]);
  server.trouble = {
    answer: (answer) => ({
      ...answer,
      blocks: answer.blocks.filter((block) => block.writer !== writer || block.number !== 3),
    }),
  };
  await c!.sync();
  expect(c!.exchange!.concerns.missing).toBe(2);
  expect(c!.ids).toHaveLength(1);
  await b!.sync();
  await c!.sync();
  expect(c!.ids).toEqual(a!.ids);
  expect(c!.exchange!.concerns.missing).toBe(0);
});

test('a member that was removed reads and writes no more; the others go on with another key', async () => {
  const [a, b, c] = await phones(3);
  await a!.record('p1');
  await syncAll([a!, b!, c!]);
  const old = a!.pairing.keys.at(-1)!.secret;
  await a!.exchange!.remove(b!.pairing.member);
  await a!.record('p2');
  await syncAll([a!, c!], 2);
  await c!.record('p3');
  await syncAll([c!, a!], 2);
  expect(c!.ids).toEqual(a!.ids);
  expect(a!.ids).toHaveLength(3);
  expect(c!.pairing.keys.at(-1)!.secret).toBe(a!.pairing.keys.at(-1)!.secret);
  expect(a!.pairing.keys.at(-1)!.secret).not.toBe(old);
  await b!.record('p4');
  await expect(b!.sync()).rejects.toMatchObject({ why: 'removed' });
  // Nor with a name of its own and the old key.
  await expect((await TestDevice.open('D', server)).join(b!)).rejects.toMatchObject({ why: 'wrongKey' });
  // Who is invited now reads what was written before, too.
  const d = await (await TestDevice.open('D', server)).join(c!);
  await d.sync();
  expect(d.ids).toEqual(a!.ids);
});

test('two members remove each two others at once: both are gone, and one key is left', async () => {
  const devices = await phones(5);
  const [a, b, c, d, e] = devices as [TestDevice, TestDevice, TestDevice, TestDevice, TestDevice];
  await syncAll(devices);
  await a.exchange!.remove(b.pairing.member);
  await c.exchange!.remove(d.pairing.member);
  const left = [a, c, e];
  for (const [i, device] of left.entries()) await device.record(`p${i}`);
  await syncAll(left, 4);
  const keys = new Set(left.map(({ pairing }) => pairing.keys.at(-1)!.secret));
  expect(keys.size).toBe(1);
  expect(a.pairing.keys.at(-1)!.givenTo).toEqual(
    expect.not.arrayContaining([b.pairing.member, d.pairing.member]),
  );
  for (const device of left) expect(device.ids).toEqual(together(left));
  const f = await (await TestDevice.open('F', server)).join(e);
  await f.sync();
  expect(f.ids).toEqual(a.ids);
});

test('a phone that was restored from an older copy, while the other one is still used, loses nothing', async () => {
  const [a, b] = await phones(2);
  await a!.record('p1');
  await syncAll([a!, b!]);
  const copy = await TestDevice.open('A', server);
  for (const [key, text] of a!.disk.texts) copy.disk.texts.set(key, text);
  for (const [key, text] of a!.syncDisk.texts) copy.syncDisk.texts.set(key, text);
  await copy.restart();
  await a!.record('p2');
  await copy.record('p3');
  await syncAll([a!, copy, b!]);
  for (const device of [a!, copy, b!]) expect(device.ids).toEqual(together([a!, copy]));
});

test('a full disk on this side counts nothing as read; it comes when there is room', async () => {
  const [a, b] = await phones(2);
  await a!.record('p1');
  await a!.sync();
  b!.disk.refuse = new Error('full');
  await expect(b!.sync()).rejects.toThrow('full');
  b!.disk.refuse = undefined;
  b!.syncDisk.refuse = new Error('full');
  await expect(b!.sync()).rejects.toThrow('full');
  b!.syncDisk.refuse = undefined;
  await b!.restart();
  await b!.sync();
  expect(b!.ids).toEqual(a!.ids);
});

test('entries that cannot be right are left out and told, the others of their block are read', async () => {
  const [a, b] = await phones(2);
  await a!.record('p1');
  const [sound] = a!.entries;
  // As a program with an error would write them.
  await a!.garden.receive([
    { ...sound!, id: 'odd', body: { plant: 7 } },
    { ...sound!, id: 'elsewhere', garden: 'another' },
  ]);
  await syncAll([a!, b!]);
  expect(b!.ids).toEqual([sound!.id]);
  expect([...b!.exchange!.concerns.refused].sort()).toEqual(['elsewhere', 'odd']);
});

test('a season goes over in blocks, and the records of blocks are packed', async () => {
  const [a, b] = await phones(2);
  for (let i = 0; i < 80; i += 1) {
    await a!.record(`p${i}`);
    await a!.sync();
  }
  await a!.record(...Array.from({ length: 1_300 }, (_, i) => `q${i}`));
  await a!.sync();
  await b!.sync();
  expect(b!.ids).toEqual(a!.ids);
  const keys = [...b!.syncDisk.texts.keys()];
  expect(keys.filter((key) => key.startsWith('block/')).length).toBeLessThan(70);
  await b!.restart();
  await b!.sync();
  expect(b!.exchange!.waiting).toBe(0);
  expect(
    await server.database.query('select 1 from blocks where writer = $1', [b!.pairing.writer]),
  ).toHaveLength(1);
});
