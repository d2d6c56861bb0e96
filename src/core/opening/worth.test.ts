import { bloomingCropOf } from '../crops/catalogue';
import { isOpeningWindow, openingWindow, type OpeningWindow } from './openingWindow';
import { bestSpan, worthByTime } from './worth';

const SITE = { latitude: 52.2, longitude: -1.7, zone: 'Europe/London' };

function windowOf(crop: 'pepo' | 'maxima', day = '2026-07-19'): OpeningWindow {
  const window = openingWindow(bloomingCropOf(crop)!, SITE, day, undefined);
  if (!isOpeningWindow(window)) throw new Error('no window');
  return window;
}

test.each(['pepo', 'maxima'] as const)('%s is worth nothing before it opens and when it has shut', (crop) => {
  const window = windowOf(crop);
  const points = worthByTime(window);
  expect(points[0]).toEqual({ ms: window.opens[0], worth: 0 });
  expect(points.at(-1)).toEqual({ ms: window.shuts[1], worth: 0 });
  for (const { worth } of points) {
    expect(worth).toBeGreaterThanOrEqual(0);
    expect(worth).toBeLessThanOrEqual(1.01);
  }
});

// Early is best: stigmas and pollen are freshest within the first hours after opening, and bees have not been
// (common practice, no source).
test('the best hour lies before the last safe one, and later hours are worth less', () => {
  const window = windowOf('pepo');
  const points = worthByTime(window);
  const best = points.reduce((a, b) => (b.worth > a.worth ? b : a));
  expect(best.ms).toBeLessThan(window.lastSafe);
  const after = points.filter(({ ms }) => ms > best.ms).map(({ worth }) => worth);
  expect(after).toEqual([...after].sort((a, b) => b - a));
});

test('points come every ten minutes', () => {
  const points = worthByTime(windowOf('maxima'));
  const gaps = new Set(points.slice(1, -1).map(({ ms }, i) => ms - points[i]!.ms));
  expect([...gaps]).toEqual([600_000]);
});

test('the best span lies within the window, early, and every hour outside it is worth less than any in it', () => {
  for (const crop of ['pepo', 'maxima'] as const) {
    const window = windowOf(crop);
    const [from, until] = bestSpan(window, { guarded: true });
    expect(from).toBeGreaterThan(window.opens[0]);
    expect(until).toBeLessThan(window.lastSafe);
    const points = worthByTime(window, { guarded: true });
    const [inside, outside] = [true, false].map((is) =>
      points.filter(({ ms }) => (from <= ms && ms <= until) === is).map(({ worth }) => worth),
    );
    expect(Math.min(...inside!)).toBeGreaterThan(Math.max(...outside!));
  }
});
