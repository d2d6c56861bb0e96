import { AsnConvert } from '@peculiar/asn1-schema';
import { NameConstraints } from '@peculiar/asn1-x509';
import { X509Certificate as Certificate } from '@peculiar/x509';
import { createPrivateKey, X509Certificate } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { request, type RequestOptions } from 'node:https';
import { connect } from 'node:net';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { localAddresses } from './addresses';
import { certificatesFor } from './certificates';
import { keyIn } from './keyGate';
import { share, type Shared } from './share';
import { shareWords } from './shareWords';

const NOW = Date.UTC(2026, 6, 18);
const DAY_MS = 86_400_000;
const temporary = (): string => mkdtempSync(path.join(tmpdir(), 'share-'));

const dist = temporary();
mkdirSync(path.join(dist, 'fruit'));
for (const [file, text] of [
  ['csp.json', '{"scripts":[]}'],
  ['index.html', 'today'],
  ['walk.html', 'walk'],
  ['manifest.webmanifest', '{}'],
] as const) {
  writeFileSync(path.join(dist, file), text);
}

let shared: Shared;
const folder = temporary();
beforeAll(async () => {
  shared = (await share({ dist, folder, port: 0, addresses: ['127.0.0.1'], now: Date.now() }))!;
});
afterAll(() => shared.servers.forEach((server) => server.close()));

interface Answer {
  readonly status: number;
  readonly text: string;
  readonly cookie: string;
  readonly location: string | undefined;
}

/** With the certificate checked against the authority that phones should trust. */
const get = (
  url: string,
  headers: RequestOptions['headers'] = {},
  more: RequestOptions = {},
): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const { port } = shared.servers[0]!.address() as AddressInfo;
    const { authority } = JSON.parse(readFileSync(path.join(folder, 'certificates.json'), 'utf8')) as {
      authority: string;
    };
    request(
      { host: '127.0.0.1', port, path: url, headers, ca: authority, agent: false, ...more },
      (response) => {
        let text = '';
        response.on('data', (part: Buffer) => (text += part.toString()));
        response.on('end', () =>
          resolve({
            status: response.statusCode!,
            text,
            cookie: response.headers['set-cookie']?.[0] ?? '',
            location: response.headers.location,
          }),
        );
      },
    )
      .on('error', reject)
      .end();
  });

test('without the key nobody comes in, and is told how', async () => {
  for (const url of ['/', '/walk', '/walk?key=', '/?key=wrong', '/api/weather?day=2026-07-18', '/sw.js']) {
    const answer = await get(url);
    expect([url, answer.status]).toEqual([url, 403]);
    expect(answer.text).toMatch(/^Open the whole address/);
  }
  expect((await get('/', { cookie: 'steady-trowel-key=nearly' })).status).toBe(403);
});

test('with the key in the address once, a cookie from then on; the key does not stay in the address', async () => {
  const first = await get(`/walk?key=${keyIn(folder)}`);
  expect(first).toMatchObject({ status: 303, location: '/walk' });
  expect(first.cookie).toMatch(/HttpOnly; Secure; SameSite=Strict$/);
  for (const path of ['//elsewhere.example/a', '/\\elsewhere.example/a', '///elsewhere.example/a'])
    expect((await get(`${path}?key=${keyIn(folder)}`)).location).toBe('/elsewhere.example/a');
  const [cookie] = first.cookie.split(';');
  expect(await get('/walk', { cookie: `other=1; ${cookie}` })).toMatchObject({ status: 200, text: 'walk' });
});

test('plain http is sent on to https, at its own address and nowhere else', async () => {
  const { port } = shared.servers[0]!.address() as AddressInfo;
  const plain = (text: string): Promise<string> =>
    new Promise((resolve, reject) => {
      const socket = connect(port, '127.0.0.1', () => socket.write(text));
      let answer = '';
      socket.on('data', (part: Buffer) => (answer += part.toString()));
      socket.on('end', () => resolve(answer)).on('error', reject);
    });
  const key = keyIn(folder);
  const answer = await plain(`GET /walk?key=${key} HTTP/1.1\r\nHost: elsewhere.example\r\n\r\n`);
  expect(answer).toMatch(/^HTTP\/1.1 307 /);
  expect(answer).toContain(`\r\nLocation: https://127.0.0.1:${port}/\r\n`);
  // The key was in the open once; it is not sent on.
  expect(answer).not.toContain(key);
  expect(answer).toContain(`https://127.0.0.1:${port}/`);
  // Anything else is neither.
  expect(await plain('hello\r\n\r\n')).not.toContain('Location');
});

test('the manifest and the certificate to trust are open, other hosts are not answered', async () => {
  expect((await get('/manifest.webmanifest')).status).toBe(200);
  const { text } = await get('/certificate.crt');
  expect(new X509Certificate(text).ca).toBe(true);
  expect(
    (await get('/', { host: 'elsewhere.example' }, { checkServerIdentity: () => undefined })).status,
  ).toBe(421);
});

