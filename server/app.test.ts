import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createApp } from './app';
import { portFrom } from './port';

// Somebody may keep the app below a folder whose name begins with a dot.
const dist = mkdtempSync(path.join(tmpdir(), '.dist-'));
mkdirSync(path.join(dist, 'fruit'));
mkdirSync(path.join(dist, '_expo/static/js'), { recursive: true });
for (const [file, text] of [
  ['csp.json', '{"scripts":["\'sha256-abc=\'"]}'],
  ['index.html', 'today'],
  ['walk.html', 'walk'],
  ['sw.js', '// worker'],
  ['+not-found.html', 'nowhere'],
  ['fruit/index.html', 'fruits'],
  ['fruit/rates.html', 'rates'],
  ['fruit/[id].html', 'one fruit'],
  ['_expo/static/js/entry.js', '// app'],
  ['_expo/static/js/entry.js.br', 'brotli'],
  ['_expo/static/js/entry.js.gz', 'gzip'],
] as const) {
  writeFileSync(path.join(dist, file), text);
}

let server: Server;
beforeAll((done) => {
  server = createApp(dist).listen(0, '127.0.0.1', () => done());
});
afterAll((done) => {
  server.close(done);
});

interface Answer {
  readonly status: number;
  readonly text: string;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
}

const get = (url: string, host?: string, range?: string, accepted?: string): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const { port } = server.address() as AddressInfo;
    const headers = {
      host: host ?? `127.0.0.1:${port}`,
      ...(range && { range }),
      ...(accepted && { 'accept-encoding': accepted }),
    };
    request({ port, host: '127.0.0.1', path: url, headers }, (response) => {
      let text = '';
      response.on('data', (chunk: Buffer) => (text += chunk.toString()));
      response.on('end', () =>
        resolve({ status: response.statusCode ?? 0, text, headers: response.headers }),
      );
    })
      .on('error', reject)
      .end();
  });

test.each([
  ['/', 'today'],
  ['/walk', 'walk'],
  ['/fruit', 'fruits'],
  ['/fruit/rates', 'rates'],
  ['/fruit/01K0000000000000000000000A', 'one fruit'],
  ['/garden-bed?id=x', undefined],
])('%s is answered by its page', async (url, text) => {
  const answer = await get(url);
  if (text === undefined) expect(answer).toMatchObject({ status: 404, text: 'nowhere' });
  else expect(answer).toMatchObject({ status: 200, text });
});

test('only this machine’s own names are answered', async () => {
  expect((await get('/', 'localhost:4317')).status).toBe(200);
  expect((await get('/', 'garden.example')).status).toBe(421);
});

test('scripts run only from here or by their hash, and nothing leaves the origin', async () => {
  const policy = String((await get('/')).headers['content-security-policy']);
  expect(policy).toContain("script-src 'self' 'sha256-abc='");
  expect(policy).toContain("connect-src 'self'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toContain('upgrade-insecure-requests');
});

test('built scripts may be kept for good, the service worker must be fetched each time', async () => {
  expect((await get('/_expo/static/js/entry.js')).headers['cache-control']).toContain('immutable');
  expect((await get('/sw.js')).headers['cache-control']).toBe('no-cache');
});

test('no path leads out of the folder', async () => {
  expect((await get('/..%2f..%2fetc/passwd')).status).not.toBe(200);
  expect((await get('/fruit/..%2f..%2fcsp')).text).not.toContain('sha256');
});

test.each(['/fruit/%E0%A4%A', '/%E0%A4%A', '/%ff'])(
  'an address that cannot be read, %s, is answered by a page without a path of this machine',
  async (url) => {
    const { status, text } = await get(url);
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    expect(text).not.toMatch(/\/(home|work|tmp|usr|node_modules)|Error|\.[jt]s\b/);
  },
);

test('a part of a file that it does not have is refused without a path of this machine', async () => {
  const { status, text } = await get('/sw.js', undefined, 'bytes=900-999');
  expect(status).toBe(416);
  expect(text).not.toContain(dist);
});

test.each([
  [undefined, 4317],
  ['', 4317],
  [' ', 4317],
  ['8080', 8080],
  ['0', undefined],
  ['65536', undefined],
  ['-1', undefined],
  ['4.5', undefined],
  ['0x10', undefined],
  ['http', undefined],
])('PORT=%j is %j', (given, port) => {
  expect(portFrom(given)).toBe(port);
});

test.each([
  ['gzip, deflate, br', 'br', 'brotli'],
  ['gzip', 'gzip', 'gzip'],
  ['identity', undefined, '// app'],
])('a script is sent as it was compressed when it was built: %s', async (accepted, encoding, text) => {
  const answer = await get('/_expo/static/js/entry.js', undefined, undefined, accepted);
  expect([answer.headers['content-encoding'], answer.text]).toEqual([encoding, text]);
  expect(answer.headers['cache-control']).toContain('immutable');
  expect(answer.headers['content-type']).toMatch(/javascript/);
});

const weather = (change: Record<string, string> = {}): string =>
  `/api/weather?${new URLSearchParams({
    latitude: '52.2',
    longitude: '-1.7',
    zone: 'Europe/London',
    now: String(Date.parse('2026-07-19T05:30:00Z')),
    ...change,
  }).toString()}`;

test('the weather station answers with two days of readings and four of forecast', async () => {
  const { status, text, headers } = await get(weather());
  expect(status).toBe(200);
  expect(headers['cache-control']).toBe('no-store');
  const { readings, forecast } = JSON.parse(text) as { readings: unknown[]; forecast: unknown[] };
  expect([readings.length, forecast.length]).toEqual([48, 96]);
});

test.each([
  [{ latitude: '91' }, 'latitude'],
  [{ longitude: 'west' }, 'longitude'],
  [{ zone: '+99:99' }, 'zone'],
  [{ now: '9007199254740991' }, 'now'],
  [{ more: '1' }, 'more'],
])('a question about no place or time is refused: %j', async (change, named) => {
  const { status, text } = await get(weather(change));
  expect(status).toBe(400);
  expect(text).toContain(named);
});
