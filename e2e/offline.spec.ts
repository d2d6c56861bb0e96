import { expect, test, seen } from './app';

test.use({ serviceWorker: true });

// That every route opens so is seen where each is checked for who cannot see it: access.spec.
test('after one visit, without a network, pages reload and record', async ({ app, page, context }) => {
  await app.openDemo();
  await app.goOffline(context);
  // From the cache once more: a page of each place.
  for (const route of ['/', '/garden', '/fruit/nobody', '/round', '/more/files']) {
    await page.goto(route);
    await page.reload();
    await seen(page.getByRole('main'));
    await expect(page.getByText('Opening the garden')).toHaveCount(0);
    await seen(page.getByRole('heading', { level: 1 }).first());
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
