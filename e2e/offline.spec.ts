import { expect, test, seen } from './app';
import { routes } from './routes';

test.use({ serviceWorker: true });

const RELOADED = new Set(['/', '/garden', '/fruit/[id]', '/round', '/more/files']);

test('after one visit, without a network, every route opens, reloads and records', async ({
  app,
  page,
  context,
}) => {
  await app.openDemo();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await context.setOffline(true);
  for (const route of routes()) {
    await page.goto(route.replace('[id]', 'nobody'));
    await seen(page.getByRole('main'));
    await expect(page.getByText('Opening the garden')).toHaveCount(0);
    await seen(page.getByRole('heading', { level: 1 }).first());
    // From the cache once more: a page of each place.
    if (RELOADED.has(route)) {
      await page.reload();
      await seen(page.getByRole('heading', { level: 1 }).first());
    }
  }
  await page.goto('/no-such-page?of=ours');
  await seen(page.getByRole('heading', { name: 'Page not found' }));
  await page.goto('/walk');
  await app.tap('One female more');
  await app.nextPlant(/^(Cover|Mark) \d+, next$/);
  await page.reload();
  await page.goto('/more/files');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  const { entries } = JSON.parse(text) as { entries: { kind: string; lamport: number }[] };
  // The file holds them in no particular order.
  expect(entries.sort((a, b) => a.lamport - b.lamport).at(-1)!.kind).toBe('covered');
});
