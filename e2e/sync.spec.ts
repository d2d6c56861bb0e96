import type { Browser, Page } from '@playwright/test';
import { App, expect, seen, test } from './app';

/** Where devices meet; pages that were not opened yet are still fetched. */
const SERVER = '**/api/sync/**';

/** Another phone, with nothing on it. */
async function otherPhone(browser: Browser): Promise<App> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    storageState: undefined,
  });
  return new App(await context.newPage());
}

const tap = (page: Page, name: string): Promise<void> =>
  page.getByRole('button', { name, exact: true }).click();

async function addBed(app: App, name: string): Promise<void> {
  await app.lead('/garden/bed');
  await app.page.getByLabel('Short name, as on every label').fill(name);
  await tap(app.page, 'Add bed');
  await expect.poll(() => new URL(app.page.url()).pathname).not.toBe('/garden/bed');
}

test('a second phone joins by a code that is read aloud; each works without a network, and they meet as one garden', async ({
  app,
  browser,
}) => {
  const { page } = app;
  await app.beginGarden();
  await app.lead('/more/phones');
  await tap(page, 'Sync this garden');
  await seen(page.getByText(/Nothing waits to be sent/));
  await tap(page, 'Add a phone');
  // Nobody else reaches a server that is not shared.
  await seen(page.getByText(/cannot reach this computer yet/));
  await tap(page, 'A code to read aloud');
  const code = await page.getByText(/^[0-9A-Z]{4} [0-9A-Z]{4} [0-9A-Z]{4}$/).textContent();
  await tap(page, 'Close');

  const second = await otherPhone(browser);
  await second.page.goto('/more/phones');
  await tap(second.page, 'Type a code');
  await second.page.getByLabel('Code').fill('nonsense');
  await tap(second.page, 'Join');
  await seen(second.page.getByText(/This is no code to join with/));
  await second.page.getByLabel('Code').fill(code!.toLowerCase());
  await tap(second.page, 'Join');
  await seen(second.page.getByRole('heading', { level: 1 }));
  await expect.poll(() => new URL(second.page.url()).pathname).toBe('/');
  await second.page.goto('/more/phones');
  await seen(second.page.getByText(/Nothing waits to be sent/));
  // A code serves once.
  const third = await otherPhone(browser);
  await third.page.goto('/more/phones');
  await tap(third.page, 'Type a code');
  await third.page.getByLabel('Code').fill(code!);
  await tap(third.page, 'Join');
  await seen(third.page.getByText(/No garden waits under this code/));

  // Both without a network for a while.
  for (const phone of [page, second.page]) await phone.route(SERVER, (route) => route.abort());
  for (const [phone, bed] of [
    [app, 'N'],
    [second, 'S'],
  ] as const) {
    await addBed(phone, bed);
    await phone.lead('/more/phones');
    await seen(phone.page.getByText(/waits? to be sent\. They/));
  }
  for (const phone of [page, second.page]) await phone.unroute(SERVER);
  for (const phone of [page, second.page, page]) {
    await tap(phone, 'Sync now');
    await seen(phone.getByText(/Synced just now. Nothing waits/));
  }
  for (const phone of [app, second]) {
    await phone.lead('/garden');
    await seen(phone.page.getByRole('img', { name: /^Plan of 3 beds/ }));
  }

  // The second is lost: it gets nothing more.
  await app.lead('/more/phones');
  await page.getByRole('button', { name: /^Remove / }).click();
  await tap(page, 'Yes, remove it');
  await seen(page.getByText('No other phone yet.'));
  await second.page.goto('/more/phones');
  await seen(second.page.getByText(/This phone was removed from the garden/));
  expect([...second.errors, ...third.errors]).toEqual([]);
});
