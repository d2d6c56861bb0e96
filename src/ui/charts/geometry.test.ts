import { calendarGeometry } from './calendar';
import { CELL, crossTableGeometry, NAMES_WIDTH } from './crossTable';
import { fanGeometry } from './fan';
import { growingGeometry } from './growing';
import { intervalGeometry } from './interval';
import { linearScale } from './linear';
import { MAX_PEGS, pegsOf } from './pegs';
import { insectsName, ribbonGeometry } from './ribbon';
import { seedsOf } from './seeds';
import { stripGeometry } from './strip';
import { scaleLinear } from 'd3-scale';

const WIDTH = 320;

test('the small linear scale agrees with d3-scale', () => {
  for (const domain of [
    [0, 1],
    [5.5, 11],
    [-3, 40],
  ] as const) {
    for (const value of [-1, 0, 0.5, 7, 12]) {
      expect(linearScale(domain, [20, 300])(value)).toBeCloseTo(scaleLinear(domain, [20, 300])(value), 9);
    }
  }
});

test('an interval of no width is still seen', () => {
  expect(intervalGeometry(0.5, 0.5, WIDTH).bar.width).toBe(2);
});

test('a curve of what grows begins at all, falls, and names a look’s day', () => {
  const days = Array.from({ length: 15 }, (_, day) => ({
    day,
    low: day < 4 ? 1 : 0.6,
    high: day < 8 ? 1 : 0.6,
    band: [0.4, 1] as const,
  }));
  const { left, right, base, curve, unsure, band, days: named, shares } = growingGeometry(days, WIDTH);
  expect(named[0]!.x).toBe(left);
  expect(named.at(-1)!.x).toBe(right);
  expect(right).toBeLessThan(WIDTH);
  expect(shares.map(({ y }) => y)).toEqual([base, expect.any(Number), expect.any(Number)]);
  // From the top down to six tenths of the height.
  const ys = [...curve.matchAll(/[ML][\d.]+,([\d.]+)/g)].map(([, y]) => Number(y));
  expect(ys).toHaveLength(15);
  expect(ys[0]).toBeCloseTo(shares[2]!.y, 6);
  expect(ys.at(-1)).toBeCloseTo(base + 0.6 * (shares[2]!.y - base), 2);
  expect(ys.toSorted((a, b) => a - b)).toEqual(ys);
  for (const outline of [unsure, band]) expect(outline).toMatch(/Z$/);
  expect(
    growingGeometry(
      days.map(({ band: _, ...each }) => each),
      WIDTH,
    ).band,
  ).toBe('');
  // Far more days than can be named.
  const long = Array.from({ length: 60 }, (_, day) => ({ day, low: 1, high: 1 }));
  const shown = growingGeometry(long, WIDTH).days.filter((day) => day.named);
  for (const [i, { x }] of shown.entries()) expect(x - (shown[i - 1]?.x ?? -99)).toBeGreaterThan(20);
});

test('varieties of a calendar have a row each; shared days are hatched within their bar', () => {
  const { bars, height, x, hatches } = calendarGeometry(
    [
      { id: 'a', name: 'A', from: 10, to: 30, seen: true, shared: () => [[20, 30]] },
      { id: 'b', name: 'B', from: 90, to: 90, seen: false, shared: () => [] },
    ],
    100,
    WIDTH,
  );
  expect(bars[0]!.width).toBeCloseTo(x(31) - x(10), 9);
  expect(bars[1]!.y - bars[0]!.y).toBe(46);
  expect(bars[1]!.y).toBeLessThan(height);
  expect(bars[1]!.nameX).toBeLessThan(bars[1]!.x);
  const strokes = Array.from(hatches(bars[0]!)[0]!.matchAll(/([\d.]+),/g), ([, at]) => Number(at));
  expect(strokes.length).toBeGreaterThan(2);
  expect(Math.min(...strokes)).toBeGreaterThanOrEqual(x(20));
  expect(Math.max(...strokes)).toBeLessThanOrEqual(x(31) + 0.05);
});

