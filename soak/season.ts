import type { CDPSession, Locator, Page } from '@playwright/test';
import { expect, type App } from '../e2e/app';

/** What a page holds on to. */
export interface Held {
  readonly heapMb: number;
  readonly nodes: number;
  readonly listeners: number;
}

/** What the page of Today holds after its garbage is collected. */
export async function heldBy(page: Page, session: CDPSession): Promise<Held> {
  await toToday(page);
  await page.waitForTimeout(2_000);
  // A snapshot frees more than a collection does: pages that were left are held weakly for a while.
  await session.send('HeapProfiler.takeHeapSnapshot');
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  const { nodes, jsEventListeners } = await session.send('Memory.getDOMCounters');
  return { heapMb: usedSize / 1e6, nodes, listeners: jsEventListeners };
}

async function toToday(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
}

/** Plants looked at of an evening: all of them would be the same taps again. */
const PLANTS = 8;

/** Walks past some plants of an evening, and covers what is there. */
async function walk(app: App): Promise<void> {
  const { page } = app;
  await app.tap('Set the demo’s clock to the evening');
  await toToday(page);
  const start = app.button(/^(Start|Continue) the walk$/);
  if (!(await start.isVisible())) return;
  await start.click();
  for (let i = 0; i < PLANTS; i += 1) {
    const next = app.button(/(^|, )next$/i);
    const over = page.getByRole('heading', { name: 'Walk done' });
    await expect(next.or(over).first()).toBeVisible();
    if (await over.isVisible()) break;
    if (i % 3 === 0) await tapIfThere(app, 'One female more');
    await tapIfThere(app, 'One male more');
    await next.click();
  }
  // The bar is not there during work: done or not, one goes back.
  await tapIfThere(app, 'Back to Today');
  if (new URL(page.url()).pathname !== '/') await page.goBack();
  await expect(page.getByRole('link', { name: 'Today', exact: true })).toBeVisible();
}

async function tapIfThere(app: App, name: string): Promise<void> {
  if (await app.button(name).isVisible()) await app.tap(name);
}

const stopShown = (page: Page): Locator => page.getByRole('img', { name: /^Stop \d+ of \d+$/ });

/** Does what is planned at a stop, and waits until it has gone. */
async function doStop(app: App): Promise<void> {
  const here = await stopShown(app.page).getAttribute('aria-label');
  // A stop ignores taps for a moment after it came up.
  await app.page.waitForTimeout(400);
  await app.tap(/^(Done|None, continue|Leave it)$/);
  await expect(app.page.getByRole('img', { name: here!, exact: true })).toHaveCount(0);
}

/** Does the whole round of a morning, where there is one. @returns whether there was. */
async function round(app: App): Promise<boolean> {
  const { page } = app;
  await app.tap('Set the demo’s clock to the morning');
  await toToday(page);
  const start = app.button(/^(Start|Continue) the round$/);
  if (!(await start.isVisible())) return false;
  await start.click();
  await page.waitForURL(/\/round/);
  await expect(
    stopShown(page)
      .or(app.button(/^(Start the round|Back to Today)$/))
      .first(),
  ).toBeVisible();
  await tapIfThere(app, 'Start the round');
  await expect(stopShown(page).or(app.button('Back to Today')).first()).toBeVisible();
  while (await stopShown(page).isVisible()) await doStop(app);
  await app.tap('Back to Today');
  return true;
}

/** Looks at some fruit that are due, and at the figures. */
async function look(app: App): Promise<void> {
  const { page } = app;
  await page.getByRole('link', { name: 'Fruit', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  for (let i = 0; i < 5; i += 1) await tapIfThere(app, i % 4 === 3 ? 'Cannot tell yet' : 'Growing');
  await app.tap('Set and drop, by variety and plant');
  await expect(page.getByRole('heading', { name: 'Set and drop' })).toBeVisible();
}

/**
 * Lives days of the demo's season through its screens, without loading the page again.
 *
 * @param more whether to go on, with the days lived so far.
 * @returns the days lived, and the rounds among them.
 */
export async function liveDays(
  app: App,
  more: (days: number) => Promise<boolean>,
): Promise<{ readonly days: number; readonly rounds: number }> {
  let [days, rounds] = [0, 0];
  for (; await more(days); days += 1) {
    await walk(app);
    if (await round(app)) rounds += 1;
    await look(app);
  }
  return { days, rounds };
}
