import fc from 'fast-check';
import { fatesAmong, type Fate } from '../fruit/fates';
import { seededChance, type Chance } from '../random/chance';
import { betterSet, type BetterSet, type SetEffect } from './betterSet';
import { setByFactor } from './setByFactor';
import { SET_FACTORS, type SetFactor, type SetTrial } from './setTrials';
import { trialFates } from './trialFates';

const fateOf = (yes: boolean): Fate => ({ yes, until: yes ? Infinity : 4 });

interface Truth {
  readonly plants: number;
  readonly each: number;
  /** Log odds of one flower, without its plant's luck. */
  readonly logit: (factors: SetTrial['factors'], variety: string) => number;
  readonly factors: (chance: Chance, plant: number) => SetTrial['factors'];
  readonly luck?: number;
  readonly varieties?: number;
}

/** Flowers of a garden of which the truth is known: a module apart from what estimates it. */
function grow({ plants, each, logit, factors, luck = 0.5, varieties = 1 }: Truth, seed: number): SetTrial[] {
  const chance = seededChance(seed);
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(1 - chance.below(1))) * Math.cos(2 * Math.PI * chance.below(1));
  return Array.from({ length: plants }, (_, i) => {
    const own = luck * normal();
    const variety = `v${i % varieties}`;
    return Array.from({ length: each }, (): SetTrial => {
      const known = factors(chance, i);
      const share = 1 / (1 + Math.exp(-(logit(known, variety) + own)));
      return {
        plant: `p${String(i).padStart(2, '0')}`,
        variety,
        fate: fateOf(chance.below(1) < share),
        factors: known,
      };
    });
  }).flat();
}

const enough = (found: BetterSet): Extract<BetterSet, { enough: true }> => {
  if (!found.enough) throw new Error('too few');
  return found;
};
const effectOf = (found: BetterSet, factor: SetFactor): SetEffect | undefined =>
  enough(found).effects.find((effect) => effect.factor === factor);

const HOUR_AND_MALES: Truth = {
  plants: 20,
  each: 8,
  logit: ({ hour }) => 1.6 - 0.8 * (hour as number),
  factors: (chance) => ({ hour: 4 * chance.below(1), males: 1 + chance.index(3), again: chance.index(2) }),
};

test('finds that early is better, says by how much, and sees nothing in what does nothing', () => {
  const found = betterSet(grow(HOUR_AND_MALES, 1));
  const hour = effectOf(found, 'hour')!;
  expect(hour.evidence).toBe('strong');
  expect(hour.difference).toBeLessThan(-0.2);
  expect(hour.low).toBeLessThan(hour.difference);
  expect(hour.high).toBeLessThan(0);
  // Early and late thirds as they were counted.
  expect(hour.less.hits / hour.less.of).toBeGreaterThan(hour.more.hits / hour.more.of);
  expect(hour.less.to as number).toBeLessThan(hour.more.from as number);
  for (const factor of ['males', 'again'] as const) expect(effectOf(found, factor)!.evidence).toBe('none');
});

test('its interval holds the true difference as often as it says, with many plants and with few', () => {
  const covers = (plants: number, runs: number): number => {
    const truth = { ...HOUR_AND_MALES, plants, each: 10 };
    let inside = 0;
    for (let run = 0; run < runs; run += 1) {
      const trials = grow(truth, 1000 + run);
      const hour = effectOf(betterSet(trials), 'hour');
      if (!hour) continue;
      // The same comparison with every plant’s chance known: thirds of what was tried, luck averaged out.
      const mean = (keep: (value: number) => boolean): number => {
        const values = trials.map(({ factors }) => factors.hour as number).filter(keep);
        return values.reduce((sum, value) => sum + value, 0) / values.length;
      };
      const flat = 1 / Math.sqrt(1 + 0.346 * 0.5 ** 2);
      const share = (value: number): number => 1 / (1 + Math.exp(-(1.6 - 0.8 * value) * flat));
      const truly =
        share(mean((value) => value >= (hour.more.from as number))) -
        share(mean((value) => value <= (hour.less.to as number)));
      if (hour.low <= truly && truly <= hour.high) inside += 1;
    }
    return inside / runs;
  };
  expect(covers(40, 60)).toBeGreaterThan(0.9);
  expect(covers(6, 60)).toBeGreaterThan(0.88);
});

