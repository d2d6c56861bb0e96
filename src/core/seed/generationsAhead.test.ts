import { generationsAhead, shareTrue } from './generationsAhead';
import { expectedParts, expectedShares, FAMILIES, INHERITANCES, type Inheritance } from './segregation';

test('of the F2 that show a dominant form a third breeds true, of two traits a ninth [Mendel 1866]', () => {
  expect(shareTrue('dominant', 'f2', 0)).toBeCloseTo(1 / 3, 12);
  expect(shareTrue('dominant', 'f2', 1)).toBe(1);
  expect(shareTrue('between', 'f2', 1)).toBe(0);
  expect(shareTrue('twoTraits', 'f2', 0)).toBeCloseTo(1 / 9, 12);
  expect(shareTrue('twoTraits', 'f2', 1)).toBeCloseTo(1 / 3, 12);
  // Of two genes of which either is enough, 7 of 15 have one of them twice.
  expect(shareTrue('either', 'f2', 0)).toBeCloseTo(7 / 15, 12);
  expect(shareTrue('both', 'f2', 0)).toBeCloseTo(1 / 9, 12);
  // What shows only in the other parent's form is settled, and what an F1 gives its backcross never is.
  expect(shareTrue('dominant', 'backcross', 0)).toBe(0);
  expect(shareTrue('dominant', 'backcross', 1)).toBe(1);
  expect(shareTrue('between', 'backcross', 0)).toBeUndefined();
});

test('kinds are those whose parts are expected: each is in a family if it has a part of it', () => {
  for (const inheritance of INHERITANCES)
    for (const family of FAMILIES)
      expectedParts(inheritance, family).forEach((part, kind) =>
        expect([inheritance, family, kind, shareTrue(inheritance, family, kind) !== undefined]).toEqual([
          inheritance,
          family,
          kind,
          part > 0,
        ]),
      );
});

const ask = (inheritance: Inheritance, kind: number, set = 0.5) =>
  generationsAhead({
    ...{ inheritance, family: 'f2', kind, set, chance: 0.95 },
    share: expectedShares(inheritance, 'f2')[kind]!,
  });

test('a recessive form: eleven plants, and what shows it breeds true at once', () => {
  expect(ask('dominant', 1)).toEqual({
    chosen: 1,
    shareTrue: 1,
    ofEach: 0,
    seasons: [
      { grows: 'parents', plants: 2, pollinations: 5 },
      { grows: 'f1', plants: 2, pollinations: 5 },
      { grows: 'family', plants: 11, pollinations: 5 },
      { grows: 'offspring', plants: 2, pollinations: 5 },
    ],
  });
});

test('a dominant form: eight are chosen so that one breeds true, and eleven offspring of each tell which', () => {
  const plan = ask('dominant', 0)!;
  // 1 − (2/3)⁸ = 0.961, and seven would be 0.941.
  expect(plan).toMatchObject({ chosen: 8, ofEach: 11 });
  expect(plan.seasons[2]!.plants).toBeGreaterThanOrEqual(11);
  expect(plan.seasons[3]).toMatchObject({ plants: 88 });
  // Each of the eight has to set: 1 − (1 − 0.5)^k is at least the eighth root of 0.95.
  expect(plan.seasons[2]!.pollinations).toBe(8 * 8);
});

test('where two genes do the same, who lacks neither wholly shows it in one of sixteen only', () => {
  expect(ask('either', 0)).toMatchObject({ ofEach: 47 });
});

test('where every flower sets one is enough', () => {
  expect(ask('dominant', 1, 1)!.seasons.map(({ pollinations }) => pollinations)).toEqual([1, 1, 1, 1]);
});

test('plants drawn at random keep what is promised', () => {
  // A simulation with a plain generator [Park & Miller 1988]: the F2 of a dominant gene, grown as planned.
  let state = 20_261_201;
  const draw = (): number => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  const { seasons, chosen } = ask('dominant', 0)!;
  const runs = 4000;
  let kept = 0;
  for (let run = 0; run < runs; run += 1) {
    const shows: boolean[] = [];
    for (let i = 0; i < seasons[2]!.plants; i += 1) {
      const [a, b] = [draw() < 0.5, draw() < 0.5];
      if (a || b) shows.push(a && b);
    }
    if (shows.length >= chosen && shows.slice(0, chosen).some(Boolean)) kept += 1;
  }
  expect(kept / runs).toBeGreaterThan(0.95 ** 2 - 0.02);
});
