import type { Locator, Page } from '@playwright/test';

/** A tap on a screen, and what shows that it was answered. */
interface Tap {
  readonly screen: string;
  /** In-app way to the screen, from Today. */
  readonly go: (page: Page) => Promise<void>;
  readonly tap: (page: Page) => Locator;
}

const button = (page: Page, name: RegExp) => page.getByRole('button', { name }).first();
const press = (name: RegExp) => (page: Page) => button(page, name);
const link = (name: RegExp | string) => (page: Page) =>
  page.getByRole('link', { name, exact: typeof name === 'string' }).first();
const address = (path: string) => async (page: Page) => {
  await page.goto(new URL(path, page.url()).href);
  await page.getByText('Demo,').waitFor();
  await page.getByRole('heading', { level: 1 }).first().waitFor();
};

export const TAPS: readonly Tap[] = [
  { screen: 'walk: one more', go: address('/scout'), tap: press(/^One male more$/) },
  { screen: 'walk: next', go: address('/scout'), tap: press(/next$/) },
  { screen: 'walk: undo', go: address('/scout'), tap: press(/^Undo$/) },
  { screen: 'today to walk', go: address('/'), tap: press(/the walk$/) },
  { screen: 'look: growing', go: address('/fruit'), tap: press(/^Growing$/) },
  { screen: 'to figures', go: address('/fruit'), tap: press(/^Set and drop, by/) },
  { screen: 'to fruit', go: address('/'), tap: link('Fruit') },
  { screen: 'to garden', go: address('/'), tap: link('Garden') },
  { screen: 'to crossing', go: address('/garden'), tap: link(/^Crossing/) },
  { screen: 'to calendar', go: address('/garden'), tap: link(/^Calendar/) },
  { screen: 'to plants', go: address('/garden'), tap: link(/^Plants/) },
];

declare global {
  interface Window {
    tasks: [number, number][];
  }
}

/** Longest task after a tap, ms. */
export async function longestTask(page: Page, tap: Tap): Promise<number> {
  await tap.go(page);
  await page.waitForTimeout(4000);
  await tap.tap(page).scrollIntoViewIfNeeded();
  const box = (await tap.tap(page).boundingBox())!;
  await page.waitForTimeout(500);
  const from = await page.evaluate(() => {
    window.tasks = [];
    new PerformanceObserver((list) =>
      list.getEntries().forEach((task) => window.tasks.push([task.startTime, task.duration])),
    ).observe({ type: 'longtask' });
    return performance.now();
  });
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  await page.waitForTimeout(4000);
  const tasks = await page.evaluate(() => window.tasks);
  return Math.max(0, ...tasks.filter(([start]) => start >= from - 50).map(([, lasting]) => lasting));
}
