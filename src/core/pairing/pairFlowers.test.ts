import fc from 'fast-check';
import computeMunkres from 'munkres-js';
import { minCostFlow, type Arc } from './minCostFlow';
import type { FemaleBud, MaleBud } from './buds';
import { pairFlowers } from './pairFlowers';
import { shortagesOf } from './shortages';

/** Females that one male serves. */
const MAX_USES = 3;
let count = 0;
const female = (plant: string, change: Partial<FemaleBud> = {}): FemaleBud => ({
  bloom: `f${(count += 1)}`,
  plant,
  variety: 'v',
  father: 'v',
  application: 1,
  malesWanted: 3,
  fewestMales: 2,
  ownPollen: 'lastResort',
  forSeed: true,
  ...change,
});
const male = (plant: string, variety = 'v', change: Partial<MaleBud> = {}): MaleBud => ({
  bloom: `m${(count += 1)}`,
  plant,
  variety,
  guarded: true,
  used: 0,
  serves: MAX_USES,
  ageDays: 0,
  ...change,
});
const fathersOf = (pairing: ReturnType<typeof pairFlowers>, i = 0): string[] =>
  pairing.pairs[i]!.donors.map(({ plant }) => plant).sort();

test('takes males of the same variety, from other plants, each from a different one', () => {
  const pairing = pairFlowers(
    [female('A')],
    [male('A'), male('B'), male('B'), male('C'), male('D'), male('X', 'other')],
  );
  expect(fathersOf(pairing)).toEqual(['B', 'C', 'D']);
  expect(pairing.pairs[0]!.reasons).toEqual([{ code: 'otherPlants', params: { count: 3 } }]);
});

// Disease travels on hands and pollen: suspect plants last or not at all (common practice, no source).
test('pollen of a plant that looks diseased goes to no healthy one, and healthy pollen to either', () => {
  const sick = male('B', 'v', { suspect: true });
  const none = pairFlowers([female('A')], [sick]);
  expect(none.pairs[0]!.donors).toEqual([]);
  expect(none.spare).toEqual([sick]);
  expect(shortagesOf([female('A')], [sick])).toMatchObject([{ males: 0, without: 1 }]);
  const sickMother = female('C', { suspect: true });
  expect(fathersOf(pairFlowers([sickMother], [sick, male('D')]))).toEqual(['B', 'D']);
  expect(shortagesOf([sickMother], [sick])).toMatchObject([{ males: 1, without: 0 }]);
});

test('for seed the pollen of a plant that may be off-type is used only where there is nothing else', () => {
  const doubtful = male('B', 'v', { doubtful: true });
  expect(fathersOf(pairFlowers([female('A')], [doubtful, male('C')]))).toEqual(['C']);
  const [only] = pairFlowers([female('A')], [doubtful]).pairs;
  expect(only!.donors.map(({ plant }) => plant)).toEqual(['B']);
  expect(only!.reasons.map(({ code }) => code)).toContain('doubtfulType');
  expect(fathersOf(pairFlowers([female('A', { forSeed: false })], [doubtful, male('C')]))).toEqual([
    'B',
    'C',
  ]);
});

test('uses fathers evenly', () => {
  const females = ['A', 'B', 'C', 'D', 'E', 'F'].map((plant) => female(plant, { malesWanted: 2 }));
  const males = ['A', 'B', 'C', 'D', 'E', 'F'].flatMap((plant) => [male(plant), male(plant), male(plant)]);
  const { pairs } = pairFlowers(females, males);
  const uses = new Map<string, number>();
  for (const { plant } of pairs.flatMap(({ donors }) => donors)) uses.set(plant, (uses.get(plant) ?? 0) + 1);
  expect([...uses.values()]).toEqual([2, 2, 2, 2, 2, 2]);
});

