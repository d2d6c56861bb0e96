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
 * Checks a page in the light it is in, on a phone, and in the other light: contrast there, or on a wide screen all
 * rules, where its layout differs.
 */
export async function expectNoFindings(
  page: Page,
  name: string,
  { wide, light = true }: { readonly wide: boolean; readonly light?: boolean },
): Promise<void> {
  expect.soft(await seriousFindings(page), name).toEqual([]);
  if (!light) return;
  await switchLight(page);
  if (wide) await page.setViewportSize(WIDE);
  const findings = await seriousFindings(page, wide ? 'all' : 'contrast');
  expect.soft(findings, `${name}, in the other light${wide ? ', wide' : ''}`).toEqual([]);
  if (wide) await page.setViewportSize(PHONE);
  await switchLight(page);
}