test('where nothing does anything, hardly ever is anything found', () => {
  let found = 0;
  for (let run = 0; run < 80; run += 1) {
    const nothing = betterSet(grow({ ...HOUR_AND_MALES, logit: () => 0.3, luck: 0.8 }, 5000 + run));
    if (enough(nothing).effects.some(({ evidence }) => evidence !== 'none')) found += 1;
  }
  expect(found).toBeLessThanOrEqual(9);
});

test('an hour that always comes with one variety cannot be told apart from it', () => {
  const trials = grow(
    {
      ...HOUR_AND_MALES,
      varieties: 2,
      factors: (chance, plant) => ({ hour: plant % 2 === 0 ? 0.5 : 3, males: 1 + chance.index(3) }),
    },
    3,
  );
  const found = enough(betterSet(trials));
  expect(found.notTold).toContainEqual({ factor: 'hour', why: 'together', with: 'variety' });
  expect(found.effects.map(({ factor }) => factor)).toEqual(['males']);
});

test('what was noted too seldom, is always the same, or known of one plant alone, is said to be so', () => {
  const trials = grow(
    {
      ...HOUR_AND_MALES,
      factors: (chance, plant) => ({
        hour: 4 * chance.below(1),
        cover: 1,
        ...(plant < 10 && { rain: chance.index(2) }),
        load: Number(plant === 0),
        method: plant % 3 === 0 ? 'brush' : 'maleFlower',
      }),
    },
    4,
  );
  const { notTold, effects } = enough(betterSet(trials));
  expect(notTold).toEqual(
    expect.arrayContaining([
      { factor: 'males', why: 'notNoted' },
      { factor: 'rain', why: 'notNoted' },
      { factor: 'cover', why: 'alwaysSame' },
      { factor: 'load', why: 'fewPlants' },
    ]),
  );
  const method = effects.find(({ factor }) => factor === 'method')!;
  // The usual way first.
  expect([method.less.from, method.more.from]).toEqual(['maleFlower', 'brush']);
});

test('where most mornings are alike, those that are not are compared with them, on the side with more', () => {
  // One morning of four is early; the others are late by about as much, as the sun rises later.
  const seldomEarly: Truth = {
    ...{ plants: 20, each: 8 },
    logit: ({ hour }) => ((hour as number) < 2 ? 1.7 : -1.4),
    factors: (chance) => ({
      hour: (chance.index(4) === 0 ? 0.9 : 3.9) + 0.2 * chance.below(1),
      // Mostly two, one flower with one, some with three.
      males: [2, 2, 2, 3][chance.index(4)]!,
    }),
  };
  const [first, ...rest] = grow(seldomEarly, 3);
  const found = betterSet([{ ...first!, factors: { ...first!.factors, males: 1 } }, ...rest]);
  const hour = effectOf(found, 'hour')!;
  expect(hour.evidence).toBe('strong');
  expect(hour.high).toBeLessThan(0);
  expect([hour.less.to as number, hour.more.from as number].map(Math.floor)).toEqual([1, 3]);
  expect(hour.less.of + hour.more.of).toBe(160);
  const males = effectOf(found, 'males')!;
  expect([males.less.to, males.more.from]).toEqual([2, 3]);
  expect(males.less.of + males.more.of).toBe(160);
});

test('a factor that parts all that set from all that failed has a finite answer', () => {
  const trials = grow({ ...HOUR_AND_MALES, factors: (chance) => ({ again: chance.index(2) }) }, 6).map(
    (trial) => ({
      ...trial,
      fate: fateOf(trial.factors.again === 1),
    }),
  );
  const again = effectOf(betterSet(trials), 'again')!;
  expect(again.difference).toBeGreaterThan(0.9);
  expect(again.evidence).toBe('strong');
  for (const value of [again.low, again.high, again.difference]) expect(Number.isFinite(value)).toBe(true);
});