test('a table of crosses has a cell for each pair that crosses, below the diagonal', () => {
  const { cells, names, width } = crossTableGeometry(
    ['Short', 'A name that is far too long to fit', 'C'],
    (a, b) => (a + b === 3 ? 'never' : 'freely'),
  );
  expect(cells.map(({ key }) => key)).toEqual(['1-0', '2-0']);
  expect(cells[1]).toMatchObject({ x: NAMES_WIDTH + CELL / 2, y: 2.5 * CELL });
  expect(names[1]!.name).toBe('A name that is far…');
  expect(width).toBe(NAMES_WIDTH + 3 * CELL);
});

const petal = (name: string, from: number, to: number) => ({
  name,
  first: true,
  points: [
    { hour: from, worth: 0 },
    { hour: (from + to) / 2, worth: 1 },
    { hour: to, worth: 0 },
  ],
});

test('a petal is thickest at its best hour; its name goes where there is room', () => {
  const { petals, x } = ribbonGeometry([petal('Squash', 6, 8), petal('Bottle gourd', 6, 11)], [5, 11], WIDTH);
  const [from, best, to] = [6, 7, 8].map((hour) => x(hour).toFixed(1));
  expect(petals[0]!.outline).toBe(
    `M${from} 0.00L${best} -11.00L${to} 0.00L${to} 0.00L${best} 11.00L${from} 0.00Z`,
  );
  expect(petals[0]!.nameX).toBeGreaterThan(x(8));
  expect(petals[1]!.nameX).toBeLessThan(x(7));
  expect(petals[1]!.nameY).toBeLessThan(petals[1]!.y);
});

test('hours are named each, or every other in a long span; insects begin at their hour', () => {
  expect(ribbonGeometry([], [5.5, 9.5], WIDTH).hours).toEqual([6, 7, 8, 9]);
  expect(ribbonGeometry([], [5, 17], WIDTH).hours).toEqual([6, 8, 10, 12, 14, 16]);
  const { insects, x } = ribbonGeometry([], [5, 11], WIDTH, 8);
  expect(insects[0]!.x).toBe(x(8) + 4);
  expect(ribbonGeometry([], [5, 11], WIDTH, 12).insects).toEqual([]);
  expect(ribbonGeometry([], [5, 11], WIDTH).insects).toEqual([]);
});

test('pegs show what is done, missed, present and ahead, and stay within the page', () => {
  const states = (count: number, at: number, missed: number[] = []) =>
    pegsOf({ count, at, missed: new Set(missed), width: WIDTH }).map(({ state }) => state);
  expect(states(4, 2, [0])).toEqual(['missed', 'done', 'present', 'ahead']);
  expect(states(2, 2)).toEqual(['done', 'done']);
  expect(states(0, 0)).toEqual([]);
  expect(states(1, 0)).toEqual(['present']);
  expect(states(3000, 2999).at(-1)).toBe('present');
  const pegs = pegsOf({ count: 3000, at: 0, missed: new Set(), width: WIDTH });
  expect(pegs).toHaveLength(MAX_PEGS);
  expect(pegs.at(-1)!.x).toBeCloseTo(WIDTH - 14, 9);
});

test('twenty seeds stand for a harvest: none foreign of none, all of all', () => {
  const count = (share: number, high: number, kind: string) =>
    seedsOf(share, high).filter((seed) => seed === kind).length;
  expect(count(0, 0, 'own')).toBe(20);
  expect(count(1, 1, 'foreign')).toBe(20);
  expect([count(0.1, 0.3, 'foreign'), count(0.1, 0.3, 'possiblyForeign')]).toEqual([2, 4]);
  // A small chance is shown as one seed that may be foreign.
  expect([count(0.002, 0.02, 'foreign'), count(0.002, 0.02, 'possiblyForeign')]).toEqual([0, 1]);
});