test('the words name the address with its key, what the phone asks, and what it means for safety', () => {
  expect(shared.addresses).toEqual([`https://127.0.0.1:0/?key=${keyIn(folder)}`]);
  expect(shared.words).toContain(shared.addresses[0]);
  const words = shareWords(['https://192.168.1.7:4318/?key=abc'], 'QR');
  expect(words).toContain('https://192.168.1.7:4318/certificate.crt');
  expect(words).toMatch(/network that you trust/);
});

test('certificates: signed by the authority, for these addresses, the same again until they end or the address changes', async () => {
  const own = temporary();
  const first = await certificatesFor(own, ['192.168.1.7'], NOW);
  const [server, authority] = [new X509Certificate(first.cert), new X509Certificate(first.authority)];
  expect(server.verify(authority.publicKey)).toBe(true);
  expect(server.ca).toBe(false);
  expect(server.checkIP('192.168.1.7')).toBe('192.168.1.7');
  expect(server.checkIP('192.168.1.8')).toBeUndefined();
  expect(server.checkHost('localhost')).toBe('localhost');
  for (const each of [server, authority])
    expect((Date.parse(each.validTo) - Date.parse(each.validFrom)) / DAY_MS).toBeLessThanOrEqual(398);
  expect(await certificatesFor(own, ['192.168.1.7'], NOW + DAY_MS)).toEqual(first);
  const moved = await certificatesFor(own, ['192.168.1.8'], NOW);
  expect(new X509Certificate(moved.cert).checkIP('192.168.1.8')).toBe('192.168.1.8');
  const later = await certificatesFor(own, ['192.168.1.8'], NOW + 390 * DAY_MS);
  expect(later.cert).not.toBe(moved.cert);
  expect(statSync(path.join(own, 'certificates.json')).mode & 0o077).toBe(0);
});

test('whoever trusts the authority trusts this computer at these addresses, and nobody has its key', async () => {
  const own = temporary();
  const { authority, key } = await certificatesFor(own, ['192.168.1.7'], NOW);
  const constraints = new Certificate(authority).getExtension('2.5.29.30')!;
  expect(constraints.critical).toBe(true);
  // RFC 5280, 4.2.1.10: names as [2], addresses as [7] with their mask; here each by itself.
  const { permittedSubtrees, excludedSubtrees } = AsnConvert.parse(constraints.value, NameConstraints);
  expect(excludedSubtrees).toBeUndefined();
  expect(permittedSubtrees!.map(({ base }) => base.dNSName ?? base.iPAddress)).toEqual([
    'localhost',
    '127.0.0.1/32',
    '192.168.1.7/32',
  ]);
  const stored = readFileSync(path.join(own, 'certificates.json'), 'utf8');
  expect(stored.match(/PRIVATE KEY-----\\n/g)).toHaveLength(2);
  expect(new X509Certificate(authority).checkPrivateKey(createPrivateKey(key))).toBe(false);
  // One whose key was stored is made again.
  const older = { ...(JSON.parse(stored) as object), authorityKey: key };
  writeFileSync(path.join(own, 'certificates.json'), JSON.stringify(older));
  expect((await certificatesFor(own, ['192.168.1.7'], NOW)).authority).not.toBe(authority);
  expect(readFileSync(path.join(own, 'certificates.json'), 'utf8')).not.toContain('authorityKey');
});

test('what is stored and damaged is made again', async () => {
  const own = temporary();
  writeFileSync(
    path.join(own, 'certificates.json'),
    '{"cert":"x","key":"x","authority":"x","authorityKey":"x"}',
  );
  writeFileSync(path.join(own, 'key'), 'short');
  await expect(certificatesFor(own, ['192.168.1.7'], NOW)).resolves.toBeDefined();
  expect(keyIn(own)).toMatch(/^[\w-]{22}$/);
  expect(keyIn(own)).toBe(keyIn(own));
});

test('only addresses of local networks are shared, those of a home first', () => {
  const at = (address: string, family: 'IPv4' | 'IPv6' = 'IPv4', internal = false) =>
    ({ address, family, internal, netmask: '', mac: '', cidr: null, scopeid: 0 }) as never;
  expect(
    localAddresses({
      lo: [at('127.0.0.1', 'IPv4', true)],
      eth0: [at('10.0.0.5'), at('fe80::1', 'IPv6'), at('93.184.216.34')],
      wlan0: [at('192.168.1.7')],
      docker0: [at('172.17.0.1')],
      eth1: [at('172.20.3.4'), at('172.40.0.1')],
    }),
  ).toEqual(['192.168.1.7', '10.0.0.5', '172.20.3.4']);
  expect(localAddresses({})).toEqual([]);
});
