import { jStat } from 'jstat';
import { seededChance } from '../random/chance';
import { pairedDifference, signFlipChance, type PairOfTrials } from './pairedShares';

const pair = (one: number, other: number): PairOfTrials => ({
  one: { hits: one, of: 1 },
  other: { hits: other, of: 1 },
});
const pairs = (both: number, onlyOne: number, onlyOther: number, neither: number): PairOfTrials[] => [
  ...Array.from({ length: both }, () => pair(1, 1)),
  ...Array.from({ length: onlyOne }, () => pair(1, 0)),
  ...Array.from({ length: onlyOther }, () => pair(0, 1)),
  ...Array.from({ length: neither }, () => pair(0, 0)),
];

// Agresti, Categorical Data Analysis (2002), table 10.1: approval of a prime minister, asked twice; from memory.
it('approval in two surveys: 4 of 100 fewer, 2 to 6', () => {
  const found = pairedDifference(pairs(794, 150, 86, 570))!;
  expect(found.difference).toBeCloseTo(-0.04, 10);
  expect(found.low).toBeCloseTo(-0.059, 3);
  expect(found.high).toBeCloseTo(-0.021, 3);
  expect(found.chance).toBeLessThan(0.0001);
});

it('is Agresti and Min’s formula where each pair is of one flower each', () => {
  const [a, b, c, d] = [9, 2, 11, 4];
  const n = a + b + c + d + 2;
  const middle = (c - b) / n;
  const half = (1.959964 * Math.sqrt(b + c + 1 - (c - b) ** 2 / n)) / n;
  const found = pairedDifference(pairs(a, b, c, d))!;
  expect(found.low).toBeCloseTo(middle - half, 6);
  expect(found.high).toBeCloseTo(middle + half, 6);
});

it('is McNemar’s exact test where each pair is of one flower each', () => {
  for (const [few, many] of [
    [0, 0],
    [0, 5],
    [1, 5],
    [2, 11],
    [7, 7],
    [10, 25],
  ] as const) {
    const expected = Math.min(1, 2 * jStat.binomial.cdf(few, few + many, 0.5));
    expect(pairedDifference(pairs(3, few, many, 2))!.chance).toBeCloseTo(expected, 6);
  }
});

it('with pairs of several flowers: as counting through all deals', () => {
  const chance = seededChance(4);
  for (let round = 0; round < 30; round += 1) {
    const values = Array.from({ length: 1 + chance.index(9) }, () => (chance.index(41) - 20) / 7);
    const far = Math.abs(values.reduce((a, b) => a + b, 0)) - 1e-9;
    let beyond = 0;
    for (let deal = 0; deal < 2 ** values.length; deal += 1) {
      const sum = values.reduce((a, b, i) => a + (deal & (1 << i) ? b : -b), 0);
      if (Math.abs(sum) >= far) beyond += 1;
    }
    expect(Math.abs(signFlipChance(values) - beyond / 2 ** values.length)).toBeLessThan(0.02);
  }
});

it('turned round it says the opposite, and the order of pairs changes nothing', () => {
  const some: PairOfTrials[] = [
    { one: { hits: 1, of: 3 }, other: { hits: 2, of: 2 } },
    { one: { hits: 0, of: 1 }, other: { hits: 1, of: 4 } },
    { one: { hits: 2, of: 2 }, other: { hits: 1, of: 1 } },
  ];
  const found = pairedDifference(some)!;
  const turned = pairedDifference(some.map(({ one, other }) => ({ one: other, other: one })).toReversed())!;
  expect(turned.difference).toBeCloseTo(-found.difference, 12);
  expect(turned.low).toBeCloseTo(-found.high, 12);
  expect(turned.chance).toBeCloseTo(found.chance, 12);
  expect(pairedDifference([])).toBeUndefined();
  expect(pairedDifference([{ one: { hits: 0, of: 0 }, other: { hits: 1, of: 1 } }])).toBeUndefined();
});

it('the interval covers what it says, and a difference is shown where none is in at most 5 of 100', () => {
  const chance = seededChance(11);
  for (const [one, other, of] of [
    [0.5, 0.5, 20],
    [0.3, 0.6, 20],
    [0.8, 0.9, 40],
  ] as const) {
    let [covers, shown] = [0, 0];
    const rounds = 400;
    for (let round = 0; round < rounds; round += 1) {
      const some = Array.from({ length: of }, () => {
        // Plants differ, and both flowers of a pair share their plant's luck.
        const luck = (chance.below(1) - 0.5) * 0.2;
        return pair(Number(chance.below(1) < one + luck), Number(chance.below(1) < other + luck));
      });
      const found = pairedDifference(some)!;
      if (found.low <= other - one && other - one <= found.high) covers += 1;
      if (found.chance < 0.05) shown += 1;
    }
    expect(covers / rounds).toBeGreaterThan(0.92);
    if (one === other) expect(shown / rounds).toBeLessThan(0.06);
  }
});
