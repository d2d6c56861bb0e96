import { expect, test } from '@playwright/test';
import { killInMidTap } from './kills';

test('ten kills of the browser in mid-tap lose nothing that was stored', async ({ baseURL }) => {
  const KILLS = 10;
  const { kills, stored, lost, damaged } = await killInMidTap(baseURL!, (so) => so < KILLS, 1);
  expect(kills).toBe(KILLS);
  // The demo's own entries, and those of the taps.
  expect(stored).toBeGreaterThan(3_500);
  expect(lost).toEqual([]);
  expect(damaged).toBe(0);
});