test('beds lie on the page to scale, north up, the name before the leftmost corner', () => {
  const bed = { id: 'a', name: 'A', x: 0, y: 0, length: 10, width: 2, turn: 0 };
  const strip = stripGeometry([bed], [{ x: 5, y: 1 }], { width: 128, maxHeight: 200 });
  expect(strip.height).toBe(48);
  expect(strip.at({ x: 0, y: 2 })).toEqual({ x: 14, y: 14 });
  expect(strip.beds[0]).toMatchObject({
    corner: { x: 14, y: 34 },
    width: 100,
    height: 20,
    nameX: 9,
    nameY: 25,
  });
  expect(strip.plants).toMatch(/^M61\.5 24\.0a/);
  const turned = stripGeometry([{ ...bed, turn: 90 }], [], { width: 128, maxHeight: 100 });
  expect(turned.height).toBeCloseTo(100, 9);
});

test('about two places the strip fills its width, and shows nothing beyond the garden', () => {
  const bed = { id: 'a', name: 'A', x: 0, y: 0, length: 40, width: 40, turn: 0 };
  const about = [
    { x: 20, y: 20 },
    { x: 24, y: 20 },
  ];
  const size = { width: 340, maxHeight: 128 };
  const [whole, near] = [stripGeometry([bed], [], size), stripGeometry([bed], [], { ...size, about })];
  const apart = (strip: typeof whole): number => strip.at(about[1]!).x - strip.at(about[0]!).x;
  expect(apart(near)).toBeGreaterThan(4 * apart(whole));
  for (const place of about) {
    const { x, y } = near.at(place);
    expect(x > 0 && x < 340 && y > 0 && y < near.height).toBe(true);
  }
  // In the corner the window stops at its edge.
  const corner = stripGeometry([bed], [], { ...size, about: [{ x: 0, y: 0 }] });
  expect(corner.at({ x: 0, y: 0 }).x).toBeCloseTo(14, 6);
});

test('the insects’ name ends before their dots, or begins where they would, and is never cut off', () => {
  expect(insectsName('insects fly', 200)).toEqual({ x: 195, anchor: 'end', dotsFrom: 200 });
  for (const at of [-40, 0, 30, 80]) {
    const { x, anchor, dotsFrom } = insectsName('insects fly', at);
    expect(anchor).toBe('start');
    expect(x).toBeGreaterThanOrEqual(4);
    expect(dotsFrom).toBeGreaterThan(x + 7 * 'insects fly'.length);
  }
});

test('a fan of seasons: its areas lie in each other, whole counts stand at its side, first and last day are named', () => {
  const days = [
    [0, 0, 0, 0, 0],
    [0, 1, 2, 3, 5],
    [1, 2, 4, 6, 8],
  ] as const;
  const fan = fanGeometry(days, WIDTH, { other: [0, 3, 9], wanted: 6 });
  const ys = (path: string): number[] => [...path.matchAll(/,(-?[\d.]+)/g)].map(([, y]) => Number(y));
  expect(Math.min(...ys(fan.outer))).toBeLessThan(Math.min(...ys(fan.inner)));
  expect(Math.min(...ys(fan.inner))).toBeLessThan(Math.min(...ys(fan.middle)));
  // What it is compared with is within the chart, too.
  expect(Math.min(...ys(fan.other))).toBeGreaterThan(0);
  expect(fan.counts.every(({ count }) => Number.isInteger(count))).toBe(true);
  expect(fan.days.map(({ day }) => day)).toEqual([0, 1, 2]);
  expect(fan.days.at(-1)!.x).toBe(fan.right);
  expect(fan.wanted).toBeGreaterThan(Math.min(...ys(fan.outer)) - 1);
  // More than any season brings is beyond the chart; nothing at all is a line at its foot.
  expect(fanGeometry(days, WIDTH, { wanted: 60 }).wanted).toBeUndefined();
  const none = fanGeometry([days[0], days[0]], WIDTH);
  expect(none.counts.map(({ count }) => count)).toEqual([0, 1]);
  expect(none.other).toBe('');
});
