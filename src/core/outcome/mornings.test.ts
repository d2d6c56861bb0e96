import { livedSeason } from '@testing/seasons';
import fc from 'fast-check';
import { jStat } from 'jstat';
import { cropOf } from '../crops/catalogue';
import { fruitsOf } from '../fruit/fruits';
import { Journal } from '../journal/journal';
import { seasonAt } from '../season/seasons';
import { addDays, daysBetween } from '../time/calendar';
import { flowersToCome, type FlowersToCome, type VarietyToCome } from './flowersToCome';
import { morningsFor } from './morningsFor';

const FROM = '2026-07-01';
const planting = (more: Partial<FlowersToCome> = {}): FlowersToCome => ({
  ...{ plants: 4, females: { mean: 0.5, of: 40 }, males: { mean: 2, of: 40 } },
  ...{ from: FROM, last: addDays(FROM, 59), mild: () => 1, ...more },
});
const of = (...plantings: readonly FlowersToCome[]): VarietyToCome => ({ plantings, malesEach: 1 });

test('two a morning: ten take about five mornings; cool mornings, or fewer plants, more', () => {
  const usual = morningsFor(of(planting()), 10)!;
  expect(usual.females).toBe(2);
  expect(usual.likely).toBe('2026-07-05');
  expect(usual.soon! < usual.likely! && usual.likely! < usual.late!).toBe(true);
  expect(usual.chance).toBeGreaterThan(0.99);
  const cool = morningsFor(of(planting({ mild: () => 0.5 })), 10)!;
  expect(daysBetween(FROM, cool.likely!)).toBe(9);
  expect(morningsFor(of(planting({ plants: 2 })), 10)!.likely).toBe(cool.likely);
});

test('what the season is too short for has no day, and its chance is said', () => {
  const short = morningsFor(of(planting({ last: addDays(FROM, 3) })), 20)!;
  expect(short).not.toHaveProperty('likely');
  expect(short.chance).toBeLessThan(0.05);
  // After it is no use any more, no flower counts.
  const early = morningsFor(of(planting()), 20, addDays(FROM, 3))!;
  expect(early).toEqual(short);
  expect(morningsFor(of(planting()), 1, addDays(FROM, -1))).toBeUndefined();
  expect(morningsFor(of(planting({ last: addDays(FROM, -1) })), 1)).toBeUndefined();
  expect(morningsFor({ plantings: [], malesEach: 1 }, 1)).toBeUndefined();
});

test('males: as many as the flowers take, against those to come meanwhile', () => {
  const { males } = morningsFor({ ...of(planting({ males: { mean: 0.1, of: 40 } })), malesEach: 1.5 }, 10)!;
  expect(males.needed).toBe(15);
  expect(males.expected).toBeCloseTo(0.1 * 4 * 5, 9);
});

test('the chance is that of counts whose mean is believed as a gamma, by a plain sum over that', () => {
  const anyPlanting = fc.record({
    plants: fc.integer({ min: 1, max: 30 }),
    females: fc.record({
      mean: fc.double({ min: 0.05, max: 3, noNaN: true }),
      of: fc.integer({ min: 3, max: 200 }),
    }),
    days: fc.integer({ min: 1, max: 40 }),
  });
  fc.assert(
    fc.property(anyPlanting, fc.integer({ min: 1, max: 60 }), ({ plants, females, days }, wanted) => {
      const { chance } = morningsFor(
        of(planting({ plants, females, last: addDays(FROM, days - 1) })),
        wanted,
      )!;
      const QUANTILES = 4_000;
      let sum = 0;
      for (let i = 0; i < QUANTILES; i += 1) {
        const rate = jStat.gamma.inv((i + 0.5) / QUANTILES, females.mean * females.of, 1 / females.of);
        sum += 1 - jStat.poisson.cdf(wanted - 1, rate * plants * days);
      }
      expect(chance).toBeCloseTo(sum / QUANTILES, 2);
    }),
    { numRuns: 25 },
  );
});

test('two plantings as one of both together; later days, more flowers and more plants never make it less likely', () => {
  const one = planting({ females: { mean: 0.4, of: 1e6 } });
  const both = morningsFor(of(one, one), 12)!;
  const single = morningsFor(of({ ...one, plants: 8 }), 12)!;
  expect(both.likely).toBe(single.likely);
  expect(both.chance).toBeCloseTo(single.chance, 6);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 20 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 0, max: 50 }),
      (plants, wanted, days) => {
        const chance = (p: number, w: number, d: number): number =>
          morningsFor(of(planting({ plants: p, last: addDays(FROM, d) })), w)!.chance;
        const usual = chance(plants, wanted, days);
        expect(chance(plants + 1, wanted, days)).toBeGreaterThanOrEqual(usual - 1e-12);
        expect(chance(plants, wanted, days + 1)).toBeGreaterThanOrEqual(usual - 1e-12);
        expect(chance(plants, wanted + 1, days)).toBeLessThanOrEqual(usual + 1e-12);
      },
    ),
    { numRuns: 40 },
  );
});

test('in the demo: what stands and flowers by hand has flowers to come from tomorrow on; corn is counted by its stalks', () => {
  const journal = new Journal();
  journal.add(livedSeason('demo'));
  const garden = journal.all('garden').get('')!;
  const today = '2026-07-18';
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  let asked = 0;
  for (const variety of journal.all('variety').values()) {
    const histories = fruits
      .filter((fruit) => fruit.variety.variety === variety.variety)
      .flatMap((fruit) => fruit.histories);
    const toCome = flowersToCome(journal, garden, today, variety, histories);
    if (cropOf(variety.crop).parts) expect(toCome).toBeUndefined();
    for (const { from, last, plants, mild } of toCome?.plantings ?? []) {
      asked += 1;
      expect(from > today).toBe(true);
      expect(last >= from).toBe(true);
      expect(plants).toBeGreaterThan(0);
      expect(mild(from)).toBeGreaterThan(0);
    }
  }
  expect(asked).toBeGreaterThan(3);
});
