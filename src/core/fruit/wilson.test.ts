import fc from 'fast-check';
import { clusteredWilson, wilson } from './wilson';

// Newcombe 1998, Two-sided confidence intervals for the single proportion, Statistics in Medicine 17, table I,
// method 3 (score, no continuity correction), from memory.
test.each([
  [81, 263, 0.2553, 0.3662],
  [15, 148, 0.0624, 0.1605],
  [0, 20, 0, 0.1611],
  [1, 29, 0.0061, 0.1718],
])('%i of %i has the published interval', (hits, of, low, high) => {
  const share = wilson(hits, of);
  expect(share.low).toBeCloseTo(low, 4);
  expect(share.high).toBeCloseTo(high, 4);
});

test('the ends of the interval are the shares from which the observed one lies z standard errors away', () => {
  // What defines the score interval [Wilson 1927].
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 200 }),
      fc.double({ min: 0.01, max: 0.99, noNaN: true }),
      (of, p) => {
        const hits = Math.min(of - 1, Math.max(1, Math.round(of * p)));
        if (hits <= 0 || hits >= of) return;
        const { low, high } = wilson(hits, of, 2);
        for (const end of [low, high]) {
          expect(Math.abs(hits / of - end) / Math.sqrt((end * (1 - end)) / of)).toBeCloseTo(2, 6);
        }
      },
    ),
  );
});

test('nothing to divide by says so', () => {
  expect(wilson(0, 0)).toEqual({ hits: 0, of: 0, share: undefined, low: 0, high: 1 });
  expect(() => wilson(3, 2)).toThrow(RangeError);
});

test('plants that all set alike leave the interval as it is', () => {
  const alike = Array.from({ length: 6 }, () => ({ hits: 2, of: 4 }));
  const { low, high } = clusteredWilson(alike);
  expect({ low, high }).toEqual({ low: wilson(12, 24).low, high: wilson(12, 24).high });
});

test('plants that set all or nothing count for little more than one flower each', () => {
  // With whole clusters alike the design effect is the cluster size, save for k / (k − 1) of k clusters.
  const clusters = [0, 1, 0, 1, 1, 0, 1, 0].map((all) => ({ hits: 5 * all, of: 5 }));
  const clustered = clusteredWilson(clusters);
  const effective = 40 / ((8 / 7) * 5);
  expect(clustered.low).toBeCloseTo(wilson(effective / 2, effective).low, 10);
  expect(clustered.high - clustered.low).toBeGreaterThan(wilson(20, 40).high - wilson(20, 40).low);
});

test('clusters never make the interval narrower', () => {
  const cluster = fc.nat({ max: 9 }).chain((of) => fc.nat({ max: of }).map((hits) => ({ hits, of })));
  fc.assert(
    fc.property(fc.array(cluster, { maxLength: 12 }), (clusters) => {
      const { hits, of, low, high } = clusteredWilson(clusters);
      const plain = wilson(hits, of);
      expect(low).toBeLessThanOrEqual(plain.low + 1e-12);
      expect(high).toBeGreaterThanOrEqual(plain.high - 1e-12);
    }),
  );
});
