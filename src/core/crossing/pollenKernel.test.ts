import * as fc from 'fast-check';
import { KERNELS, pollenAt, pollenFromField, pollenFromWideField, type PollenKernel } from './pollenKernel';

const WIND = KERNELS.wind.middle;
const ALL = [KERNELS.wind, KERNELS.insects].flatMap(({ middle, low, high }) => [middle, low, high]);

// Jones & Brooks 1950, Oklahoma, outcrossing in percent by distance between large fields (from memory). The table's
// own years scatter by far more than the tenth asked here.
test.each([
  [25, 14.2],
  [75, 5.8],
  [125, 2.3],
  [200, 1.2],
  [300, 0.5],
  [500, 0.2],
])('between large fields of corn %i m apart some %d %% of the kernels are crossed', (metres, percent) => {
  // Deep in a large field of one's own, its pollen sums to one unit on each m².
  const foreign = pollenFromWideField(metres, WIND);
  const share = foreign / (foreign + 1);
  expect(Math.abs(Math.log((100 * share) / percent))).toBeLessThan(Math.log(1.15));
});

test('a plant’s pollen on the wind sums to one over the plane', () => {
  let sum = 0;
  for (let r = 0.05; r < 20_000;) {
    const step = 0.1 * Math.max(1, r / 20);
    sum += 2 * Math.PI * (r + step / 2) * pollenAt(r + step / 2, WIND) * step;
    r += step;
  }
  expect(sum).toBeCloseTo(1, 2);
});

/** The mean over a disc, spot by spot. */
function meanOver(metres: number, radius: number, kernel: PollenKernel): number {
  const step = radius / 300;
  let [sum, count] = [0, 0];
  for (let x = -radius; x <= radius; x += step) {
    for (let y = -radius; y <= radius; y += step) {
      if (Math.hypot(x, y) > radius) continue;
      sum += pollenAt(Math.hypot(metres - x, y), kernel);
      count += 1;
    }
  }
  return sum / count;
}

test.each([
  [70, 40],
  [10, 40],
  [39, 40],
  [500, 30],
])(
  'the closed form of a field is the sum of its plants: %i m from the middle, radius %i m',
  (metres, radius) => {
    for (const kernel of ALL) {
      const ratio = pollenFromField(metres, radius, kernel) / meanOver(metres, radius, kernel);
      expect(Math.abs(ratio - 1)).toBeLessThan(0.01);
    }
  },
);

test('a very large round field is as one that reaches to the horizon', () => {
  for (const metres of [1, 25, 100, 500]) {
    const radius = 100_000;
    const round = pollenFromField(radius + metres, radius, WIND) * Math.PI * radius ** 2;
    expect(round / pollenFromWideField(metres, WIND)).toBeCloseTo(1, 1);
  }
});

test('seen from its own middle a large field surrounds the plant', () => {
  expect(pollenFromField(0.001, 5_000, WIND) * Math.PI * 5_000 ** 2).toBeCloseTo(1, 3);
});

test('pollen falls with distance, from a plant and from a field', () => {
  const metres = fc.double({ min: 0, max: 5_000, noNaN: true });
  fc.assert(
    fc.property(metres, fc.double({ min: 0, max: 300, noNaN: true }), (at, radius) => {
      for (const kernel of ALL) {
        expect(pollenFromField(at * 1.2 + 1, radius, kernel)).toBeLessThan(
          pollenFromField(at, radius, kernel),
        );
      }
    }),
  );
});
