import fc from 'fast-check';
import type { Pair } from '../pairing/pairFlowers';
import { metresBetween, type Place } from '../../garden/places';
import { planRound, type RoundRequest } from './planRound';
import { shortTour } from './tour';

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

const request = (pairs: readonly Pair[], change: Partial<RoundRequest> = {}): RoundRequest => ({
  pairs,
  varieties: [...new Set(pairs.map(({ variety }) => variety))].map((variety) => ({
    variety,
    hours: { opens: SIX, lastSafe: SIX + 3 * HOUR },
    handling: HANDLING,
    weight: 1,
  })),
  places: new Map(['A', 'B', 'C', 'D', 'E'].map((plant, i) => [plant, { x: 3 * i, y: 2 }])),
  obstacles: [],
  from: SIX - HOUR,
  inHand: new Set(),
  ...change,
});

test('picks every male before the female that needs it, and takes varieties in turn', () => {
  const { stops } = planRound(
    request([pair('f1', 'A', 'v', ['B', 'C']), pair('f2', 'B', 'v', ['C']), pair('f3', 'D', 'w', ['E'])]),
  );
  const picked = new Set<string>();
  for (const stop of stops) {
    if (stop.kind === 'pick') stop.blooms.forEach((flower) => picked.add(flower));
    else for (const { bloom } of stop.donors) expect(picked).toContain(bloom);
  }
  const order = stops.map(({ variety }) => variety);
  expect(order.indexOf('w') > order.lastIndexOf('v') || order.lastIndexOf('w') < order.indexOf('v')).toBe(
    true,
  );
});

test('does not begin before the flowers open', () => {
  const { start, stops } = planRound(request([pair('f1', 'A', 'v', ['B'])]));
  expect(start).toBe(SIX);
  expect(stops.every(({ eta }) => eta >= SIX)).toBe(true);
});

test('males that stand in water are not picked again', () => {
  const { stops } = planRound(request([pair('f1', 'A', 'v', ['B'])], { inHand: new Set(['m-B']) }));
  expect(stops.map(({ kind }) => kind)).toEqual(['pollinate']);
});

test('a female without pollen is no stop', () => {
  expect(planRound(request([pair('f1', 'A', 'v', [])])).stops).toEqual([]);
});

test('when not all can be reached in time, what is worth more comes first and the rest is called late', () => {
  const many = (variety: string, n: number): Pair[] =>
    Array.from({ length: n }, (_, i) => pair(`${variety}${i}`, 'A', variety, ['B']));
  const plan = planRound(
    request([...many('eat', 20), ...many('rare', 20)], {
      obstacles: [],
      from: SIX,
      varieties: [
        {
          variety: 'eat',
          hours: { opens: SIX, lastSafe: SIX + 22 * HANDLING.pollinate },
          handling: HANDLING,
          weight: 1,
        },
        {
          variety: 'rare',
          hours: { opens: SIX, lastSafe: SIX + 22 * HANDLING.pollinate },
          handling: HANDLING,
          weight: 6,
        },
      ],
    }),
  );
  const pollinating = plan.stops.filter((stop) => stop.kind === 'pollinate');
  expect(pollinating[0]!.variety).toBe('rare');
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
    varieties: [{ variety: 'v', hours, handling: HANDLING, weight: 1 }],
  });
  const { latestStart } = planRound(asked);
  // Twenty minutes of walking, then the male, then her: on a whole minute.
  expect(latestStart).toBe(Math.floor((hours.lastSafe - HANDLING.pick - 20 * 60_000) / 60_000) * 60_000);
  const early = {
    variety: 'v',
    hours: { opens: SIX, lastSafe: SIX + 20 * 60_000 },
    handling: HANDLING,
    weight: 1,
  };
  const late = {
    variety: 'w',
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

const place: fc.Arbitrary<Place> = fc.record({
  x: fc.integer({ min: 0, max: 60 }),
  y: fc.integer({ min: 0, max: 40 }),
});
const lengthOf = (start: Place, points: readonly Place[], order: readonly number[]): number =>
  order.reduce(
    (sum, i, at) => sum + metresBetween(at === 0 ? start : points[order[at - 1]!]!, points[i]!),
    0,
  );

function* orders(items: readonly number[]): Generator<number[]> {
  if (items.length === 0) yield [];
  for (const item of items)
    for (const rest of orders(items.filter((other) => other !== item))) yield [item, ...rest];
}

test('a walk stops every stop once', () => {
  fc.assert(
    fc.property(fc.array(place, { maxLength: 40 }), (points) => {
      const order = shortTour({ x: 0, y: 0 }, points);
      expect([...order].sort((a, b) => a - b)).toEqual([...points.keys()]);
    }),
  );
});

test('a short walk is the shortest of all, or hardly longer', () => {
  fc.assert(
    fc.property(fc.array(place, { minLength: 1, maxLength: 7 }), (points) => {
      const start = { x: 0, y: 0 };
      const best = Math.min(
        ...[...orders([...points.keys()])].map((order) => lengthOf(start, points, order)),
      );
      expect(lengthOf(start, points, shortTour(start, points))).toBeLessThanOrEqual(best * 1.25 + 1e-9);
    }),
    { numRuns: 60 },
  );
});

test('a trellis is walked round, and the order minds it', () => {
  const pairs = [pair('f1', 'A', 'v', ['C']), pair('f2', 'B', 'v', ['C'])];
  const open = planRound(request(pairs));
  const wall = { from: { x: 1.5, y: -8 }, to: { x: 1.5, y: 6 } };
  const shut = planRound(request(pairs, { obstacles: [wall] }));
  expect(shut.walkingM).toBeGreaterThan(open.walkingM + 2);
  expect(shut.stops.map(({ plant }) => plant).sort()).toEqual(open.stops.map(({ plant }) => plant).sort());
});
