import fc from 'fast-check';
import computeMunkres from 'munkres-js';
import type { FemaleBud, MaleBud } from './buds';
import { costBetween, costOfFathering, costOfUse, pairFlowers, VALUES, type Ground } from './pairFlowers';

/** The pairing against others that find the same: every way tried, and an independent package. */

interface Morning {
  readonly females: readonly FemaleBud[];
  readonly males: readonly MaleBud[];
  readonly ground: Ground;
}

/** What some males on one female cost; `undefined` where she may not take them. */
function costOfOne(female: FemaleBud, donors: readonly MaleBud[], ground: Ground): number | undefined {
  let cost = 0;
  const perPlant = new Map<string, number>();
  for (const [i, male] of donors.entries()) {
    const between = costBetween(female, male, ground);
    if (between === undefined) return undefined;
    const same = perPlant.get(male.plant) ?? 0;
    perPlant.set(male.plant, same + 1);
    cost += between + same * VALUES.sameFather;
    cost -= i === 0 ? VALUES.first : i < female.fewestMales ? VALUES.needed : VALUES.wanted;
  }
  return cost;
}

/** What it costs that males were used so many times more, all females of the morning together. */
function costOfUses(males: readonly MaleBud[], uses: readonly number[], { fathered }: Ground): number {
  let cost = 0;
  const perPlant = new Map<string, number>();
  males.forEach(({ plant, used }, i) => {
    for (let use = 0; use < uses[i]!; use += 1) cost += costOfUse(used + use);
    perPlant.set(plant, (perPlant.get(plant) ?? 0) + uses[i]!);
  });
  for (const [plant, more] of perPlant) {
    // Flowers that can give no more do not stand in the network, so what they gave today counts for nothing.
    const today = males
      .filter((male) => male.plant === plant && male.used < male.serves)
      .reduce((sum, { used }) => sum + used, 0);
    const before = (fathered?.get(plant) ?? 0) + today;
    for (let use = 0; use < more; use += 1) cost += costOfFathering(before + use);
  }
  return cost;
}

/** Every set of males on every female, by how often each male is used: the least that any way costs. */
function leastCost({ females, males, ground }: Morning): number {
  const radix = males.map(({ used, serves }) => Math.max(0, serves - used) + 1);
  const step = radix.map((_, i) => radix.slice(0, i).reduce((product, each) => product * each, 1));
  const size = radix.reduce((product, each) => product * each, 1);
  let best = new Float64Array(size).fill(Number.POSITIVE_INFINITY);
  best[0] = 0;
  for (const female of females) {
    const choices: { readonly code: number; readonly mask: number; readonly cost: number }[] = [];
    for (let mask = 0; mask < 2 ** males.length; mask += 1) {
      const donors = males.filter((_, i) => (mask & (1 << i)) !== 0);
      if (donors.length > female.malesWanted) continue;
      const cost = costOfOne(female, donors, ground);
      const code = step.reduce((sum, each, i) => ((mask & (1 << i)) !== 0 ? sum + each : sum), 0);
      if (cost !== undefined) choices.push({ code, mask, cost });
    }
    const next = new Float64Array(size).fill(Number.POSITIVE_INFINITY);
    for (let state = 0; state < size; state += 1) {
      const sofar = best[state]!;
      if (sofar === Number.POSITIVE_INFINITY) continue;
      let full = 0;
      for (let i = 0; i < males.length; i += 1)
        if (Math.floor(state / step[i]!) % radix[i]! === radix[i]! - 1) full |= 1 << i;
      for (const { code, mask, cost } of choices)
        if ((mask & full) === 0 && sofar + cost < next[state + code]!) next[state + code] = sofar + cost;
    }
    best = next;
  }
  let least = Number.POSITIVE_INFINITY;
  best.forEach((cost, state) => {
    if (cost === Number.POSITIVE_INFINITY) return;
    const uses = males.map((_, i) => Math.floor(state / step[i]!) % radix[i]!);
    least = Math.min(least, cost + costOfUses(males, uses, ground));
  });
  return least;
}

