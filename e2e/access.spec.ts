import { readFileSync } from 'node:fs';
import path from 'node:path';
import { EVENING, expect, fruitAddress, test } from './app';
import { expectNoFindings, seriousFindings } from './findings';
import { routes } from './routes';

test.use({ colorScheme: 'dark' });

/** A garden without beds, plants or flowers. */
const EMPTY = readFileSync(path.join(__dirname, 'empty-garden.json'), 'utf8');

const ALL_ROUTES = routes();
/** The routes in parts, to be checked next to each other. */
const PARTS = [0, 1, 2, 3].map((part) => ALL_ROUTES.filter((_, i) => i % 4 === part));

for (const garden of ['loaded', 'empty'] as const) {
  PARTS.forEach((part, i) => {
    test(`no serious finding on any route, ${garden}, part ${i + 1}`, async ({ app, page }) => {
      await app.openDemo();
      let fruit = 'nobody';
      if (garden === 'empty') {
        await page.goto('/bench/files');
        await app.chooseFile(() => app.tap('Import a backup'), { name: 'empty.json', text: EMPTY });
        await app.tap('Import');
        await expect(page.getByRole('heading', { name: 'No plants yet' })).toBeVisible();
      } else {
        fruit = (await fruitAddress(page)).split('/').at(-1)!;
      }
      for (const route of part) {
        await page.goto(route.replace('[id]', fruit));
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
        await expect(page.getByText('Loading…')).toHaveCount(0);
        await expectNoFindings(page, route, { wide: garden === 'loaded' });
      }
      await page.keyboard.press('?');
      await expect(page.getByRole('heading', { name: 'Keyboard shortcuts' })).toBeVisible();
      await expectNoFindings(page, 'keyboard shortcuts', { wide: false });
    });
  });
}

test(
  'no serious finding with the sheets of the evening walk open',
  { tag: '@sizes' },
  async ({ app, page }) => {
    await app.openDemo();
    await app.tap('Continue the walk');
    await app.tap('One female more');
    await app.tap(/^Cover: /);
    await expect(page.getByRole('heading', { name: 'How do you keep it shut?' })).toBeVisible();
    expect.soft(await seriousFindings(page), 'cover').toEqual([]);
    await app.tap('Close');
    // Where there is room the list is next to the plant.
    if (await app.button('List of plants').isVisible()) {
      await app.tap('List of plants');
      expect.soft(await seriousFindings(page), 'plants').toEqual([]);
      await app.tap('Close');
    }
  },
);

test.describe('on the morning after', () => {
  test.use({ storageState: EVENING });

  test('no serious finding at a stop, and at its exceptions', { tag: '@sizes' }, async ({ app, page }) => {
    await app.startRound();
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
    await app.tap('Hole or tear');
    expect.soft(await seriousFindings(page), 'exception').toEqual([]);
    await page.goto('/fruit');
    await app.tap('Gone');
    expect.soft(await seriousFindings(page), 'causes').toEqual([]);
  });

  test('a round with the keyboard alone', { tag: '@sizes' }, async ({ app, page }) => {
    await page.goto('/');
    await expect(page.getByText(/^Demo, /)).toBeVisible();
    await page.keyboard.press('w');
    await expect(page.getByRole('heading', { name: 'Walk done' })).toBeVisible();
    await app.tap('Set the demo’s clock to the morning');
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
});
