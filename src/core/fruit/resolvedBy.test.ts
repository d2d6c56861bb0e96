import fc from 'fast-check';
import { cropOf } from '../crops/catalogue';
import { seededChance } from '../random/chance';
import type { FruitHistory } from './fruitHistory';
import { resolvedBy, shareOf } from './resolvedBy';
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
      const { flowers, unknown } = resolvedBy(histories, () => 7);
      expect(unknown).toBe(0);
      const weights = flowers.reduce((sum, { weight }) => sum + weight, 0);
      expect(weights).toBeCloseTo(histories.length, 9);
      expect(shareOf(flowers).share).toBeCloseTo(productLimit(histories, 7), 9);
    }),
  );
});

test('each looked at on its day: a plain share, and what was looked at counts as one', () => {
  const histories = [...many(3, { lastGrowing: 8 }), ...many(5, { failed: 4 })];
  const { flowers } = resolvedBy(histories, setDay);
  expect(flowers.every(({ weight }) => weight === 1)).toBe(true);
  expect(shareOf(flowers)).toEqual({ hits: 3, of: 8, share: 3 / 8, effective: 8, weights: 8 });
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
