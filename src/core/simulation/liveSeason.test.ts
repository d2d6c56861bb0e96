import { jStat } from 'jstat';
import fc from 'fast-check';
import { asWorked } from './asWorked';
import { liveSeason } from './liveSeason';
import type { FlowerInTruth } from './playedPlanting';
import {
  AS_PLANNED,
  type SimulatedGarden,
  type SimulatedPlanting,
  type WayOfSeason,
} from './simulatedGarden';
import { stageOf, type Stage } from './stage';
import { countOf, drawFrost, drawWarmth, dropDay, keptFrom, leftByLoad, natureOf, WARMTH_SD } from './truth';

const SQUASH: SimulatedPlanting = {
  ...{ variety: 'v', crop: 'pepo', forSeed: true, glass: false, plants: 8 },
  ...{ startsIn: 0, flowersFor: 30, bearsAfter: [0, 0] },
  ...{ females: { mean: 0.3, of: 1e9 }, males: { mean: 9, of: 1e9 }, malesWanted: 1, serves: 3 },
  ...{ covered: true, takes: 3, outing: 'morning', worth: new Array<number>(24).fill(1) },
  ...{
    kept: [0.55],
    insects: [0.3],
    hanging: [],
    picked: 0,
    pickedCovered: 0,
    doneToday: false,
    ripensIn: [50, 60],
    dropsBy: 14,
  },
};
const gardenOf = (...plantings: Partial<SimulatedPlanting>[]): SimulatedGarden => ({
  from: '2026-06-20',
  latitude: 48,
  climate: { coldMin: -2, coldMax: 4, warmMin: 14, warmMax: 25 },
  earlyFrost: 110,
  plantings: plantings.map((planting) => ({ ...SQUASH, ...planting })),
});

const NATURE = natureOf(5);
const stages = new Map<string, Stage>();
/** The stage of a garden is set once: it takes longer than a season. */
function staged(garden: SimulatedGarden): Stage {
  const key = JSON.stringify(garden);
  const known = stages.get(key) ?? stageOf(garden);
  stages.set(key, known);
  return known;
}
const live = (
  garden: SimulatedGarden,
  season: number,
  way: Partial<WayOfSeason> = {},
  watch?: (flower: FlowerInTruth) => void,
) => liveSeason(staged(garden), NATURE, { way: { ...AS_PLANNED, ...way }, season, ...(watch && { watch }) });

const sum = (values: readonly number[]): number => values.reduce((all, each) => all + each, 0);
const mean = (values: readonly number[]): number => sum(values) / values.length;

test('warm and cool spells have the spread and the memory they should have', () => {
  const days = new Float64Array(200);
  const [all, next]: [number[], number[]] = [[], []];
  for (let season = 0; season < 200; season += 1) {
    drawWarmth(NATURE, season, days);
    for (let day = 1; day < days.length; day += 1) {
      all.push(days[day]!);
      next.push(days[day]! * days[day - 1]!);
    }
  }
  expect(mean(all)).toBeCloseTo(0, 0);
  expect(jStat.stdev(all)).toBeCloseTo(WARMTH_SD, 0);
  expect(mean(next) / WARMTH_SD ** 2).toBeCloseTo(0.7, 1);
});

test('the early frost is that of one year in ten', () => {
  const frosts = Array.from({ length: 5000 }, (_, season) => drawFrost(NATURE, season));
  expect(frosts.filter((days) => days < 0).length / 5000).toBeCloseTo(0.1, 1);
});

test('counts are those of Poisson, as jstat has them', () => {
  for (const expected of [0, 0.3, 2, 40]) {
    for (const u of [0.001, 0.2, 0.5, 0.93, 0.9999]) {
      const count = countOf(expected, u);
      if (expected > 0) expect(jStat.poisson.cdf(count, expected)).toBeGreaterThanOrEqual(u);
      if (count > 0) expect(jStat.poisson.cdf(count - 1, expected)).toBeLessThan(u);
    }
  }
  expect(countOf(0, 0.9)).toBe(0);
  expect(countOf(4000, 0.5)).toBe(4000);
});

test('what still grows is kept as often as the days on which the others drop say', () => {
  const drops = Array.from({ length: 20_000 }, (_, i) => dropDay((i + 0.5) / 20_000, 14));
  expect(Math.max(...drops)).toBe(14);
  for (const day of [0, 3, 7, 13]) {
    const later = drops.filter((drop) => drop > day).length / drops.length;
    expect(keptFrom(0.4, day, 14)).toBeCloseTo(0.4 / (0.4 + 0.6 * later), 2);
  }
  expect(keptFrom(0.4, 14, 14)).toBe(1);
  expect(keptFrom(0.4, 40, 14)).toBe(1);
});

