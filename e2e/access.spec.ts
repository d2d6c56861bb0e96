import { readFileSync } from 'node:fs';
import path from 'node:path';
import { EVENING, expect, fruitAddress, test, seen, type App } from './app';
import { expectNoFindings, seriousFindings } from './findings';
import { routes } from './routes';

test.use({ colorScheme: 'dark' });

/** A garden without beds, plants or flowers. */
const EMPTY = readFileSync(path.join(__dirname, 'empty-garden.json'), 'utf8');

const ALL_ROUTES = routes();
/** A lot of which some was tested, sown and given away. */
async function lotId(app: App): Promise<string> {
  await app.lead('/seed');
  await app.tap(/seeds.*germinated/);
  await seen(app.page.getByRole('heading', { name: 'Taken from it' }));
  return new URL(app.page.url()).pathname.split('/').at(-1)!;
}

/** In parts, to be checked next to each other. */
const partsOf = <T>(all: readonly T[], count: number): T[][] =>
  Array.from({ length: count }, (_, part) => all.filter((_each, i) => i % count === part));

/** What a page says without a garden: forms, and what is learnt from, are the same as with one. */
const SAYS_ELSE_WHEN_EMPTY = ALL_ROUTES.filter(
  (route) =>
    /^\/(fruit|garden|round|ahead|open|routine|seed|walk|$)|\/(supplies|ties|times|files)$/.test(route) &&
    !/^\/garden\/(barrier|bed|cage|cross|describe|outside|surroundings|table|ways)$/.test(route),
);
/** What is laid out in another way where there is room. */
const WIDE =
  /^\/(more\/(files|guide|identify|practice)|fruit.*|garden(\/(calendar|crossing|table|variety))?|open|round.*|routine|seed\/\[id\]|walk|weather)?$/;

test.describe('after one visit, without a network', () => {
  test.use({ serviceWorker: true });

  partsOf(ALL_ROUTES, 2).forEach((part, i) => {
    test(`every route opens, with no serious finding, part ${i + 1}`, async ({ app, page, context }) => {
      await app.openDemo();
      const fruit = (await fruitAddress(app)).split('/').at(-1)!;
      const lot = await lotId(app);
      await app.goOffline(context);
      for (const route of part) {
        const address = route.replace('[id]', route.startsWith('/seed') ? lot : fruit);
        await app.lead(address);
        await expectNoFindings(page, route, { wide: WIDE.test(route) });
        // Its page is kept too, for who opens it by its address.
        if (route === address)
          expect(await page.evaluate(async (to) => (await fetch(to)).ok, route)).toBe(true);
      }
      await page.keyboard.press('?');
      await seen(page.getByRole('heading', { name: 'Keyboard shortcuts' }));
      if (i === 0) await expectNoFindings(page, 'keyboard shortcuts', { wide: false });
    });
  });
});

test('no serious finding without a garden', async ({ app, page }) => {
  await app.openDemo();
  await page.goto('/more/files');
  await app.chooseFile(() => app.tap('Import a backup'), { name: 'empty.json', text: EMPTY });
  await app.tap('Import');
  await seen(page.getByRole('heading', { name: 'No plants yet' }));
  for (const route of SAYS_ELSE_WHEN_EMPTY) {
    await app.lead(route.replace('[id]', 'nobody'));
    await expectNoFindings(page, route, { wide: false });
  }
});

test(
  'no serious finding with the sheets of the evening walk open',
  { tag: '@sizes' },
  async ({ app, page }) => {
    await app.openDemo();
    await app.tap('Continue the walk');
    await app.tap('One female more');
    await app.tap(/^Cover: /);
    await seen(page.getByRole('heading', { name: 'How do you keep it shut?' }));
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
    await app.tap('Hole or tear');
    expect.soft(await seriousFindings(page), 'exception').toEqual([]);
    await page.goto('/fruit');
    await app.tap('Gone');
    expect.soft(await seriousFindings(page), 'causes').toEqual([]);
  });

  test('a round with the keyboard alone', { tag: '@sizes' }, async ({ app, page }) => {
    await page.goto('/');
    await seen(page.getByText(/^Demo, /));
    await page.keyboard.press('w');
    await seen(page.getByRole('heading', { name: 'Walk done' }));
    await app.tap('Set the demo’s clock to the morning');
    await page.keyboard.press('r');
    await app.tap('Start the round');
    await seen(page.getByRole('img', { name: /^Stop 1 of/ }));
    await app.stopTakesTaps();
    const first = await app.stopAt();
    await page.keyboard.press('Enter');
    await app.leavesStop(first);
    const second = await app.stopAt();
    await page.keyboard.press('u');
    await app.atStop(first);
    await page.keyboard.press('Shift+U');
    await app.atStop(second);
    await page.keyboard.press('t');
    await seen(page.getByRole('heading', { name: 'Morning round' }));
  });
});
