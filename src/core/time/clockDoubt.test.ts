import { clockDoubt } from './clockDoubt';

const NOON = Date.parse('2026-07-19T12:00:00Z');
const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

test.each([
  [undefined, undefined],
  [NOON, undefined],
  [NOON + 10 * MINUTE, undefined],
  [NOON + 11 * MINUTE, 'behind'],
  [NOON + 3000 * DAY, 'behind'],
  [NOON - 300 * DAY, undefined],
  [NOON - 401 * DAY, 'ahead'],
])('a clock at noon, and the newest entry at %j: %j', (newest, doubt) => {
  expect(clockDoubt(NOON, newest)).toBe(doubt);
});
