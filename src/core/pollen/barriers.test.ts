import * as fc from 'fast-check';
import { segmentsCross } from '../garden/segments';
import { barrierEffect } from './barriers';

const wall = { sort: 'wall', from: { x: -5, y: 10 }, to: { x: 5, y: 10 } } as const;
const here = { x: 0, y: 0 };
const there = { x: 0, y: 20 };

test('a wall on the line holds pollen back and reduces the required distance; one off the line does nothing', () => {
  expect(barrierEffect(here, there, [wall], 'insects')).toEqual({
    transmission: 0.7,
    distanceFactor: 0.7,
    sorts: ['wall'],
  });
  expect(barrierEffect(here, { x: 30, y: 0 }, [wall], 'insects')).toEqual({
    transmission: 1,
    distanceFactor: 1,
    sorts: [],
  });
  expect(barrierEffect(here, there, [], 'wind').transmission).toBe(1);
});

test('two in a row hold back more than one; a trellis holds back nothing', () => {
  const hedge = { ...wall, sort: 'hedge', from: { x: -5, y: 15 }, to: { x: 5, y: 15 } } as const;
  expect(barrierEffect(here, there, [wall, hedge], 'wind').transmission).toBeCloseTo(0.35);
  expect(barrierEffect(here, there, [{ ...wall, sort: 'trellis' }], 'wind')).toMatchObject({
    transmission: 1,
    distanceFactor: 1,
  });
});

// Insects wipe off on dense other bloom (common practice, no source); wind does not.
test('dense bloom stops insects and not the wind', () => {
  const bloom = { ...wall, sort: 'forage' } as const;
  expect(barrierEffect(here, there, [bloom], 'insects').transmission).toBeLessThan(1);
  expect(barrierEffect(here, there, [bloom], 'wind').transmission).toBe(1);
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
