import * as fc from 'fast-check';
import { chosen } from '../crops/figures';
import type { Span } from '../crops/crop';
import type { Place } from '../garden/places';
import { foreignShare, type PollenSource, type ShareRange } from './foreignShare';
import { PlantTree } from './plantTree';
import { kernelRow, KERNELS, pollenAt, type KernelRange } from './pollenKernel';

const block = (columns: number, rows: number, every = 0.5, x = 0): Place[] =>
  Array.from({ length: columns * rows }, (_, i) => ({
    x: x + (i % columns) * every,
    y: Math.floor(i / columns) * every,
  }));
const away = (metres: number, plants = 100, radius = 0, comes = 1): PollenSource => ({
  patch: { middle: { x: 0, y: metres }, radius, plants },
  comes,
});
const ALWAYS = chosen<Span>([1, 1], 'share');

const shareOf = (
  own: readonly Place[],
  sources: readonly PollenSource[],
  kernels: KernelRange = KERNELS.wind,
): ShareRange => foreignShare(new PlantTree(own), sources, kernels, ALWAYS).all;

test.each(['wind', 'insects'] as const)(
  'by %s: less from far, more from many, less in a large patch',
  (by) => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 2000, noNaN: true }),
        fc.integer({ min: 1, max: 100_000 }),
        (metres, plants) => {
          const share = (d: number, n: number, own = block(10, 4)): number =>
            shareOf(own, [away(d, n)], KERNELS[by]).share;
          expect(share(metres * 1.5, plants)).toBeLessThan(share(metres, plants));
          expect(share(metres, plants * 2)).toBeGreaterThan(share(metres, plants));
          expect(share(metres, plants, block(10, 8))).toBeLessThan(share(metres, plants));
        },
      ),
      { numRuns: 30 },
    );
  },
);

// Kirkpatrick & Wilson 1988 (from memory): some 5 % of the seed of squash crossed at 1.3 km. The sizes of the plots
// are not known here; a field of some thousand plants and a small plot are assumed.
test('the wide range for insects holds the published find at 1.3 km', () => {
  const { low, high } = shareOf(block(5, 4, 1), [away(1300, 2000, 40)], KERNELS.insects);
  expect(low).toBeLessThan(0.05);
  expect(high).toBeGreaterThan(0.05);
});

test('the middle figure lies between little and much, and none of them without a source', () => {
  for (const kernels of [KERNELS.wind, KERNELS.insects]) {
    const near = shareOf(block(6, 4), [away(200, 50_000, 60)], kernels);
    expect(near.low).toBeLessThan(near.share);
    expect(near.share).toBeLessThan(near.high);
    expect(near.high).toBeLessThan(1);
  }
  expect(shareOf(block(6, 4), [])).toEqual({ share: 0, low: 0, high: 0 });
});

test('what never comes fathers nothing, and what comes half the time fathers less', () => {
  const own = block(3, 3);
  expect(shareOf(own, [away(50, 100, 0, 0)]).share).toBe(0);
  expect(shareOf(own, [away(50, 100, 0, 0.5)]).share).toBeLessThan(shareOf(own, [away(50)]).share);
});

test('sources add up, and a selfer lets little of it in', () => {
  const own = new PlantTree(block(4, 4));
  const sources = [away(30), { tree: new PlantTree(block(3, 3, 0.5, 12)), comes: 1 }];
  const { all, each } = foreignShare(own, sources, KERNELS.insects, ALWAYS);
  expect(each[0]!.share + each[1]!.share).toBeCloseTo(all.share, 12);
  const selfer = foreignShare(own, sources, KERNELS.insects, chosen<Span>([0.01, 0.04], 'share')).all;
  expect(selfer.share).toBeCloseTo(0.02 * all.share, 12);
});

test('a variety without plants is a mistake of the caller', () => {
  expect(() => shareOf([], [away(100)])).toThrow(RangeError);
});

const places = fc.array(
  fc.record({
    x: fc.double({ min: 0, max: 300, noNaN: true }),
    y: fc.double({ min: 0, max: 300, noNaN: true }),
  }),
  { minLength: 1, maxLength: 300 },
);

test('the tree finds the nearest pair that asking every pair finds', () => {
  fc.assert(
    fc.property(places, places, (some, others) => {
      const plain = Math.min(...some.flatMap((a) => others.map((b) => (a.x - b.x) ** 2 + (a.y - b.y) ** 2)));
      expect(new PlantTree(some).nearestPair2(new PlantTree(others))).toBeCloseTo(plain, 9);
    }),
    { numRuns: 60 },
  );
});

const bed = fc
  .record({
    columns: fc.integer({ min: 1, max: 25 }),
    rows: fc.integer({ min: 1, max: 6 }),
    every: fc.double({ min: 0.3, max: 1.5, noNaN: true }),
    x: fc.double({ min: 0, max: 300, noNaN: true }),
  })
  .map(({ columns, rows, every, x }) => block(columns, rows, every, x));

test('and its sums of pollen from a bed are those of asking every plant, within a per cent', () => {
  const all = [KERNELS.wind.middle, KERNELS.insects.middle, KERNELS.insects.low];
  fc.assert(
    fc.property(bed, (some) => {
      const tree = new PlantTree(some);
      const into = new Float64Array(all.length);
      tree.addPollen(150, 10, kernelRow(all), into, 0);
      all.forEach((kernel, k) => {
        const plain = some.reduce((sum, { x, y }) => sum + pollenAt(Math.hypot(x - 150, y - 10), kernel), 0);
        expect(Math.abs(into[k]! / plain - 1)).toBeLessThan(0.01);
      });
    }),
    { numRuns: 100 },
  );
});
