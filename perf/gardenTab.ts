import type { Browser, Page } from '@playwright/test';
import { recordsOf } from '../src/data/log/entryLog';
import type { BenchGarden } from './benchGarden';
import { slowDown } from './slowed';

/** A tab of a phone's size and speed in which the demo is another garden. */
export async function gardenTab(browser: Browser, base: string, { entries }: BenchGarden): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const page = await context.newPage();
  await page.route('**/demo-records.json', (route) => route.fulfill({ json: recordsOf(entries) }));
  await page.goto(base);
  await page.getByText('Demo,').waitFor({ timeout: 120_000 });
  await slowDown(page);
  return page;
}
