import { jStat } from 'jstat';
import { seededChance } from '../random/chance';
import { pairedPower, pairsFor } from './pairedPower';
import { pairedDifference } from './pairedShares';

// A sign test of 20 that all differ, 15 or more one way, where three in four do: 0.617 in every table of the binomial.
it('where all pairs differ: the sign test’s power', () => {
  const expected = 1 - jStat.binomial.cdf(14, 20, 0.75);
  expect(expected).toBeCloseTo(0.617, 3);
  // One way sets three in four and the other the rest is not to be had from two shares; with certain ones it is 1.
  expect(pairedPower(6, { one: 0, other: 1 })).toBeCloseTo(1, 12);
  // Of five that differ all one way the chance is 1 in 16: never shown.
  expect(pairedPower(5, { one: 0, other: 1 })).toBe(0);
});

// Connor 1987, Biometrics 43, 207–211: n = (1.96·√ψ + 0.84·√(ψ − δ²))² / δ², from memory; it leaves out that whole
// pairs are counted, so the exact number is a little larger.
it.each([
  [0.4, 0.7],
  [0.5, 0.8],
  [0.2, 0.4],
  [0.6, 0.8],
])('pairs for %d against %d: near Connor’s formula, never below it by more than two', (one, other) => {
  const differ = one * (1 - other) + other * (1 - one);
  const by = other - one;
  const formula = (1.959964 * Math.sqrt(differ) + 0.841621 * Math.sqrt(differ - by ** 2)) ** 2 / by ** 2;
  const exact = pairsFor({ one, other }, 0.8)!;
  expect(exact).toBeGreaterThan(formula - 2);
  expect(exact).toBeLessThan(1.2 * formula + 4);
});

it('simulated trials show it as often as is said', () => {
  const chance = seededChance(5);
  const [one, other, of] = [0.35, 0.7, 30];
  let shown = 0;
  const rounds = 1_000;
  for (let round = 0; round < rounds; round += 1) {
    const found = pairedDifference(
      Array.from({ length: of }, () => ({
        one: { hits: Number(chance.below(1) < one), of: 1 },
        other: { hits: Number(chance.below(1) < other), of: 1 },
      })),
    )!;
    if (found.chance < 0.05) shown += 1;
  }
  expect(Math.abs(shown / rounds - pairedPower(of, { one, other }))).toBeLessThan(0.05);
});

it('no difference is never found, and what a garden cannot show is not promised', () => {
  expect(pairsFor({ one: 0.5, other: 0.5 }, 0.8)).toBeUndefined();
  expect(pairsFor({ one: 0.5, other: 0.53 }, 0.8)).toBeUndefined();
  expect(() => pairedPower(3, { one: 1.2, other: 0 })).toThrow(RangeError);
});
