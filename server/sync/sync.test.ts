import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { clearTables } from '@testing/syncYard';
import { createApp } from '../app';
import { openDatabase, type Database } from './database';
import { SyncStore } from './syncStore';

/** Debian's: `npm test` installs it where it is missing. */
const DEBIAN = '/usr/lib/postgresql';
const BINARIES = readdirSync(DEBIAN).map((version) => path.join(DEBIAN, version, 'bin'));

/** A real PostgreSQL in a folder of its own, for as long as the tests run; it refuses to run as root. */
class Postgres {
  readonly #processes: ChildProcess[] = [];

  /** @returns its address. */
  async start(): Promise<string> {
    const port = await freePort();
    const folder = mkdtempSync(path.join(tmpdir(), 'postgres-'));
    const data = path.join(folder, 'data');
    const isRoot = process.getuid?.() === 0;
    const as = (command: string, args: readonly string[]): readonly [string, readonly string[]] =>
      isRoot
        ? ['setpriv', ['--reuid=postgres', '--regid=postgres', '--clear-groups', command, ...args]]
        : [command, args];
    const env = { ...process.env, PATH: [...BINARIES, process.env['PATH']].join(':') };
    if (isRoot) spawnSync('chown', ['postgres', folder]);
    const [init, initArgs] = as('initdb', [
      '-D',
      data,
      '-U',
      'trowel',
      '--auth=trust',
      '-E',
      'UTF8',
      '--locale=C',
    ]);
    const made = spawnSync(init, initArgs, { env, encoding: 'utf8' });
    if (made.status !== 0) throw new Error(`PostgreSQL did not begin: ${made.error?.message ?? made.stderr}`);
    const [run, runArgs] = as('postgres', ['-D', data, '-p', `${port}`, '-h', '127.0.0.1', '-k', folder]);
    this.#processes.push(spawn(run, runArgs, { env, stdio: 'ignore' }));
    return `postgres://trowel@127.0.0.1:${port}/postgres`;
  }

  stop(): void {
    this.#processes.forEach((each) => each.kill('SIGINT'));
  }
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => resolve(port));
    });
  });

