import fc from 'fast-check';
import { countChances } from './countChances';

const momentsOf = (chances: readonly number[]): { sum: number; mean: number; variance: number } => {
  const sum = chances.reduce((all, each) => all + each, 0);
  const mean = chances.reduce((all, each, n) => all + n * each, 0);
  return { sum, mean, variance: chances.reduce((all, each, n) => all + each * (n - mean) ** 2, 0) };
};

test('chances sum to 1 and have the mean; the variance as near as whole trials allow', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 60, noNaN: true }),
      fc.double({ min: 0.02, max: 4, noNaN: true }),
      (mean, part) => {
        const found = momentsOf(countChances(mean, part * mean, 2_000));
        expect(found.sum).toBeCloseTo(1, 6);
        expect(found.mean / mean).toBeCloseTo(1, 5);
        // Between two whole numbers of trials.
        const trials = mean / (1 - part);
        if (part > 1.01) expect(found.variance / (part * mean)).toBeCloseTo(1, 4);
        else if (part < 0.99 && trials > 20)
          expect(Math.abs(found.variance / mean - part)).toBeLessThan(0.05);
      },
    ),
  );
});

test('two that are nearly sure, none at all, and sure ones', () => {
  expect(countChances(1.9, 0.095, 3)).toEqual(
    [0.0025, 0.095, 0.9025, 0].map((each) => expect.closeTo(each, 9)),
  );
  expect(countChances(0, 0, 2)).toEqual([1, 0, 0]);
  expect(countChances(3, 0, 4)).toEqual([0, 0, 0, 1, 0]);
});
