import type { Browser, BrowserContext } from '@playwright/test';
import { median, report } from './ratio';
import { slowDown, TODAY } from './slowed';

/**
 * Opening the app against opening an app of one empty route, at a quarter of the machine's speed: on a first visit, and
 * on a return when the service worker keeps it.
 */

/** What one visit cost. */
interface Visit {
  /** Milliseconds of tasks beyond the 50 ms each may take: nobody is answered meanwhile. */
  readonly blocking: number;
  /** Milliseconds until the last long task of the start was over. */
  readonly idle: number;
  /** Milliseconds until the page can be used: what is tapped is there, and no task is in its way. */
  readonly ready: number;
  readonly largestPaint: number;
  /** Bytes, swept. */
  readonly heap: number;
}

/** No long task for so long: the start is over. */
const QUIET_MS = 2_500;

/** Runs in the page before anything else. */
function watchStart(button: string): void {
  const w = window as unknown as { tasks: [number, number][]; paint: number; shown: number };
  w.tasks = [];
  w.paint = 0;
  w.shown = 0;
  new PerformanceObserver((list) =>
    list.getEntries().forEach((task) => w.tasks.push([task.startTime, task.duration])),
  ).observe({ type: 'longtask', buffered: true });
  new PerformanceObserver((list) => list.getEntries().forEach((p) => (w.paint = p.startTime))).observe({
    type: 'largest-contentful-paint',
    buffered: true,
  });
  const wanted = new RegExp(button);
  new MutationObserver((_, observer) => {
    const found = [...document.querySelectorAll('[role=button],button')].some((each) =>
      wanted.test(each.textContent),
    );
    if (!found) return;
    observer.disconnect();
    w.shown = performance.now();
  }).observe(document, { childList: true, subtree: true, characterData: true });
}

/** @param button what Today's button says; nothing for an app without any. */
async function visit(context: BrowserContext, address: string, button?: RegExp): Promise<Visit> {
  const page = await context.newPage();
  const cdp = await slowDown(page);
  await page.addInitScript(watchStart, button?.source ?? '^$');
  await page.goto(address, { waitUntil: 'commit' });
  // Asked of the browser directly: a driver's own scripts in the page would be measured with it.
  const asked = async <T>(expression: string): Promise<T> =>
    (await cdp.send('Runtime.evaluate', { expression, returnByValue: true })).result.value as T;
  const started = `document.readyState === 'complete' && ${button ? 'shown > 0 &&' : ''}
    performance.now() - (([start, lasting]) => start + lasting)(tasks.at(-1) ?? [0, 0]) > ${QUIET_MS}`;
  const until = Date.now() + 120_000;
  while (!(await asked<boolean>(started))) {
    if (Date.now() > until) throw new Error(`${address} did not start`);
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  const { tasks, paint, shown } = await asked<{ tasks: [number, number][]; paint: number; shown: number }>(
    '({ tasks, paint, shown })',
  );
  if (process.env['TASKS'])
    console.log(
      address,
      tasks.map(([s, d]) => `${Math.round(s)}+${Math.round(d)}`).join(' '),
      `shown ${Math.round(shown)} paint ${Math.round(paint)}`,
    );
  await cdp.send('HeapProfiler.collectGarbage');
  const { usedSize } = await cdp.send('Runtime.getHeapUsage');
  await page.close();
  const idle = Math.max(0, ...tasks.map(([start, lasting]) => start + lasting));
  const over = tasks.find(([start, lasting]) => start <= shown && shown <= start + lasting);
  return {
    blocking: tasks.reduce((sum, [, lasting]) => sum + Math.max(0, lasting - 50), 0),
    idle,
    ready: button ? (over ? over[0] + over[1] : shown) : idle,
    largestPaint: paint,
    heap: usedSize,
  };
}

/** A visit to the app and the one to the empty app beside it. */
type Pair = readonly [ours: Visit, empty: Visit];

interface Addresses {
  readonly app: string;
  readonly empty: string;
}

async function pairOf(contexts: readonly BrowserContext[], { app, empty }: Addresses): Promise<Pair> {
  return [await visit(contexts[0]!, app, TODAY), await visit(contexts[1]!, empty)];
}

/** Waits until the worker keeps the app, so that the next visit is a return. */
async function untilKept(context: BrowserContext, address: string): Promise<void> {
  const page = await context.newPage();
  await page.goto(address);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.close();
}

export async function openingBench(browser: Browser, addresses: Addresses, runs: number): Promise<void> {
  const first: Pair[] = [];
  const again: Pair[] = [];
  for (let run = 0; run < runs; run += 1) {
    const fresh = () => browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
    const contexts = [await fresh(), await fresh()];
    first.push(await pairOf(contexts, addresses));
    await untilKept(contexts[0]!, addresses.app);
    // The first return still compiles.
    await pairOf(contexts, addresses);
    again.push(await pairOf(contexts, addresses));
    await Promise.all(contexts.map((context) => context.close()));
  }
  const tell = (what: string, pairs: readonly Pair[], bound: number, of: (pair: Pair) => number): void =>
    report(`${what}, processor slowed four times`, median(pairs.map(of)), bound);
  const blocking = ([ours, empty]: Pair): number => ours.blocking / empty.blocking;
  tell('blocking on a first visit against an empty app', first, 2, blocking);
  tell('blocking on a return', again, 1.5, blocking);
  const ready = ([ours, empty]: Pair): number => ours.ready / empty.idle;
  tell('Today can be tapped on a first visit, against an empty app idle', first, 1.8, ready);
  tell('Today can be tapped on a return', again, 1.5, ready);
  const all = [...first, ...again];
  // The empty app paints before its scripts or after them, as it happens: a median would be one or the other.
  const painted = (which: 0 | 1): number => all.reduce((sum, pair) => sum + pair[which].largestPaint, 0);
  report('largest paint, of the means, processor slowed four times', painted(0) / painted(1), 1.5);
  const heap = ([ours, empty]: Pair): number => ours.heap / empty.heap;
  tell('memory after Today on a first visit', first, 3, heap);
  tell('memory after Today on a return', again, 3, heap);
}
