import { chromium, type Browser, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { recordsOf } from '../src/data/log/entryLog';
import { createApp } from '../server/app';
import { dragBench } from './drag';
import { longJournal } from './longJournal';
import { openingBench } from './opening';
import { planningBench } from './planning';
import { manyFruitsBench } from './manyFruits';
import { manyVarietiesBench } from './manyVarieties';
import { median, report } from './ratio';
import { seasonsBench } from './seasons';
import { slowDown, TODAY } from './slowed';
import { buildSmall, EMPTY } from './size';
import { tapsBench } from './taps';

const ROOT = path.resolve(__dirname, '..');
const PORT = 4320;
const BASE = `http://127.0.0.1:${PORT}`;
const RUNS = 7;
const LONG = 100_000;
const EMPTY_PORT = 4321;

async function serve(): Promise<ChildProcess> {
  const server = spawn(path.join(ROOT, 'node_modules/.bin/tsx'), ['server/main.ts'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(PORT) },
  });
  await new Promise((resolve) => server.stdout.once('data', resolve));
  return server;
}

/** A tab whose demo garden has that many entries; 0: its own. */
async function tabWith(browser: Browser, length: number): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const page = await context.newPage();
  if (length > 0) {
    const entries = longJournal(length);
    // The demo's own file is answered with the longer garden; from there on it lies in the browser's store.
    await page.route('**/demo-records.json', (route) => route.fulfill({ json: recordsOf(entries) }));
  }
  await page.goto(BASE);
  await page.getByRole('button', { name: TODAY }).first().waitFor({ timeout: 120_000 });
  await slowDown(page);
  return page;
}

/** Milliseconds from opening the page until a tap on Today's button has changed the page. */
async function untilAnswered(page: Page): Promise<number> {
  const start = process.hrtime.bigint();
  await page.goto(BASE, { waitUntil: 'commit' });
  const button = page.getByRole('button', { name: TODAY }).first();
  await button.click({ timeout: 120_000 });
  await page.waitForURL(/\/(walk|round|fruit)$/);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  return Number(process.hrtime.bigint() - start) / 1e6;
}

/** Opens a browser beside the served app, for some measurements. */
async function inBrowser(measure: (browser: Browser) => Promise<void>): Promise<void> {
  const server = await serve();
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    await measure(browser);
  } finally {
    await browser.close();
    server.kill();
  }
}

/** Today at 100,000 entries against Today at 1,000, in Chromium at a quarter of the machine's speed. */
async function todayBench(browser: Browser): Promise<void> {
  const [long, short] = [await tabWith(browser, LONG), await tabWith(browser, 1_000)];
  const ratios: number[] = [];
  for (let run = 0; run <= RUNS; run += 1) {
    const ratio = (await untilAnswered(long)) / (await untilAnswered(short));
    // The first does not count.
    if (run > 0) ratios.push(ratio);
  }
  report(
    'Today answers a tap at 100,000 entries against 1,000, processor slowed four times',
    median(ratios),
    1.5,
  );
}

/** Taps with many entries, or with the demo's. A slowed tab takes the processor's time even while it does nothing. */
const allTapsBench =
  (length: number, garden: string) =>
  async (browser: Browser): Promise<void> => {
    const page = await tabWith(browser, length);
    await tapsBench(page, garden);
    await page.context().close();
  };

async function openBench(browser: Browser): Promise<void> {
  buildSmall('empty-app');
  const empty = createApp(EMPTY).listen(EMPTY_PORT, '127.0.0.1');
  try {
    await openingBench(browser, { app: BASE, empty: `http://127.0.0.1:${EMPTY_PORT}` }, RUNS);
  } finally {
    empty.close();
  }
}

/** Those that need a browser, each by itself. */
export const IN_BROWSER = {
  today: () => inBrowser(todayBench),
  taps: () => inBrowser(allTapsBench(0, 'the demo')),
  longTaps: () => inBrowser(allTapsBench(LONG, '100,000 entries')),
  opening: () => inBrowser(openBench),
  planning: () => inBrowser((browser) => planningBench(browser, BASE)),
  seasons: () => inBrowser((browser) => seasonsBench(browser, BASE)),
  varieties: () => inBrowser((browser) => manyVarietiesBench(browser, BASE)),
  fruits: () => inBrowser((browser) => manyFruitsBench(browser, BASE)),
  drag: () => inBrowser((browser) => dragBench(browser, BASE)),
} as const;
