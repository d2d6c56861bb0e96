import { seededChance, type Chance } from '../random/chance';
import { addDays } from '../time/calendar';
import { chancesOfOpen, expectedOf, learnBuds, USUAL_BUDS, type BudModel, type Comparison } from './budModel';
import { expectedOpen, type BudsSeen } from './expectedOpen';
import { opensOn } from './budStages';
import { negativeBinomial } from './negativeBinomial';

/**
 * A garden whose buds are followed one by one. It imports nothing of the forecast: stage lengths are gamma distributed,
 * of other lengths; one bud in ten is misread; days are missed.
 */
class Garden {
  private readonly chance: Chance;
  constructor(
    seed: number,
    private readonly slow: number,
    private readonly lost: number,
  ) {
    this.chance = seededChance(seed);
  }
  private gamma(shape: number): number {
    // Sum of exponentials: whole shapes are enough here.
    let sum = 0;
    for (let i = 0; i < shape; i += 1) sum -= Math.log(1 - this.chance.below(1));
    return sum / shape;
  }
  private poisson(mean: number): number {
    let n = 0;
    for (let left = Math.exp(-mean), p = this.chance.below(1); p > left; p *= this.chance.below(1)) n += 1;
    return n;
  }

  /** Buds of one plant over some days: for each evening what is counted, and what opens the day after. */
  plant(days: number): { readonly seen: BudsSeen | undefined; readonly opened: number }[] {
    const vigour = 0.3 + this.chance.below(1.4);
    const buds: { born: number; green: number; eve: number; lost: boolean }[] = [];
    for (let born = -12; born < days; born += 1) {
      for (let i = this.poisson(vigour); i > 0; i -= 1) {
        const start = born + this.chance.below(1);
        // Two to three days a pin, then a day and a half green.
        const green = start + this.slow * 2.4 * this.gamma(9);
        const eve = green + this.slow * 1.5 * this.gamma(8);
        buds.push({ born: start, green, eve, lost: this.chance.below(1) < this.lost });
      }
    }
    return Array.from({ length: days }, (_, day) => {
      // A bud that turns eve before the evening opens next morning.
      const counts = { eve: 0, green: 0, pin: 0 };
      for (const bud of buds) {
        if (bud.lost && day > bud.green) continue;
        const age =
          bud.born > day
            ? undefined
            : bud.eve <= day
              ? bud.eve > day - 1
                ? 'eve'
                : undefined
              : bud.green <= day
                ? 'green'
                : 'pin';
        if (!age) continue;
        const read =
          this.chance.below(1) < 0.1
            ? age === 'green'
              ? this.chance.below(1) < 0.5
                ? 'eve'
                : 'pin'
              : 'green'
            : age;
        counts[read] += 1;
      }
      const opened = buds.filter((bud) => !bud.lost && bud.eve <= day && bud.eve > day - 1).length;
      return { seen: this.chance.below(1) < 0.2 ? undefined : counts, opened };
    });
  }
}

const FIRST = '2026-07-01';

interface Case {
  readonly comparison: Comparison;
  readonly opened: number;
}

/** Each count of a plant with what opened up to five days later. */
function casesOf(plants: readonly ReturnType<Garden['plant']>[], usual: number): Case[] {
  return plants.flatMap((days) =>
    days.flatMap(({ seen }, from) =>
      seen === undefined
        ? []
        : Array.from({ length: 5 }, (_, ahead) => days[from + ahead]).flatMap((day, ahead) =>
            day === undefined
              ? []
              : [
                  {
                    comparison: {
                      group: 'v',
                      weight: 1,
                      day: addDays(FIRST, from + ahead),
                      seen,
                      development: Array.from({ length: ahead + 1 }, (__, i) => i),
                      usual,
                      opened: day.opened,
                    },
                    opened: day.opened,
                  },
                ],
          ),
    ),
  );
}

/** The same counts so many days before give the same forecast. */
const forecaster = (model: BudModel): ((comparison: Comparison) => number[]) => {
  const known = new Map<string, number[]>();
  return ({ seen, development, usual }) => {
    const key = JSON.stringify([seen, development.length]);
    const chances =
      known.get(key) ??
      chancesOfOpen(model, (pace) => {
        return { ...expectedOpen(seen, development, { usual, pace }).days.at(-1)!, shared: 1, common: 0 };
      });
    known.set(key, chances);
    return chances;
  };
};

/** Where a count falls in what was stated, spread evenly over its own chance (randomised, Czado et al. 2009). */
function placeIn(chances: readonly number[], opened: number, chance: Chance): number {
  const below = chances.slice(0, opened).reduce((sum, each) => sum + each, 0);
  return below + chance.below(1) * (chances[opened] ?? 0);
}

/** Continuous ranked probability score of a count: the smaller the better (Gneiting & Raftery 2007, from memory). */
function crps(chances: readonly number[], opened: number): number {
  let sum = 0;
  let below = 0;
  for (let n = 0; n < Math.max(chances.length, opened + 1); n += 1) {
    below += chances[n] ?? 0;
    sum += (below - (n >= opened ? 1 : 0)) ** 2;
  }
  return sum;
}

