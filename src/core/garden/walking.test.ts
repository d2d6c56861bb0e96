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

test('walls that meet end to end, or end at another, leave no gap', () => {
  const halves = [
    { from: { x: -3, y: 5 }, to: { x: 0, y: 5 } },
    { from: { x: 0, y: 5 }, to: { x: 3, y: 5 } },
  ];
  expect(walkingDistance(halves)(here, there)).toBeCloseTo(walkingDistance([wall])(here, there), 9);
  const bent = [
    { from: { x: -3, y: 5 }, to: { x: 0, y: 5 } },
    { from: { x: 0, y: 5 }, to: { x: 3, y: 6 } },
  ];
  expect(walkingDistance(bent)(here, there)).toBeGreaterThan(11);
  const branch = { from: { x: 0, y: -2 }, to: { x: 0, y: 5 } };
  // Out at the ends of the long wall, not through the joint.
  const round = walkingDistance([wall, branch])({ x: -1, y: 4 }, { x: 1, y: 4 });
  expect(round).toBeCloseTo(2 * (Math.hypot(2.3, 1) + Math.hypot(3.3, 0.3)), 9);
});

test('one walks along a trellis from plant to plant, and from a plant on it to either side', () => {
  const metres = walkingDistance([wall]);
  expect(metres({ x: -2, y: 5 }, { x: 2, y: 5 })).toBe(4);
  expect(metres({ x: 0, y: 5 }, here)).toBe(5);
  expect(metres({ x: 0, y: 5 }, there)).toBe(5);
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
    {
      // Ways that touch the ends of two walls that meet: rounding once barred one direction only.
      examples: [
        [
          [
            { from: { x: 10, y: 4 }, to: { x: 20, y: 18 } },
            { from: { x: 0, y: 0 }, to: { x: 0, y: -12 } },
            { from: { x: 20, y: 18 }, to: { x: -3, y: -16 } },
            { from: { x: 0, y: 0 }, to: { x: 1, y: 9 } },
          ],
          { x: 4, y: -6 },
          { x: 9, y: 2 },
        ],
      ],
    },
  );
});

test('a wall built in two pieces is walked round like one in one piece', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ from: spot, to: spot }), { minLength: 1, maxLength: 4 }),
      fc.constantFrom(0.25, 0.5, 0.75),
      spot,
      spot,
      ([first, ...others], share, a, b) => {
        const { from, to } = first!;
        const joint = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
        const pieces = [{ from, to: joint }, { from: joint, to }, ...others];
        expect(walkingDistance(pieces)(a, b)).toBeCloseTo(walkingDistance([first!, ...others])(a, b), 6);
      },
    ),
  );
});
