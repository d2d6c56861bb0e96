import type { Pair } from '../pairing/pairFlowers';
import { planOuting } from './planOuting';
import { planRounds, type RoundPlan } from './planRound';
import type { RoundRequest } from './roundRequest';

const SIX = Date.parse('2026-07-19T06:00:00Z');
const HOUR = 3_600_000;
const HANDLING = { pick: 25_000, pollinate: 75_000 };

const pair = (flower: string, plant: string, variety: string, donors: readonly string[]): Pair => ({
  bloom: flower,
  plant,
  variety,
  father: variety,
  application: 1,
  donors: donors.map((donor) => ({ plant: donor, bloom: `m-${donor}` })),
  reasons: [],
});

/** The round of one person. */
const planRound = (of: RoundRequest): RoundPlan => planRounds(of, 1)[0]!;

const request = (pairs: readonly Pair[], change: Partial<RoundRequest> = {}): RoundRequest => ({
  pairs,
  chores: [],
  varieties: [...new Set(pairs.map(({ variety }) => variety))].map((variety) => ({
    variety,
    group: 'pepo',
    family: 'gourd',
    hours: { opens: SIX, lastSafe: SIX + 3 * HOUR },
    handling: HANDLING,
    weight: 1,
  })),
  places: new Map(['A', 'B', 'C', 'D', 'E'].map((plant, i) => [plant, { x: 3 * i, y: 2 }])),
  obstacles: [],
  from: SIX - HOUR,
  inHand: new Set(),
  suspects: new Set(),
  shares: new Map(),
  start: { x: 0, y: 0 },
  ...change,
});

test('picks every male before the female that needs it, and takes varieties in turn', () => {
  const { stops } = planRound(
    request([pair('f1', 'A', 'v', ['B', 'C']), pair('f2', 'B', 'v', ['C']), pair('f3', 'D', 'w', ['E'])]),
  );
  const picked = new Set<string>();
  for (const stop of stops) {
    if (stop.kind === 'pick') stop.blooms.forEach((flower) => picked.add(flower));
    else if (stop.kind === 'pollinate') for (const { bloom } of stop.donors) expect(picked).toContain(bloom);
  }
  const order = stops.map(({ variety }) => variety);
  expect(order.indexOf('w') > order.lastIndexOf('v') || order.lastIndexOf('w') < order.indexOf('v')).toBe(
    true,
  );
});

// Suspect plants last or not at all (common practice, no source).
test('plants that look diseased come after all others, also those that are late', () => {
  const pairs = [pair('f1', 'A', 'v', ['B']), pair('f2', 'C', 'v', ['D']), pair('f3', 'D', 'v', ['E'])];
  const suspects = new Set(['A', 'B']);
  for (const from of [SIX, SIX + 3 * HOUR - 60_000]) {
    const plan = planRound(request(pairs, { suspects, from }));
    const order = plan.stops.map(({ plant }) => suspects.has(plant));
    expect(order).toHaveLength(6);
    expect(order).toEqual([false, false, false, false, true, true]);
    expect(plan.reasons.map(({ code }) => code)).toContain('suspectsLast');
  }
});

test('a plant of another family that looks diseased is no reason to wait', () => {
  const hours = { opens: SIX, lastSafe: SIX + 600_000 };
  const corn = { family: 'grass', group: 'corn', byWind: true as const, hours };
  const both = request([pair('f1', 'A', 'v', ['B']), pair('f2', 'C', 'corn', ['D'])]);
  const varieties = both.varieties.map((each) => (each.variety === 'corn' ? { ...each, ...corn } : each));
  const plan = planRound({ ...both, varieties, suspects: new Set(['C', 'D']) });
  expect(plan.stops.some((stop) => stop.kind === 'pollinate' && stop.late)).toBe(false);
  expect(plan.reasons.map(({ code }) => code)).toContain('downwindLast');
  const first = plan.stops.findLastIndex(({ variety }) => variety === 'corn');
  expect(first).toBeLessThan(plan.stops.findIndex(({ variety }) => variety === 'v'));
});

test('what a trial wants early comes by then where it can, and is never left out for it', () => {
  const flowers = ['A', 'B', 'C', 'D', 'E'];
  const places = new Map(flowers.map((plant, i) => [plant, { x: 40 * i, y: 2 }]));
  const by = SIX + 5 * 60_000;
  const etaOf = (change: Partial<Pair>, from: number): number => {
    const pairs = flowers.map((plant, i) => pair(`f${plant}`, plant, 'v', [flowers[i === 0 ? 1 : i - 1]!]));
    const plan = planRound(
      request([...pairs.slice(0, -1), { ...pairs.at(-1)!, ...change }], { places, from }),
    );
    return plan.stops.find((stop) => stop.kind === 'pollinate' && stop.bloom === 'fE')!.eta;
  };
  expect(etaOf({}, SIX)).toBeGreaterThan(by);
  expect(etaOf({ by }, SIX)).toBeLessThan(by);
  expect(etaOf({ by }, SIX + HOUR)).toBeGreaterThan(by);
});

