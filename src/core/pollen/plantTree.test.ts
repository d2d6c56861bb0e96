import * as fc from 'fast-check';
import { LEAF_SIZE, PlantTree } from './plantTree';

const places = fc.array(
  fc.record({
    x: fc.double({ min: 0, max: 300, noNaN: true }),
    y: fc.double({ min: 0, max: 300, noNaN: true }),
  }),
  { maxLength: 300 },
);

test('finds the nearest pair, as a plain loop over all pairs does', () => {
  fc.assert(
    fc.property(places, places, (some, others) => {
      const plain = Math.min(...some.flatMap((a) => others.map((b) => (a.x - b.x) ** 2 + (a.y - b.y) ** 2)));
      const found = new PlantTree(some).nearestPair(new PlantTree(others));
      if (plain === Infinity) {
        expect(found).toBeUndefined();
        return;
      }
      expect(found!.squared).toBeCloseTo(plain, 9);
      expect(some).toContainEqual(found!.own);
      expect(others).toContainEqual(found!.others);
    }),
    { numRuns: 60 },
  );
});

test('finds the nearest pair of those that count, within a bound', () => {
  fc.assert(
    fc.property(places, places, fc.integer({ min: 1, max: 40_000 }), (some, others, bound) => {
      const counts = (a: { x: number }, b: { x: number }): boolean => a.x + b.x > 300;
      const plain = Math.min(
        ...some.flatMap((a) =>
          others.flatMap((b) => (counts(a, b) ? [(a.x - b.x) ** 2 + (a.y - b.y) ** 2] : [])),
        ),
      );
      const none = (a: { right: number }, b: { right: number }): boolean => a.right + b.right <= 300;
      const found = new PlantTree(some).nearestPair(new PlantTree(others), bound, { counts, none });
      if (plain >= bound) expect(found).toBeUndefined();
      else expect(found!.squared).toBeCloseTo(plain, 9);
    }),
    { numRuns: 60 },
  );
});

test('finds the nearest plant to a point, as a plain loop does, and none is nearer than the box', () => {
  fc.assert(
    fc.property(places, (some) => {
      const tree = new PlantTree(some);
      const plain = Math.min(...some.map(({ x, y }) => (x - 150) ** 2 + (y - 10) ** 2));
      expect(tree.nearestSquared(150, 10, Infinity)).toBe(plain);
      expect(tree.distance(150, 10)).toBeLessThanOrEqual(Math.sqrt(plain) + 1e-9);
      expect(tree.nearestSquared(150, 10, plain / 2)).toBe(plain / 2);
    }),
    { numRuns: 60 },
  );
});

test('children hold the plants of their parent, each leaf a handful, all within its radius', () => {
  fc.assert(
    fc.property(places, (some) => {
      const { nodes, first, end, centroidX, centroidY, radius, xs, ys, ...tree } = new PlantTree(some);
      expect(tree.size).toBe(some.length);
      for (let node = 0; node < nodes; node += 1) {
        if (2 * node + 1 < nodes) {
          expect([first[2 * node + 1], end[2 * node + 1], end[2 * node + 2]]).toEqual([
            first[node],
            first[2 * node + 2],
            end[node],
          ]);
        } else {
          expect(end[node]! - first[node]!).toBeGreaterThan(0);
          expect(end[node]! - first[node]!).toBeLessThanOrEqual(LEAF_SIZE);
        }
        for (let i = first[node]!; i < end[node]!; i += 1) {
          expect(Math.hypot(xs[i]! - centroidX[node]!, ys[i]! - centroidY[node]!)).toBeLessThanOrEqual(
            radius[node]! + 1e-9,
          );
        }
      }
      expect([...xs].sort()).toEqual(some.map((place) => place.x).sort());
    }),
    { numRuns: 40 },
  );
});
