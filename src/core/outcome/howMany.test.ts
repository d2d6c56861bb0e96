import fc from 'fast-check';
import { jStat } from 'jstat';
import { pepo } from '../crops/pepo';
import type { CropId } from '../crops/catalogue';
import type { FruitHistory } from '../fruit/fruitHistory';
import { howMany } from './howMany';

const ask = (crop: CropId, more: Partial<Parameters<typeof howMany>[0]> = {}): ReturnType<typeof howMany> =>
  howMany({
    variety: { crop, purpose: 'seedToKeep' },
    ...{ histories: [], plants: 3, wanted: 1, chance: 0.8, ...more },
  });

// HANDBOOK: melons set one in five, so several flowers are worked for each fruit wanted (common practice, no source).
test('a melon: eight flowers to get one mostly; more to be surer, and for more', () => {
  expect(ask('melon').pollinations).toBe(8);
  expect(ask('melon', { chance: 0.95 }).pollinations).toBeGreaterThan(12);
  expect(ask('melon', { wanted: 4 }).pollinations).toBeGreaterThan(24);
  expect(ask('melon')).toMatchObject({ own: 0, ownWeight: 0, carried: 12, plantsNeeded: 1 });
});

const history = (plant: string, kept: boolean): FruitHistory => ({
  ...{ bloom: 'f', followed: 'pollinated', plant, looks: pepo.looks, since: '2026-06-01', age: 40 },
  ...(kept ? { lastGrowing: 20 } : { lastGrowing: 3, failed: 6 }),
});

test('own flowers weigh more the more there are, and less where they are of one plant', () => {
  const own = (many: number, plants: number): FruitHistory[] =>
    Array.from({ length: many }, (_, i) =>
      history(`p${i % plants}`, (i + Math.floor(i / plants)) % 10 === 0),
    );
  const [few, many, onePlant] = [own(10, 10), own(200, 40), own(200, 1)].map((histories) =>
    ask('pepo', { histories }),
  );
  // One in ten is kept here, and the handbook has two in three.
  expect(few!.kept.share).toBeGreaterThan(many!.kept.share);
  expect(many!.kept.share).toBeLessThan(0.25);
  expect(onePlant!.ownWeight).toBeLessThan(many!.ownWeight / 2);
  expect(many!.own).toBe(200);
});

test('what a plant can carry is said for seed alone', () => {
  expect(ask('pepo', { wanted: 10, plants: 2 })).toMatchObject({ carried: 6, plantsNeeded: 4 });
  expect(ask('pepo', { variety: { crop: 'pepo', purpose: 'eat' } })).not.toHaveProperty('carried');
});

test('it is the fewest, by a plain count over simulated shares', () => {
  // The beta distribution of the prior by quantiles of the reference library, the binomial by its own sums.
  const shares = Array.from({ length: 2_000 }, (_, i) => jStat.beta.inv((i + 0.5) / 2_000, 26, 14));
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 12 }), fc.constantFrom(0.5, 0.8, 0.9), (wanted, chance) => {
      const { pollinations } = ask('pepo', { wanted, chance });
      const reached = (of: number): number =>
        shares.reduce((sum, share) => sum + 1 - jStat.binomial.cdf(wanted - 1, of, share), 0) / shares.length;
      expect(reached(pollinations!)).toBeGreaterThan(chance - 0.002);
      if (pollinations! > wanted) expect(reached(pollinations! - 1)).toBeLessThan(chance + 0.002);
    }),
    { numRuns: 12 },
  );
});
