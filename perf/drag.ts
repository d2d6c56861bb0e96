import { type Browser, type Page } from '@playwright/test';
import { DEMO_GARDEN } from '../demo/phones';
import { KIND_VERSIONS, type Bodies, type Kind, type StoredEntry } from '../src/core/journal/entry';
import { report } from './ratio';

const BEDS = 60;
const PLANTS = 50;
const SLOWED = 4;
const LONGEST_MS = 50;

/** A garden of 3,000 plants in sixty beds, a variety a bed. */
function largePlan(): StoredEntry[] {
  const entries: StoredEntry[] = [];
  const say = <K extends Kind>(kind: K, body: Bodies[K]): void => {
    const at = '2026-07-18T18:00:00.000Z';
    const n = entries.length + 1;
    const envelope = { at, recorded: at, garden: DEMO_GARDEN, device: 'bench', action: `a${n}`, lamport: n };
    entries.push({ ...envelope, id: `e${n}`, kind, v: KIND_VERSIONS[kind], body });
  };
  const site = { latitude: 52, longitude: 0, zone: 'Europe/London' };
  say('garden.described', { name: 'Large', place: 'Large', ...site });
  for (let b = 0; b < BEDS; b += 1) {
    const [bed, variety] = [`bed${b}`, `variety${b}`];
    const [x, y] = [(b % 6) * 9, Math.floor(b / 6) * 6];
    say('bed.laid', { bed, name: `B${b}`, x, y, length: 7, width: 4, rows: 5, turn: 0, every: 0.6 });
    say('variety.described', {
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
      say('plants.set', { bed, row, variety, plants });
    }
  }
  return entries;
}

async function openPlan(browser: Browser, base: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
  const page = await context.newPage();
  const backup = {
    format: 'steady-trowel-garden',
    version: 1,
    garden: DEMO_GARDEN,
    name: 'Large',
    exported: '2026-07-18T18:00:00.000Z',
    entries: largePlan(),
  };
  await page.route('**/demo-garden.json', (route) => route.fulfill({ json: backup }));
  await page.goto(`${base}/garden`);
  await page.getByRole('img', { name: /with 3,000 plants/ }).waitFor({ timeout: 60_000 });
  const cdp = await context.newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  return page;
}

/** Carries a bed over the plan of 3,000 plants, and reports the longest task and what was drawn anew. */
export async function dragBench(browser: Browser, base: string): Promise<void> {
  const page = await openPlan(browser, base);
  const plan = page.getByRole('img', { name: /with 3,000 plants/ });
  const box = (await plan.boundingBox())!;
  const paths = await plan.locator('g > path').count();
  await page.waitForTimeout(1500);
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
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const steps = 40;
  for (let i = 1; i <= steps; i += 1) await page.mouse.move(x + 2 * i, y + i);
  await page.waitForTimeout(300);
  const { longest, changed } = await page.evaluate(
    () => (window as unknown as { seen: { longest: number; changed: number } }).seen,
  );
  await page.mouse.up();
  await page.context().close();
  // Tasks under 50 ms are not reported by the browser at all.
  report('longest task while a bed is carried over 3,000 plants, of 50 ms', longest / LONGEST_MS, 1);
  report('attributes changed at each move of it, of 4', changed / steps / 4, 1);
  report('paths that draw 3,000 plants, of one a variety', paths / BEDS, 1);
}
