import fc from 'fast-check';
import { cropOf } from '../crops/catalogue';
import { seededChance } from '../random/chance';
import type { FruitHistory } from './fruitHistory';
import { fateBy, fatesAmong, type Fate } from './fates';
import { fruitSetRates } from './setRates';
import { setBelief } from './setBelief';
import { setDay } from './setVerdict';

const LOOKS = cropOf('pepo').looks;

const flower = (change: Partial<FruitHistory>): FruitHistory => ({
  bloom: 'f',
  plant: 'p',
  followed: 'pollinated',
  looks: LOOKS,
  since: '2026-07-01',
  age: 30,
  lastGrowing: 0,
  ...change,
});
const many = (times: number, change: Partial<FruitHistory>): FruitHistory[] =>
  Array.from({ length: times }, (_, i) => flower({ ...change, plant: `p${i % 8}` }));

const fatesOf = (histories: readonly FruitHistory[], dayOf: (history: FruitHistory) => number): Fate[] =>
  histories.flatMap((history) => fateBy(history, dayOf(history)) ?? []);

/** The product-limit estimate of Kaplan & Meier, written from its definition. */
function productLimit(histories: readonly FruitHistory[], day: number): number {
  const points = histories.map(({ lastGrowing, failed, ended }) =>
    failed !== undefined
      ? { at: Math.min(failed, day), fell: true }
      : { at: Math.min(day, ended ? Math.max(lastGrowing, ended.day) : lastGrowing), fell: false },
  );
  let share = 1;
  for (let each = 1; each <= day; each += 1) {
    const atRisk = points.filter(({ at }) => at >= each).length;
    const fell = points.filter(({ at, fell: isFall }) => isFall && at === each).length;
    if (atRisk > 0) share *= 1 - fell / atRisk;
  }
  return share;
}

const anyFlower = fc.oneof(
  fc.record({ failed: fc.integer({ min: 1, max: 12 }), lastGrowing: fc.constant(0) }),
  fc.record({ lastGrowing: fc.integer({ min: 0, max: 12 }) }),
  fc.integer({ min: 1, max: 6 }).map((day) => ({ ended: { how: 'thinned' as const, day } })),
);

test('with what was not looked at shared out, the share is the product-limit estimate', () => {
  fc.assert(
    fc.property(fc.array(anyFlower, { minLength: 1, maxLength: 30 }), (changes) => {
      // One that is known to have grown on: somebody tells of all before it.
      const histories = [...changes, { lastGrowing: 12 }].map((change) => flower(change));
      const fates = fatesOf(histories, () => 7);
      const { share, unknown } = fatesAmong(fates);
      expect(unknown).toBe(0);
      expect(share).toBeCloseTo(productLimit(histories, 7), 9);
    }),
  );
});

test('each counts with its chance; what fails later makes what grew so long fail', () => {
  const anyFate = fc.record(
    { yes: fc.boolean(), until: fc.integer({ min: 0, max: 9 }) },
    { requiredKeys: ['until'] },
  );
  fc.assert(
    fc.property(fc.array(anyFate, { minLength: 1, maxLength: 40 }), (some) => {
      const all = some.map(({ yes, until }): Fate =>
        yes ? { yes, until: Infinity } : { ...(yes === false && { yes }), until },
      );
      const { share = 0, unknown, of, effective, chanceOf, failsAfter } = fatesAmong(all);
      const chances = all.reduce((total, fate) => total + chanceOf(fate), 0);
      expect(chances).toBeCloseTo(share * (all.length - unknown) + unknown / 2, 9);
      expect(effective).toBeLessThanOrEqual(of + 1e-9);
      for (const fate of all) {
        if (fate.yes !== undefined || unknown > 0 || share === 1) continue;
        // Bayes: it grew so long, either because it grows on or because it fails later.
        const late = failsAfter(fate);
        const chance = share === 0 ? 0 : share / (share + (1 - share) * late);
        expect(chanceOf(fate)).toBeCloseTo(chance, 9);
      }
    }),
  );
});

