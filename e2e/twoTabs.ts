import type { BrowserContext, Page } from '@playwright/test';
import { App, expect, fruitAddresses, seen } from './app';

/** The count of entries that the page of files names. */
async function shown(page: Page): Promise<number> {
  return Number((await page.getByText(/^All [\d,]+ entries/).innerText()).replace(/\D/g, ''));
}

/** A look that cannot tell leaves the fruit as it was, so it can be made again and again. */
const look = (page: Page, times: number): Promise<void> =>
  page.evaluate(async (looks) => {
    for (let i = 0; i < looks; i += 1) {
      document.querySelector<HTMLElement>('[aria-label="Cannot tell yet"]')!.click();
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
  }, times);

/** Looks at one fruit: its page shows each of them, and no fruit is looked at more often. */
const MOST_AT_ONE = 100;

/** Two tabs append so many entries each at once; both show all of them, after a reload too. */
export async function appendInTwoTabs(
  { app, page, context }: { readonly app: App; readonly page: Page; readonly context: BrowserContext },
  { times, locks }: { readonly times: number; readonly locks: boolean },
): Promise<void> {
  if (!locks) {
    await context.addInitScript(() => {
      Object.defineProperty(Navigator.prototype, 'locks', { value: undefined });
    });
  }
  const second = new App(await context.newPage());
  const tabs = [page, second.page];
  const stored = async (tab: Page): Promise<number> => {
    await tab.goto('/more/files');
    return shown(tab);
  };
  const before = await stored(page);
  const addresses = await fruitAddresses(app, Math.ceil(times / MOST_AT_ONE));
  for (const [i, address] of addresses.entries()) {
    for (const tab of tabs) {
      await tab.goto(address);
      await seen(tab.getByRole('heading', { name: 'Look now' }));
    }
    const done = Math.min(times, (i + 1) * MOST_AT_ONE);
    await Promise.all(tabs.map((tab) => look(tab, done - i * MOST_AT_ONE)));
    // A tab hears of the other's entries once they are stored.
    for (const tab of tabs) {
      await tab.getByRole('link', { name: 'More' }).click();
      await tab.getByRole('link', { name: /^Files/ }).click();
      await expect.poll(() => shown(tab), { timeout: 60_000 }).toBe(before + 2 * done);
    }
  }
  for (const tab of tabs) expect(await stored(tab)).toBe(before + 2 * times);
  expect([...app.errors, ...second.errors]).toEqual([]);
}
