import * as fc from 'fast-check';
import {
  CORN_KERNEL,
  foreignShareByWind,
  pollenAt,
  pollenFromField,
  pollenFromWideField,
  type WindSource,
} from './windPollen';

const block = (columns: number, rows: number, every = 0.5): { x: number; y: number }[] =>
  Array.from({ length: columns * rows }, (_, i) => ({
    x: (i % columns) * every,
    y: Math.floor(i / columns) * every,
  }));

const source = (change: Partial<WindSource> = {}): WindSource => ({
  middle: { x: 0, y: 200 },
  radius: 0,
  plants: 100,
  overlap: 1,
  passes: 1,
  ...change,
});

// Jones & Brooks 1950, Oklahoma, outcrossing in percent by distance between large fields (from memory). The table's
// own years scatter by far more than the tenth asked here.
test.each([
  [25, 14.2],
  [75, 5.8],
  [125, 2.3],
  [200, 1.2],
  [300, 0.5],
  [500, 0.2],
])('between large fields %i m apart some %d %% of the kernels are crossed', (metres, percent) => {
  // Deep in a large field of one's own, its pollen sums to one unit on each m².
  const foreign = pollenFromWideField(metres, CORN_KERNEL);
  const share = foreign / (foreign + 1);
  expect(Math.abs(Math.log((100 * share) / percent))).toBeLessThan(Math.log(1.15));
});

test('a plant’s pollen sums to one over the plane', () => {
  let sum = 0;
  for (let r = 0.05; r < 20_000; r += 0.1 * Math.max(1, r / 20)) {
    const step = 0.1 * Math.max(1, r / 20);
    sum += 2 * Math.PI * (r + step / 2) * pollenAt(r + step / 2, CORN_KERNEL) * step;
  }
  expect(sum).toBeCloseTo(1, 2);
});

test('a field is the sum of its plants', () => {
  const [radius, metres] = [40, 70];
  let [sum, count] = [0, 0];
  for (let x = -radius; x <= radius; x += 0.5) {
    for (let y = -radius; y <= radius; y += 0.5) {
      if (Math.hypot(x, y) > radius) continue;
      sum += pollenAt(Math.hypot(metres - x, y), CORN_KERNEL);
      count += 1;
    }
  }
  expect(pollenFromField(metres, radius, CORN_KERNEL) / (sum / count)).toBeCloseTo(1, 2);
});

test('a very large round field is as one that reaches to the horizon', () => {
  for (const metres of [1, 25, 100, 500]) {
    const radius = 100_000;
    const round = pollenFromField(radius + metres, radius, CORN_KERNEL) * Math.PI * radius ** 2;
    expect(round / pollenFromWideField(metres, CORN_KERNEL)).toBeCloseTo(1, 1);
  }
});

test('seen from its own middle a field surrounds the plant', () => {
  expect(pollenFromField(0.001, 5_000, CORN_KERNEL) * Math.PI * 5_000 ** 2).toBeCloseTo(1, 3);
});

test('foreign pollen falls with distance, rises with the source, falls with one’s own patch', () => {
  const own = block(10, 4);
  fc.assert(
    fc.property(
      fc.double({ min: 10, max: 2000, noNaN: true }),
      fc.integer({ min: 1, max: 100_000 }),
      (metres, plants) => {
        const share = (d: number, n: number, patch = own): number =>
          foreignShareByWind(patch, [source({ middle: { x: 0, y: d }, plants: n })]).share;
        expect(share(metres * 1.5, plants)).toBeLessThan(share(metres, plants));
        expect(share(metres, plants * 2)).toBeGreaterThan(share(metres, plants));
        expect(share(metres, plants, block(10, 8))).toBeLessThan(share(metres, plants));
      },
    ),
    { numRuns: 30 },
  );
});

test('the middle figure lies between calm and windy, and none of them without a source', () => {
  const near = foreignShareByWind(block(6, 4), [source({ plants: 50_000, radius: 60 })]);
  expect(near.low).toBeLessThan(near.share);
  expect(near.share).toBeLessThan(near.high);
  expect(near.high).toBeLessThan(1);
  expect(foreignShareByWind(block(6, 4), [])).toEqual({ share: 0, low: 0, high: 0 });
});

test('no overlap in flowering, or a wall that lets nothing pass, means no foreign pollen', () => {
  const own = block(3, 3);
  expect(foreignShareByWind(own, [source({ overlap: 0 })]).share).toBe(0);
  expect(foreignShareByWind(own, [source({ passes: 0 })]).share).toBe(0);
  const half = foreignShareByWind(own, [source({ overlap: 0.5 })]).share;
  expect(half).toBeLessThan(foreignShareByWind(own, [source()]).share);
});

test('a variety without plants is a mistake of the caller', () => {
  expect(() => foreignShareByWind([], [source()])).toThrow(RangeError);
});
