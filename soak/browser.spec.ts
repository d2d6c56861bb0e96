import { expect, test } from '../e2e/app';
import { killInMidTap } from '../e2e/kills';
import { appendInTwoTabs } from '../e2e/twoTabs';
import { Budget } from './budget';
import { heldBy, liveDays, type Held } from './season';

/** What the browser does for long. Each part ends after its time, and says how far it came. */

test('the browser is killed in mid-tap', async ({ baseURL }) => {
  const budget = new Budget(200, 20);
  const { kills, tapped, lost, damaged } = await killInMidTap(
    baseURL!,
    (so) => so < budget.most && budget.left,
    2,
  );
  console.log(
    budget.told(
      `${kills} kills of the browser in mid-tap: ${tapped} taps stored, ${lost.length} lost, damage told ${damaged} times`,
    ),
  );
  expect(tapped).toBeGreaterThan(kills);
  expect(lost).toEqual([]);
  expect(damaged).toBe(0);
});

for (const locks of [true, false]) {
  test(`two tabs write a thousand entries each, ${locks ? 'with' : 'without'} Web Locks`, async ({
    app,
    page,
    context,
  }) => {
    const budget = new Budget(1000, 10);
    await appendInTwoTabs({ app, page, context }, { times: budget.most, locks });
    console.log(
      budget.told(
        `two tabs, ${budget.most} entries each, ${locks ? 'with' : 'without'} Web Locks: none lost`,
      ),
    );
  });
}

/** After so many days the page has opened all screens of the work, and what it holds on to should not grow. */
const SETTLED_DAYS = 10;

test('a season of sixty days is lived, and the page holds on to no more than after ten', async ({
  app,
  page,
}) => {
  const budget = new Budget(60, 25);
  await app.openDemo();
  await expect(page.getByText('Demo,')).toBeVisible();
  const session = await page.context().newCDPSession(page);
  const said = ({ heapMb, nodes, listeners }: Held): string =>
    `${heapMb.toFixed(1)} MB, ${nodes} nodes, ${listeners} listeners`;
  let settled: Held | undefined;
  const { days, rounds } = await liveDays(app, async (so) => {
    if (so % SETTLED_DAYS === 0) {
      const held = await heldBy(page, session);
      if (so === SETTLED_DAYS) settled = held;
      console.log(`day ${so}: ${said(held)}`);
    }
    return so < budget.most && budget.left;
  });
  const lived = await heldBy(page, session);
  console.log(budget.told(`${days} days, ${rounds} rounds: the page held ${said(lived)}`));
  expect(days).toBeGreaterThan(2 * SETTLED_DAYS);
  expect(rounds).toBeGreaterThan(days / 2);
  // Entries and states of all days, and what the browser compiled of often used functions.
  expect(lived.heapMb).toBeLessThan(1.5 * settled!.heapMb);
  expect(lived.nodes).toBeLessThan(1.2 * settled!.nodes);
  expect(lived.listeners).toBeLessThan(1.2 * settled!.listeners);
});