describe('where looks were left out', () => {
  const EARLY = 0.6;
  /** Six of ten failures show on day 4; of the rest some are not looked at again. */
  function leaveOut(trials: readonly SetTrial[], how: (trial: SetTrial) => number, seed: number): SetTrial[] {
    const chance = seededChance(seed);
    return trials.map((trial): SetTrial => {
      if (!trial.fate.yes && chance.below(1) < EARLY) return trial;
      const isLeftOut = chance.below(1) < how(trial);
      if (isLeftOut) return { ...trial, fate: { until: 4 } };
      return trial.fate.yes ? trial : { ...trial, fate: { yes: false, until: 7 } };
    });
  }
  const nothing: Truth = {
    ...{ plants: 16, each: 10, luck: 0.4, logit: () => 0.4 },
    factors: (chance) => ({ again: chance.index(2) }),
  };
  const moreOfTwice = ({ factors }: SetTrial): number => (factors.again === 1 ? 0.7 : 0.1);

  test('what was looked at less does not seem to set less, and the interval holds as often as it says', () => {
    const runs = 100;
    let [sum, naive, inside] = [0, 0, 0];
    for (let run = 0; run < runs; run += 1) {
      const trials = leaveOut(grow(nothing, 7000 + run), moreOfTwice, run);
      const again = effectOf(betterSet(trials), 'again')!;
      sum += again.difference;
      inside += Number(again.low <= 0 && 0 <= again.high);
      naive += effectOf(betterSet(trials.filter(({ fate }) => fate.yes !== undefined)), 'again')!.difference;
    }
    expect(Math.abs(sum / runs)).toBeLessThan(0.03);
    expect(naive / runs).toBeLessThan(-0.15);
    expect(inside / runs).toBeGreaterThanOrEqual(0.9);
  });

  test('a real difference is found as large as it is, and groups come out as they are', () => {
    const real: Truth = { ...nothing, logit: ({ again }) => (again === 1 ? 1.2 : 0) };
    const truly = 1 / (1 + Math.exp(-1.2)) - 0.5;
    const runs = 100;
    let [sum, inside, share, held, of] = [0, 0, 0, 0, 0];
    for (let run = 0; run < runs; run += 1) {
      const trials = leaveOut(grow(real, 8000 + run), moreOfTwice, run);
      const again = effectOf(betterSet(trials), 'again')!;
      sum += again.difference;
      inside += Number(again.low <= truly && truly <= again.high);
      for (const { level, counted, believed, unseen } of setByFactor(trials, 'again')) {
        const true_ = level === 1 ? truly + 0.5 : 0.5;
        held += Number(counted.low <= true_ && true_ <= counted.high);
        held += Number(believed.low <= true_ && true_ <= believed.high);
        of += 2;
        expect(unseen).toBe(
          trials.filter(({ factors, fate }) => factors.again === level && fate.yes === undefined).length,
        );
        if (level === 1) share += counted.share!;
      }
    }
    expect(Math.abs(sum / runs - truly)).toBeLessThan(0.04);
    expect(Math.abs(share / runs - truly - 0.5)).toBeLessThan(0.03);
    expect(inside / runs).toBeGreaterThanOrEqual(0.9);
    // Over 600 runs each, with and without looks left out: as counted 0.95 to 0.98, as believed 0.91 to 0.95.
    expect(held / of).toBeGreaterThanOrEqual(0.91);
  });

  test('a variety of which nobody looked at any so late is left out and named; the others are as without it', () => {
    const known = grow({ ...HOUR_AND_MALES, varieties: 2 }, 31);
    const early = grow({ ...HOUR_AND_MALES, plants: 4 }, 32).map((trial): SetTrial => ({
      ...trial,
      ...{ variety: 'w', plant: `w ${trial.plant}` },
      fate: trial.fate.yes ? { until: 5 } : trial.fate,
    }));
    const fates = trialFates([...known, ...early]);
    expect(fates.untold).toEqual([
      { variety: 'w', flowers: early.filter(({ fate }) => fate.yes === undefined).length },
    ]);
    expect(betterSet([...known, ...early])).toEqual(betterSet(known));
    for (const by of ['variety', 'plant', 'hour'] as const)
      expect(setByFactor([...known, ...early], by)).toEqual(setByFactor(known, by));
  });

  test('by variety it is the rate of the variety', () => {
    const trials = leaveOut(grow({ ...HOUR_AND_MALES, varieties: 3 }, 41), () => 0.3, 5);
    for (const { level, counted } of setByFactor(trials, 'variety')) {
      const fates = trials.flatMap(({ variety, fate }) => (variety === level ? fate : []));
      expect(counted.share).toBeCloseTo(fatesAmong(fates).share!, 4);
    }
  });
});

test('too few flowers, plants, or failures, and how many more it takes', () => {
  expect(betterSet([])).toEqual({ enough: false, flowers: 0, plants: 0, needed: 20 });
  const all = grow({ ...HOUR_AND_MALES, plants: 5, each: 6 }, 7).map((trial) => ({
    ...trial,
    fate: fateOf(true),
  }));
  expect(betterSet(all)).toEqual({ enough: false, flowers: 30, plants: 5, needed: 5 });
});

