import { expect, test } from './app';
import { seriousFindings } from './findings';

const SCRIPTS = '**/_expo/static/js/**';
/** A page that any first visitor may be sent to, and one with drawings and numbers. */
const ADDRESSES = ['/', '/garden/crossing'];

/**
 * Contrast as a page is opened, in the light that the device or the grower asks for: what is right after the light is
 * switched on an open page may be black on black for those who open it in the dark.
 */
for (const device of ['light', 'dark'] as const) {
  test.describe(`a device that is ${device}`, () => {
    test.use({ colorScheme: device });

    test('can be read as it opens: first visit, each choice of light, and before any script', async ({
      app,
      page,
    }) => {
      await app.openDemo();
      expect(await seriousFindings(page, 'contrast'), 'first visit').toEqual([]);
      for (const choice of ['As the device', 'Day', 'Night'] as const) {
        await page.goto('/bench/settings');
        await app.tap(choice);
        await app.tap('Today');
        await expect(page.getByRole('heading', { name: 'Evening walk' })).toBeVisible();
        const night = choice === 'Night' || (choice === 'As the device' && device === 'dark');
        for (const address of ADDRESSES) {
          await page.goto(address);
          const heading = page.getByRole('heading', { level: 1 }).first();
          await expect(heading).toBeVisible();
          await expect(page.getByRole('heading', { name: /^(Steady Trowel|One moment)$/ })).toHaveCount(0);
          expect(await seriousFindings(page, 'contrast'), `${choice}, ${address}`).toEqual([]);
          // Contrast alone would hold in the wrong light too.
          const [red] =
            /\d+/.exec(await heading.evaluate((element) => getComputedStyle(element).color)) ?? [];
          expect(Number(red) > 127, `${choice}, ${address}: light words`).toBe(night);
        }
        await page.route(SCRIPTS, (route) => route.abort());
        await page.goto('/');
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        expect(await seriousFindings(page, 'contrast'), `${choice}, before any script`).toEqual([]);
        await page.unroute(SCRIPTS);
      }
    });
  });
}