test('where time is short, a loaded vine is left out before one that carries nothing', () => {
  const pairs = [pair('f1', 'A', 'v', ['E']), pair('f2', 'B', 'v', ['E'])];
  const tight = { from: SIX + 3 * HOUR - 80_000, shares: new Map([['A', 0.25]]) };
  const late = planRound(request(pairs, tight)).stops.flatMap((stop) =>
    stop.kind === 'pollinate' && stop.late ? [stop.bloom] : [],
  );
  expect(late).toEqual(['f1']);
});

test('does not begin before the flowers open', () => {
  const { start, stops } = planRound(request([pair('f1', 'A', 'v', ['B'])]));
  expect(start + stops[0]!.way).toBe(SIX);
  expect(stops.every(({ eta }) => eta >= SIX)).toBe(true);
});

test('males that stand in water are not picked again', () => {
  const { stops } = planRound(request([pair('f1', 'A', 'v', ['B'])], { inHand: new Set(['m-B']) }));
  expect(stops.map(({ kind }) => kind)).toEqual(['pollinate']);
});

test('a female without pollen is no stop', () => {
  expect(planRound(request([pair('f1', 'A', 'v', [])])).stops).toEqual([]);
});

test('when not all can be reached in time, what is worth more is reached and the rest called late', () => {
  const many = (variety: string, n: number): Pair[] =>
    Array.from({ length: n }, (_, i) => pair(`${variety}${i}`, 'A', variety, ['B']));
  const plan = planRound(
    request([...many('eat', 20), ...many('rare', 20)], {
      obstacles: [],
      from: SIX,
      varieties: [
        {
          variety: 'eat',
          group: 'pepo',
          family: 'gourd',
          hours: { opens: SIX, lastSafe: SIX + 22 * HANDLING.pollinate },
          handling: HANDLING,
          weight: 1,
        },
        {
          variety: 'rare',
          group: 'pepo',
          family: 'gourd',
          hours: { opens: SIX, lastSafe: SIX + 22 * HANDLING.pollinate },
          handling: HANDLING,
          weight: 6,
        },
      ],
    }),
  );
  const pollinating = plan.stops.filter((stop) => stop.kind === 'pollinate');
  expect(pollinating.filter(({ late }) => late).every(({ variety }) => variety === 'eat')).toBe(true);
  expect(plan.latestStart).toBeUndefined();
  expect(plan.reasons.map(({ code }) => code)).toContain('late');
});

test('the latest start leaves no flower late, and one minute more would', () => {
  const pairs = [pair('f1', 'A', 'v', ['B']), pair('f2', 'C', 'v', ['D'])];
  const { latestStart } = planRound(request(pairs));
  const at = (from: number): boolean =>
    planRound(request(pairs, { from })).stops.some((stop) => stop.kind === 'pollinate' && stop.late);
  expect(at(latestStart!)).toBe(false);
  expect(at(latestStart! + 60_000)).toBe(true);
});

test('the latest start is when one leaves the gate, however far the first stop and however long the wait', () => {
  const far = {
    places: new Map([
      ['A', { x: 0, y: 960 }],
      ['B', { x: 0, y: 960 }],
    ]),
  };
  const hours = { opens: SIX, lastSafe: SIX + 60 * 60_000 };
  const asked = request([pair('f1', 'A', 'v', ['B'])], {
    ...far,
    varieties: [{ variety: 'v', family: 'gourd', group: 'pepo', hours, handling: HANDLING, weight: 1 }],
  });
  const { latestStart } = planRound(asked);
  // Twenty minutes of walking, then the male, then her: on a whole minute.
  expect(latestStart).toBe(Math.floor((hours.lastSafe - HANDLING.pick - 20 * 60_000) / 60_000) * 60_000);
  const early = {
    variety: 'v',
    family: 'gourd',
    group: 'pepo',
    hours: { opens: SIX, lastSafe: SIX + 20 * 60_000 },
    handling: HANDLING,
    weight: 1,
  };
  const late = {
    variety: 'w',
    group: 'pepo',
    family: 'gourd',
    hours: { opens: SIX + 120 * 60_000, lastSafe: SIX + 240 * 60_000 },
    handling: HANDLING,
    weight: 1,
  };
  const pairs = [pair('f1', 'A', 'v', ['B']), pair('f2', 'C', 'w', ['D'])];
  const both = request(pairs, { varieties: [early, late], inHand: new Set(['m-B', 'm-D']) });
  // The wait for the second is no work, and does not make the first earlier.
  const { start, finish, busyMs } = planRound(both);
  expect(finish - start - busyMs).toBeGreaterThan(110 * 60_000);
  expect(planRound(both).latestStart).toBe(planRound({ ...both, pairs: [pairs[0]!] }).latestStart);
});

