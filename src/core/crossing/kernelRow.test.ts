import * as fc from 'fast-check';
import { kernelRow, rowOf, weigh } from './kernelRow';
import { bellAt, KERNELS, pollenAt, type KernelRange } from './pollenKernel';

const RANGES: readonly KernelRange[] = [KERNELS.wind, KERNELS.insects];
const kernels = RANGES.flatMap(({ low, middle, high }) => [low, middle, high]);
const row = kernelRow(kernels);
const metres = fc.double({ min: 0, max: 2000, noNaN: true });

test('bells that kernels share are held once', () => {
  const parts = kernels.flat();
  const names = row.bells.map(({ scale, power }) => `${scale}/${power}`);
  expect(new Set(names).size).toBe(names.length);
  expect(names.length).toBeLessThan(parts.length);
  for (const { scale, power } of parts) expect(names).toContain(`${scale}/${power}`);
});

test('bells weighed together are the pollen of each kernel, and only their place is written', () => {
  fc.assert(
    fc.property(metres, fc.double({ min: 0, max: 1e4, noNaN: true }), (far, factor) => {
      const bells = Float64Array.from(row.bells, (bell) => bellAt(far ** 2, bell));
      const into = new Float64Array(kernels.length + 2).fill(-1);
      weigh(row, bells, factor, into, 1);
      kernels.forEach((kernel, k) => expect(into[k + 1]).toBeCloseTo(factor * pollenAt(far, kernel), 9));
      expect([into[0], into.at(-1)]).toEqual([-1, -1]);
    }),
  );
});

test('the row of a range is its middle, low and high kernel, and is put together once', () => {
  for (const range of RANGES) {
    expect(rowOf(range)).toBe(rowOf(range));
    const { bells, kernels: count } = rowOf(range);
    expect(count).toBe(3);
    const into = new Float64Array(count);
    const at7 = Float64Array.from(bells, (bell) => bellAt(49, bell));
    weigh(rowOf(range), at7, 1, into, 0);
    [range.middle, range.low, range.high].forEach((kernel, k) =>
      expect(into[k]).toBeCloseTo(pollenAt(7, kernel), 12),
    );
  }
});

test('from where pollen is even on, a step that long changes it by no more than the tolerance', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 10, noNaN: true }),
      fc.double({ min: 0.01, max: 0.2, noNaN: true }),
      fc.double({ min: 0, max: 1500, noNaN: true }),
      (step, tolerance, beyond) => {
        const far = row.bend.evenFrom(step, tolerance) + beyond;
        if (far === Infinity) return;
        for (const kernel of kernels) {
          const change = 1 - pollenAt(far + step, kernel) / pollenAt(far, kernel);
          // The slope is asked at steps of 15 %, between which it may rise a little.
          expect(change).toBeLessThanOrEqual(1.1 * tolerance);
        }
      },
    ),
  );
});

test('what is nowhere even or straight enough is so from infinitely far on, and a single plant from its own spot', () => {
  expect(row.bend.evenFrom(1e6, 0.01)).toBe(Infinity);
  row.bells.forEach((_, b) => {
    expect(row.bend.straightFrom(b, 1e12, 1e12, 0.01)).toBe(Infinity);
    expect(row.bend.straightFrom(b, 0, 0, 0.01)).toBe(0);
  });
});

test('a wide bell is straight from nearer than a narrow one, a small group from nearer than a large', () => {
  const insects = rowOf(KERNELS.insects);
  const from = (bell: number, reach: number): number =>
    insects.bend.straightFrom(bell, reach ** 3, reach ** 4, 0.01);
  const byScale = insects.bells.map((bell, b) => ({ ...bell, b })).sort((a, b) => a.scale - b.scale);
  const [narrow, wide] = [byScale[0]!, byScale.at(-1)!];
  for (const reach of [0.5, 1, 2, 4]) {
    expect(from(wide.b, reach)).toBeLessThan(from(narrow.b, reach));
    expect(from(narrow.b, reach)).toBeLessThanOrEqual(from(narrow.b, 2 * reach));
  }
});

test('from where a bell is straight on, its third and fourth terms are within the tolerance of the pollen', () => {
  // Two plants at −a and one at 2a on the line to the spot; the second term by differences of the bell.
  const spread = fc.double({ min: 0.1, max: 2, noNaN: true });
  fc.assert(
    fc.property(spread, fc.double({ min: 1, max: 3, noNaN: true }), (a, times) => {
      const tolerance = 0.01;
      const offsets = [-a, -a, 2 * a];
      const third = Math.abs(offsets.reduce((sum, at) => sum + at ** 3, 0)) / 3;
      const fourth = offsets.reduce((sum, at) => sum + at ** 4, 0) / 3;
      row.bells.forEach((bell, b) => {
        const far = times * Math.max(6 * a, row.bend.straightFrom(b, third, fourth, tolerance));
        if (far === Infinity) return;
        const value = (at: number): number => bellAt((far - at) ** 2, bell);
        const h = 1e-2 * Math.hypot(far, bell.scale);
        const second = (value(h) - 2 * value(0) + value(-h)) / h ** 2;
        const whole = offsets.reduce((sum, at) => sum + value(at), 0) / 3;
        const upToSecond = value(0) + (second * offsets.reduce((sum, at) => sum + at ** 2, 0)) / 6;
        kernels.forEach((kernel, k) => {
          const weight = row.weights[k * row.bells.length + b]!;
          const off = (weight * Math.abs(whole - upToSecond)) / pollenAt(far, kernel);
          // Besides the two terms there are those that follow, and the error of the differences.
          expect(off).toBeLessThan(2 * tolerance);
        });
      });
    }),
  );
});
