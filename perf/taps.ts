import type { Locator, Page } from '@playwright/test';
import { median, report } from './ratio';

/** A tap on a screen. */
export interface Tap {
  readonly what: string;
  /** The screen's address. */
  readonly on: string;
  readonly where: (page: Page) => Locator;
}

const button =
  (name: RegExp) =>
  (page: Page): Locator =>
    page.getByRole('button', { name }).first();
export const link =
  (name: string) =>
  (page: Page): Locator =>
    page.getByRole('link', { name, exact: true }).first();
const row =
  (text: RegExp) =>
  (page: Page): Locator =>
    page.getByText(text).first();

/** On each screen of the day's work, and on those with many rows. */
export const TAPS: readonly Tap[] = [
  { what: 'to the walk', on: '/', where: button(/the walk$/) },
  { what: 'one more', on: '/walk', where: button(/^One male more$/) },
  { what: 'next plant', on: '/walk', where: button(/next$/) },
  { what: 'undo in the walk', on: '/walk', where: button(/^Undo$/) },
  { what: 'to the morning', on: '/', where: button(/to the morning$/) },
  { what: 'to the round', on: '/', where: button(/the round$/) },
  {
    what: 'round begun, then stops done',
    on: '/round',
    where: button(/^(Start the round|Done|None, continue)$/),
  },
  { what: 'to fruit', on: '/', where: link('Fruit') },
  { what: 'a look', on: '/fruit', where: button(/^Growing$/) },
  { what: 'to a fruit', on: '/fruit', where: row(/, (growing on day \d+|not looked at yet)/) },
  { what: 'to the figures', on: '/fruit', where: button(/^Set and drop, by/) },
  { what: 'to the garden', on: '/', where: link('Garden') },
  { what: 'to crossing', on: '/garden', where: link('Crossing') },
  { what: 'to the calendar', on: '/garden', where: link('Calendar') },
  { what: 'to more', on: '/', where: link('More') },
  { what: 'to times', on: '/more', where: row(/^Correct times$/) },
];

/** What a tap leads to is over by then, ms. */
const REST_MS = 3_000;
/** A page that had nothing long to do for so long is at rest; longer nobody waits for it, ms. */
const QUIET_MS = 2_000;
const MOST_MS = 30_000;

type Watched = Window & { tasks?: [start: number, lasting: number][] };

/** What a page does by itself when it is opened is not done for a tap. */
async function untilQuiet(page: Page): Promise<void> {
  await page.evaluate(
    ([quiet, most]) =>
      new Promise<void>((resolve) => {
        const begun = performance.now();
        let last = begun;
        const tasks = new PerformanceObserver(() => (last = performance.now()));
        tasks.observe({ type: 'longtask' });
        const timer = setInterval(() => {
          const now = performance.now();
          if (now - last < quiet! && now - begun < most!) return;
          clearInterval(timer);
          tasks.disconnect();
          resolve();
        }, 100);
      }),
    [QUIET_MS, MOST_MS],
  );
}

/** Looks for its place this often: a list that is sorted anew draws it once more. */
const MOST_LOOKS = 50;

async function boxOf(
  page: Page,
  target: Locator,
): Promise<NonNullable<Awaited<ReturnType<Locator['boundingBox']>>>> {
  for (let look = 0; look < MOST_LOOKS; look += 1) {
    await target.scrollIntoViewIfNeeded();
    const box = await target.boundingBox();
    if (box) return box;
    await page.waitForTimeout(100);
  }
  throw new Error(`${String(target)} does not stay where it is`);
}

/** The longest task after a tap, in milliseconds; 0 where none takes 50. Nothing where the tap is not there today. */
export async function longestTask(page: Page, { on, where }: Tap): Promise<number | undefined> {
  await page.goto(new URL(on, page.url()).href);
  await page.getByText('Demo,').waitFor({ timeout: 60_000 });
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await untilQuiet(page);
  const target = where(page);
  if (!(await target.isVisible()) || !(await target.isEnabled())) return undefined;
  const { x, y, width, height } = await boxOf(page, target);
  const from = await page.evaluate(() => {
    const tasks: [number, number][] = ((window as Watched).tasks = []);
    new PerformanceObserver((list) =>
      list.getEntries().forEach((task) => tasks.push([task.startTime, task.duration])),
    ).observe({ type: 'longtask' });
    return performance.now();
  });
  // By its place: to look for it by name once more would be a task itself.
  await page.mouse.click(x + width / 2, y + height / 2);
  await page.waitForTimeout(REST_MS);
  const tasks = await page.evaluate(() => (window as Watched).tasks ?? []);
  return Math.max(0, ...tasks.filter(([start]) => start >= from).map(([, lasting]) => lasting));
}

/** A tap should be answered before one doubts that it was felt, ms. */
const ANSWERED_MS = 200;

/** Those that are asked by name: `TAPS='undo|figures' npm run bench -- longTaps`. */
const ASKED = new RegExp(process.env['TAPS'] ?? '');

/** How often each is tapped; besides, the first time, which still compiles. */
const TIMES = 3;

/** Those on the pages of fruit. */
export const FRUIT_TAPS = TAPS.filter(({ on, what }) => on === '/fruit' || what === 'to fruit');

/** The longest task after any tap. */
export async function tapsBench(page: Page, garden: string, taps = TAPS): Promise<void> {
  let longest = { what: '', lasting: 0 };
  for (const tap of taps.filter(({ what }) => ASKED.test(what))) {
    await longestTask(page, tap);
    const each: number[] = [];
    for (let i = 0; i < TIMES; i += 1) {
      const lasting = await longestTask(page, tap);
      if (lasting !== undefined) each.push(lasting);
    }
    if (each.length === 0) {
      console.log(`  not there, and not measured: ${tap.what}`);
      continue;
    }
    const lasting = median(each);
    if (process.env['TASKS']) console.log(`  ${Math.round(lasting)} ms: ${tap.what}`);
    if (lasting > longest.lasting) longest = { what: tap.what, lasting };
  }
  const { what, lasting } = longest;
  report(
    `longest task after a tap, ${garden} (${what}), against ${ANSWERED_MS} ms`,
    lasting / ANSWERED_MS,
    1,
  );
}
