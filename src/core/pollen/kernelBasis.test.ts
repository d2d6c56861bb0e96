import * as fc from 'fast-check';
import { kernelBasis, basisOf, combineTerms } from './kernelBasis';
import { termAt, POLLEN_KERNELS, pollenAt, type KernelRange } from './pollenKernel';

const RANGES: readonly KernelRange[] = [POLLEN_KERNELS.wind, POLLEN_KERNELS.insects];
const kernels = RANGES.flatMap(({ low, middle, high }) => [low, middle, high]);
const basis = kernelBasis(kernels);
const metres = fc.double({ min: 0, max: 2000, noNaN: true });

test('terms that kernels share are held once', () => {
  const parts = kernels.flat();
  const names = basis.terms.map(({ scale, power }) => `${scale}/${power}`);
  expect(new Set(names).size).toBe(names.length);
  expect(names.length).toBeLessThan(parts.length);
  for (const { scale, power } of parts) expect(names).toContain(`${scale}/${power}`);
});

test('combined terms are the pollen of each kernel, and only their place is written', () => {
  fc.assert(
    fc.property(metres, fc.double({ min: 0, max: 1e4, noNaN: true }), (far, factor) => {
      const terms = Float64Array.from(basis.terms, (term) => termAt(far ** 2, term));
      const into = new Float64Array(kernels.length + 2).fill(-1);
      combineTerms(basis, terms, factor, into, 1);
      kernels.forEach((kernel, k) => expect(into[k + 1]).toBeCloseTo(factor * pollenAt(far, kernel), 9));
      expect([into[0], into.at(-1)]).toEqual([-1, -1]);
    }),
  );
});

test('the basis of a range is its middle, low and high kernel, and is made once', () => {
  for (const range of RANGES) {
    expect(basisOf(range)).toBe(basisOf(range));
    const { terms, kernelCount: count } = basisOf(range);
    expect(count).toBe(3);
    const into = new Float64Array(count);
    const at7 = Float64Array.from(terms, (term) => termAt(49, term));
    combineTerms(basisOf(range), at7, 1, into, 0);
    [range.middle, range.low, range.high].forEach((kernel, k) =>
      expect(into[k]).toBeCloseTo(pollenAt(7, kernel), 12),
    );
  }
});

test('beyond the uniform distance, a step of that length changes pollen by no more than the tolerance', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 10, noNaN: true }),
      fc.double({ min: 0.01, max: 0.2, noNaN: true }),
      fc.double({ min: 0, max: 1500, noNaN: true }),
      (step, tolerance, beyond) => {
        const far = basis.taylor.uniformBeyond(step, tolerance) + beyond;
        if (far === Infinity) return;
        for (const kernel of kernels) {
          const change = 1 - pollenAt(far + step, kernel) / pollenAt(far, kernel);
          // The slope is tabulated at steps of 15 %, between which it may rise a little.
          expect(change).toBeLessThanOrEqual(1.1 * tolerance);
        }
      },
    ),
  );
});

test('a tolerance that holds nowhere gives Infinity; a single plant is in the far field everywhere', () => {
  expect(basis.taylor.uniformBeyond(1e6, 0.01)).toBe(Infinity);
  basis.terms.forEach((_, b) => {
    expect(basis.taylor.farFieldBeyond(b, 1e12, 1e12, 0.01)).toBe(Infinity);
    expect(basis.taylor.farFieldBeyond(b, 0, 0, 0.01)).toBe(0);
  });
});

test('the far field of a wide term begins nearer than that of a narrow one, of a small group nearer than of a large one', () => {
  const insects = basisOf(POLLEN_KERNELS.insects);
  const from = (term: number, reach: number): number =>
    insects.taylor.farFieldBeyond(term, reach ** 3, reach ** 4, 0.01);
  const byScale = insects.terms.map((term, b) => ({ ...term, b })).sort((a, b) => a.scale - b.scale);
  const [narrow, wide] = [byScale[0]!, byScale.at(-1)!];
  for (const reach of [0.5, 1, 2, 4]) {
    expect(from(wide.b, reach)).toBeLessThan(from(narrow.b, reach));
    expect(from(narrow.b, reach)).toBeLessThanOrEqual(from(narrow.b, 2 * reach));
  }
});

test('in the far field of a term, its third and fourth Taylor terms are within the tolerance of the pollen', () => {
  // Two plants at −a and one at 2a on the line to the spot; the second term by differences of the term.
  const spread = fc.double({ min: 0.1, max: 2, noNaN: true });
  fc.assert(
    fc.property(spread, fc.double({ min: 1, max: 3, noNaN: true }), (a, times) => {
      const tolerance = 0.01;
      const offsets = [-a, -a, 2 * a];
      const third = Math.abs(offsets.reduce((sum, at) => sum + at ** 3, 0)) / 3;
      const fourth = offsets.reduce((sum, at) => sum + at ** 4, 0) / 3;
      basis.terms.forEach((term, b) => {
        const far = times * Math.max(6 * a, basis.taylor.farFieldBeyond(b, third, fourth, tolerance));
        if (far === Infinity) return;
        const value = (at: number): number => termAt((far - at) ** 2, term);
        const h = 1e-2 * Math.hypot(far, term.scale);
        const second = (value(h) - 2 * value(0) + value(-h)) / h ** 2;
        const whole = offsets.reduce((sum, at) => sum + value(at), 0) / 3;
        const upToSecond = value(0) + (second * offsets.reduce((sum, at) => sum + at ** 2, 0)) / 6;
        kernels.forEach((kernel, k) => {
          const weight = basis.weights[k * basis.terms.length + b]!;
          const off = (weight * Math.abs(whole - upToSecond)) / pollenAt(far, kernel);
          // Apart from the two terms there are those that follow, and the error of the differences.
          expect(off).toBeLessThan(2 * tolerance);
        });
      });
    }),
  );
});