describe.each([
  ['slow buds, many lost', 1.45, 0.35],
  ['about as usual', 1.1, 0.15],
  ['quick buds', 0.7, 0.05],
])('a garden with %s', (_, slow, lost) => {
  const garden = new Garden(11, slow, lost);
  const USUAL = 0.8;
  const before = casesOf(
    Array.from({ length: 30 }, () => garden.plant(14)),
    USUAL,
  );
  const after = casesOf(
    Array.from({ length: 45 }, () => garden.plant(14)),
    USUAL,
  );
  const model = learnBuds(before.slice(0, 400).map(({ comparison }) => comparison));

  test('stated ranges hold four times of five, over at least 2,000 plant-days', () => {
    expect(after.length).toBeGreaterThan(2000);
    const chance = seededChance(5);
    const chancesFor = forecaster(model);
    const inside = after.filter(({ comparison, opened }) => {
      const at = placeIn(chancesFor(comparison), opened, chance);
      return at >= 0.1 && at <= 0.9;
    }).length;
    expect(inside / after.length).toBeGreaterThan(0.75);
    expect(inside / after.length).toBeLessThan(0.85);
  });

  test('what was learnt from own counts makes the forecast better', () => {
    const score = (of: BudModel): number => {
      const chancesFor = forecaster(of);
      return after.reduce((sum, { comparison, opened }) => sum + crps(chancesFor(comparison), opened), 0);
    };
    expect(score(model)).toBeLessThan(score(USUAL_BUDS));
  });
});

test('without any count of its own a garden is taken to be as usual', () => {
  expect(learnBuds([])).toBe(USUAL_BUDS);
});

test('few counts move little, many that agree move nearly all the way', () => {
  // Green buds that always take a day longer than usual.
  const comparison = (opened: number, days: number): Comparison => ({
    group: 'v',
    weight: 1,
    day: FIRST,
    seen: { eve: 0, green: 4 },
    development: Array.from({ length: days + 1 }, (_, i) => i),
    usual: 0,
    opened,
  });
  const late = [comparison(0, 1), comparison(4, 2)];
  const paceOf = (model: BudModel): number =>
    model.habits.reduce((sum, { pace, weight }) => sum + pace * weight, 0);
  const usual = paceOf(USUAL_BUDS);
  const after = (times: number): number =>
    paceOf(
      learnBuds(
        Array.from({ length: times }, (_, i) =>
          late.map((each) => ({ ...each, day: addDays(FIRST, i) })),
        ).flat(),
      ),
    );
  expect(after(1) - usual).toBeLessThan(0.35);
  expect(after(1)).toBeGreaterThan(usual);
  expect(after(20) - usual).toBeGreaterThan(0.35);
});

test('a slip of the finger does not upset what was learnt', () => {
  const fair: Comparison = {
    ...{ group: 'v', weight: 1, day: FIRST, seen: { eve: 0, green: 4 } },
    ...{ development: [0, 1], usual: 0, opened: 2 },
  };
  const slip: Comparison = { ...fair, opened: 60 };
  const yieldOf = (model: BudModel): number =>
    model.habits.reduce((sum, { yield: share, weight }) => sum + share * weight, 0);
  const many = Array.from({ length: 40 }, (_, i) => ({ ...fair, day: addDays(FIRST, i) }));
  expect(Math.abs(yieldOf(learnBuds([...many, slip])) - yieldOf(learnBuds(many)))).toBeLessThan(0.05);
});

test('shares of a stage never exceed those that open at all, and come later in the cold', () => {
  for (const stage of ['eve', 'green', 'pin'] as const) {
    const warm = opensOn(stage, [0, 1, 2, 3, 4, 5, 6], 1);
    const cold = opensOn(stage, [0, 0.4, 0.8, 1.2, 1.6, 2, 2.4], 1);
    const sum = (shares: readonly number[], to: number): number =>
      shares.slice(0, to).reduce((all, each) => all + each, 0);
    expect(Math.min(...warm, ...cold)).toBeGreaterThanOrEqual(0);
    expect(sum(warm, 7)).toBeLessThanOrEqual(1);
    for (let to = 1; to <= 7; to += 1) expect(sum(cold, to)).toBeLessThanOrEqual(sum(warm, to) + 1e-12);
  }
});

test('no development passes where it is too cold, and nothing opens', () => {
  expect(opensOn('green', [0, 0, 0], 1).slice(1)).toEqual([0, 0]);
});

describe('negative binomial', () => {
  test.each([
    [0.4, 1.3],
    [3, 2],
    [40, 8],
    [2500, 900],
  ])('mean %d, size %d: chances sum to 1, mean and variance are as stated', (mean, size) => {
    const chances = negativeBinomial(
      mean,
      size,
      Math.ceil(mean + 60 * Math.sqrt(mean + (mean * mean) / size)),
    );
    const moment = (power: number): number => chances.reduce((sum, p, n) => sum + p * n ** power, 0);
    expect(moment(0)).toBeCloseTo(1, 6);
    expect(moment(1) / mean).toBeCloseTo(1, 4);
    expect((moment(2) - moment(1) ** 2) / (mean + (mean * mean) / size)).toBeCloseTo(1, 3);
  });
  // With size 1 it is the geometric distribution.
  test('of size 1 it is geometric', () => {
    expect(negativeBinomial(1, 1, 3)).toEqual(
      [0.5, 0.25, 0.125, 0.0625].map((each) => expect.closeTo(each, 12)),
    );
  });
});

test('the range of four cases in five', () => {
  expect(expectedOf([0.05, 0.1, 0.7, 0.1, 0.05])).toEqual({ mean: expect.closeTo(2, 12), low: 1, high: 3 });
});
