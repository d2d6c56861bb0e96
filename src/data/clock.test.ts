import { Clock, newId, wallNow } from './clock';

const EVENING = Date.parse('2026-07-18T18:30:00Z');
const near = (a: number, b: number): boolean => Math.abs(a - b) < 2_000;

test('a real garden goes by the device’s clock', () => {
  expect(near(Clock.real().now(), wallNow())).toBe(true);
});

test('the demo begins at its own time and can be moved forward, never back', () => {
  const clock = Clock.demo(EVENING, undefined);
  expect(near(clock.now(), EVENING)).toBe(true);
  clock.forwardTo(EVENING + 3_600_000);
  expect(near(clock.now(), EVENING + 3_600_000)).toBe(true);
  clock.forwardTo(EVENING);
  expect(near(clock.now(), EVENING + 3_600_000)).toBe(true);
});

test('after a short absence the demo has gone on, after a long one it continues where it was left', () => {
  const offset = EVENING - wallNow();
  const shortly = Clock.demo(0, { offset, seen: EVENING - 60_000 });
  expect(near(shortly.now(), EVENING)).toBe(true);
  const days = Clock.demo(0, { offset, seen: EVENING - 3 * 86_400_000 });
  expect(near(days.now(), EVENING - 3 * 86_400_000)).toBe(true);
});

test('a device whose clock was set back does not move the demo back', () => {
  const clock = Clock.demo(0, { offset: EVENING - wallNow() - 5_000_000, seen: EVENING });
  expect(near(clock.now(), EVENING)).toBe(true);
});

test('a tab follows another tab’s clock forward only', () => {
  const clock = Clock.demo(EVENING, undefined);
  const { offset } = clock.memory();
  clock.follow({ offset: offset + 1_000_000 });
  clock.follow({ offset });
  expect(near(clock.now(), EVENING + 1_000_000)).toBe(true);
});

test('ids are ULIDs and sort by time', async () => {
  const first = newId();
  await new Promise((resolve) => setTimeout(resolve, 3));
  const second = newId();
  expect(first).toMatch(/^[0-9A-HJKMNP-TV-Z]{26}$/);
  expect(first < second).toBe(true);
});
