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
