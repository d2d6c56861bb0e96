import { entriesOf, EVENING, expect, test, type App, seen } from './app';
import { appendInTwoTabs } from './twoTabs';

test.use({ storageState: EVENING });

/** Continues to the first female. */
async function toFirstFemale(app: App): Promise<void> {
  while (
    await app.page
      .getByText(/^Pick \d/)
      .first()
      .isVisible()
  )
    await app.done();
  await seen(app.page.getByText('Brush with the males from'));
}

test('taps: as planned one, an exception at most three, undo one, and nothing is typed', async ({
  app,
  page,
}) => {
  await app.startRound();
  await toFirstFemale(app);
  const at = await app.stopAt();

  let before = app.activations;
  await app.done();
  expect(app.activations - before).toBe(1);

  before = app.activations;
  await app.tap('Undo');
  await app.atStop(at);
  expect(app.activations - before).toBe(1);

  for (const exception of [
    'Not open yet',
    'Hole or tear',
    'Insect in',
    'Already open',
    'Wilted',
    'Broke off',
    'Not found',
  ]) {
    if (!(await page.getByText('Brush with the males from').isVisible())) break;
    await app.stopTakesTaps();
    const here = await app.stopAt();
    before = app.activations;
    await app.tap(exception);
    const leave = app.button('Leave it');
    if (await leave.isVisible()) await app.tap('Leave it');
    await app.leavesStop(here);
    expect(app.activations - before).toBeLessThanOrEqual(3);
    await app.tap('Undo');
    await app.atStop(here);
  }
  expect(await page.locator('input, textarea').count()).toBe(0);
});

test('a spoiled male is marked at picking and never used', async ({ app, page }) => {
  await app.startRound();
  await seen(page.getByText(/^Pick \d/).first());
  await app.tap('Hole or tear');
  await seen(page.getByText('Not used: hole or tear.').first());
  // What was marked outlives a reload.
  await page.reload();
  await seen(page.getByText('Not used: hole or tear.').first());
  await app.done();
});

test('a write that fails does not stop the walk, is in the export, and is not forgotten', async ({
  app,
  page,
}) => {
  await app.startRound();
  const { allow } = await app.refuseWrites();
  const at = await app.stopAt();
  await app.done();
  expect(await app.stopAt()).not.toBe(at);
  await seen(page.getByText(/not saved: the device refused/));
  await app.done();
  const last = await app.stopAt();
  await app.tap('Export');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  expect(entriesOf(text).filter(({ kind }) => kind === 'picked').length).toBeGreaterThan(2);
  await seen(page.getByRole('heading', { name: 'Not saved yet' }));
  await allow();
  await app.tap('Try now');
  await expect(page.getByText(/not saved: the device refused/)).toHaveCount(0);
  await page.goto('/round');
  await app.atStop(last);
});

for (const locks of [true, false]) {
  test(`two tabs append many entries each at once, and both show all, after a reload too, ${locks ? 'with' : 'without'} Web Locks`, async ({
    app,
    page,
    context,
  }) => {
    await appendInTwoTabs({ app, page, context }, { times: 20, locks });
  });
}
