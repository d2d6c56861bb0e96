import fc from 'fast-check';
import { jStat } from 'jstat';
import { seededChance } from '../random/chance';
import { logGamma } from './logGamma';
import { believedShare, chanceOfAtLeast, sharesAmong, type Belief } from './sharesAmong';

const beta = (a: number, b: number): Belief => ({ betas: [{ a, b, weight: 1 }] });

it('log gamma is that of the reference library', () => {
  expect(logGamma(0.5)).toBeCloseTo(Math.log(Math.PI) / 2, 10);
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 500, noNaN: true }), (x) => {
      expect(logGamma(x)).toBeCloseTo(jStat.gammaln(x), 8);
    }),
  );
});

it('the middle 95 % of a beta distribution are those of the reference library', () => {
  const parameter = fc.double({ min: 0.2, max: 120, noNaN: true });
  fc.assert(
    fc.property(parameter, parameter, (a, b) => {
      const { share, low, high } = believedShare(beta(a, b));
      expect(share).toBeCloseTo(a / (a + b), 10);
      expect(Math.abs(low - jStat.beta.inv(0.025, a, b))).toBeLessThan(0.006);
      expect(Math.abs(high - jStat.beta.inv(0.975, a, b))).toBeLessThan(0.006);
    }),
  );
});

it('a group of three is drawn towards forty others, and forty hardly towards three', () => {
  const { each } = sharesAmong([
    { hits: 3, of: 3 },
    { hits: 20, of: 40 },
  ]);
  const [few, many] = each.map(believedShare);
  expect(few!.share).toBeGreaterThan(0.55);
  expect(few!.share).toBeLessThan(0.9);
  expect(many!.share).toBeCloseTo(0.5, 1);
  expect(few!.high - few!.low).toBeGreaterThan(many!.high - many!.low);
});

it('the order of groups, and groups without trials, change nothing', () => {
  const group = fc
    .integer({ min: 0, max: 12 })
    .chain((of) => fc.integer({ min: 0, max: of }).map((hits) => ({ hits, of })));
  fc.assert(
    fc.property(fc.array(group, { minLength: 1, maxLength: 6 }), (groups) => {
      const straight = sharesAmong(groups).each.map(believedShare);
      const turned = sharesAmong([{ hits: 0, of: 0 }, ...groups.slice().reverse()])
        .each.map(believedShare)
        .reverse();
      for (const [i, { share, low, high }] of straight.entries()) {
        expect(turned[i]!.share).toBeCloseTo(share, 6);
        expect(turned[i]!.low).toBeCloseTo(low, 6);
        expect(turned[i]!.high).toBeCloseTo(high, 6);
      }
      expect(straight).toHaveLength(groups.length);
    }),
    { numRuns: 6 },
  );
});

it('covers what it says, for few groups and few trials', () => {
  const chance = seededChance(5);
  const uniform = (): number => chance.below(1);
  // A beta of whole numbers as an order statistic.
  const betaDraw = (a: number, b: number): number =>
    Array.from({ length: a + b - 1 }, uniform).sort((x, y) => x - y)[a - 1]!;
  for (const [a, b] of [
    [4, 2],
    [2, 6],
    [30, 30],
  ] as const) {
    let [inside, of] = [0, 0];
    for (let run = 0; run < 14; run += 1) {
      const truth = Array.from({ length: 5 }, () => betaDraw(a, b));
      const groups = truth.map((share) => {
        const trials = 1 + chance.index(8);
        return { of: trials, hits: Array.from({ length: trials }, uniform).filter((x) => x < share).length };
      });
      for (const [i, belief] of sharesAmong(groups).each.entries()) {
        const { low, high } = believedShare(belief);
        of += 1;
        if (low <= truth[i]! && truth[i]! <= high) inside += 1;
      }
    }
    expect(inside / of).toBeGreaterThan(0.9);
  }
});

it('chances of so many are exact sums', () => {
  // With a flat belief each number from 0 to n is equally likely [Bayes 1763].
  for (let wanted = 1; wanted <= 7; wanted += 1)
    expect(chanceOfAtLeast(beta(1, 1), { wanted, of: 7 })).toBeCloseTo((8 - wanted) / 8, 10);
  // A share that is known: the binomial of the reference library.
  for (let wanted = 1; wanted <= 9; wanted += 1)
    expect(chanceOfAtLeast(beta(2e6, 8e6), { wanted, of: 9 })).toBeCloseTo(
      1 - jStat.binomial.cdf(wanted - 1, 9, 0.2),
      4,
    );
  expect(chanceOfAtLeast(beta(2, 2), { wanted: 3, of: 2 })).toBe(0);
});

it('refuses what is no share', () => {
  expect(() => sharesAmong([{ hits: 3, of: 2 }])).toThrow(RangeError);
});