test('of ten that grew on day 4 and were looked at again nine grew on, and so does one that was not', () => {
  const all: Fate[] = [
    ...Array<Fate>(5).fill({ yes: false, until: 4 }),
    { yes: false, until: 7 },
    ...Array<Fate>(9).fill({ yes: true, until: Infinity }),
    ...Array<Fate>(5).fill({ until: 4 }),
  ];
  const { share, chanceOf, failsAfter, effective } = fatesAmong(all);
  expect(chanceOf({ until: 4 })).toBeCloseTo(0.9, 9);
  expect(share).toBeCloseTo((15 / 20) * 0.9, 9);
  // Of twenty, five fail by day 4 and one and a half later.
  expect(failsAfter({ until: 4 })).toBeCloseTo(1.5 / 6.5, 9);
  expect(effective).toBeCloseTo(20 ** 2 / (5 + 10 * 1.5 ** 2), 9);
});

test('each looked at on its day: a plain share, and what was looked at counts as one', () => {
  const histories = [...many(3, { lastGrowing: 8 }), ...many(5, { failed: 4 })];
  const fates = fatesOf(histories, setDay);
  expect(fatesAmong(fates)).toMatchObject({ hits: 3, of: 8, share: 3 / 8, effective: 8, unknown: 0 });
});

test('what failed early and what nobody has looked at since is no 0 %: it is not known', () => {
  const histories = [...many(31, { failed: 4 }), ...many(25, { lastGrowing: 9 })];
  const { set, kept } = fruitSetRates(histories);
  expect(set.share).toBeCloseTo(25 / 56, 9);
  expect(kept).toMatchObject({ share: undefined, unknown: 25, low: 0 });
  // All of them may have grown on.
  expect(kept.high).toBeGreaterThan(25 / 56);
  // Nor is it believed of the next ones.
  expect(setBelief('pepo', histories, () => 14).share).toBeGreaterThan(0.45);
});

test('one of many whose fate is unknown widens the range by itself', () => {
  const histories = [
    ...many(10, { failed: 4 }),
    ...many(9, { lastGrowing: 14 }),
    flower({ lastGrowing: 20 }),
  ];
  const whole = fruitSetRates(histories).kept;
  const missed = fruitSetRates([
    ...histories.slice(0, -1),
    flower({ lastGrowing: 13, looks: { ...LOOKS } }),
  ]).kept;
  // Nine grew on that were there on day 13: it counts as they do.
  expect(missed.share).toBeCloseTo(whole.share!, 9);
  expect(missed.counted).toBe(true);
});

test('with six of ten last looks left out the share is what it is, where leaving them out halves it', () => {
  const chance = seededChance(31);
  const [counted, leftOut]: [number[], number[]] = [[], []];
  for (let season = 0; season < 300; season += 1) {
    const histories = Array.from({ length: 80 }, (_, i): FruitHistory => {
      const plant = `p${i % 10}`;
      // Three of ten fall by the first look; of the others one in seven later. Six of ten are kept.
      if (chance.below(1) < 0.3) return flower({ plant, failed: 4 });
      if (chance.below(1) < 0.6) return flower({ plant, lastGrowing: 4 });
      return chance.below(1) < 1 / 7
        ? flower({ plant, lastGrowing: 4, failed: 14 })
        : flower({ plant, lastGrowing: 14 });
    });
    const { kept } = fruitSetRates(histories);
    counted.push(kept.share!);
    leftOut.push(kept.hits / kept.of);
  }
  const mean = (of: readonly number[]): number => of.reduce((sum, each) => sum + each, 0) / of.length;
  expect(mean(counted)).toBeGreaterThan(0.59);
  expect(mean(counted)).toBeLessThan(0.61);
  expect(mean(leftOut)).toBeLessThan(0.46);
});

test('its interval holds the true share in nineteen seasons of twenty', () => {
  const chance = seededChance(32);
  let holds = 0;
  for (let season = 0; season < 400; season += 1) {
    const histories = Array.from({ length: 60 }, (_, i): FruitHistory => {
      const plant = `p${i % 12}`;
      if (chance.below(1) < 0.3) return flower({ plant, failed: 4 });
      if (chance.below(1) < 0.4) return flower({ plant, lastGrowing: 4 });
      return chance.below(1) < 1 / 7
        ? flower({ plant, lastGrowing: 4, failed: 14 })
        : flower({ plant, lastGrowing: 14 });
    });
    const { low, high } = fruitSetRates(histories).kept;
    if (low <= 0.6 && 0.6 <= high) holds += 1;
  }
  expect(holds / 400).toBeGreaterThan(0.93);
});
