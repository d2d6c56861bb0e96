import { expect, seen, test } from './app';

/** A phone whose browser clears what was not visited for seven days, as it calls itself; from memory. */
const IPHONE =
  'Mozilla/5.0 (iPhone; CPU iPhone OS 17_4 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.4 Mobile/15E148 Safari/604.1';

test.use({ userAgent: IPHONE });

test('a browser that clears records by itself: told once, how to keep them, and a backup asked for in time', async ({
  app,
  page,
}) => {
  await page.clock.install({ time: new Date('2026-07-20T18:00:00Z') });
  await app.beginGarden();
  const told = page.getByRole('region', { name: 'How records are kept' });
  await seen(told.getByText(/deletes the records of a page that was not visited for seven days/));
  await told.getByRole('button', { name: 'What to do' }).click();
  await seen(page.getByText(/“Add to Home Screen”/));
  await seen(page.getByText(/^It begins empty there: export the garden here first/));
  await expect(told).toHaveCount(0);
  await page.clock.setSystemTime(new Date('2026-07-24T18:00:00Z'));
  await page.goto('/');
  await expect(told).toHaveCount(0);
  await app.tap(/^Back up the garden/);
  await app.readDownload(() => app.tap('Export the garden'));
  await seen(page.getByText('Last exported today.'));
  await app.lead('/');
  await seen(page.getByRole('heading', { level: 1 }));
  await expect(page.getByText('Back up the garden')).toHaveCount(0);
});
