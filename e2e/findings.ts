import { readFileSync } from 'node:fs';
import type axe from 'axe-core';
import { expect, type Page } from '@playwright/test';

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

type Window = typeof globalThis & { readonly axe?: typeof axe };

/**
 * What is serious or critical, in words. The rules run in the page itself, and only what breaks one comes back: all
 * that passes is most of a report, and most of its time.
 */
export async function seriousFindings(page: Page, rules: 'all' | 'contrast' = 'all'): Promise<string[]> {
  // A dialogue is one when it has come up.
  await expect(page.locator('[aria-modal]:not([role])')).toHaveCount(0);
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(AXE);
  return page.evaluate(async (only) => {
    const { violations } = await (globalThis as Window).axe!.run({
      resultTypes: ['violations'],
      // Styles and films from elsewhere, of which there are none.
      preload: false,
      ...(only === 'contrast' ? { runOnly: ['color-contrast'] } : {}),
    });
    return violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .flatMap(({ id, nodes }) =>
        nodes.map(({ html, failureSummary }) => `${id}: ${html.slice(0, 160)} ${failureSummary ?? ''}`),
      );
  }, rules);
}

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/**
 * From day to night or back, and the light it was before. The page's own ground follows at once; its text is drawn once
 * more, which is waited for.
 */
async function switchLight(page: Page): Promise<void> {
  const colour = () =>
    page
      .getByRole('heading', { level: 1, includeHidden: true })
      .first()
      .evaluate((heading) => getComputedStyle(heading).color);
  const before = await colour();
  const dark = await page.evaluate(() => matchMedia('(prefers-color-scheme: dark)').matches);
  await page.emulateMedia({ colorScheme: dark ? 'light' : 'dark' });
  await expect.poll(colour).not.toBe(before);
}

/**
 * Checks a page in the light it is in, on a phone, and where its layout differs on a wide screen, there in the other
 * light. All colours are of one palette, whose pairs have tests of their own in both lights.
 */
export async function expectNoFindings(
  page: Page,
  name: string,
  { wide }: { readonly wide: boolean },
): Promise<void> {
  expect.soft(await seriousFindings(page), name).toEqual([]);
  if (!wide) return;
  await switchLight(page);
  await page.setViewportSize(WIDE);
  expect.soft(await seriousFindings(page), `${name}, in the other light, wide`).toEqual([]);
  await page.setViewportSize(PHONE);
  await switchLight(page);
}
