import { AxeBuilder } from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, fruitAddress, test, type App } from './app';
import { routes } from './routes';

/** A garden without beds, plants or flowers. */
const EMPTY = readFileSync(path.join(__dirname, 'empty-garden.json'), 'utf8');

async function seriousFindings(page: App['page']): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) =>
      nodes.map((node) => `${id}: ${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`),
    );
}

for (const theme of ['light', 'dark'] as const) {
  for (const garden of ['loaded', 'empty'] as const) {
    test(`no serious finding on any route, ${theme}, ${garden}`, async ({ app, page }) => {
      test.setTimeout(300_000);
      await page.emulateMedia({ colorScheme: theme });
      await app.openDemo();
      let fruit = 'nobody';
      if (garden === 'empty') {
        await page.goto('/bench/files');
        await app.chooseFile(() => app.tap('Take in a backup'), { name: 'empty.json', text: EMPTY });
        await app.tap('Take it in');
        await expect(page.getByRole('heading', { name: 'No plants yet' })).toBeVisible();
      } else {
        fruit = (await fruitAddress(page)).split('/').at(-1)!;
      }
      for (const route of routes()) {
        await page.goto(route.replace('[id]', fruit));
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
        await expect(page.getByText('Fetching the screen')).toHaveCount(0);
        expect.soft(await seriousFindings(page), `${route}`).toEqual([]);
      }
      await page.keyboard.press('?');
      await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
      expect.soft(await seriousFindings(page), 'keys open').toEqual([]);
    });
  }
}

test('no serious finding with the sheets of the work open, at a stop, and at its exceptions', async ({
  app,
  page,
}) => {
  await app.openDemo();
  await app.tap('Go on with the walk');
  await app.tap('One female more');
  await app.tap(/^How: /);
  await expect(page.getByRole('heading', { name: 'How is it kept shut?' })).toBeVisible();
  expect.soft(await seriousFindings(page), 'cover').toEqual([]);
  await app.tap('Close');
  // Where there is room the list stands beside the plant.
  if (await app.button('List of plants').isVisible()) {
    await app.tap('List of plants');
    expect.soft(await seriousFindings(page), 'plants').toEqual([]);
    await app.tap('Close');
  }
  await app.finishWalk(5);
  await app.tap('Back to Today');
  await app.tap('Put the demo’s clock to the morning');
  await app.tap('Start the round');
  await app.tap('Start the round');
  expect.soft(await seriousFindings(page), 'picking').toEqual([]);
  while (
    await page
      .getByText(/^Pick \d/)
      .first()
      .isVisible()
  )
    await app.done();
  expect.soft(await seriousFindings(page), 'brushing').toEqual([]);
  await page.waitForTimeout(400);
  await app.tap('Hole in it');
  expect.soft(await seriousFindings(page), 'exception').toEqual([]);
  await page.goto('/fruit');
  await app.tap('Gone');
  expect.soft(await seriousFindings(page), 'causes').toEqual([]);
});

test('the round is walked with the keyboard alone', async ({ app, page }) => {
  await app.openDemo();
  await page.keyboard.press('w');
  await expect(page.getByText('Opens tomorrow')).toBeVisible();
  await app.finishWalk(6);
  await app.tap('Put the demo’s clock to the morning');
  await page.keyboard.press('r');
  await app.tap('Start the round');
  await expect(page.getByRole('img', { name: /^Stop 1 of/ })).toBeVisible();
  await page.waitForTimeout(500);
  await page.keyboard.press('Enter');
  await expect.poll(() => app.stopAt()).toBe(2);
  await page.keyboard.press('u');
  await expect.poll(() => app.stopAt()).toBe(1);
  await page.keyboard.press('Shift+U');
  await expect.poll(() => app.stopAt()).toBe(2);
  await page.keyboard.press('t');
  await expect(page.getByRole('heading', { name: 'Morning round' })).toBeVisible();
});
