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
  expect(alike(400)).toBeCloseTo(1, 2);
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
function drawPlants(
  chance: () => number,
  { plants, share, likeness }: { plants: number; share: number; likeness: number },
): { hits: number; of: number }[] {
  return Array.from({ length: plants }, () => {
    const of = 1 + Math.floor(8 * chance());
    // Pólya's urn: each flower is like one before it with the chance that its likeness gives.
    let hits = 0;
    const weight = likeness / (1 - likeness);
    for (let i = 0; i < of; i += 1) if (chance() < (share + hits * weight) / (1 + i * weight)) hits += 1;
    return { hits, of };
  });
}

// The shares, plants and likeness that growers' records have; with a dozen flowers on each of three plants that have
// nothing in common it is wider than it need be.
test('an interval covers the true share as often as it says, for few plants and likeness up to 0.3', () => {
  const chance = seededChance(20260718);
  const coverage = (plants: number, share: number, likeness: number): number => {
    const times = 1500;
    let covered = 0;
    for (let i = 0; i < times; i += 1) {
      const { low, high } = clusteredWilson(
        drawPlants(() => chance.between(0, 1), { plants, share, likeness }),
      );
      if (low <= share && share <= high) covered += 1;
    }
    return covered / times;
  };
  const found = [1, 2, 3, 5, 8, 20].flatMap((plants) =>
    [0, 0.1, 0.3].flatMap((likeness) =>
      [0.2, 0.6, 0.9].map((share) => ({
        plants,
        likeness,
        share,
        covered: coverage(plants, share, likeness),
      })),
    ),
  );
  const wrong = found.filter(
    ({ plants, covered }) => covered < (plants < 3 ? 0.88 : 0.9) || (plants >= 3 && covered > 0.99),
  );
  expect(wrong).toEqual([]);
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
