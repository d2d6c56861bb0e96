import * as fc from 'fast-check';
import { metresBetween } from './places';
import { walkingDistance } from './walking';

const wall = { from: { x: -3, y: 5 }, to: { x: 3, y: 5 } };
const here = { x: 0, y: 0 };
const there = { x: 0, y: 10 };

test('one walks straight on where nothing stands between, and round the end of what does', () => {
  const metres = walkingDistance([wall]);
  expect(metres(here, { x: 8, y: 0 })).toBe(8);
  // Two sides of 3.3 m and 5 m, there and on.
  expect(metres(here, there)).toBeCloseTo(2 * Math.hypot(3.3, 5), 9);
  expect(metres(here, there)).toBe(metres(here, there));
  expect(walkingDistance([])(here, there)).toBe(10);
});

test('the nearer end is taken', () => {
  const aside = { from: { x: -9, y: 5 }, to: { x: 1, y: 5 } };
  expect(walkingDistance([aside])(here, there)).toBeCloseTo(2 * Math.hypot(1.3, 5), 9);
});

test('into a closed yard the straight line counts', () => {
  const corners = [
    { x: 4, y: 4 },
    { x: 8, y: 4 },
    { x: 8, y: 8 },
    { x: 4, y: 8 },
  ];
  // Walls that overlap at the corners leave no gap.
  const yard = corners.map((from, i) => {
    const to = corners[(i + 1) % 4]!;
    return { from: { x: from.x - (to.x - from.x), y: from.y - (to.y - from.y) }, to };
  });
  const inside = { x: 6, y: 6 };
  expect(walkingDistance(yard)(here, inside)).toBeGreaterThanOrEqual(metresBetween(here, inside));
});

const spot = fc.record({ x: fc.integer({ min: -20, max: 20 }), y: fc.integer({ min: -20, max: 20 }) });

test('walking is never shorter than the straight line, and as far there as back', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ from: spot, to: spot }), { maxLength: 6 }),
      spot,
      spot,
      (walls, a, b) => {
        const metres = walkingDistance(walls);
        expect(metres(a, b)).toBeGreaterThanOrEqual(metresBetween(a, b) - 1e-9);
        expect(metres(a, b)).toBeCloseTo(metres(b, a), 9);
      },
    ),
  );
});