test('shares a male when pollen is short, and says so', () => {
  const [females, males] = [[female('A'), female('B')], [male('C')]];
  const pairing = pairFlowers(females, males);
  expect(fathersOf(pairing, 0)).toEqual(['C']);
  expect(fathersOf(pairing, 1)).toEqual(['C']);
  expect(pairing.pairs[0]!.reasons.map(({ code }) => code)).toEqual(['otherPlants', 'shared', 'fewerMales']);
  expect(shortagesOf(females, males)).toEqual([
    { variety: 'v', females: 2, wanted: 6, males: 1, without: 0 },
  ]);
});

test('does not share a male only to give another female her third', () => {
  const { pairs } = pairFlowers([female('A'), female('B')], [male('C'), male('D'), male('E'), male('F')]);
  const used = pairs.flatMap(({ donors }) => donors.map(({ bloom }) => bloom));
  expect(new Set(used).size).toBe(used.length);
});

test('her own plant only when allowed or when there is nothing else, and never when it is forbidden', () => {
  expect(fathersOf(pairFlowers([female('A')], [male('A')]))).toEqual(['A']);
  expect(pairFlowers([female('A')], [male('A')]).pairs[0]!.reasons[0]).toEqual({
    code: 'ownPlantLastResort',
    params: {},
  });
  expect(fathersOf(pairFlowers([female('A')], [male('A'), male('B')]))).toEqual(['B']);
  expect(fathersOf(pairFlowers([female('A', { ownPollen: 'never' })], [male('A')]))).toEqual([]);
  const allowed = pairFlowers(
    [female('A', { ownPollen: 'allowed', malesWanted: 2, fewestMales: 1 })],
    [male('A'), male('B')],
  );
  expect(fathersOf(allowed)).toEqual(['A', 'B']);
});

test('every female gets pollen where a greedy choice would leave one without', () => {
  // A's females can only take B's male; B's can take A's. Taking B's for B first would be wrong.
  const pairing = pairFlowers(
    [female('B', { ownPollen: 'never' }), female('A', { ownPollen: 'never' })],
    [male('A'), male('B')],
  );
  expect(pairing.pairs.map(({ donors }) => donors.length)).toEqual([1, 1]);
});

test('names spare males, and females without any', () => {
  const one = male('B');
  const two = male('B');
  const pairing = pairFlowers([female('A', { malesWanted: 1, fewestMales: 1 })], [one, two]);
  expect(pairing.spare).toHaveLength(1);
  const none = pairFlowers([female('A')], []);
  expect(none.pairs[0]!.reasons).toEqual([{ code: 'noPollen', params: {} }]);
});

test('plants that have fathered few this season go before those that have fathered many', () => {
  const wants = female('A', { malesWanted: 2 });
  const males = [male('B'), male('C'), male('D')];
  const fathered = new Map([
    ['B', 3],
    ['C', 1],
  ]);
  expect(fathersOf(pairFlowers([wants], males, { fathered }))).toEqual(['C', 'D']);
  // Over the season, not only this morning: the plant that is behind gives both.
  const females = [female('A', { malesWanted: 1 }), female('A', { malesWanted: 1 })];
  const behind = pairFlowers(females, [male('B'), male('C'), male('C')], { fathered });
  expect(behind.pairs.map(({ donors }) => donors[0]!.plant)).toEqual(['C', 'C']);
});

test('fresh pollen goes before kept, and the nearer of two plants that have fathered as many', () => {
  const one = female('A', { malesWanted: 1 });
  const kept = male('B', 'v', { ageDays: 1 });
  expect(fathersOf(pairFlowers([one], [kept, male('C')], { fathered: new Map([['C', 50]]) }))).toEqual(['C']);
  const pairing = pairFlowers([one], [kept]).pairs[0]!;
  expect(pairing.reasons).toContainEqual({ code: 'olderPollen', params: { count: 1 } });
  const metres = (_: string, to: string): number | undefined => ({ B: 30, C: 4 })[to];
  expect(fathersOf(pairFlowers([one], [male('B'), male('C')], { metres }))).toEqual(['C']);
  const fathered = new Map([['C', 1]]);
  expect(fathersOf(pairFlowers([one], [male('B'), male('C')], { metres, fathered }))).toEqual(['B']);
});

