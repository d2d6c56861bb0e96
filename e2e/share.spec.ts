import { chromium, type Browser } from '@playwright/test';
import { createHash, X509Certificate } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { share, type Shared } from '../server/share/share';
import config from '../playwright.config';
import { App, expect, test, seen } from './app';

let shared: Shared;
test.beforeAll(async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'share-'));
  const dist = path.resolve(__dirname, '../dist');
  shared = (await share({ dist, folder, port: 0, addresses: ['127.0.0.1'], now: Date.now() }))!;
});
test.afterAll(() => shared.servers.forEach((server) => server.close()));

/** A browser that trusts the certificate, as a phone does that was told to. */
async function trusting(cert: string): Promise<Browser> {
  const key = new X509Certificate(cert).publicKey.export({ type: 'spki', format: 'der' });
  const hash = createHash('sha256').update(key).digest('base64');
  const { executablePath, args = [] } = config.use!.launchOptions!;
  return chromium.launch({
    executablePath,
    args: [...args, `--ignore-certificate-errors-spki-list=${hash}`],
  });
}

test('shared over https: the key once in the address, then installed and used without a network', async () => {
  const { port } = shared.servers[0]!.address() as AddressInfo;
  const browser = await trusting(shared.cert);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const page = await context.newPage();
  const app = new App(page);
  const origin = `https://127.0.0.1:${port}`;
  await page.goto(origin);
  await seen(page.getByText(/^Open the whole address that the computer shows/));
  await page.goto(shared.addresses[0]!.replace(/^https:\/\/[^/]+/, origin));
  await seen(page.getByRole('heading', { name: 'Evening walk' }));
  expect(page.url()).toBe(`${origin}/`);
  await app.keptByBrowser();
  const manifest = await page.evaluate(async () => (await fetch('/manifest.webmanifest')).json());
  expect(manifest).toMatchObject({ display: 'standalone' });
  // Opened once more with the key, by its picture: it does not stay in the address, without a network either.
  const address = shared.addresses[0]!.replace(/^https:\/\/[^/]+/, origin);
  for (const offline of [false, true]) {
    await context.setOffline(offline);
    await page.goto(address);
    await seen(page.getByRole('heading', { name: 'Evening walk' }));
    expect(page.url()).toBe(`${origin}/`);
  }
  await page.goto(`${origin}/walk`);
  await app.tap('One female more');
  await app.nextPlant(/^(Cover|Mark) \d+, next$/);
  await page.goto(`${origin}/garden`);
  await seen(page.getByRole('img', { name: /^Plan of/ }));
  expect(app.errors).toEqual([]);
  await browser.close();
});