test('the same season has the same flowers, however it is worked', () => {
  fc.assert(
    fc.property(
      fc.nat(500),
      fc.nat(3),
      fc.integer({ min: 1, max: 7 }),
      fc.boolean(),
      (season, hoursLate, days, covers) => {
        const garden = gardenOf(
          { plants: 4 },
          { variety: 'w', covered: false, forSeed: false, ripensIn: [5, 8] },
        );
        const before = live(garden, season);
        const after = live(garden, season, { hoursLate, days, covers, minutes: 20, people: 2 });
        expect(after.map(({ opened }) => opened)).toEqual(before.map(({ opened }) => opened));
        for (const { opened, pollinated, late, withoutMale, picked, covered } of after) {
          expect(pollinated + late + withoutMale).toBe(opened);
          // Fruit is picked and never put back; what was covered is a part of it.
          expect(picked.every((count, day) => day === 0 || count >= picked[day - 1]!)).toBe(true);
          expect(covered.every((count, day) => count <= picked[day]!)).toBe(true);
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('each plant has its own flowers: fewer plants leave the others as they were', () => {
  const flowers = (count: number): FlowerInTruth[] => {
    const seen: FlowerInTruth[] = [];
    live(gardenOf({}), 3, { plants: { variety: 'v', count } }, (flower) => seen.push(flower));
    return seen;
  };
  const of = (all: readonly FlowerInTruth[]): string[] =>
    all
      .filter(({ plant }) => plant < 3)
      .map(({ plant, day, chance, drops }) => `${plant} ${day} ${chance.toFixed(6)} ${drops}`)
      .sort();
  expect(of(flowers(3))).toEqual(of(flowers(8)));
  expect(of(flowers(3))).toEqual(of(flowers(20)));
  expect(flowers(0)).toEqual([]);
});

test('with all the time, pollen and warmth there is, as many are kept as are believed to be', () => {
  const garden = gardenOf({ plants: 30, flowersFor: 20, ripensIn: [20, 25] });
  const outcomes = Array.from({ length: 60 }, (_, season) => live(garden, season)[0]!);
  const pollinated = sum(outcomes.map((outcome) => outcome.pollinated));
  const kept = sum(outcomes.map(({ picked }) => picked.at(-1)!));
  // Plants’ luck draws the mean a little to the middle.
  expect(kept / pollinated).toBeGreaterThan(0.53);
  expect(kept / pollinated).toBeLessThan(0.56);
  expect(pollinated).toBe(sum(outcomes.map(({ opened }) => opened)));
});

test('a full plant sets less, an hour late costs what that hour is worth, and too few males cost a little', () => {
  const share = (planting: Partial<SimulatedPlanting>, way: Partial<WayOfSeason> = {}): number => {
    let [chance, flowers] = [0, 0];
    for (let season = 0; season < 30; season += 1)
      live(gardenOf({ plants: 20, ...planting }), season, way, (flower) => {
        chance += flower.chance;
        flowers += 1;
      });
    return chance / flowers;
  };
  const usual = share({});
  const falling = Array.from({ length: 24 }, (_, point) => 1 - point / 24);
  expect(share({ worth: falling, takes: 0.01 }, { hoursLate: 2 })).toBeCloseTo(usual * 0.5, 2);
  expect(share({ malesWanted: 5, males: { mean: 0.2, of: 1e9 } })).toBeCloseTo(usual * 0.9, 1);
  expect(share({ most: 1 })).toBeLessThan(0.6 * usual);
  expect(leftByLoad(3, undefined)).toBe(1);
});

test('worked as planned, as many are kept as are believed to be, however late in the morning their turn comes', () => {
  const falling = Array.from({ length: 24 }, (_, point) => 1 - point / 24);
  const garden = gardenOf({ plants: 30, flowersFor: 20, ripensIn: [20, 25], worth: falling, takes: 8 });
  const bare = stageOf(garden);
  const shareOf = (stage: Stage, way: Partial<WayOfSeason> = {}): number => {
    let [chance, flowers] = [0, 0];
    for (let season = 0; season < 60; season += 1)
      liveSeason(stage, NATURE, {
        ...{ season, way: { ...AS_PLANNED, ...way } },
        watch: (flower) => {
          chance += flower.chance;
          flowers += 1;
        },
      });
    return chance / flowers;
  };
  const known = asWorked(bare, NATURE);
  const { usual } = known.plantings[0]!;
  expect(usual).toBeLessThan(0.95);
  expect(shareOf(bare)).toBeCloseTo(0.55 * usual, 1);
  // Plants’ luck draws the mean a little to the middle.
  expect(shareOf(known)).toBeGreaterThan(0.53);
  expect(shareOf(known)).toBeLessThan(0.56);
  // A helper comes to more of them in their best time.
  expect(shareOf(known, { people: 2 })).toBeGreaterThan(shareOf(known));
  expect(known.outings.flat()).toEqual(known.plantings);
});

test('covered flowers that nobody comes to bear nothing; open ones bear what insects set', () => {
  const none = { days: 1, minutes: 0 } as const;
  const [covered] = live(gardenOf({}), 1, none);
  expect(covered).toMatchObject({ pollinated: 0, withoutMale: 0 });
  expect(covered!.picked.at(-1)).toBe(0);
  const open = Array.from(
    { length: 40 },
    (_, season) => live(gardenOf({}), season, { ...none, covers: false })[0]!,
  );
  const share = sum(open.map(({ picked }) => picked.at(-1)!)) / sum(open.map(({ opened }) => opened));
  expect(share).toBeGreaterThan(0.26);
  expect(share).toBeLessThan(0.33);
  expect(open.every((outcome) => outcome.covered.at(-1) === 0)).toBe(true);
});

test('without a male nothing is pollinated, and that is told apart from want of time', () => {
  const [outcome] = live(gardenOf({ males: { mean: 0, of: 1e9 } }), 1);
  expect(outcome).toMatchObject({ pollinated: 0, late: 0 });
  expect(outcome!.withoutMale).toBe(outcome!.opened);
});

test('the frost ends it: what is old enough is picked, what is not is lost; under glass it goes on', () => {
  const early = { ...gardenOf({ plants: 20 }), earlyFrost: 0 };
  const late = Array.from({ length: 30 }, (_, season) => {
    const [outcome] = live(early, season);
    return outcome!.picked.at(-1)!;
  });
  expect(Math.max(...late)).toBe(0);
  const glass = { ...early, plantings: [{ ...SQUASH, plants: 20, glass: true }] };
  expect(live({ ...glass, earlyFrost: 0 }, 1)[0]!.picked.at(-1)!).toBeGreaterThan(20);
});

test('what hangs already ripens, but for the young that still drop', () => {
  const hanging = [
    ...Array.from({ length: 4 }, (_, plant) => ({ plant, age: 30, ripened: 30, grew: 20, covered: true })),
    ...Array.from({ length: 4 }, (_, plant) => ({ plant, age: 1, ripened: 1, grew: 0, covered: true })),
  ];
  const garden = gardenOf({ flowersFor: 0, hanging, picked: 3 });
  const totals = Array.from({ length: 200 }, (_, season) => live(garden, season)[0]!.picked.at(-1)!);
  // Three were picked, four are past dropping, of four about half are kept.
  expect(Math.min(...totals)).toBeGreaterThanOrEqual(7);
  expect(mean(totals)).toBeGreaterThan(7 + 4 * 0.45);
  expect(mean(totals)).toBeLessThan(7 + 4 * 0.65);
});

test('no fruit is lost or won: what is kept and has its time is picked, on the last day too', () => {
  fc.assert(
    fc.property(fc.nat(300), fc.integer({ min: 0, max: 45 }), (season, endsIn) => {
      const garden: SimulatedGarden = {
        ...gardenOf({ plants: 12, forSeed: false, ripensIn: [5, 5] }),
        ...{ climate: { coldMin: 20, coldMax: 28, warmMin: 20, warmMax: 28 }, earlyFrost: 300, endsIn },
      };
      let kept = 0;
      const [outcome] = live(garden, season, {}, ({ day, drops }) => {
        if (drops === undefined && day + 5 <= endsIn) kept += 1;
      });
      expect(outcome!.picked.at(-1)).toBe(kept);
      expect(outcome!.covered.at(-1)).toBe(kept);
      expect(outcome!.picked).toHaveLength(endsIn + 1);
    }),
    { numRuns: 40 },
  );
});

test('what was done today is not done again: its flowers are those of tomorrow', () => {
  const days = (doneToday: boolean): number[] => {
    const seen: number[] = [];
    live(gardenOf({ plants: 30, doneToday }), 4, {}, ({ day }) => seen.push(day));
    return seen;
  };
  expect(days(false)).toContain(0);
  expect(days(true)).not.toContain(0);
  expect(days(true)).toEqual(days(false).filter((day) => day > 0));
});

test('rounds on so many days of the week, and a helper, do what they can', () => {
  const busy = gardenOf({ plants: 60, males: { mean: 90, of: 1e9 } });
  const pollinated = (way: Partial<WayOfSeason>): number =>
    mean(Array.from({ length: 10 }, (_, season) => live(busy, season, way)[0]!.pollinated));
  const all = pollinated({});
  expect(pollinated({ days: 3 }) / all).toBeCloseTo(3 / 7, 1);
  const alone = pollinated({ minutes: 20 });
  expect(pollinated({ minutes: 20, people: 2 }) / alone).toBeCloseTo(2, 0);
  // So many of three minutes each go into twenty.
  expect(alone).toBeLessThanOrEqual(30 * 6);
});