/** It takes a moment until it answers. */
async function openOnceUp(url: string): Promise<Database> {
  for (let tries = 0; ; tries += 1) {
    try {
      return await openDatabase({ url });
    } catch (error) {
      if (tries === 100) throw error;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
}

const dist = mkdtempSync(path.join(tmpdir(), 'dist-'));
mkdirSync(path.join(dist, '_expo/static'), { recursive: true });
writeFileSync(path.join(dist, 'csp.json'), '{"scripts":[]}');

const postgres = new Postgres();
afterAll(() => postgres.stop());

const token = (letter: string): string => letter.repeat(22);
const sealed = (text: string): string => Buffer.from(text).toString('base64');
const GARDEN = token('g');
const ADMISSION = { member: 'm1', token: token('t'), admit: token('k'), generation: 0 };

describe.each(['the embedded database', 'a PostgreSQL'])('with %s', (which) => {
  let database: Database;
  let server: Server;
  beforeAll(async () => {
    database = which === 'a PostgreSQL' ? await openOnceUp(await postgres.start()) : await openDatabase({});
    const store = new SyncStore(database);
    const app = createApp(dist, {
      sync: { store: async () => store, addresses: () => ['https://here/?key=k'] },
    });
    await new Promise<void>((resolve) => {
      server = app.listen(0, '127.0.0.1', () => resolve());
    });
  }, 60_000);
  afterAll(async () => {
    await new Promise((resolve) => server.close(resolve));
    await database.close();
  });
  beforeEach(() => clearTables(database));

  interface Answer {
    readonly status: number;
    readonly body: unknown;
  }

  async function ask(method: string, where: string, body?: unknown, by = ADMISSION.token): Promise<Answer> {
    const { port } = server.address() as AddressInfo;
    const response = await fetch(`http://127.0.0.1:${port}/api/sync${where}`, {
      method,
      headers: { 'Content-Type': 'application/json', Authorization: `Bearer ${by}` },
      ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    return { status: response.status, body: await response.json() };
  }

  const begin = (): Promise<Answer> => ask('PUT', `/gardens/${GARDEN}`, ADMISSION);
  const exchange = (have: object, ...blocks: readonly object[]): Promise<Answer> =>
    ask('POST', `/gardens/${GARDEN}/exchange`, { have, blocks });
  const block = (number: number, text = `block ${number}`) => ({ writer: 'w', number, sealed: sealed(text) });

  test('says that it syncs, and how phones reach it', async () => {
    expect(await ask('GET', '')).toEqual({
      status: 200,
      body: { sync: 1, addresses: ['https://here/?key=k'] },
    });
  });

  test('a garden begins once; its blocks come back in the order in which they came', async () => {
    expect(await begin()).toEqual({ status: 200, body: {} });
    expect(await begin()).toEqual({ status: 409, body: { why: 'exists' } });
    const answer = await exchange({}, block(1), block(2));
    expect(answer).toMatchObject({
      status: 200,
      body: { heads: { w: 2 }, blocks: [block(1), block(2)], more: false, members: ['m1'], generation: 0 },
    });
    expect(await exchange({ w: 1 })).toMatchObject({ body: { blocks: [block(2)] } });
  });

  test('a number is written once: the same again is well, another or a gap is refused', async () => {
    await begin();
    await exchange({}, block(1));
    expect(await exchange({ w: 1 }, block(1), block(2))).toMatchObject({ body: { heads: { w: 2 } } });
    for (const wrong of [block(2, 'another'), block(4)]) {
      const { body } = await exchange({ w: 2 }, wrong, block(3));
      expect(body).toMatchObject({ heads: { w: 2 }, refused: { writer: 'w', number: wrong.number } });
    }
  });

  test('of the same number from two at once one is stored', async () => {
    await begin();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) => exchange({ w: 1 }, block(1, `from ${i}`))),
    );
    expect(answers.filter(({ body }) => !(body as { refused?: object }).refused)).toHaveLength(1);
  });

  test('only members write and read, under their own names; who was removed does not', async () => {
    await begin();
    const second = { ...ADMISSION, member: 'm2', token: token('u') };
    expect(await ask('POST', `/gardens/${GARDEN}/members`, { ...second, admit: token('x') })).toMatchObject({
      status: 403,
      body: { why: 'wrongKey' },
    });
    expect(await ask('POST', `/gardens/${GARDEN}/members`, second)).toEqual({
      status: 200,
      body: { olderKeys: '' },
    });
    await exchange({}, block(1));
    const bySecond = { have: {}, blocks: [block(2)] };
    expect(await ask('POST', `/gardens/${GARDEN}/exchange`, bySecond, second.token)).toMatchObject({
      body: { refused: { writer: 'w', number: 2 } },
    });
    await ask('DELETE', `/gardens/${GARDEN}/members/m2`);
    expect(await ask('POST', `/gardens/${GARDEN}/exchange`, bySecond, second.token)).toMatchObject({
      status: 403,
      body: { why: 'removed' },
    });
    expect(await ask('POST', `/gardens/${GARDEN}/exchange`, bySecond, token('z'))).toMatchObject({
      status: 401,
    });
    expect(await ask('POST', `/gardens/${token('n')}/exchange`, bySecond)).toMatchObject({ status: 404 });
  });

  test('the key that lets in is changed forward alone', async () => {
    await begin();
    const change = { admit: token('n'), generation: 2, olderKeys: sealed('older') };
    await ask('PUT', `/gardens/${GARDEN}/key`, change);
    await ask('PUT', `/gardens/${GARDEN}/key`, { ...change, admit: token('o'), generation: 1 });
    const third = { member: 'm3', token: token('v'), admit: token('n'), generation: 2 };
    expect(await ask('POST', `/gardens/${GARDEN}/members`, third)).toEqual({
      status: 200,
      body: { olderKeys: sealed('older') },
    });
  });

  test('what is handed over can be taken once, and for ten minutes', async () => {
    await begin();
    const leave = (place: string): Promise<Answer> =>
      ask('PUT', `/gardens/${GARDEN}/hand-overs/${place}`, { sealed: sealed('key') });
    const take = (place: string): Promise<Answer> => ask('POST', `/hand-overs/${place}`);
    await leave(token('p'));
    expect(await take(token('p'))).toEqual({ status: 200, body: { sealed: sealed('key') } });
    expect(await take(token('p'))).toEqual({ status: 404, body: { why: 'notThere' } });
    await leave(token('q'));
    await database.run(`update hand_overs set left_at = left_at - interval '11 minutes'`);
    expect(await take(token('q'))).toMatchObject({ status: 404 });
  });

  test('more than fits into one answer is said to be more', async () => {
    await begin();
    const large = 'x'.repeat(500_000);
    for (const number of [1, 2, 3, 4]) await exchange({ w: number }, block(number, large));
    const { body } = (await exchange({})) as { body: { blocks: object[]; more: boolean } };
    expect(body.blocks).toHaveLength(3);
    expect(body.more).toBe(true);
    expect(await exchange({ w: 3 })).toMatchObject({ body: { more: false } });
  });

  test('what is malformed or too large is refused, and tells nothing of the inside', async () => {
    await begin();
    for (const [where, body] of [
      ['/gardens/short', ADMISSION],
      [`/gardens/${token('h')}`, { ...ADMISSION, admit: 'short' }],
      [`/gardens/${token('h')}`, '{ no json'],
      [`/gardens/${GARDEN}/key`, { admit: token('n'), generation: -1, olderKeys: '' }],
    ] as const)
      expect(await ask('PUT', where, body)).toEqual({ status: 400, body: { why: 'malformed' } });
    expect(await exchange({}, block(1, 'x'.repeat(700_000)))).toMatchObject({ status: 400 });
    expect(await exchange({}, block(1, 'x'.repeat(3_000_000)))).toEqual({
      status: 413,
      body: { why: 'tooLarge' },
    });
    expect(await ask('GET', '/nothing')).toMatchObject({ status: 404 });
  });
});

test('servers that begin at once make the tables once', async () => {
  const url = await postgres.start();
  const databases = await Promise.all(Array.from({ length: 4 }, () => openOnceUp(url)));
  expect(await databases[0]!.query('select number from migrations')).toEqual([{ number: 1 }]);
  await databases[0]!.run('insert into migrations (number) values (99)');
  await expect(openDatabase({ url })).rejects.toThrow('newer version');
  await Promise.all(databases.map((database) => database.close()));
}, 60_000);

test('what the embedded database was told is there when it is opened again', async () => {
  const folder = path.join(mkdtempSync(path.join(tmpdir(), 'data-')), 'sync');
  const first = await openDatabase({ folder });
  await new SyncStore(first).begin(GARDEN, ADMISSION);
  await first.close();
  const again = await openDatabase({ folder });
  await expect(new SyncStore(again).begin(GARDEN, ADMISSION)).rejects.toThrow('exists');
  await again.close();
}, 60_000);
