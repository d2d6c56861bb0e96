import * as fc from 'fast-check';
import {
  effectiveSize,
  effectiveSizeOver,
  inbreedingPerGeneration,
  type Contribution,
} from './effectiveSize';
import { seededChance } from '../random/chance';
import { chanceKept, gametesToKeep, plantsToKeep, rarestKept } from './keepAllele';

const apart = (fathers: number, mothers: number): Contribution[] => [
  ...Array.from({ length: fathers }, () => ({ seed: 0, pollen: 1 })),
  ...Array.from({ length: mothers }, () => ({ seed: 1, pollen: 0 })),
];

// Wright 1931: 4·Nm·Nf/(Nm+Nf), worked for 1 and 10, 10 and 40 (textbook values, from memory).
test.each([
  [1, 10, 3.64],
  [10, 40, 32],
  [5, 5, 10],
])('%i fathers and %i mothers count as %d', (fathers, mothers, size) => {
  expect(effectiveSize(apart(fathers, mothers))).toBeCloseTo(size, 2);
  expect(effectiveSize(apart(fathers, mothers))).toBeCloseTo(
    (4 * fathers * mothers) / (fathers + mothers),
    9,
  );
});

const given = fc.record({
  seed: fc.double({ min: 0, max: 100, noNaN: true }),
  pollen: fc.double({ min: 0, max: 100, noNaN: true }),
});

test('plants that all contribute the same count as many as they are, and no others as more', () => {
  fc.assert(
    fc.property(fc.array(given, { minLength: 1, maxLength: 60 }), (plants) => {
      const some = [...plants, { seed: 1, pollen: 1 }];
      const size = effectiveSize(some);
      expect(size).toBeGreaterThanOrEqual(1 - 1e-9);
      expect(size).toBeLessThanOrEqual(some.length + 1e-9);
      expect(effectiveSize(some.map(() => ({ seed: 3, pollen: 2 })))).toBeCloseTo(some.length, 9);
    }),
  );
});

test('one mother whose seed fills the jar caps it, however many fathers', () => {
  const plants = [{ seed: 100, pollen: 0 }, ...apart(50, 0)];
  expect(effectiveSize(plants)).toBeLessThan(4);
});

test('impossible numbers throw, and no contributions give 0', () => {
  expect(effectiveSize([])).toBe(0);
  expect(() => effectiveSize([{ seed: 1, pollen: 0 }])).toThrow(RangeError);
  expect(() => effectiveSize([{ seed: -1, pollen: 1 }])).toThrow(RangeError);
  expect(() => effectiveSizeOver([])).toThrow(RangeError);
  expect(() => effectiveSizeOver([10, 0])).toThrow(RangeError);
});

test('one year of few plants outweighs many large ones', () => {
  expect(effectiveSizeOver([100, 100, 100, 2])).toBeCloseTo(4 / (3 / 100 + 1 / 2), 9);
  expect(effectiveSizeOver([50])).toBeCloseTo(50, 9);
  expect(inbreedingPerGeneration(10)).toBe(0.05);
});

// Marshall & Brown 1975: at 95 % chance, 59 gametes for an allele of 5 %, 299 for one of 1 % (from memory).
test('gametes that keep an allele', () => {
  expect(gametesToKeep(0.05, 0.95)).toBe(59);
  expect(gametesToKeep(0.01, 0.95)).toBe(299);
  expect(plantsToKeep(0.05, 0.95, 'outcrosser')).toBe(30);
  expect(plantsToKeep(0.05, 0.95, 'selfer')).toBe(59);
  for (const wrong of [0, 1, -0.1, Number.NaN]) {
    expect(() => gametesToKeep(wrong, 0.95)).toThrow(RangeError);
    expect(() => gametesToKeep(0.05, wrong)).toThrow(RangeError);
  }
});

test('so many gametes do keep it, and one fewer would not', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.005, max: 0.9, noNaN: true }),
      fc.double({ min: 0.1, max: 0.999, noNaN: true }),
      (frequency, chance) => {
        const n = gametesToKeep(frequency, chance);
        expect(1 - (1 - frequency) ** n).toBeGreaterThanOrEqual(chance - 1e-9);
        expect(1 - (1 - frequency) ** (n - 1)).toBeLessThanOrEqual(chance + 1e-9);
      },
    ),
  );
});

test('seed without end keeps what its parents have: two alleles of each plant, one of each selfer', () => {
  const without = (plants: number): number[] => Array.from({ length: plants }, () => Infinity);
  expect(chanceKept(0.05, without(30), 'outcrosser')).toBeCloseTo(1 - 0.95 ** 60, 12);
  expect(chanceKept(0.05, without(59), 'selfer')).toBeCloseTo(1 - 0.95 ** 59, 12);
  expect(rarestKept(0.95, without(10), 'outcrosser')).toBeCloseTo(1 - 0.05 ** (1 / 20), 3);
  expect(rarestKept(0.95, [], 'outcrosser')).toBe(1);
});

test('a seed of each of two plants keeps it as often as seeds that are drawn do', () => {
  const [frequency, draws] = [0.3, 40_000];
  const chance = seededChance(5);
  let kept = 0;
  for (let i = 0; i < draws; i += 1) {
    const has = [0, 1].some(() => {
      const alleles = [chance.below(1) < frequency, chance.below(1) < frequency];
      return alleles[Number(chance.below(1) < 0.5)];
    });
    if (has) kept += 1;
  }
  expect(chanceKept(frequency, [1, 1], 'outcrosser')).toBeCloseTo(kept / draws, 2);
  expect(chanceKept(frequency, [1, 1], 'outcrosser')).toBeCloseTo(1 - (1 - frequency) ** 2, 12);
});
