import type { Browser } from '@playwright/test';
import { median, report } from './ratio';
import { longestWhile, slowDown } from './slowed';

const RUNS = 3;
const LONGEST_MS = 50;

/** Is the interface free while the worker plays 2,000 seasons of the demo? */
export async function seasonsBench(browser: Browser, base: string): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const page = await context.newPage();
  await page.goto(base);
  await page.getByText('Demo,').waitFor({ timeout: 60_000 });
  await slowDown(page);
  const longest: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    await page.goto(`${base}/fruit/ahead`);
    await page.getByText(/in half of them\.$/).waitFor({ timeout: 240_000 });
    await page.getByRole('button', { name: /^Play 2.000 seasons$/ }).click();
    longest.push(await longestWhile(page, 'Playing the season'));
  }
  await context.close();
  report(
    `longest task while 2,000 seasons of the demo are played, processor slowed four times, of ${LONGEST_MS} ms`,
    median(longest) / LONGEST_MS,
    1,
  );
}
