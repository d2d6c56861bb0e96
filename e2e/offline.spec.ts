import { readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from './app';

/** Addresses of all routes, read from the folder of routes so that none is forgotten. */
export function routes(): string[] {
  const app = path.resolve(__dirname, '../src/app');
  return readdirSync(app, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.tsx') && !/(^|\/)(_layout|\+html|\+not-found)\.tsx$/.test(file))
    .map((file) => `/${file.replace(/\.tsx$/, '').replace(/(^|\/)index$/, '')}`)
    .sort();
}

test('after one visit, without a network, every route opens, reloads and records', async ({
  app,
  page,
  context,
}) => {
  await app.openDemo();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await context.setOffline(true);
  for (const route of routes()) {
    await page.goto(route.replace('[id]', 'nobody'));
    await expect(page.getByRole('main')).toBeVisible();
    await expect(page.getByText('Opening the garden')).toHaveCount(0);
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  }
  await page.goto('/scout');
  await app.tap('One female more');
  await app.tap(/^(Cover|Mark) \d+, next$/);
  await page.reload();
  await page.goto('/bench/files');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  expect((JSON.parse(text) as { entries: { kind: string }[] }).entries.at(-1)!.kind).toBe('covered');
});
