import * as fc from 'fast-check';
import { ourDefault } from '../crops/figures';
import type { Span } from '../crops/crop';
import type { Place } from '../garden/places';
import type { BarrierStretch } from '../garden/surroundings';
import type { PollenSource } from './emitters';
import { expectedOutcrossing, type OutcrossingQuestion, type ShareRange } from './expectedOutcrossing';
import { Barriers } from '../pollen/barriers';
import { PlantTree } from '../pollen/plantTree';
import { POLLEN_KERNELS, pollenAt, type KernelRange, type PollenKernel } from '../pollen/pollenKernel';

const block = (columns: number, rows: number, every = 0.5, x = 0): Place[] =>
  Array.from({ length: columns * rows }, (_, i) => ({
    x: x + (i % columns) * every,
    y: Math.floor(i / columns) * every,
  }));
const away = (metres: number, plants = 100, radius = 0, success = 1): PollenSource => ({
  patch: { middle: { x: 0, y: metres }, radius, plants },
  success,
});
const ALWAYS = ourDefault<Span>([1, 1], 'share');

const question = (
  own: readonly Place[],
  sources: readonly PollenSource[],
  change: Partial<OutcrossingQuestion> = {},
): OutcrossingQuestion => ({
  own: new PlantTree(own),
  sheds: true,
  sources,
  kernels: POLLEN_KERNELS.wind,
  outcrossing: ALWAYS,
  barriers: new Barriers([], 'wind'),
  spells: [{ share: 1, sheds: sources.map(() => true) }],
  ...change,
});
const shareOf = (
  own: readonly Place[],
  sources: readonly PollenSource[],
  kernels: KernelRange = POLLEN_KERNELS.wind,
): ShareRange => expectedOutcrossing(question(own, sources, { kernels })).total;

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
  const sources = [away(30), { tree: new PlantTree(block(3, 3, 0.5, 12)), success: 1 }];
  const asked = question(block(4, 4), sources, { kernels: POLLEN_KERNELS.insects });
  const { total, bySource } = expectedOutcrossing(asked);
  expect(bySource[0]!.share + bySource[1]!.share).toBeCloseTo(total.share, 12);
  const outcrossing = ourDefault<Span>([0.01, 0.04], 'share');
  const selfer = expectedOutcrossing({ ...asked, outcrossing }).total;
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
        const found = shareOf(own, [{ tree: new PlantTree(others), success: 1 }], POLLEN_KERNELS[by]);
        const { middle, low, high } = POLLEN_KERNELS[by];
        expect(Math.abs(found.share / plainShare(own, others, middle) - 1)).toBeLessThan(0.01);
        expect(Math.abs(found.low / plainShare(own, others, low) - 1)).toBeLessThan(0.01);
        expect(Math.abs(found.high / plainShare(own, others, high) - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 100 },
    );
  },
);

test('a big field that sheds on one day of ten fathers a tenth of what it would on all', () => {
  const spells = [
    { share: 0.1, sheds: [true] },
    { share: 0.9, sheds: [false] },
  ];
  const sources = [away(20, 50_000, 40)];
  const asked = question(block(5, 4), sources);
  const always = expectedOutcrossing(asked).total;
  const oneDay = expectedOutcrossing({ ...asked, spells }).total;
  // Not as if a tenth of its pollen came on every day: that would be far more where it drowns the patch's own.
  expect(oneDay.share).toBeCloseTo(always.share / 10, 12);
  expect(oneDay.share).toBeLessThan(shareOf(block(5, 4), [away(20, 50_000, 40, 0.1)]).share / 2);
});

test('spell by spell it is the mean of what each would be alone', () => {
  const sheds = [
    [true, true, false],
    [false, true, true],
    [true, false, false],
  ];
  fc.assert(
    fc.property(plants, plants, (own, others) => {
      const sources = [away(60), { tree: new PlantTree(others), success: 1 }, away(-40, 20, 5)];
      const asked = question(own, sources);
      const alone = sheds.map((some) =>
        expectedOutcrossing(
          question(
            own,
            sources.filter((_, s) => some[s]),
          ),
        ),
      );
      const spells = sheds.map((some, i) => ({ share: [0.5, 0.3, 0.2][i]!, sheds: some }));
      const all = expectedOutcrossing({ ...asked, spells });
      for (const k of ['share', 'low', 'high'] as const) {
        const wanted = alone.reduce((sum, { total }, i) => sum + spells[i]!.share * total[k], 0);
        expect(all.total[k]).toBeCloseTo(wanted, 9);
      }
    }),
    { numRuns: 30 },
  );
});

