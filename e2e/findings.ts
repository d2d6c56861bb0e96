import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const CONTRAST = 'color-contrast';

export async function seriousFindings(page: Page, rules: 'all' | 'contrast' = 'all'): Promise<string[]> {
  // Without frames there is no need for a page of its own to gather their results on.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  if (rules === 'contrast') axe.withRules([CONTRAST]);
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) =>
      nodes.map((node) => `${id}: ${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`),
    );
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