test('a trellis is walked round, and the order minds it', () => {
  const pairs = [pair('f1', 'A', 'v', ['C']), pair('f2', 'B', 'v', ['C'])];
  const open = planRound(request(pairs));
  const wall = { from: { x: 1.5, y: -8 }, to: { x: 1.5, y: 6 } };
  const shut = planRound(request(pairs, { obstacles: [wall] }));
  expect(shut.walkingM).toBeGreaterThan(open.walkingM + 2);
  expect(shut.stops.map(({ plant }) => plant).sort()).toEqual(open.stops.map(({ plant }) => plant).sort());
});

/** A yard of so many females and males in rows, all of one variety or of several in turn. */
function yard(
  females: number,
  males: number,
  varieties: readonly string[],
): readonly [Pair[], RoundRequest['places']] {
  const places = new Map<string, { x: number; y: number }>();
  const spot = (plant: string, i: number): void =>
    void places.set(plant, { x: (i % 10) * 0.1, y: Math.floor(i / 10) * 0.1 });
  Array.from({ length: females }, (_, i) => spot(`F${i}`, i));
  Array.from({ length: males }, (_, i) => spot(`M${i}`, i));
  const each = Math.floor(males / females);
  const pairs = Array.from({ length: females }, (_, i) =>
    pair(
      `f${i}`,
      `F${i}`,
      varieties[i % varieties.length]!,
      Array.from({ length: each }, (_, m) => `M${i * each + m}`),
    ),
  );
  return [pairs, places];
}

const saved = (plan: ReturnType<typeof planRound>): number =>
  plan.stops.filter((stop) => stop.kind === 'pollinate' && !stop.late).length;

// Picking all males first would leave no time for any female.
test.each([
  [20, 6],
  [30, 9],
  [40, 12],
])('with %i minutes left males are picked only for the females that can be reached: %i', (minutes, most) => {
  const [pairs, places] = yard(20, 60, ['v']);
  const varieties = [
    {
      variety: 'v',
      group: 'pepo',
      family: 'gourd',
      hours: { opens: SIX, lastSafe: SIX + minutes * 60_000 },
      handling: HANDLING,
      weight: 1,
    },
  ];
  const plan = planRound(request(pairs, { places, varieties, from: SIX }));
  expect(saved(plan)).toBeGreaterThanOrEqual(most);
  // All are on the round, each once, the late ones last.
  const females = plan.stops.filter((stop) => stop.kind === 'pollinate');
  expect(females.map(({ bloom }) => bloom).sort()).toEqual(pairs.map(({ bloom }) => bloom).sort());
  const late = females.map((stop) => stop.kind === 'pollinate' && stop.late);
  expect(late.lastIndexOf(false)).toBeLessThan(late.indexOf(true));
});

test('with many varieties a rare one is still worth what it is', () => {
  const names = ['rare', 'b', 'c', 'd', 'e', 'f', 'g'];
  const [pairs, places] = yard(49, 49, names);
  const varieties = names.map((variety) => ({
    variety,
    group: 'pepo',
    family: 'gourd',
    hours: { opens: SIX, lastSafe: SIX + 40 * 60_000 },
    handling: HANDLING,
    weight: variety === 'rare' ? 6 : 1,
  }));
  const plan = planRound(request(pairs, { places, varieties, from: SIX }));
  const rare = plan.stops.filter((stop) => stop.kind === 'pollinate' && stop.variety === 'rare');
  expect(rare.every((stop) => stop.kind === 'pollinate' && !stop.late)).toBe(true);
});

test('two people do what one does, never both at one plant, each with the males picked by their own hands', () => {
  const [pairs, places] = yard(20, 40, ['v', 'w']);
  // All males stand on three plants, where both have to go.
  const crowded = pairs.map((each, i) => ({
    ...each,
    donors: each.donors.map(({ bloom }) => ({ bloom, plant: `M${i % 3}` })),
  }));
  const plans = planRounds(request(crowded, { places, from: SIX }), 2);
  const females = plans.flatMap(({ stops }) =>
    stops.flatMap((stop) => (stop.kind === 'pollinate' ? [stop.bloom] : [])),
  );
  expect(females.sort()).toEqual(pairs.map(({ bloom }) => bloom).sort());
  const one = planRound(request(crowded, { places, from: SIX }));
  expect(Math.max(...plans.map(({ finish }) => finish))).toBeLessThan(SIX + (one.finish - SIX) * 0.65);
  for (const { stops } of plans) {
    const picked = new Set(stops.flatMap((stop) => (stop.kind === 'pick' ? stop.blooms : [])));
    for (const stop of stops) {
      if (stop.kind === 'pollinate') stop.donors.forEach(({ bloom }) => expect(picked).toContain(bloom));
    }
  }
  const [mine, theirs] = plans.map(({ stops }) => stops);
  for (const a of mine!) {
    for (const b of theirs!) {
      if (a.plant === b.plant) expect(a.eta + a.lasts <= b.eta || b.eta + b.lasts <= a.eta).toBe(true);
    }
  }
});