test('all seed of a variety that sheds nothing has another father, however far away', () => {
  const sources = [away(300), { tree: new PlantTree(block(2, 2, 0.5, 900)), success: 1 }];
  const asked = question(block(4, 4), sources, {
    sheds: false,
    outcrossing: ourDefault<Span>([0.3, 0.7], 'share'),
  });
  const { total, bySource } = expectedOutcrossing(asked);
  for (const k of ['share', 'low', 'high'] as const) expect(total[k]).toBeCloseTo(1, 12);
  expect(bySource[0]!.share).toBeGreaterThan(bySource[1]!.share);
  expect(expectedOutcrossing({ ...asked, sources: [], spells: [{ share: 1, sheds: [] }] }).total.share).toBe(
    0,
  );
  const never = [{ share: 1, sheds: [false, false] }];
  expect(expectedOutcrossing({ ...asked, spells: never }).total.share).toBe(0);
});

/** The same by a plain loop, each pair of plants with what stands between them. */
function plainSharePast(
  own: readonly Place[],
  others: readonly Place[],
  kernel: PollenKernel,
  barriers: Barriers,
): number {
  const at = (to: Place, from: readonly Place[], passes: (a: Place, b: Place) => number): number =>
    from.reduce(
      (sum, one) => sum + passes(to, one) * pollenAt(Math.hypot(one.x - to.x, one.y - to.y), kernel),
      0,
    );
  const shares = own.map((plant) => {
    const foreign = at(plant, others, (a, b) => barriers.transmission(a, b));
    return foreign / (at(plant, own, () => 1) + foreign);
  });
  return shares.reduce((sum, share) => sum + share, 0) / own.length;
}

const spot = fc.record({ x: fc.integer({ min: -10, max: 60 }), y: fc.integer({ min: -10, max: 60 }) });
const stretch = fc.record({
  sort: fc.constantFrom('hedge', 'wall', 'building', 'trellis'),
  from: spot,
  to: spot,
}) as fc.Arbitrary<BarrierStretch>;
const garden = fc.array(spot, { minLength: 1, maxLength: 60 });

test('what barriers hold back is what they do between each two plants, within a per cent', () => {
  fc.assert(
    fc.property(garden, garden, fc.array(stretch, { maxLength: 4 }), (own, others, stretches) => {
      const barriers = new Barriers(stretches, 'insects');
      const kernels = POLLEN_KERNELS.insects;
      const sources = [{ tree: new PlantTree(others), success: 1 }];
      const { share } = expectedOutcrossing(question(own, sources, { kernels, barriers })).total;
      const wanted = plainSharePast(own, others, kernels.middle, barriers);
      expect(Math.abs(share / wanted - 1)).toBeLessThan(0.01);
    }),
    { numRuns: 200 },
  );
});

test('a patch outside behind a short wall loses a part of its pollen, behind a long one all that the wall stops', () => {
  const asked = question(block(2, 2), [away(40, 1000, 20)]);
  const behind = (from: number, to: number): number =>
    expectedOutcrossing({
      ...asked,
      barriers: new Barriers([{ sort: 'wall', from: { x: from, y: 10 }, to: { x: to, y: 10 } }], 'wind'),
    }).total.share;
  const free = expectedOutcrossing(asked).total.share;
  expect(behind(-90, 90)).toBeLessThan(behind(0.3, 90));
  expect(behind(0.3, 90)).toBeLessThan(free);
  expect(behind(60, 90)).toBe(free);
  const odds = (share: number): number => share / (1 - share);
  expect(odds(behind(-90, 90)) / odds(free)).toBeCloseTo(0.7, 2);
});
