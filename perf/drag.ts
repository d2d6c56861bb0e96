import { type Browser, type Page } from '@playwright/test';
import { recordsOf } from '../src/data/log/entryLog';
import type { StoredEntry } from '../src/core/journal/entry';
import { BenchGarden } from './benchGarden';
import { median, report } from './ratio';
import { slowDown } from './slowed';

const BEDS = 60;
const PLANTS = 50;
const LONGEST_MS = 50;
const RUNS = 7;

/** A garden of 3,000 plants in sixty beds, a variety a bed. */
function largePlan(): StoredEntry[] {
  const garden = new BenchGarden();
  for (let b = 0; b < BEDS; b += 1) {
    const [bed, variety] = [`bed${b}`, `variety${b}`];
    const [x, y] = [(b % 6) * 9, Math.floor(b / 6) * 6];
    garden.say('bed.laid', { bed, name: `B${b}`, x, y, length: 7, width: 4, rows: 5, turn: 0, every: 0.6 });
    garden.say('variety.described', {
      variety,
      name: `Variety ${b}`,
      crop: (['pepo', 'melon', 'tomato', 'corn', 'annuum', 'maxima'] as const)[b % 6]!,
      purpose: 'seedToKeep',
      seedSource: 'unknown',
      ownPollen: 'allowed',
      traits: {},
    });
    for (let row = 1; row <= 5; row += 1) {
      const plants = Array.from({ length: PLANTS / 5 }, (_, i) => ({
        plant: `p${b}-${row}-${i}`,
        place: i + 1,
      }));
      garden.say('plants.set', { bed, row, variety, plants });
    }
  }
  return garden.entries;
}

async function openPlan(browser: Browser, base: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
  const page = await context.newPage();
  const json = recordsOf(largePlan());
  await page.route('**/demo-records.json', (route) => route.fulfill({ json }));
  await page.goto(`${base}/garden`);
  await page.getByRole('img', { name: /with 3,000 plants/ }).waitFor({ timeout: 60_000 });
  await slowDown(page);
  return page;
}

interface Seen {
  /** Milliseconds; 0 when none is longer than 50, since the browser does not report those. */
  readonly longest: number;
  /** Attributes and elements changed at each move. */
  readonly changed: number;
  readonly paths: number;
}

/** Carries a bed over the plan of 3,000 plants once, in a page just opened. */
async function carryABed(browser: Browser, base: string): Promise<Seen> {
  const page = await openPlan(browser, base);
  const plan = page.getByRole('img', { name: /with 3,000 plants/ });
  const box = (await plan.boundingBox())!;
  const paths = await plan.locator('path[fill-rule=evenodd]').count();
  await page.waitForTimeout(1500);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  // A mouse comes from somewhere, and is on the bed before it presses.
  await page.mouse.move(x - 20, y - 10, { steps: 4 });
  await page.mouse.move(x, y, { steps: 4 });
  await page.waitForTimeout(500);
  await page.evaluate(() => {
    const seen = { longest: 0, changed: 0 };
    Object.assign(window, { seen });
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.longest = Math.max(seen.longest, duration);
    }).observe({ type: 'longtask' });
    new MutationObserver((records) => {
      seen.changed += records.length;
    }).observe(document.body, { attributes: true, childList: true, subtree: true });
  });
  await page.mouse.down();
  const steps = 40;
  for (let i = 1; i <= steps; i += 1) await page.mouse.move(x + 2 * i, y + i);
  await page.waitForTimeout(300);
  const { longest, changed } = await page.evaluate(
    () => (window as unknown as { seen: { longest: number; changed: number } }).seen,
  );
  await page.mouse.up();
  await page.context().close();
  return { longest, changed: changed / steps, paths };
}

/** Reports the longest task while a bed is carried over 3,000 plants, and what was drawn again. */
export async function dragBench(browser: Browser, base: string): Promise<void> {
  const runs: Seen[] = [];
  for (let run = 0; run < RUNS; run += 1) runs.push(await carryABed(browser, base));
  const longest = runs.map((run) => run.longest);
  report('longest task while a bed is carried over 3,000 plants, of 50 ms', median(longest) / LONGEST_MS, 1);
  console.log(`        of each run, ms (0: none over 50): ${longest.map(Math.round).join(', ')}`);
  report('attributes changed at each move of it, of 4', median(runs.map(({ changed }) => changed)) / 4, 1);
  report('paths that draw 3,000 plants, of one a variety', runs[0]!.paths / BEDS, 1);
}
