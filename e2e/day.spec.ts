import type { Page } from '@playwright/test';
import { entriesOf, EVENING, expect, test, type App, seen } from './app';

/** The morning's round, stop by stop, or its beginning; in the middle of it the browser is closed. */
async function walkRound(app: App, page: Page, { whole }: { whole: boolean }): Promise<void> {
  await app.tap('Set the demo’s clock to the morning');
  await seen(page.getByRole('heading', { name: 'Morning round' }));
  await app.tap('Start the round');
  await app.tap('Start the round');
  await seen(page.getByRole('img', { name: /^Stop 1 of/ }));
  const over = page.getByRole('heading', { name: 'Round done' });
  for (let i = 0; whole ? !(await over.isVisible()) : i < 5; i += 1) {
    if (i === 2) {
      // The round goes on at the same stop.
      const at = await app.stopAt();
      await page.reload();
      await app.atStop(at);
    }
    await app.done();
  }
  if (!whole) return void (await app.lead('/'));
  await seen(page.getByText(/flowers pollinated/));
  await app.tap('Back to Today');
}

/** So many days on, looks at four fruits; one of them is gone. */
async function lookAfter(app: App, page: Page, days: number): Promise<void> {
  for (let i = 0; i < days; i += 1) await app.tap('Move the demo’s clock: +1 day');
  await app.lead('/fruit');
  await seen(page.getByRole('heading', { name: /looks? due/ }));
  for (let looks = 0; looks < 4; looks += 1) {
    const tag = page.locator('[aria-live=polite]').first();
    const before = await tag.textContent();
    if (looks === 2) {
      await app.tap('Gone');
      await app.tap('Heat or cold');
    } else await app.tap('Growing');
    await expect(tag).not.toHaveText(before ?? '');
  }
  await app.lead('/');
}

/** What is said of set and drop. */
async function readSetRates(app: App): Promise<string> {
  const { page } = app;
  await app.lead('/fruit/rates');
  await seen(
    page.getByRole('img', { name: /^Set, day 7 to 12: (about|\d+ of \d+,) \d+ % \(\d+ to \d+ %\)$/ }).first(),
  );
  return page.getByRole('main').innerText();
}

test(
  'an evening, a morning, looks on day 3 and day 8, a set rate',
  { tag: '@whole' },
  async ({ app, page }) => {
    await app.openDemo();
    await app.tap('Continue the walk');
    await app.finishWalk(9);
    await seen(page.getByText(/The round takes \d+ min/).first());
    await app.tap('Back to Today');
    await walkRound(app, page, { whole: true });
    await lookAfter(app, page, 3);
    await lookAfter(app, page, 5);
    await readSetRates(app);
  },
);

test.describe('after an evening that was saved', () => {
  test.use({ storageState: EVENING });

  test('a morning, looks on day 8, a set rate', { tag: '@after' }, async ({ app, page }) => {
    await page.goto('/');
    await walkRound(app, page, { whole: false });
    await lookAfter(app, page, 8);
    await readSetRates(app);
  });

  test('a morning, and a file that brings it all back', { tag: '@files' }, async ({ app, page }) => {
    await page.goto('/');
    await walkRound(app, page, { whole: false });
    await lookAfter(app, page, 8);
    const figures = await readSetRates(app);

    await app.lead('/more/files');
    const backup = await app.readDownload(() => app.tap('Export the garden'));
    expect(backup.name).toMatch(/^larkmere-walled-garden-\d{4}-\d{2}-\d{2}\.json$/);
    expect(entriesOf(backup.text).length).toBeGreaterThan(2500);
    const table = await app.readDownload(() => app.tap('Export flowers as CSV'));
    expect(table.text.split('\r\n')[0]).toContain('tag,sex,morning');

    await app.tap('Reset the demo');
    await app.tap('Yes, reset it');
    await seen(page.getByRole('heading', { name: 'Evening walk' }));
    await app.lead('/more/files');
    const fresh = await app.readDownload(() => app.tap('Export the garden'));
    expect(entriesOf(fresh.text).length).toBeLessThan(entriesOf(backup.text).length);

    await app.chooseFile(() => app.tap('Import a backup'), backup);
    await seen(page.getByText(/new entries, [\d,]+ already here/));
    await app.tap('Import');
    await seen(page.getByText(/new entries imported/));
    const again = await app.readDownload(() => app.tap('Export the garden'));
    expect(entriesOf(again.text)).toEqual(entriesOf(backup.text));
    for (let i = 0; i < 9; i += 1) await app.tap('Move the demo’s clock: +1 day');
    await app.lead('/fruit/rates');
    await seen(page.getByRole('heading', { name: 'Set and drop' }));
    expect((await page.getByRole('main').innerText()).split('\n')[0]).toBe(figures.split('\n')[0]);

    await app.lead('/more/files');
    await app.chooseFile(() => app.tap('Import a backup'), backup);
    await seen(page.getByText('There is nothing new in it.'));
  });
});
