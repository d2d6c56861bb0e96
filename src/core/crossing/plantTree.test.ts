import * as fc from 'fast-check';
import { LEAF, PlantTree } from './plantTree';

const places = fc.array(
  fc.record({
    x: fc.double({ min: 0, max: 300, noNaN: true }),
    y: fc.double({ min: 0, max: 300, noNaN: true }),
  }),
  { maxLength: 300 },
);

test('the nearest pair is the one that asking every pair finds', () => {
  fc.assert(
    fc.property(places, places, (some, others) => {
      const plain = Math.min(...some.flatMap((a) => others.map((b) => (a.x - b.x) ** 2 + (a.y - b.y) ** 2)));
      const found = new PlantTree(some).nearestPair2(new PlantTree(others));
      if (plain === Infinity) expect(found).toBe(Infinity);
      else expect(found).toBeCloseTo(plain, 9);
    }),
    { numRuns: 60 },
  );
});

test('the nearest plant to a spot is the one that asking each finds, and none is nearer than the box', () => {
  fc.assert(
    fc.property(places, (some) => {
      const tree = new PlantTree(some);
      const plain = Math.min(...some.map(({ x, y }) => (x - 150) ** 2 + (y - 10) ** 2));
      expect(tree.nearest2(150, 10, Infinity)).toBe(plain);
      expect(tree.distance(150, 10)).toBeLessThanOrEqual(Math.sqrt(plain) + 1e-9);
      expect(tree.nearest2(150, 10, plain / 2)).toBe(plain / 2);
    }),
    { numRuns: 60 },
  );
});

test('halves hold the plants of their whole, each leaf a handful, all within reach of its middle', () => {
  fc.assert(
    fc.property(places, (some) => {
      const { groups, from, to, x, y, reach, xs, ys, ...tree } = new PlantTree(some);
      expect(tree.size).toBe(some.length);
      for (let group = 0; group < groups; group += 1) {
        if (2 * group + 1 < groups) {
          expect([from[2 * group + 1], to[2 * group + 1], to[2 * group + 2]]).toEqual([
            from[group],
            from[2 * group + 2],
            to[group],
          ]);
        } else {
          expect(to[group]! - from[group]!).toBeGreaterThan(0);
          expect(to[group]! - from[group]!).toBeLessThanOrEqual(LEAF);
        }
        for (let i = from[group]!; i < to[group]!; i += 1) {
          expect(Math.hypot(xs[i]! - x[group]!, ys[i]! - y[group]!)).toBeLessThanOrEqual(
            reach[group]! + 1e-9,
          );
        }
      }
      expect([...xs].sort()).toEqual(some.map((place) => place.x).sort());
    }),
    { numRuns: 40 },
  );
});
