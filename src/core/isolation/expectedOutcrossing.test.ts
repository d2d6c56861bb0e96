import * as fc from 'fast-check';
import { ourDefault } from '../crops/figures';
import type { Span } from '../crops/crop';
import type { Place } from '../garden/places';
import { expectedOutcrossing, type PollenSource, type ShareRange } from './expectedOutcrossing';
import { PlantTree } from '../pollen/plantTree';
import { POLLEN_KERNELS, pollenAt, type KernelRange, type PollenKernel } from '../pollen/pollenKernel';

const block = (columns: number, rows: number, every = 0.5, x = 0): Place[] =>
  Array.from({ length: columns * rows }, (_, i) => ({
    x: x + (i % columns) * every,
    y: Math.floor(i / columns) * every,
  }));
const away = (metres: number, plants = 100, radius = 0, effectiveShare = 1): PollenSource => ({
  patch: { middle: { x: 0, y: metres }, radius, plants },
  effectiveShare,
});
const ALWAYS = ourDefault<Span>([1, 1], 'share');

const shareOf = (
  own: readonly Place[],
  sources: readonly PollenSource[],
  kernels: KernelRange = POLLEN_KERNELS.wind,
): ShareRange => expectedOutcrossing(new PlantTree(own), sources, kernels, ALWAYS).total;

test.each(['wind', 'insects'] as const)(
  'by %s: less from far, more from many, less in a large patch',
  (by) => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 2000, noNaN: true }),
        fc.integer({ min: 1, max: 100_000 }),
        (metres, plants) => {
          const share = (d: number, n: number, own = block(10, 4)): number =>
            shareOf(own, [away(d, n)], POLLEN_KERNELS[by]).share;
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
test('the wide range for insects contains the published finding at 1.3 km', () => {
  const { low, high } = shareOf(block(5, 4, 1), [away(1300, 2000, 40)], POLLEN_KERNELS.insects);
  expect(low).toBeLessThan(0.05);
  expect(high).toBeGreaterThan(0.05);
});

test('the middle estimate lies between its bounds; all are 0 without a source', () => {
  for (const kernels of [POLLEN_KERNELS.wind, POLLEN_KERNELS.insects]) {
    const near = shareOf(block(6, 4), [away(200, 50_000, 60)], kernels);
    expect(near.low).toBeLessThan(near.share);
    expect(near.share).toBeLessThan(near.high);
    expect(near.high).toBeLessThan(1);
  }
  expect(shareOf(block(6, 4), [])).toEqual({ share: 0, low: 0, high: 0 });
});

test('pollen that never counts fathers nothing, half of it fathers less', () => {
  const own = block(3, 3);
  expect(shareOf(own, [away(50, 100, 0, 0)]).share).toBe(0);
  expect(shareOf(own, [away(50, 100, 0, 0.5)]).share).toBeLessThan(shareOf(own, [away(50)]).share);
});

test('sources add up, and a selfer takes little foreign pollen', () => {
  const own = new PlantTree(block(4, 4));
  const sources = [away(30), { tree: new PlantTree(block(3, 3, 0.5, 12)), effectiveShare: 1 }];
  const { total, bySource } = expectedOutcrossing(own, sources, POLLEN_KERNELS.insects, ALWAYS);
  expect(bySource[0]!.share + bySource[1]!.share).toBeCloseTo(total.share, 12);
  const selfer = expectedOutcrossing(
    own,
    sources,
    POLLEN_KERNELS.insects,
    ourDefault<Span>([0.01, 0.04], 'share'),
  ).total;
  expect(selfer.share).toBeCloseTo(0.02 * total.share, 12);
});

test('throws for a variety without plants', () => {
  expect(() => shareOf([], [away(100)])).toThrow(RangeError);
});

const metres = fc.double({ min: 0, max: 200, noNaN: true });
const scattered = fc.array(fc.record({ x: metres, y: metres }), { minLength: 1, maxLength: 60 });
const bed = fc
  .record({
    columns: fc.integer({ min: 1, max: 25 }),
    rows: fc.integer({ min: 1, max: 6 }),
    every: fc.double({ min: 0.3, max: 1.5, noNaN: true }),
    x: metres,
    y: metres,
  })
  .map(({ columns, rows, every, x, y }) =>
    block(columns, rows, every, x).map((at) => ({ ...at, y: at.y + y })),
  );
const plants = fc.oneof(bed, scattered);

/** The same share by a plain loop over all pairs of plants. */
function plainShare(own: readonly Place[], others: readonly Place[], kernel: PollenKernel): number {
  const at = ({ x, y }: Place, from: readonly Place[]): number =>
    from.reduce((sum, one) => sum + pollenAt(Math.hypot(one.x - x, one.y - y), kernel), 0);
  const shares = own.map((plant) => at(plant, others) / (at(plant, own) + at(plant, others)));
  return shares.reduce((sum, share) => sum + share, 0) / own.length;
}

test.each(['wind', 'insects'] as const)(
  'by %s: the share equals a plain loop over all pairs of plants, within a per cent',
  (by) => {
    fc.assert(
      fc.property(plants, plants, (own, others) => {
        const found = shareOf(own, [{ tree: new PlantTree(others), effectiveShare: 1 }], POLLEN_KERNELS[by]);
        const { middle, low, high } = POLLEN_KERNELS[by];
        expect(Math.abs(found.share / plainShare(own, others, middle) - 1)).toBeLessThan(0.01);
        expect(Math.abs(found.low / plainShare(own, others, low) - 1)).toBeLessThan(0.01);
        expect(Math.abs(found.high / plainShare(own, others, high) - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 100 },
    );
  },
);
