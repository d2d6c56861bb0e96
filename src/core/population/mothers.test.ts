import { mothersReport } from './mothers';
import { plantsToKeep } from './keepAllele';

const codes = (question: Parameters<typeof mothersReport>[0]): string[] =>
  mothersReport(question).reasons.map(({ code }) => code);

// Fewest mothers by seed-saving guides (from memory): squash 5 to keep, 25 to conserve; corn 50 and 120.
test('too few and enough, by what a variety is grown for', () => {
  expect(mothersReport({ crop: 'corn', purpose: 'seedToKeep', plants: 36 }).enough).toBe(false);
  expect(codes({ crop: 'corn', purpose: 'seedToKeep', plants: 36 })).toContain('mothersTooFew');
  expect(mothersReport({ crop: 'corn', purpose: 'seedToKeep', plants: 50 }).enough).toBe(true);
  expect(mothersReport({ crop: 'pepo', purpose: 'rareOrSold', plants: 8 }).enough).toBe(false);
  expect(mothersReport({ crop: 'pepo', purpose: 'seedForFun', plants: 1 }).enough).toBe(true);
  expect(mothersReport({ crop: 'corn', purpose: 'eat', plants: 1 })).toMatchObject({
    enough: true,
    required: undefined,
  });
});

// Marshall & Brown 1975: 59 gametes, 30 plants of an outcrosser, keep an allele of frequency 0.05 with 95 %.
test('the frequency kept is the inverse of the number of plants that keep it', () => {
  const plants = plantsToKeep(0.05, 0.95, 'outcrosser');
  expect(mothersReport({ crop: 'pepo', purpose: 'rareOrSold', plants }).keptFrequency).toBeLessThanOrEqual(
    0.05,
  );
  expect(
    mothersReport({ crop: 'pepo', purpose: 'rareOrSold', plants: plants - 1 }).keptFrequency,
  ).toBeGreaterThan(0.05);
  const selfer = plantsToKeep(0.05, 0.95, 'selfer');
  expect(
    mothersReport({ crop: 'tomato', purpose: 'rareOrSold', plants: selfer }).keptFrequency,
  ).toBeLessThanOrEqual(0.05);
});

// Hardy–Weinberg: of an allele of frequency p, 1 − (1 − p)² of the plants carry a copy; a selfer’s have two or none.
test.each([
  ['pepo', (p: number) => 1 - (1 - p) ** 2],
  ['tomato', (p: number) => p],
] as const)(
  'plants of %s that carry what is kept are more than its share of genes, or as many',
  (crop, carry) => {
    for (const plants of [1, 5, 10, 200]) {
      const { keptFrequency, keptCarriers } = mothersReport({ crop, purpose: 'seedToKeep', plants });
      expect(keptCarriers).toBeCloseTo(carry(keptFrequency), 12);
    }
  },
);

test('fruit wanted for seed needs plants too', () => {
  expect(mothersReport({ crop: 'melon', purpose: 'seedForFun', plants: 3, fruitWanted: 8 })).toMatchObject({
    enough: false,
    plantsForFruit: 4,
  });
  expect(codes({ crop: 'melon', purpose: 'seedForFun', plants: 4, fruitWanted: 8 })).toContain(
    'plantsForFruit',
  );
});
