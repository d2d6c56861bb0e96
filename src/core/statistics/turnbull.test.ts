import fc from 'fast-check';
import { seededChance } from '../random/chance';
import { sparedUntil, turnbull, type Bracket } from './turnbull';

const never = Infinity;
const spans = (...pairs: readonly (readonly [number, number])[]): Bracket[] =>
  pairs.map(([after, by]) => ({ after, by }));

/**
 * Months until the breast looked changed after radiotherapy alone, 46 patients [Finkelstein & Wolfe 1985, Biometrics 41,
 * 933–945, table 1; from memory].
 */
const COSMESIS = spans(
  ...([45, 46, 46, 46, 46, 46, 46, 46, 46].map((after) => [after, never]) as [number, number][]),
  ...([17, 15, 22, 37, 40, 38, 37, 18, 24, 36, 24, 32, 33, 37, 34, 36].map((after) => [after, never]) as [
    number,
    number,
  ][]),
  ...([
    [6, 10],
    [0, 7],
    [7, 16],
    [7, 14],
    [37, 44],
    [0, 8],
    [4, 11],
    [11, 15],
    [25, 37],
    [26, 40],
    [27, 34],
    [36, 44],
    [36, 48],
    [17, 25],
    [11, 18],
    [5, 12],
    [0, 5],
    [5, 11],
    [19, 35],
    [17, 25],
    [19, 26],
  ] as [number, number][]),
);

it('gives the published shares of the cosmesis data', () => {
  expect(COSMESIS).toHaveLength(46);
  // As the package `interval` of R prints them [Fay & Shaw 2010, Journal of Statistical Software 36(2); from memory].
  const published = [
    [4, 5, 0.0463],
    [6, 7, 0.0334],
    [7, 8, 0.0887],
    [11, 12, 0.0708],
    [24, 25, 0.0926],
    [33, 34, 0.0818],
    [38, 40, 0.1209],
    [46, 48, 0.4656],
  ];
  const found = turnbull(COSMESIS);
  expect(found.map(({ after, by }) => [after, by])).toEqual(published.map(([after, by]) => [after, by]));
  for (const [i, { share }] of found.entries()) expect(share).toBeCloseTo(published[i]![2]!, 3);
});

it('is the estimate of Kaplan and Meier where times are exact or still to come', () => {
  // Weeks of remission on 6-MP [Freireich et al. 1963, Blood 21, 699–716; from memory].
  const relapsed = [6, 6, 6, 7, 10, 13, 16, 22, 23];
  const stillWell = [6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35];
  const masses = turnbull([
    ...relapsed.map((week) => ({ after: week - 1, by: week })),
    ...stillWell.map((week) => ({ after: week, by: never })),
  ]);
  // Published estimates after each relapse.
  for (const [week, share] of [
    [6, 0.857],
    [7, 0.807],
    [10, 0.753],
    [13, 0.69],
    [16, 0.627],
    [22, 0.538],
    [23, 0.448],
  ] as const)
    expect(sparedUntil(masses, week).high).toBeCloseTo(share, 3);
});

/** Log-likelihood of shares for brackets, counted plainly. */
const logLikelihood = (masses: ReturnType<typeof turnbull>, brackets: readonly Bracket[]): number =>
  brackets.reduce((sum, { after, by }) => {
    const inside = masses.filter((mass) => mass.after >= after && mass.by <= by);
    return sum + Math.log(inside.reduce((all, { share }) => all + share, 0));
  }, 0);

const someBrackets = fc.array(
  fc
    .tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 1, max: 6 }), fc.boolean())
    .map(([after, width, happened]): Bracket => ({ after, by: happened ? after + width : never })),
  { minLength: 1, maxLength: 25 },
);

it('no other shares of the same intervals are likelier', () => {
  fc.assert(
    fc.property(someBrackets, fc.integer(), (brackets, seed) => {
      const masses = turnbull(brackets);
      expect(masses.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
      const best = logLikelihood(masses, brackets);
      const chance = seededChance(seed);
      for (let i = 0; i < 20; i += 1) {
        const moved = masses.map((mass) => ({ ...mass, share: mass.share * (0.5 + chance.below(1)) }));
        const all = moved.reduce((sum, { share }) => sum + share, 0);
        const other = moved.map((mass) => ({ ...mass, share: mass.share / all }));
        expect(logLikelihood(other, brackets)).toBeLessThanOrEqual(best + 1e-4);
      }
    }),
  );
});

it('ten of each say the same as one of each, in any order', () => {
  fc.assert(
    fc.property(someBrackets, (brackets) => {
      const once = turnbull(brackets);
      const tenfold = turnbull(brackets.map((each) => ({ ...each, count: 10 })).reverse());
      for (let day = 0; day <= 20; day += 1) {
        expect(sparedUntil(tenfold, day).high).toBeCloseTo(sparedUntil(once, day).high, 3);
      }
    }),
  );
});

it('a time at which nobody can tell lies between two shares', () => {
  const masses = turnbull(spans([2, 6], [2, 6], [9, never], [9, never]));
  expect(sparedUntil(masses, 2)).toEqual({ low: 1, high: 1 });
  expect(sparedUntil(masses, 4)).toEqual({ low: 0.5, high: 1 });
  expect(sparedUntil(masses, 6)).toEqual({ low: 0.5, high: 0.5 });
});

it('refuses what ends before it begins, and makes nothing of nothing', () => {
  expect(() => turnbull(spans([3, 3]))).toThrow(RangeError);
  expect(turnbull([])).toEqual([]);
});
