import fc from 'fast-check';
import { seededChance } from '../../../demo/chance';
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

test('the more plants set alike, the nearer the interval is to that of as many flowers by themselves', () => {
  const widthOf = ({ low, high }: { low: number; high: number }): number => high - low;
  const alike = (plants: number): number =>
    widthOf(clusteredWilson(Array.from({ length: plants }, () => ({ hits: 2, of: 4 })))) /
    widthOf(wilson(2 * plants, 4 * plants));
  expect(alike(4)).toBeGreaterThan(alike(40));
  expect(alike(4000)).toBeCloseTo(1, 2);
});

test('many plants that set all or nothing count for one flower each', () => {
  // With whole clusters alike the design effect is the size of a cluster [Kish 1965, Survey Sampling, 5.4].
  const clusters = Array.from({ length: 800 }, (_, i) => ({ hits: 5 * (i % 2), of: 5 }));
  const { low, high } = clusteredWilson(clusters);
  const alone = wilson(400, 800);
  expect((high - low) / (alone.high - alone.low)).toBeCloseTo(1, 2);
});

test('one plant’s flowers say less of a variety than as many of several plants', () => {
  const one = clusteredWilson([{ hits: 4, of: 6 }]);
  const three = clusteredWilson([1, 1, 2].map((hits) => ({ hits, of: 2 })));
  expect(one.high - one.low).toBeGreaterThan(three.high - three.low);
  expect(clusteredWilson([{ hits: 0, of: 6 }]).high).toBeGreaterThan(wilson(0, 6).high);
});

/** Flowers of plants whose own shares vary round `share` with intraclass correlation `likeness`: beta-binomial. */
const drawPlants = (
  chance: () => number,
  { sizes, share, likeness }: { sizes: readonly number[]; share: number; likeness: number },
): { hits: number; of: number }[] =>
  sizes.map((of) => {
    // Pólya's urn: each flower is like one before it with the chance that its likeness gives.
    let hits = 0;
    const weight = likeness / (1 - likeness);
    for (let i = 0; i < of; i += 1) if (chance() < (share + hits * weight) / (1 + i * weight)) hits += 1;
    return { hits, of };
  });

/** Flowers of each plant, as growers have them: alike, unequal, one plant above all. */
const SIZES: readonly (readonly number[])[] = [
  [6, 6, 6],
  [30, 2, 2, 2, 2],
  [20, 20, 1, 1],
  [60, 40, 30, 5],
  [9, 1, 4, 4, 7],
  new Array<number>(10).fill(6),
  Array.from({ length: 40 }, (_, i) => 1 + ((7 * i) % 9)),
];
const SHARES = [0.25, 0.5, 0.75];

describe.each(SIZES.map((sizes) => [sizes.slice(0, 6).join(', '), sizes] as const))(
  'plants of %s flowers',
  (_, sizes) => {
    const chance = seededChance(20260718);
    const covered = (likeness: number): number => {
      const times = 700;
      let held = 0;
      for (const share of SHARES)
        for (let i = 0; i < times; i += 1) {
          const { low, high } = clusteredWilson(
            drawPlants(() => chance.between(0, 1), { sizes, share, likeness }),
          );
          if (low <= share && share <= high) held += 1;
        }
      return held / (times * SHARES.length);
    };

    test('an interval holds the true share as often as it says where plants are as alike as growers find', () => {
      expect(covered(0.3)).toBeGreaterThan(0.93);
      expect(covered(0.3)).toBeLessThan(0.985);
    });

    test('and no more seldom where they are less alike', () => {
      expect(Math.min(covered(0.1), covered(0))).toBeGreaterThan(0.94);
    });
  },
);

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
