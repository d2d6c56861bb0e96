import { showMutated, TIMES_CORRECTED } from '@testing/showMutated';

const RUNS = 170;
const FIRST = 1_000;

test('of hundreds of backups gone wrong, whatever passes the check can be folded and shown', () => {
  const seeds = Array.from({ length: RUNS }, (_, i) => FIRST + i);
  const passed = seeds.filter((seed) => showMutated(seed)).length;
  expect(passed).toBeGreaterThan(RUNS / 10);
  expect(passed).toBeLessThan(RUNS);
});

test('so can those whose times were corrected', () => {
  const seeds = Array.from({ length: RUNS / 2 }, (_, i) => FIRST + i);
  const passed = seeds.filter((seed) => showMutated(seed, TIMES_CORRECTED)).length;
  expect(passed).toBeGreaterThan(0);
  expect(passed).toBeLessThan(RUNS / 2);
});