test('a cross that names its fathers takes no others', () => {
  const crossed = female('A', { father: 'w', fathers: ['X'], malesWanted: 2 });
  const males = [male('X', 'w'), male('Y', 'w'), male('Z', 'w')];
  expect(fathersOf(pairFlowers([crossed], males))).toEqual(['X']);
  expect(pairFlowers([crossed], males).pairs[0]!.reasons).toContainEqual({
    code: 'fatherPlants',
    params: { count: 1 },
  });
  expect(pairFlowers([crossed], males.slice(1)).pairs[0]!.reasons).toEqual([
    { code: 'noPollen', params: {} },
  ]);
  expect(shortagesOf([crossed], males)).toMatchObject([{ males: 1, wanted: 2, without: 0 }]);
  expect(shortagesOf([crossed], males.slice(1))).toMatchObject([{ males: 0, without: 1 }]);
});

test('what a male has brushed before counts against what it has left', () => {
  const tired = male('C', 'v', { used: MAX_USES });
  const fresh = male('D');
  const { pairs, spare } = pairFlowers([female('A', { malesWanted: 1 })], [tired, fresh]);
  expect(pairs[0]!.donors).toEqual([{ plant: 'D', bloom: fresh.bloom }]);
  expect(spare).toEqual([]);
  const twice = male('E', 'v', { used: 2 });
  const both = pairFlowers([female('A', { malesWanted: 1 }), female('B', { malesWanted: 1 })], [twice]);
  expect(both.pairs.map(({ donors }) => donors.length).sort()).toEqual([0, 1]);
});

test('a female for seed gets pollen that was kept clean, shared or of her own plant, before any other', () => {
  const open = [male('B', 'v', { guarded: false }), male('C', 'v', { guarded: false })];
  const clean = male('D');
  const females = [female('A', { malesWanted: 2 }), female('B', { malesWanted: 2 })];
  const { pairs } = pairFlowers(females, [...open, clean]);
  expect(pairs.map(({ donors }) => donors)).toEqual([
    [{ plant: 'D', bloom: clean.bloom }],
    [{ plant: 'D', bloom: clean.bloom }],
  ]);
  expect(fathersOf(pairFlowers([female('A')], [male('A'), ...open]))).toEqual(['A']);
  const none = pairFlowers([female('A')], open).pairs[0]!;
  expect(none.donors).toHaveLength(1);
  expect(none.reasons.map(({ code }) => code)).toContain('unguarded');
  expect(fathersOf(pairFlowers([female('A', { forSeed: false, malesWanted: 2 })], open))).toEqual(['B', 'C']);
});

test('males that nobody may take hide no shortage', () => {
  const never = female('A', { ownPollen: 'never' });
  const own = [male('A'), male('A'), male('A'), male('A')];
  expect(shortagesOf([never], own)).toEqual([{ variety: 'v', females: 1, wanted: 3, males: 0, without: 1 }]);
  expect(shortagesOf([never], [...own, male('B'), male('C'), male('D')])).toEqual([]);
  const open = Array.from({ length: 5 }, () => male('B', 'v', { guarded: false }));
  expect(shortagesOf([female('A')], open)).toMatchObject([{ wanted: 3, males: 0, without: 0 }]);
  expect(shortagesOf([female('A')], [])).toMatchObject([{ males: 0, without: 1 }]);
  expect(
    shortagesOf([female('A')], [male('B'), male('C'), male('D', 'v', { used: MAX_USES })]),
  ).toMatchObject([{ males: 2, without: 0 }]);
});

const plants = fc.constantFrom('A', 'B', 'C', 'D');
const own = fc.constantFrom('allowed', 'lastResort', 'never' as const) as fc.Arbitrary<
  FemaleBud['ownPollen']