/** What the pairing costs by the same rules, from the flowers that it names. */
function costOfPairing({ females, males, ground }: Morning): number {
  const { pairs } = pairFlowers(females, males, ground);
  const byId = new Map(males.map((male) => [male.bloom, male]));
  const uses = new Map<string, number>();
  let cost = 0;
  for (const { bloom, donors } of pairs) {
    const female = females.find((each) => each.bloom === bloom)!;
    const own = costOfOne(
      female,
      donors.map((donor) => byId.get(donor.bloom)!),
      ground,
    );
    expect(own).toBeDefined();
    cost += own!;
    for (const donor of donors) uses.set(donor.bloom, (uses.get(donor.bloom) ?? 0) + 1);
  }
  return (
    cost +
    costOfUses(
      males,
      males.map(({ bloom }) => uses.get(bloom) ?? 0),
      ground,
    )
  );
}

const PLANTS = ['A', 'B', 'C', 'D'] as const;
const plant = fc.constantFrom(...PLANTS);
const aFemale = fc.record({
  plant,
  malesWanted: fc.integer({ min: 1, max: 4 }),
  ownPollen: fc.constantFrom('allowed', 'lastResort', 'never' as const),
  forSeed: fc.boolean(),
  named: fc.option(fc.subarray([...PLANTS]), { freq: 5, nil: undefined }),
});
const aMale = fc.record({
  plant,
  guarded: fc.boolean(),
  used: fc.nat(2),
  serves: fc.integer({ min: 1, max: 3 }),
  ageDays: fc.nat(1),
});
const aMorning: fc.Arbitrary<Morning> = fc
  .record({
    females: fc.array(aFemale, { maxLength: 6 }),
    males: fc.array(aMale, { maxLength: 6 }),
    fathered: fc.array(fc.nat(5), { minLength: 4, maxLength: 4 }),
    far: fc.array(fc.nat(40), { minLength: 4, maxLength: 4 }),
  })
  .map(({ females, males, fathered, far }) => ({
    females: females.map(({ named, ...each }, i): FemaleBud => ({
      bloom: `f${i}`,
      variety: 'v',
      father: 'v',
      application: 1,
      fewestMales: Math.min(2, each.malesWanted),
      ...each,
      ...(named && { fathers: named }),
    })),
    males: males.map((each, i): MaleBud => ({ bloom: `m${i}`, variety: 'v', ...each })),
    ground: {
      fathered: new Map(PLANTS.map((each, i) => [each, fathered[i]!])),
      metres: (a, b) => Math.abs(far[PLANTS.indexOf(a as 'A')]! - far[PLANTS.indexOf(b as 'A')]!),
    },
  }));

test('finds the least cost that any way of pairing has, where nothing can be paired too', () => {
  let without = 0;
  fc.assert(
    fc.property(aMorning, (morning) => {
      const least = leastCost(morning);
      expect(costOfPairing(morning)).toBe(least);
      if (least === 0) without += 1;
    }),
    { numRuns: 1_000 },
  );
  expect(without).toBeGreaterThan(20);
});

test('where each takes one and gives one, it is the assignment that an independent package finds', () => {
  // munkres-js: the Hungarian method [Kuhn 1955; Munkres 1957]. Metres are all that differs between the pairs.
  const square = fc
    .integer({ min: 1, max: 7 })
    .chain((n) =>
      fc.array(fc.array(fc.nat(99), { minLength: n, maxLength: n }), { minLength: n, maxLength: n }),
    );
  fc.assert(
    fc.property(square, (metres) => {
      const females = metres.map((_, i): FemaleBud => {
        const wants = { malesWanted: 1, fewestMales: 1, ownPollen: 'never', forSeed: true } as const;
        return { bloom: `f${i}`, plant: `${i}`, variety: 'v', father: 'w', application: 1, ...wants };
      });
      const males = metres.map((_, j): MaleBud => {
        const gives = { guarded: true, used: 0, serves: 1, ageDays: 0 };
        return { bloom: `${j}`, plant: `m${j}`, variety: 'w', ...gives };
      });
      const far = (a: string, b: string): number => metres[Number(a)]![Number(b.slice(1))]!;
      const { pairs } = pairFlowers(females, males, { metres: far });
      const walked = pairs.reduce((sum, pair) => sum + far(pair.plant, pair.donors[0]!.plant), 0);
      const best = computeMunkres(metres).reduce((sum, [i, j]) => sum + metres[i]![j]!, 0);
      expect(walked).toBe(best);
    }),
  );
});
