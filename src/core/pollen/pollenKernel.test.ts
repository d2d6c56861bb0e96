import * as fc from 'fast-check';
import {
  POLLEN_KERNELS,
  pollenAt,
  pollenFromField,
  pollenFromWideField,
  type PollenKernel,
} from './pollenKernel';

const WIND = POLLEN_KERNELS.wind.middle;
const ALL = [POLLEN_KERNELS.wind, POLLEN_KERNELS.insects].flatMap(({ middle, low, high }) => [
  middle,
  low,
  high,
]);

// Jones & Brooks 1950, Oklahoma, outcrossing in percent by distance between large fields (from memory). The table's
// own years scatter by far more than the tolerance here.
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

test('wind-borne pollen of a plant integrates to 1 over the plane', () => {
  let sum = 0;
  for (let r = 0.05; r < 20_000;) {
    const step = 0.1 * Math.max(1, r / 20);
    sum += 2 * Math.PI * (r + step / 2) * pollenAt(r + step / 2, WIND) * step;
    r += step;
  }
  expect(sum).toBeCloseTo(1, 2);
});

/** The mean over a disc by the midpoint rule on rings and sectors. */
function meanOver(metres: number, radius: number, kernel: PollenKernel): number {
  const [rings, sectors] = [150, 150];
  let [sum, area] = [0, 0];
  for (let ring = 0; ring < rings; ring += 1) {
    const r = ((ring + 0.5) * radius) / rings;
    for (let sector = 0; sector < sectors; sector += 1) {
      const angle = (2 * Math.PI * (sector + 0.5)) / sectors;
      sum += r * pollenAt(Math.hypot(metres - r * Math.cos(angle), r * Math.sin(angle)), kernel);
      area += r;
    }
  }
  return sum / area;
}

test.each([
  [70, 40],
  [10, 40],
  [39, 40],
  [500, 30],
])(
  'the closed form of a field is the mean over its plants: %i m from the centre, radius %i m',
  (metres, radius) => {
    for (const kernel of ALL) {
      const ratio = pollenFromField(metres, radius, kernel) / meanOver(metres, radius, kernel);
      expect(Math.abs(ratio - 1)).toBeLessThan(0.01);
    }
  },
);

test('a very large round field equals one that reaches to the horizon', () => {
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
