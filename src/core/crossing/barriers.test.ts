import * as fc from 'fast-check';
import { cross } from '../garden/places';
import { barriersBetween } from './barriers';

const wall = { sort: 'wall', from: { x: -5, y: 10 }, to: { x: 5, y: 10 } } as const;
const here = { x: 0, y: 0 };
const there = { x: 0, y: 20 };

test('a wall on the line lets less pollen past and asks for less distance, one beside it does nothing', () => {
  expect(barriersBetween(here, there, [wall], 'insects')).toEqual({
    passes: 0.7,
    asks: 0.7,
    sorts: ['wall'],
  });
  expect(barriersBetween(here, { x: 30, y: 0 }, [wall], 'insects')).toEqual({
    passes: 1,
    asks: 1,
    sorts: [],
  });
  expect(barriersBetween(here, there, [], 'wind').passes).toBe(1);
});

test('two in a row let less past than one, a trellis lets all of it', () => {
  const hedge = { ...wall, sort: 'hedge', from: { x: -5, y: 15 }, to: { x: 5, y: 15 } } as const;
  expect(barriersBetween(here, there, [wall, hedge], 'wind').passes).toBeCloseTo(0.35);
  expect(barriersBetween(here, there, [{ ...wall, sort: 'trellis' }], 'wind')).toMatchObject({
    passes: 1,
    asks: 1,
  });
});

// Insects wipe off on dense other bloom (common practice, no source); wind does not.
test('dense bloom stops insects and not the wind', () => {
  const bloom = { ...wall, sort: 'forage' } as const;
  expect(barriersBetween(here, there, [bloom], 'insects').passes).toBeLessThan(1);
  expect(barriersBetween(here, there, [bloom], 'wind').passes).toBe(1);
});

const spot = fc.record({ x: fc.integer({ min: -50, max: 50 }), y: fc.integer({ min: -50, max: 50 }) });

test('crossing does not depend on which stretch is asked first or from which end', () => {
  fc.assert(
    fc.property(spot, spot, spot, spot, (a, b, c, d) => {
      expect(cross(a, b, c, d)).toBe(cross(c, d, a, b));
      expect(cross(a, b, c, d)).toBe(cross(b, a, d, c));
    }),
  );
});
