import type { Browser, Page } from '@playwright/test';
import type { StoredEntry } from '../src/core/journal/entry';
import { recordsOf } from '../src/data/log/entryLog';
import { BenchGarden } from './benchGarden';
import { median, report } from './ratio';
import { longestWhile, slowDown } from './slowed';

const BEDS = 10;
const PLANTS = 20;
const PEOPLE = 3;
const LONGEST_MS = 50;
const RUNS = 5;
const MORNING = '2026-07-19';

/** A garden after an evening walk: a male covered on each of 200 plants and a female on every other one, 300 stops. */
function largeMorning(): StoredEntry[] {
  const garden = new BenchGarden();
  for (let b = 0; b < BEDS; b += 1) {
    const [bed, variety] = [`bed${b}`, `variety${b}`];
    const [x, y] = [(b % 2) * 14, Math.floor(b / 2) * 4];
    garden.say('bed.laid', { bed, name: `B${b}`, x, y, length: 12, width: 2, rows: 2, turn: 0, every: 1 });
    garden.sayVariety(variety, b);
    for (const row of [1, 2]) {
      const plants = Array.from({ length: PLANTS / 2 }, (_, i) => ({
        plant: `p${b}-${row}-${i}`,
        place: i + 1,
      }));
      garden.say('plants.set', { bed, row, variety, plants });
      for (const { plant, place } of plants) {
        const male = { bloom: `m-${plant}`, sex: 'male', code: '' } as const;
        const female = { bloom: `f-${plant}`, sex: 'female', code: `K${garden.entries.length}` } as const;
        const blooms = place % 2 === 0 ? [female, male] : [male];
        garden.say('covered', { plant, day: MORNING, method: 'tape', blooms });
      }
    }
  }
  return garden.entries;
}

/** The longest task from when the worker was asked until its answer is drawn, milliseconds; 0 where none takes 50. */
async function longestWhilePlanning(page: Page, base: string): Promise<number> {
  await page.goto(`${base}/round`);
  const more = page.getByRole('button', { name: 'One person more' });
  await more.waitFor({ timeout: 60_000 });
  await page.getByText(/The round takes/).waitFor({ timeout: 120_000 });
  for (let people = 1; people < PEOPLE; people += 1) await more.click();
  return longestWhile(page, 'Planning the round');
}

/** Is the interface free while the worker plans 300 stops for three people? */
export async function planningBench(browser: Browser, base: string): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const page = await context.newPage();
  const json = recordsOf(largeMorning());
  await page.route('**/demo-records.json', (route) => route.fulfill({ json }));
  await page.goto(base);
  await page.getByText('Demo,').waitFor({ timeout: 60_000 });
  await slowDown(page);
  const longest: number[] = [];
  for (let run = 0; run < RUNS; run += 1) longest.push(await longestWhilePlanning(page, base));
  await context.close();
  report(
    `longest task while 300 stops are planned for three, processor slowed four times, of ${LONGEST_MS} ms`,
    median(longest) / LONGEST_MS,
    1,
  );
}