test('says how many flowers more would show it', () => {
  const weak = {
    ...HOUR_AND_MALES,
    each: 4,
    logit: ({ again }: SetTrial['factors']) => 0.2 + 0.6 * (again as number),
  };
  const again = effectOf(betterSet(grow(weak, 12)), 'again')!;
  expect(again.evidence).toBe('none');
  expect(again.flowersMore).toBeGreaterThan(0);
  expect(again.flowersMore! % 10).toBe(0);
});

test('a variety with a single plant spoils nothing, and the order of flowers changes nothing', () => {
  const trials = [
    ...grow({ ...HOUR_AND_MALES, varieties: 2 }, 80),
    ...grow({ ...HOUR_AND_MALES, plants: 1, each: 5 }, 9).map((trial) => ({
      ...trial,
      plant: 'z',
      variety: 'w',
    })),
  ];
  const found = betterSet(trials);
  expect(effectOf(found, 'hour')!.evidence).toBe('strong');
  fc.assert(
    fc.property(fc.shuffledSubarray(trials, { minLength: trials.length }), (shuffled) => {
      const again = enough(betterSet(shuffled));
      for (const [i, effect] of enough(found).effects.entries()) {
        expect(again.effects[i]!.factor).toBe(effect.factor);
        expect(again.effects[i]!.difference).toBeCloseTo(effect.difference, 8);
        expect(again.effects[i]!.low).toBeCloseTo(effect.low, 8);
      }
    }),
    { numRuns: 5 },
  );
});

test('of whatever is known of some flowers, every figure is one', () => {
  const all = grow({ ...HOUR_AND_MALES, plants: 12, each: 5, varieties: 3 }, 21);
  const some = fc
    .tuple(fc.subarray(all), fc.subarray(['hour', 'males', 'again'] as const), fc.boolean())
    .map(([trials, without, oneVariety]) =>
      trials.map((trial, i) => ({
        ...trial,
        variety: oneVariety ? 'v' : trial.variety,
        // Of every third flower some is not known.
        factors: Object.fromEntries(
          Object.entries(trial.factors).filter(([name]) => i % 3 > 0 || !without.includes(name as 'hour')),
        ),
      })),
    );
  fc.assert(
    fc.property(some, (trials) => {
      const found = betterSet(trials);
      expect(found.flowers).toBe(trials.length);
      if (!found.enough) return;
      for (const { difference, low, high, less, more } of found.effects) {
        expect(low).toBeLessThanOrEqual(difference);
        expect(high).toBeGreaterThanOrEqual(difference);
        expect(Math.abs(difference)).toBeLessThanOrEqual(1);
        for (const { hits, of } of [less, more]) expect(hits).toBeLessThanOrEqual(of);
      }
      const told = [...found.effects, ...found.notTold].map(({ factor }) => factor);
      expect(new Set(told).size).toBe(SET_FACTORS.length);
    }),
    { numRuns: 60 },
  );
});

describe('set by one factor at a time', () => {
  test('hours by the hour, the last one all that is later; counts as counted, beliefs nearer to each other', () => {
    const groups = setByFactor(grow(HOUR_AND_MALES, 1), 'hour');
    expect(groups.map(({ level }) => level)).toEqual([0, 1, 2, 3]);
    expect(groups.reduce((sum, { counted }) => sum + counted.of, 0)).toBe(160);
    const spread = (of: (group: (typeof groups)[number]) => number): number =>
      Math.max(...groups.map(of)) - Math.min(...groups.map(of));
    expect(spread(({ believed }) => believed.share)).toBeLessThan(spread(({ counted }) => counted.share!));
    for (const { believed } of groups) {
      expect(believed.low).toBeLessThan(believed.share);
      expect(believed.high).toBeGreaterThan(believed.share);
    }
  });

  test('what is not known of a flower leaves it out; plants and varieties by name', () => {
    const trials = grow({ ...HOUR_AND_MALES, plants: 12, each: 3, varieties: 3 }, 2);
    expect(setByFactor(trials, 'rain')).toEqual([]);
    expect(setByFactor(trials, 'variety').map(({ level, plants }) => [level, plants])).toEqual([
      ['v0', 4],
      ['v1', 4],
      ['v2', 4],
    ]);
    expect(setByFactor(trials, 'plant')).toHaveLength(12);
  });
});
