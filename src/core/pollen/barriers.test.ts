import * as fc from 'fast-check';
import { segmentsCross } from '../garden/segments';
import { BARRIER_SORTS } from '../garden/surroundings';
import { Barriers } from './barriers';

const wall = { sort: 'wall', from: { x: -5, y: 10 }, to: { x: 5, y: 10 } } as const;
const here = { x: 0, y: 0 };
const there = { x: 0, y: 20 };

test('a wall on the line holds pollen back; one off the line does nothing', () => {
  const barriers = new Barriers([wall], 'insects');
  expect(barriers.transmission(here, there)).toBe(0.7);
  expect(barriers.sorts(here, there)).toEqual(['wall']);
  expect(barriers.transmission(here, { x: 30, y: 0 })).toBe(1);
  expect(barriers.sorts(here, { x: 30, y: 0 })).toEqual([]);
  expect(new Barriers([], 'wind').none).toBe(true);
});

test('two in a row hold back more than one; a trellis holds back nothing', () => {
  const hedge = { ...wall, sort: 'hedge', from: { x: -5, y: 15 }, to: { x: 5, y: 15 } } as const;
  expect(new Barriers([wall, hedge], 'wind').transmission(here, there)).toBeCloseTo(0.35);
  expect(new Barriers([{ ...wall, sort: 'trellis' }], 'wind').none).toBe(true);
});

// Insects wipe off on dense other bloom (common practice, no source); wind does not.
test('dense bloom stops insects and not the wind', () => {
  const bloom = { ...wall, sort: 'forage' } as const;
  expect(new Barriers([bloom], 'insects').transmission(here, there)).toBeLessThan(1);
  expect(new Barriers([bloom], 'wind').transmission(here, there)).toBe(1);
});

const spot = fc.record({ x: fc.integer({ min: -50, max: 50 }), y: fc.integer({ min: -50, max: 50 }) });

test('whether segments cross does not depend on their order or direction', () => {
  fc.assert(
    fc.property(spot, spot, spot, spot, (a, b, c, d) => {
      expect(segmentsCross(a, b, c, d)).toBe(segmentsCross(c, d, a, b));
      expect(segmentsCross(a, b, c, d)).toBe(segmentsCross(b, a, d, c));
    }),
  );
});

const box = fc.tuple(spot, spot).map(([a, b]) => ({
  left: Math.min(a.x, b.x),
  right: Math.max(a.x, b.x),
  bottom: Math.min(a.y, b.y),
  top: Math.max(a.y, b.y),
}));
const share = fc.double({ min: 0.001, max: 0.999, noNaN: true });
const stretch = fc.record({ sort: fc.constantFrom(...BARRIER_SORTS), from: spot, to: spot });

test('what two boxes are said to see of each other is what any place in them sees', () => {
  fc.assert(
    fc.property(
      fc.array(stretch, { maxLength: 3 }),
      box,
      box,
      fc.array(fc.tuple(share, share, share, share), { minLength: 10, maxLength: 10 }),
      (stretches, a, b, places) => {
        const barriers = new Barriers(stretches, 'insects');
        const said = barriers.transmissionBetween(a, b);
        if (said === undefined) return;
        const inside = (of: typeof a, u: number, v: number): { x: number; y: number } => ({
          x: of.left + u * (of.right - of.left),
          y: of.bottom + v * (of.top - of.bottom),
        });
        for (const [u, v, p, q] of places)
          expect(barriers.transmission(inside(a, u, v), inside(b, p, q))).toBeCloseTo(said, 12);
      },
    ),
    { numRuns: 2000 },
  );
});
