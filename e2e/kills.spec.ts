import { expect, test } from '@playwright/test';
import { killInMidTap } from './kills';

test('six kills of the browser in mid-tap lose nothing that was stored', async ({ baseURL }) => {
  const KILLS = 6;
  const { kills, tapped, lost, damaged } = await killInMidTap(baseURL!, (so) => so < KILLS, 1);
  expect(kills).toBe(KILLS);
  console.log(`${tapped} taps were stored`);
  expect(tapped).toBeGreaterThanOrEqual(KILLS);
  expect(lost).toEqual([]);
  expect(damaged).toBe(0);
});