test('late females that share a male go to the same person, and nobody is sent to use what another carries', () => {
  const shut = [
    { ...request([pair('f', 'A', 'v', ['B'])]).varieties[0]!, hours: { opens: SIX, lastSafe: SIX } },
  ];
  const pairs = ['f1', 'f2', 'f3', 'f4', 'f5'].map((bloom, i) =>
    pair(bloom, 'A', 'v', i % 2 ? ['B', 'C'] : ['B', 'D']),
  );
  const plans = planRounds(request(pairs, { varieties: shut, from: SIX }), 2);
  const females = plans.flatMap(({ stops }) =>
    stops.flatMap((stop) => (stop.kind === 'pollinate' ? [stop.bloom] : [])),
  );
  expect(females.sort()).toEqual(['f1', 'f2', 'f3', 'f4', 'f5']);
  for (const { stops } of plans) {
    const carried = new Set(stops.flatMap((stop) => (stop.kind === 'pick' ? stop.blooms : [])));
    for (const stop of stops) {
      if (stop.kind !== 'pollinate') continue;
      expect(stop.late).toBe(true);
      expect(stop.donors.length).toBeGreaterThan(0);
      stop.donors.forEach(({ bloom }) => expect(carried).toContain(bloom));
    }
  }
});

test('hands are cleaned between varieties that cross, and not between others', () => {
  const pairs = [pair('f1', 'A', 'v', ['A']), pair('f2', 'A', 'w', ['A'])];
  const inHand = new Set(['m-A']);
  const plan = planRound(request(pairs, { inHand }));
  expect(plan.reasons).toContainEqual({ code: 'cleanBetween', params: { count: 1 } });
  const [v, w] = request(pairs).varieties;
  const apart = planRound(request(pairs, { inHand, varieties: [v!, { ...w!, group: 'maxima' }] }));
  expect(apart.reasons.map(({ code }) => code)).not.toContain('cleanBetween');
  expect(plan.finish - apart.finish).toBe(45_000);
});

test('where not all are reached in time it says what would save more, and as many as it says', () => {
  const [pairs, places] = yard(12, 36, ['v']);
  const buds = pairs.map(({ bloom, plant }) => ({
    bloom,
    plant,
    variety: 'v',
    father: 'v',
    application: 1,
    malesWanted: 3,
    fewestMales: 1,
    ownPollen: 'allowed' as const,
    forSeed: false,
  }));
  const males = Array.from({ length: 36 }, (_, i) => ({
    bloom: `m${i}`,
    plant: `M${i}`,
    variety: 'v',
    guarded: true,
    used: 0,
    serves: 3,
    ageDays: 0,
  }));
  const { pairs: _, ...rest } = request(pairs, {
    places,
    from: SIX,
    varieties: [
      {
        variety: 'v',
        group: 'pepo',
        family: 'gourd',
        hours: { opens: SIX - HOUR, lastSafe: SIX + 12 * 60_000 },
        handling: HANDLING,
        weight: 1,
      },
    ],
  });
  const alone = { ...rest, fathered: new Map(), females: buds, males, people: 1 };
  const { wouldSave, rounds } = planOuting(alone, { steps: 250 });
  const { stops } = rounds[0]!;
  const late = stops.filter((stop) => stop.kind === 'pollinate' && stop.late).length;
  expect(late).toBeGreaterThan(5);
  expect(wouldSave!.helper).toBeGreaterThanOrEqual(4);
  expect(wouldSave!.earlier).toEqual({ minutes: 30, count: late });
  expect(wouldSave!.fewerMales).toBeGreaterThanOrEqual(2);
  expect(wouldSave!.helper).toBeLessThanOrEqual(late);
  const early = planOuting({ ...alone, from: SIX - HOUR }, { steps: 250 });
  expect(early.wouldSave).toBeUndefined();
  // With the helper they are saved, as was said.
  const two = planOuting({ ...alone, people: 2 }, { steps: 250 });
  const lateOfTwo = two.rounds.flatMap((round) =>
    round.stops.filter((stop) => stop.kind === 'pollinate' && stop.late),
  );
  expect(late - lateOfTwo.length).toBe(wouldSave!.helper);
});