>;
const aMorning = fc
  .tuple(
    fc.array(fc.tuple(plants, own, fc.boolean(), fc.integer({ min: 1, max: 3 })), { maxLength: 8 }),
    fc.array(fc.tuple(plants, fc.boolean(), fc.nat(3)), { maxLength: 10 }),
  )
  .map(([females, males]) => ({
    females: females.map(([plant, ownPollen, forSeed, malesWanted]) =>
      female(plant, { ownPollen, forSeed, malesWanted, fewestMales: Math.min(2, malesWanted) }),
    ),
    males: males.map(([plant, guarded, used]) => male(plant, 'v', { guarded, used })),
  }));

test('never breaks its own rules, whatever the morning', () => {
  fc.assert(
    fc.property(aMorning, ({ females, males }) => {
      const { pairs, spare } = pairFlowers(females, males);
      const uses = new Map(males.map(({ bloom, used }) => [bloom, used]));
      expect(pairs.map(({ bloom }) => bloom).sort()).toEqual(females.map(({ bloom }) => bloom).sort());
      for (const pair of pairs) {
        const wants = females.find(({ bloom }) => bloom === pair.bloom)!;
        const flowers = pair.donors.map(({ bloom }) => bloom);
        expect(new Set(flowers).size).toBe(flowers.length);
        expect(flowers.length).toBeLessThanOrEqual(wants.malesWanted);
        for (const flower of flowers) uses.set(flower, uses.get(flower)! + 1);
        if (wants.ownPollen === 'never')
          expect(pair.donors.map(({ plant }) => plant)).not.toContain(pair.plant);
        const guards = new Set(flowers.map((flower) => males.find((each) => each.bloom === flower)!.guarded));
        // Clean and other pollen are never mixed on one for seed.
        if (wants.forSeed && guards.has(false)) expect(flowers).toHaveLength(1);
      }
      for (const [flower, times] of uses) {
        expect(times).toBeLessThanOrEqual(
          Math.max(MAX_USES, males.find((each) => each.bloom === flower)!.used),
        );
      }
      expect(spare.every(({ bloom, used }) => used === 0 && uses.get(bloom) === 0)).toBe(true);
      const without = pairs.filter(({ donors }) => donors.length === 0).length;
      expect(shortagesOf(females, males)[0]?.without ?? 0).toBe(without);
    }),
    { numRuns: 300 },
  );
});

test('the females of one plant share what there is evenly', () => {
  const females = Array.from({ length: 4 }, () => female('A'));
  const males = ['B', 'C', 'D', 'E'].flatMap((plant) => [male(plant), male(plant)]);
  const { pairs } = pairFlowers(females, males);
  for (const { donors } of pairs) {
    expect(donors).toHaveLength(2);
    expect(new Set(donors.map(({ plant }) => plant)).size).toBe(2);
  }
});

test('the flow of least cost finds what the Hungarian method finds', () => {
  // munkres-js: an independent solver of the assignment problem [Kuhn 1955; Munkres 1957].
  const square = fc
    .integer({ min: 1, max: 6 })
    .chain((n) =>
      fc.array(fc.array(fc.nat(50), { minLength: n, maxLength: n }), { minLength: n, maxLength: n }),
    );
  fc.assert(
    fc.property(square, (costs) => {
      const n = costs.length;
      const arcs: Arc[] = [];
      for (let i = 0; i < n; i += 1) arcs.push({ from: 0, to: 1 + i, capacity: 1, cost: -1000 });
      costs.forEach((row, i) =>
        row.forEach((cost, j) => arcs.push({ from: 1 + i, to: 1 + n + j, capacity: 1, cost })),
      );
      for (let j = 0; j < n; j += 1) arcs.push({ from: 1 + n + j, to: 2 * n + 1, capacity: 1, cost: 0 });
      const units = minCostFlow(2 * n + 2, arcs, 0, 2 * n + 1);
      const total = arcs.reduce((sum, { cost }, i) => sum + units[i]! * (cost === -1000 ? 0 : cost), 0);
      const best = computeMunkres(costs).reduce((sum, [i, j]) => sum + costs[i]![j]!, 0);
      expect(total).toBe(best);
    }),
  );
});
