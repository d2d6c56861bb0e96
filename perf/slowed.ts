import type { CDPSession, Page } from '@playwright/test';

/** As slow against this machine as a slow phone is. */
const SLOWED = 4;

/** Today's button, whatever is next. */
export const TODAY = /the (walk|round)|Look at fruit/;

/** Slows a page's processor down, and gives the way to ask its browser for more. */
export async function slowDown(page: Page): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  return session;
}

type Watched = Window & { tasks?: [start: number, ends: number][]; done?: number };

/** The page is told of an answer within this. */
const TOLD_WITHIN_MS = 20;

/**
 * The longest task of a page while its worker works, milliseconds; 0 where none takes 50.
 *
 * @param doing what the page says as long as that is so.
 */
export async function longestWhile(page: Page, doing: string): Promise<number> {
  await page.getByText(new RegExp(`^${doing}`)).waitFor();
  const from = await page.evaluate((text) => {
    const w = window as Watched;
    [w.tasks, w.done] = [[], undefined];
    new PerformanceObserver((list) =>
      list.getEntries().forEach((task) => w.tasks!.push([task.startTime, task.startTime + task.duration])),
    ).observe({ type: 'longtask' });
    // To read the page’s words again at each change would be a task itself.
    const words = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT, (node) =>
      node.textContent?.startsWith(text) ? NodeFilter.FILTER_ACCEPT : NodeFilter.FILTER_SKIP,
    );
    const said = words.nextNode()?.parentElement;
    new MutationObserver((_, observer) => {
      if (said?.isConnected && said.textContent?.startsWith(text)) return;
      observer.disconnect();
      w.done = performance.now();
    }).observe(document.body, { childList: true, subtree: true, characterData: true });
    return performance.now();
  }, doing);
  await page.waitForFunction(() => (window as Watched).done !== undefined, undefined, {
    timeout: 240_000,
    polling: 500,
  });
  await page.waitForTimeout(1_000);
  const { tasks, done } = await page.evaluate(() => {
    const { tasks = [], done = 0 } = window as Watched;
    return { tasks, done };
  });
  // The task that draws the answer is no longer the worker's: it ends as the page is told of its change.
  const during = tasks.filter(([start, end]) => start >= from && end < done - TOLD_WITHIN_MS);
  return Math.max(0, ...during.map(([start, end]) => end - start));
}
