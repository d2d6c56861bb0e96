import * as fc from 'fast-check';
import type { Place } from '../garden/places';
import { kernelBasis } from './kernelBasis';
import { PlantTree } from './plantTree';
import { POLLEN_KERNELS, pollenAt } from './pollenKernel';
import { PollenSum } from './pollenSum';

const UNIT = { min: -1, max: 1, noNaN: true };
const metres = fc.double({ min: 0, max: 300, noNaN: true });
const place = fc.record({ x: metres, y: metres });
const some = fc.array(place, { minLength: 1, maxLength: 300 });
/** Clumps of plants far from each other, as seed dropped along a path. */
const clumps = fc
  .array(fc.record({ middle: place, radius: fc.double({ min: 0.1, max: 20, noNaN: true }) }), {
    minLength: 1,
    maxLength: 8,
  })
  .chain((all) =>
    fc
      .array(fc.record({ of: fc.nat(all.length - 1), dx: fc.double(UNIT), dy: fc.double(UNIT) }), {
        minLength: 1,
        maxLength: 200,
      })
      .map((plants) =>
        plants.map(({ of, dx, dy }) => {
          const { middle, radius } = all[of]!;
          return { x: middle.x + dx * radius, y: middle.y + dy * radius };
        }),
      ),
  );

const kernels = [POLLEN_KERNELS.wind, POLLEN_KERNELS.insects].flatMap(({ middle, low, high }) => [
  middle,
  low,
  high,
]);
const basis = kernelBasis(kernels);

test.each([
  ['scattered at random', some],
  ['in clumps', clumps],
])('the pollen of plants %s is the sum over each of them, within a per cent', (_, plants) => {
  fc.assert(
    fc.property(plants, place, (from, to) => {
      const into = new Float64Array(kernels.length);
      new PollenSum(new PlantTree(from), basis).evaluate(to.x, to.y, 1, into, 0);
      kernels.forEach((kernel, k) => {
        const plain = sumOf(from, (one) => pollenAt(Math.hypot(one.x - to.x, one.y - to.y), kernel));
        expect(Math.abs(into[k]! / plain - 1)).toBeLessThan(0.01);
      });
    }),
    { numRuns: 200 },
  );
});

const bed = fc
  .record({
    columns: fc.integer({ min: 1, max: 40 }),
    rows: fc.integer({ min: 1, max: 6 }),
    every: fc.double({ min: 0.3, max: 2, noNaN: true }),
  })
  .map(({ columns, rows, every }) =>
    Array.from({ length: columns * rows }, (_, i) => ({
      x: (i % columns) * every,
      y: Math.floor(i / columns),
    })),
  );

test('the pollen each plant of a tree receives is the sum over all of them, within a per cent', () => {
  fc.assert(
    fc.property(fc.oneof(some, clumps, bed), (plants) => {
      const tree = new PlantTree(plants);
      const figures = new PollenSum(tree, basis).withinTree();
      for (let i = 0; i < tree.size; i += 1) {
        kernels.forEach((kernel, k) => {
          const plain = sumOf(plants, ({ x, y }) =>
            pollenAt(Math.hypot(x - tree.xs[i]!, y - tree.ys[i]!), kernel),
          );
          expect(Math.abs(figures[i * kernels.length + k]! / plain - 1)).toBeLessThan(0.01);
        });
      }
    }),
    { numRuns: 60 },
  );
});

test('scales with the factor; an empty tree gives 0', () => {
  const into = new Float64Array(kernels.length);
  const sum = new PollenSum(new PlantTree([{ x: 3, y: 4 }]), basis);
  sum.evaluate(0, 0, 2, into, 0);
  kernels.forEach((kernel, k) => expect(into[k]).toBeCloseTo(2 * pollenAt(5, kernel), 12));
  new PollenSum(new PlantTree([]), basis).evaluate(0, 0, 1, into, 0);
  expect([...into]).toEqual(kernels.map(() => 0));
});

const sumOf = (places: readonly Place[], of: (place: Place) => number): number =>
  places.reduce((sum, one) => sum + of(one), 0);
