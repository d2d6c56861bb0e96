import fc from 'fast-check';
import computeMunkres from 'munkres-js';
import { minCostFlow, type Arc } from './minCostFlow';
import { MOST_USES, pairFlowers, type FemaleBud, type MaleBud } from './pairFlowers';

let count = 0;
const female = (plant: string, change: Partial<FemaleBud> = {}): FemaleBud => ({
  flower: `f${(count += 1)}`,
  plant,
  variety: 'v',
  malesWanted: 3,
  fewestMales: 2,
  ownPollen: 'lastResort',
  ...change,
});
const male = (plant: string, variety = 'v'): MaleBud => ({ flower: `m${(count += 1)}`, plant, variety });
const fathersOf = (pairing: ReturnType<typeof pairFlowers>, i = 0): string[] =>
  pairing.pairs[i]!.donors.map(({ plant }) => plant).sort();

test('takes males of the same variety, from other plants, each from a different one', () => {
  const pairing = pairFlowers(
    [female('A')],
    [male('A'), male('B'), male('B'), male('C'), male('D'), male('X', 'other')],
  );
  expect(fathersOf(pairing)).toEqual(['B', 'C', 'D']);
  expect(pairing.pairs[0]!.reasons).toEqual([{ code: 'otherPlants', params: { count: 3 } }]);
  expect(pairing.shortages).toEqual([]);
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
  const pairing = pairFlowers([female('A'), female('B')], [male('C')]);
  expect(fathersOf(pairing, 0)).toEqual(['C']);
  expect(fathersOf(pairing, 1)).toEqual(['C']);
  expect(pairing.pairs[0]!.reasons.map(({ code }) => code)).toEqual(['otherPlants', 'shared', 'fewerMales']);
  expect(pairing.shortages).toEqual([{ variety: 'v', females: 2, wanted: 6, males: 1, without: 0 }]);
});

test('does not share a male only to give another female her third', () => {
  const { pairs } = pairFlowers([female('A'), female('B')], [male('C'), male('D'), male('E'), male('F')]);
  const used = pairs.flatMap(({ donors }) => donors.map(({ flower }) => flower));
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
  expect(none.shortages).toEqual([{ variety: 'v', females: 1, wanted: 3, males: 0, without: 1 }]);
});

test('never breaks its own rules, whatever the morning', () => {
  const plants = fc.constantFrom('A', 'B', 'C', 'D');
  const own = fc.constantFrom('allowed', 'lastResort', 'never' as const) as fc.Arbitrary<
    FemaleBud['ownPollen']
  >;
  const females = fc.array(fc.tuple(plants, own), { maxLength: 8 });
  const males = fc.array(plants, { maxLength: 10 });
  fc.assert(
    fc.property(females, males, (someFemales, someMales) => {
      const wants = someFemales.map(([plant, ownPollen]) => female(plant, { ownPollen }));
      const has = someMales.map((plant) => male(plant));
      const { pairs, spare } = pairFlowers(wants, has);
      const uses = new Map<string, number>();
      for (const [i, pair] of pairs.entries()) {
        const flowers = pair.donors.map(({ flower }) => flower);
        expect(new Set(flowers).size).toBe(flowers.length);
        expect(flowers.length).toBeLessThanOrEqual(3);
        for (const flower of flowers) uses.set(flower, (uses.get(flower) ?? 0) + 1);
        const own = pair.donors.filter(({ plant }) => plant === pair.plant).length;
        if (wants[i]!.ownPollen === 'never') expect(own).toBe(0);
        // None goes without while a male of another plant still has a use left.
        const left = has.some(({ flower, plant }) => plant !== pair.plant && (uses.get(flower) ?? 0) === 0);
        if (left && pairs.length === 1) expect(pair.donors.length).toBeGreaterThan(0);
      }
      for (const times of uses.values()) expect(times).toBeLessThanOrEqual(MOST_USES);
      expect(spare.every(({ flower }) => !uses.has(flower))).toBe(true);
    }),
  );
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
