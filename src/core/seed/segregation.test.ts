import fc from 'fast-check';
import {
  expectedParts,
  expectedShares,
  FAMILIES,
  fitOf,
  generationBreedingTrue,
  INHERITANCES,
  plantsToGrow,
  shareBreedingTrue,
  type Family,
  type Inheritance,
} from './segregation';

/** Every pairing of gametes, gene by gene: how many of 4 or 16 show each kind. */
function crossed(inheritance: Inheritance, family: Family): number[] {
  const genes = inheritance === 'dominant' || inheritance === 'between' ? 1 : 2;
  const gametes = Array.from({ length: 2 ** genes }, (_, i) =>
    Array.from({ length: genes }, (_g, g) => (i >> g) & 1),
  );
  const others = family === 'f2' ? gametes : [Array.from({ length: genes }, () => 0)];
  const counts: number[] = [];
  for (const one of gametes)
    for (const other of others) {
      const kind = kindOf(
        inheritance,
        one.map((allele, g) => allele + other[g]!),
      );
      counts[kind] = (counts[kind] ?? 0) + 1;
    }
  return expectedParts(inheritance, family).map((_, kind) => counts[kind] ?? 0);
}

/** Which kind a plant is by how many of the forms that show it has of each gene. */
function kindOf(inheritance: Inheritance, [a = 0, b = 0]: readonly number[]): number {
  switch (inheritance) {
    case 'dominant':
      return a > 0 ? 0 : 1;
    case 'between':
      return 2 - a;
    case 'twoTraits':
      return a > 0 ? (b > 0 ? 0 : 1) : b > 0 ? 2 : 3;
    case 'either':
      return a > 0 || b > 0 ? 0 : 1;
    case 'both':
      return a > 0 && b > 0 ? 0 : 1;
    case 'hidesOther':
      // Without the first gene nothing of the second shows.
      return a > 0 ? (b > 0 ? 0 : 1) : 2;
    case 'hidesAll':
      return a > 0 ? 0 : b > 0 ? 1 : 2;
  }
}

test('expected parts are those of every pairing of gametes', () => {
  for (const inheritance of INHERITANCES)
    for (const family of FAMILIES) {
      const [parts, counted] = [expectedParts(inheritance, family), crossed(inheritance, family)];
      const scale = counted.reduce((sum, n) => sum + n, 0) / parts.reduce((sum, n) => sum + n, 0);
      expect([inheritance, family, counted]).toEqual([
        inheritance,
        family,
        parts.map((part) => part * scale),
      ]);
    }
});

// Mendel 1866, as textbooks have it, from memory: seeds round or wrinkled 5474 : 1850, χ² 0.263; two traits
// 315 : 101 : 108 : 32, χ² 0.470 with three degrees of freedom, a chance of 0.925.
test('Mendel’s peas fit', () => {
  expect(fitOf([5474, 1850], expectedShares('dominant', 'f2')).chance).toBeCloseTo(0.608, 2);
  expect(fitOf([315, 101, 108, 32], expectedShares('twoTraits', 'f2')).chance).toBeCloseTo(0.925, 2);
});

/** The binomial test by a plain sum over Pascal's triangle. */
function binomialTest(hits: number, of: number, share: number): number {
  let chances = [1];
  for (let i = 0; i < of; i += 1)
    chances = Array.from(
      { length: i + 2 },
      (_, k) => (chances[k] ?? 0) * (1 - share) + (k > 0 ? chances[k - 1]! * share : 0),
    );
  const seen = chances[hits]!;
  return chances.filter((chance) => chance <= seen * (1 + 1e-7)).reduce((sum, chance) => sum + chance, 0);
}

test('of two kinds it is the exact binomial test', () => {
  const count = fc.integer({ min: 0, max: 40 });
  fc.assert(
    fc.property(count, count, fc.constantFrom(0.75, 0.5, 9 / 16, 15 / 16), (a, b, share) => {
      expect(fitOf([a, b], [share, 1 - share]).chance).toBeCloseTo(binomialTest(a, a + b, share), 6);
    }),
  );
});

test('a kind that cannot be does not fit, and a little of everything does', () => {
  // The dominant parent does not come back in a backcross to the other.
  expect(fitOf([1, 20, 20], expectedShares('between', 'backcross')).chance).toBe(0);
  expect(fitOf([0, 20, 20], expectedShares('between', 'backcross')).chance).toBe(1);
  expect(fitOf([], expectedShares('dominant', 'f2')).chance).toBe(1);
});

test('exact and approximate chances are near each other where one gives way to the other', () => {
  const shares = expectedShares('twoTraits', 'f2');
  const exact = fitOf([62, 24, 18, 10], shares);
  expect(exact.exact).toBe(true);
  const many = fitOf([620, 240, 180, 100], shares);
  expect(many.exact).toBe(false);
  expect(many.chance).toBeLessThan(exact.chance);
});

// Textbook numbers, from memory: 11 F2 plants to see a recessive with 95 %, 17 with 99 %; of two genes 47 and 72.
test.each([
  [1 / 4, 0.95, 11],
  [1 / 4, 0.99, 17],
  [1 / 16, 0.95, 47],
  [1 / 16, 0.99, 72],
])('of a kind of share %d one is among so many with a chance of %d: %i', (share, chance, plants) => {
  expect(plantsToGrow(share, 1, chance)).toBe(plants);
  expect(plants).toBe(Math.ceil(Math.log1p(-chance) / Math.log1p(-share)));
});

test('more wanted are more to grow, and the fewest are enough', () => {
  expect(plantsToGrow(1, 5, 0.95)).toBe(5);
  expect(plantsToGrow(0, 1, 0.95)).toBeUndefined();
  const [one, five] = [plantsToGrow(0.25, 1, 0.9)!, plantsToGrow(0.25, 5, 0.9)!];
  expect(five).toBeGreaterThan(one);
  const atLeast = (of: number): number =>
    1 - Array.from({ length: 5 }, (_, k) => binomial(of, k, 0.25)).reduce((sum, each) => sum + each, 0);
  expect(atLeast(five)).toBeGreaterThanOrEqual(0.9);
  expect(atLeast(five - 1)).toBeLessThan(0.9);
});

const binomial = (of: number, hits: number, share: number): number =>
  Array.from({ length: hits }, (_, i) => (of - i) / (i + 1)).reduce((product, each) => product * each, 1) *
  share ** hits *
  (1 - share) ** (of - hits);

// Selfing halves what is not settled each time [textbooks; 7 of 8 in the F4 for one gene].
test('generations until plants breed true', () => {
  expect(shareBreedingTrue(1, 1)).toBe(0);
  expect(shareBreedingTrue(4, 1)).toBe(7 / 8);
  expect(shareBreedingTrue(4, 2)).toBe(49 / 64);
  expect(generationBreedingTrue(10, 0.9)).toBe(8);
  expect(generationBreedingTrue(1, 0.5)).toBe(2);
});
