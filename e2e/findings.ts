import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const CONTRAST = 'color-contrast';

export async function seriousFindings(
  page: Page,
  rules: 'all' | 'contrast' | 'others' = 'all',
): Promise<string[]> {
  // Without frames there is no need for a page of its own to gather their results on.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  if (rules === 'contrast') axe.withRules([CONTRAST]);
  if (rules === 'others') axe.disableRules([CONTRAST]);
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) =>
      nodes.map((node) => `${id}: ${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`),
    );
}

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/** The page's own ground follows at once; its text is drawn once more, which is waited for. */
async function lightOf(page: Page, colorScheme: 'light' | 'dark'): Promise<void> {
  const colour = () =>
    page
      .getByRole('heading', { level: 1, includeHidden: true })
      .first()
      .evaluate((heading) => getComputedStyle(heading).color);
  const before = await colour();
  await page.emulateMedia({ colorScheme });
  await expect.poll(colour).not.toBe(before);
}

/** Checks the page as it is: all rules on a phone, contrast by night too, and on a wide screen what depends on its layout. */
export async function expectNoFindings(
  page: Page,
  name: string,
  { wide }: { readonly wide: boolean },
): Promise<void> {
  expect.soft(await seriousFindings(page), name).toEqual([]);
  await lightOf(page, 'dark');
  expect.soft(await seriousFindings(page, 'contrast'), `${name}, dark`).toEqual([]);
  await lightOf(page, 'light');
  if (!wide) return;
  await page.setViewportSize(WIDE);
  expect.soft(await seriousFindings(page, 'others'), `${name}, wide`).toEqual([]);
  await page.setViewportSize(PHONE);
}
