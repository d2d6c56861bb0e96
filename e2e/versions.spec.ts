import { once } from 'node:events';
import { cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { AddressInfo } from 'node:net';
import type { Page } from '@playwright/test';
import { createApp } from '../server/app';
import { App, expect, test, seen } from './app';

test.use({ serviceWorker: true });

const DIST = path.resolve(__dirname, '../dist');

interface Deployment {
  readonly address: string;
  /** Puts a newer build in place of the old: one script has another name and the pages ask for that. */
  readonly renew: () => void;
  readonly stop: () => void;
}

/** The built app on a server of its own, so that a newer build can take its place. */
async function deploy(): Promise<Deployment> {
  const folder = mkdtempSync(path.join(tmpdir(), 'deployment-'));
  // Without the compressed copies, which would have to be made again.
  cpSync(DIST, folder, { recursive: true, filter: (file) => !/\.(br|gz)$/.test(file) });
  const server = createApp(folder).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  return {
    address: `http://127.0.0.1:${port}`,
    renew: () => renew(folder),
    stop: () => {
      server.close();
      server.closeAllConnections();
      rmSync(folder, { recursive: true });
    },
  };
}

function renew(folder: string): void {
  const scripts = path.join(folder, '_expo/static/js/web');
  const before = readdirSync(scripts).find((file) => file.startsWith('settings-'))!;
  const after = before.replace(/-[0-9a-f]+/, '-0123456789abcdef');
  renameSync(path.join(scripts, before), path.join(scripts, after));
  const worker = path.join(folder, 'sw.js');
  let kept = readFileSync(worker, 'utf8').replaceAll(before, after);
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!/\.(js|html)$/.test(file) || file === 'sw.js') continue;
    const full = path.join(folder, file);
    const text = readFileSync(full, 'utf8');
    if (!text.includes(before)) continue;
    writeFileSync(full, text.replaceAll(before, after));
    const entry = `url:"${file.replace(/(.)\/index\.html$/, '$1')}",revision:"`;
    kept = kept.replace(entry, `${entry}new`);
  }
  writeFileSync(worker, kept);
}

const offer = (page: Page) => page.getByRole('button', { name: 'Use it now' });

const entriesShown = async (page: Page): Promise<number> =>
  Number((await page.getByText(/^All [\d,]+ entries/).innerText()).replace(/\D/g, ''));

/** Opens the demo and waits until its version is stored for use without a network. */
async function openInstalled(app: App, address: string): Promise<void> {
  const { page } = app;
  await page.goto(address);
  await seen(page.getByRole('heading', { name: 'Evening walk' }));
  await app.keptByBrowser();
}

test('a new version is offered and not applied by itself; an old tab next to it loses nothing', async ({
  app,
  page,
  context,
}) => {
  const deployment = await deploy();
  const { address } = deployment;
  try {
    await openInstalled(app, address);
    const oldApp = new App(await context.newPage());
    const old = oldApp.page;
    await old.goto(`${address}/more`);
    // Before the app is drawn, its links are those of any page.
    await seen(old.getByText('Demo,'));
    await old.getByRole('link', { name: 'Today' }).click();
    await old.getByRole('button', { name: 'Continue the walk' }).click();
    await seen(old.getByRole('button', { name: /, next$/i }).first());
    deployment.renew();

    // In the middle of the walk it is offered, and the walk continues as it was.
    await page.goto(`${address}/walk`);
    await seen(offer(page));
    await app.tap('One female more');
    await app.tap(/^(Cover|Mark) \d+, next$/);
    await seen(offer(page));

    await offer(page).click();
    await expect(offer(page)).toHaveCount(0);
    await seen(page.getByRole('button', { name: /, next$/i }).first());

    // The old tab still records, and both see what either wrote.
    await page.goto(`${address}/more/files`);
    const before = await entriesShown(page);
    await old.bringToFront();
    await old
      .getByRole('button', { name: /, next$/i })
      .first()
      .click();
    await page.bringToFront();
    await expect.poll(() => entriesShown(page)).toBeGreaterThan(before);
    const after = await entriesShown(page);

    // A screen that the old tab never loaded is gone from the server: it says so and offers a reload.
    await old.bringToFront();
    await old.goBack();
    await old.goBack();
    const cdp = await context.newCDPSession(old);
    await cdp.send('Network.clearBrowserCache');
    await old.getByRole('link', { name: /^Settings/ }).click();
    await seen(old.getByRole('heading', { name: 'This screen could not be loaded' }));
    await old.getByRole('button', { name: 'Reload' }).click();
    await seen(old.getByRole('link', { name: 'More' }));
    await old.goto(`${address}/more/settings`);
    await seen(old.getByRole('heading', { name: 'Settings' }));
    await old.goto(`${address}/more/files`);
    expect(await entriesShown(old)).toBe(after);
    expect(oldApp.errors.filter((error) => !/^Loading module/.test(error))).toEqual([]);
  } finally {
    deployment.stop();
  }
});
