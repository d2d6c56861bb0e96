import type { Page } from '@playwright/test';
import { expect, test, seen } from './app';
import { seriousFindings } from './findings';

const SCRIPTS = '**/_expo/static/js/**';
/** A page with drawings and numbers that somebody may open by its address. */
const ADDRESS = '/garden/crossing';

/** Words can be read, and are of the light that is wanted: contrast alone would hold in the wrong one too. */
async function expectReadable(
  page: Page,
  name: string,
  { night, scripted = true }: { readonly night: boolean; readonly scripted?: boolean },
) {
  const heading = page.getByRole('heading', { level: 1 }).first();
  // What is read must be there to stay: the page as it was written is replaced once the app is drawn.
  if (scripted) await page.locator('html[data-laid]').waitFor({ state: 'attached' });
  await seen(heading);
  await expect(page.getByRole('heading', { name: 'One moment' })).toHaveCount(0);
  expect(await seriousFindings(page, 'contrast'), name).toEqual([]);
  const colour = await heading.evaluate((element) => getComputedStyle(element).color);
  const [, red] = /^rgba?\((\d+)/.exec(colour) ?? [];
  expect(red, `${name}: a colour, not ${colour}`).toBeDefined();
  expect(Number(red) > 127, `${name}: light words`).toBe(night);
}

async function expectReadableUnscripted(page: Page, name: string, light: { readonly night: boolean }) {
  await page.route(SCRIPTS, (route) => route.abort());
  await page.goto('/');
  await expectReadable(page, `${name}, before any script`, { ...light, scripted: false });
  await page.unroute(SCRIPTS);
}

/**
 * Contrast as a page is opened, in the light that the device or the grower asks for: what is right after the light is
 * switched on an open page may be black on black for those who open it in the dark.
 */
for (const device of ['light', 'dark'] as const) {
  test.describe(`a device that is ${device}`, () => {
    test.use({ colorScheme: device });
    // What a service worker gives cannot be held back: the scripts would come all the same.
    test.use({ serviceWorker: false });

    test('can be read as it opens: first visit, each choice of light, and before any script', async ({
      app,
      page,
    }) => {
      const asDevice = { night: device === 'dark' };
      await app.openDemo();
      await expectReadable(page, 'first visit', asDevice);
      await page.goto(ADDRESS);
      await expectReadable(page, 'return visit', asDevice);
      await expectReadableUnscripted(page, 'as the device', asDevice);
      // What the device would not have shown.
      const night = device === 'light';
      await page.goto('/more/settings');
      await app.tap(night ? 'Night' : 'Day');
      await app.tap('Today');
      await seen(page.getByRole('heading', { name: 'Evening walk' }));
      await page.goto(ADDRESS);
      await expectReadable(page, 'as chosen', { night });
      await expectReadableUnscripted(page, 'as chosen', { night });
    });
  });
}
