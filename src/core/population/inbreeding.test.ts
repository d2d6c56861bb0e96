import fc from 'fast-check';
import { inbreedingOf, type Individual } from './inbreeding';

const founder: Individual = { parents: [] };
const of = (mother: number | undefined, father: number | undefined): Individual => ({
  parents: [{ mother, father, share: 1 }],
});
const coefficients = (individuals: readonly Individual[]): number[] => [
  ...inbreedingOf(individuals).coefficients,
];

/** The tabular method, written from its rule: row by row, each entry half the sum of the parents' entries. */
function tabular(individuals: readonly Individual[]): number[][] {
  const table: number[][] = individuals.map(() => []);
  const at = (a: number | undefined, b: number | undefined): number =>
    a === undefined || b === undefined ? 0 : table[Math.max(a, b)]![Math.min(a, b)]!;
  for (const [i, { parents }] of individuals.entries()) {
    for (let j = 0; j < i; j += 1)
      table[i]![j] = parents.reduce(
        (sum, { mother, father, share }) => sum + (share * (at(mother, j) + at(father, j))) / 2,
        0,
      );
    table[i]![i] =
      1 + parents.reduce((sum, { mother, father, share }) => sum + (share * at(mother, father)) / 2, 0);
  }
  return table;
}

test('a pedigree of six by the tabular method [Mrode, Linear Models for the Prediction of Animal Breeding Values, example 2.1, from memory]', () => {
  // 3 of 1 and 2; 4 of 1 and an unknown one; 5 of 4 and 3; 6 of 5 and 2.
  const pedigree = [founder, founder, of(1, 0), of(undefined, 0), of(2, 3), of(1, 4)];
  expect(coefficients(pedigree)).toEqual([0, 0, 0, 0, 0.125, 0.125]);
  const { coancestry } = inbreedingOf(pedigree);
  const relationships: [number, number, number][] = [
    [0, 2, 0.5],
    [0, 5, 0.25],
    [1, 5, 0.625],
    [2, 4, 0.625],
    [2, 5, 0.5625],
    [3, 5, 0.3125],
    [4, 5, 0.6875],
  ];
  for (const [a, b, relationship] of relationships)
    expect(coancestry(a, b)).toBeCloseTo(relationship / 2, 12);
});

test('regular inbreeding [Falconer & Mackay, Introduction to Quantitative Genetics, table 5.1, from memory]', () => {
  const selfed = [founder];
  for (let t = 0; t < 5; t += 1) selfed.push(of(t, t));
  expect(coefficients(selfed)).toEqual([0, 0.5, 0.75, 0.875, 0.9375, 0.96875]);
  // Two sibs of each generation give the next.
  const sibs = [founder, founder];
  for (let t = 0; t < 6; t += 1) sibs.push(of(2 * t, 2 * t + 1), of(2 * t, 2 * t + 1));
  const byGeneration = coefficients(sibs).filter((_, i) => i % 2 === 0);
  [0, 0, 0.25, 0.375, 0.5, 0.594, 0.672].forEach((f, t) => expect(byGeneration[t]).toBeCloseTo(f, 3));
});

test('first cousins give 1/16, half sibs 1/8 [Wright 1922, from memory]', () => {
  const cousins = [founder, founder, founder, founder, of(0, 1), of(0, 1), of(4, 2), of(5, 3), of(6, 7)];
  expect(coefficients(cousins).at(-1)).toBe(1 / 16);
  expect(coefficients([founder, founder, founder, of(0, 1), of(0, 2), of(3, 4)]).at(-1)).toBe(1 / 8);
});

test('N plants that mate at random, each giving the same: 1/(2N) is lost a generation [Wright 1931]', () => {
  const N = 8;
  const mating = (from: number): Individual => {
    const parents = [];
    for (let m = 0; m < N; m += 1)
      for (let f = 0; f < N; f += 1) parents.push({ mother: from + m, father: from + f, share: 1 / N ** 2 });
    return { parents };
  };
  const plants: Individual[] = Array.from({ length: N }, () => founder);
  for (let t = 0; t < 4; t += 1) {
    const next = mating(t * N);
    for (let i = 0; i < N; i += 1) plants.push(next);
  }
  const f = coefficients(plants);
  for (let t = 0; t <= 4; t += 1) expect(1 - f[t * N]!).toBeCloseTo((1 - 1 / (2 * N)) ** t, 12);
});

test('whatever the pedigree, it is what the tabular method gives', () => {
  const individual = (i: number): fc.Arbitrary<Individual> => {
    const parent = fc.option(fc.nat({ max: Math.max(0, i - 1) }), { nil: undefined });
    return i === 0
      ? fc.constant(founder)
      : fc
          .array(fc.record({ mother: parent, father: parent, weight: fc.integer({ min: 1, max: 5 }) }), {
            maxLength: 4,
          })
          .map((pairs) => {
            const total = pairs.reduce((sum, { weight }) => sum + weight, 0);
            return {
              parents: pairs.map(({ mother, father, weight }) => ({ mother, father, share: weight / total })),
            };
          });
  };
  const pedigree = fc
    .integer({ min: 1, max: 14 })
    .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => individual(i))));
  fc.assert(
    fc.property(pedigree, (individuals) => {
      const table = tabular(individuals);
      const { coefficients: found, coancestry } = inbreedingOf(individuals);
      for (const [i, row] of table.entries()) {
        expect(found[i]).toBeCloseTo(row[i]! - 1, 10);
        for (let j = 0; j < i; j += 1) expect(coancestry(j, i)).toBeCloseTo(row[j]! / 2, 10);
        expect(coancestry(i, i)).toBeCloseTo(row[i]! / 2, 10);
      }
    }),
    { numRuns: 300 },
  );
});

test('an order that cannot be, and shares that are not whole, are refused', () => {
  expect(() => inbreedingOf([of(1, 1), founder])).toThrow('before its offspring');
  expect(() => inbreedingOf([founder, { parents: [{ mother: 0, father: 0, share: 0.5 }] }])).toThrow(
    'shares',
  );
});
