import { begin, coverOn, YARD, type Phone } from '@testing/yard';
import { openNowOf, type OpenPlant } from '../due/openNow';
import { withTrials } from '../due/withTrials';
import { openVisitFacts } from '../due/openVisit';
import { flowersDue } from '../due/flowersDue';
import { fruitsOf } from '../fruit/fruits';
import { fruitSetRates } from '../fruit/setRates';
import type { Fact } from '../journal/entry';
import type { TrialBodies, TrialWay } from '../journal/kinds/trial';
import { windowsOf } from '../opening/windowsOf';
import { seededChance } from '../random/chance';
import { outingRequest } from '../round/outingRequest';
import { planOuting } from '../round/planOuting';
import { dealtOfPlan, plannedFacts, triedOnOuting } from '../round/plannedFacts';
import { roundsOf } from '../outing/outingDay';
import { methodAt } from '../round/asPlanned';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { lateFrom } from './lateFrom';
import { possibleTrials, trialSize } from './planTrial';
import { trialPairs } from './trialPairs';
import { trialResult } from './trialResult';

const DAY = '2026-07-10';
const PLANTS = ['p1', 'p2', 'p3', 'p4', 'p5', 'p6'];

const planned = (
  ways: readonly [TrialWay, TrialWay],
  change: Partial<TrialBodies['trial.planned']> = {},
): Fact => ({
  kind: 'trial.planned',
  body: {
    ...{ trial: 't', variety: 'v', compares: 'method', pairs: 12, difference: 0.3, from: DAY },
    ways,
    ...change,
  },
});

const BRUSH_OR_MALE = [{ method: 'maleFlower' }, { method: 'brush' }] as const;

const kitchen = (device = 'a'): Phone =>
  begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: PLANTS }], device);

const noon = (day: string): string => `${day}T11:00:00Z`;
const morning = (day: string): number => Date.parse(`${day}T06:30:00Z`);

const openOn = ({ journal }: Phone, day: string): OpenPlant[] =>
  withTrials(journal, YARD, openNowOf(journal, YARD, morning(day), { anyHour: true }));

/** One female open on each plant, worked as the trial lays down. */
function work(phone: Phone, day: string, plants = PLANTS): void {
  for (const here of openOn(phone, day)) {
    if (!plants.includes(here.plant.plant)) continue;
    const way = here.tried?.way;
    phone.say(
      new Date(morning(day)).toISOString(),
      ...openVisitFacts(phone.journal, here, {
        open: { female: 1, male: 1 },
        method: way?.method ?? 'maleFlower',
        fathers: [here.plant.plant],
        left: way?.insects === true,
      }),
    );
  }
}

/** Looks at all that is due, each found growing with the chance of its way. */
function look(phone: Phone, today: string, growing: (side: 0 | 1 | undefined) => boolean): void {
  const { journal } = phone;
  for (const { bloom, history } of fruitsOf(journal, YARD, today, seasonAt(journal, today))) {
    if (history.age !== 8) continue;
    const grows = growing(journal.all('bloom').get(bloom.bloom)?.dealt?.side);
    phone.say(noon(today), {
      kind: 'looked',
      body: {
        ...{ bloom: bloom.bloom, seen: grows ? 'growing' : 'gone', growing: Number(grows), of: 1 },
      },
    });
  }
}

function season(
  ways: readonly [TrialWay, TrialWay],
  growing: (side: 0 | 1 | undefined) => boolean,
  change: Partial<TrialBodies['trial.planned']> = {},
  days = 16,
): { readonly phone: Phone; readonly last: string } {
  const phone = kitchen();
  phone.say(noon(addDays(DAY, -1)), planned(ways, change));
  for (let after = 0; after < days; after += 1) {
    work(phone, addDays(DAY, after));
    look(phone, addDays(DAY, after), growing);
  }
  return { phone, last: addDays(DAY, days - 1) };
}

const result = ({ phone, last }: ReturnType<typeof season>) =>
  trialResult(phone.journal, YARD, phone.journal.all('trial').get('t')!, last);

test('on each plant the ways fall in pairs, of which either may come first; what is dealt stays', () => {
  const { phone } = season(BRUSH_OR_MALE, () => true, {}, 6);
  const dealt = phone.journal.all('trial').get('t')!.dealt;
  const firsts = new Set<number>();
  for (const plant of PLANTS) {
    const sides = dealt.filter((each) => each.plant === plant).map(({ side }) => side);
    for (let i = 0; i + 1 < sides.length; i += 2) {
      firsts.add(sides[i]!);
      expect(sides[i]! + sides[i + 1]!).toBe(1);
    }
  }
  expect(firsts).toEqual(new Set([0, 1]));
  // Twelve pairs are wanted, and no more are dealt.
  expect(dealt.length).toBeGreaterThanOrEqual(24);
  expect(trialPairs(phone.journal, YARD, phone.journal.all('trial').get('t')!, DAY).length).toBeLessThan(18);
});

test('the same falls to a plant however often one looks, and whatever is visited before', () => {
  const [one, other] = [kitchen(), kitchen()];
  for (const phone of [one, other]) phone.say(noon(addDays(DAY, -1)), planned(BRUSH_OR_MALE));
  const sides = (phone: Phone) => openOn(phone, DAY).map(({ plant, tried }) => [plant.plant, tried?.side]);
  const before = sides(one);
  expect(sides(one)).toEqual(before);
  work(other, DAY, ['p4', 'p6']);
  expect(sides(other)).toEqual(before);
});

test('while it runs nothing is said of the ways; at its end which sets more, and how sure that is', () => {
  const early = result(season(BRUSH_OR_MALE, (side) => side === 1, {}, 7));
  expect(early.state).toBe('running');
  expect(early).not.toHaveProperty('sides');
  const done = result(season(BRUSH_OR_MALE, (side) => side === 1));
  if (done.state !== 'done') throw new Error(done.state);
  expect(done.sides[0]).toEqual({ hits: 0, of: done.pairs.known });
  expect(done.sides[1]).toEqual({ hits: done.pairs.known, of: done.pairs.known });
  expect(done.verdict).toBe('other');
  expect(done.otherwise).toBe(0);
});

test('two ways that do as well are called alike, or not told', () => {
  const chance = seededChance(8);
  const found = result(season(BRUSH_OR_MALE, () => chance.below(1) < 0.6));
  expect(found.state === 'done' && ['alike', 'open'].includes(found.verdict)).toBe(true);
});

test('what becomes known after the verdict changes nothing of it', () => {
  const lived = season(BRUSH_OR_MALE, (side) => side === 1, { pairs: 6 }, 13);
  const before = result(lived);
  if (before.state !== 'done') throw new Error(before.state);
  expect(before.sides[1].of).toBe(6);
  for (let after = 13; after < 20; after += 1) {
    work(lived.phone, addDays(DAY, after));
    look(lived.phone, addDays(DAY, after), () => false);
  }
  const later = result({ ...lived, last: addDays(DAY, 19) });
  expect(later.state === 'done' && [later.sides, later.found]).toEqual([before.sides, before.found]);
});

test('ended early, it waits for what was dealt, and is judged by that', () => {
  const lived = season(BRUSH_OR_MALE, (side) => side === 1, {}, 4);
  lived.phone.say(noon(lived.last), { kind: 'trial.ended', body: { trial: 't' } });
  expect(result(lived).state).toBe('waiting');
  expect(openOn(lived.phone, addDays(lived.last, 1)).every(({ tried }) => !tried)).toBe(true);
  for (let after = 4; after < 13; after += 1) look(lived.phone, addDays(DAY, after), (side) => side === 1);
  const done = result({ ...lived, last: addDays(DAY, 12) });
  expect(done.state).toBe('done');
  expect(done.pairs.known).toBeLessThanOrEqual(12);
});

test('what a helper did otherwise counts with the way that fell to it, and is told', () => {
  const phone = kitchen();
  phone.say(noon(addDays(DAY, -1)), planned(BRUSH_OR_MALE));
  const here = openOn(phone, DAY)[0]!;
  const method = here.tried!.way.method === 'brush' ? 'maleFlower' : 'brush';
  phone.say(
    new Date(morning(DAY)).toISOString(),
    ...openVisitFacts(phone.journal, here, {
      ...{ open: { female: 1, male: 1 }, method, fathers: [here.plant.plant] },
    }),
  );
  const trial = phone.journal.all('trial').get('t')!;
  expect(trialResult(phone.journal, YARD, trial, DAY).otherwise).toBe(1);
  expect(trial.dealt[0]!.side).toBe(here.tried!.side);
});

test('flowers left to the insects are followed, are in no rate of hand work, and are the baseline of the trial', () => {
  const lived = season([{ insects: true }, {}], (side) => side === 1, { compares: 'insects' });
  const { journal } = lived.phone;
  const fruits = fruitsOf(journal, YARD, lived.last, seasonAt(journal, lived.last));
  const left = fruits.filter(({ history }) => history.followed === 'left');
  expect(left.length).toBeGreaterThanOrEqual(12);
  const rates = fruitSetRates(fruits.flatMap(({ histories }) => histories));
  expect(rates.pollinated).toBe(fruits.length - left.length);
  const done = result(lived);
  expect(done.state === 'done' && done.verdict).toBe('other');
});

test('two phones offline deal each plant; together each flower is dealt once, and pairs hold both ways', () => {
  const [a, b] = [kitchen('a'), kitchen('b')];
  b.hear(a);
  a.say(noon(addDays(DAY, -1)), planned(BRUSH_OR_MALE));
  b.hear(a);
  for (let after = 0; after < 5; after += 1) {
    work(a, addDays(DAY, after), PLANTS.slice(0, 4));
    work(b, addDays(DAY, after), PLANTS.slice(2));
  }
  a.hear(b);
  b.hear(a);
  const of = ({ journal }: Phone) =>
    trialPairs(journal, YARD, journal.all('trial').get('t')!, addDays(DAY, 5));
  expect(of(a)).toEqual(of(b));
  const blooms = of(a).flatMap(({ units }) => units.flatMap((unit) => unit?.bloom ?? []));
  expect(new Set(blooms).size).toBe(blooms.length);
  for (const { units } of of(a))
    if (units[0] && units[1]) expect([units[0].side, units[1].side]).toEqual([0, 1]);
});

const seedSaver = (): Phone => begin([{ variety: 'v', crop: 'pepo', plants: PLANTS }]);
const coverAll = (phone: Phone, day: string): void => coverOn(phone, day, PLANTS, ['m', 'n', 'o']);
const SERVICE = { day: DAY, outing: 'morning' } as const;

test.each<[string, readonly [TrialWay, TrialWay]]>([
  ['males', [{ males: 1 }, { males: 3 }]],
  ['hours', [{ hours: 'early' }, { hours: 'late' }]],
  ['method', BRUSH_OR_MALE],
])('a round carries what fell to each female: %s', (_name, ways) => {
  const phone = seedSaver();
  phone.say(noon(addDays(DAY, -1)), planned(ways, { pairs: 40 }));
  coverAll(phone, DAY);
  const { journal } = phone;
  const first = Date.parse(`${DAY}T04:00:00Z`);
  const plan = planOuting(outingRequest(journal, YARD, SERVICE, first));
  const dealt = dealtOfPlan(journal, YARD, SERVICE, plan);
  phone.say(new Date(first).toISOString(), ...plannedFacts(SERVICE, plan, undefined, () => 'r'), ...dealt);
  const window = windowsOf(journal, YARD, DAY, ['pepo']).get('pepo')!;
  const round = roundsOf(journal, SERVICE)[0]!;
  const sides = new Set<number>();
  for (const stop of round.stops) {
    if (stop.kind !== 'pollinate') continue;
    const { side } = journal.all('bloom').get(stop.bloom)!.dealt!;
    sides.add(side);
    const { males, hours, method } = ways[side];
    if (males !== undefined) expect(stop.donors).toHaveLength(males);
    if (hours === 'late') expect(Date.parse(stop.eta)).toBeGreaterThanOrEqual(lateFrom(window));
    if (hours === 'early') expect(Date.parse(stop.eta)).toBeLessThan(lateFrom(window));
    if (method !== undefined) expect(methodAt(journal, round, stop)).toBe(method);
  }
  expect(sides).toEqual(new Set([0, 1]));
  // Planned again, nothing more is dealt.
  expect(dealtOfPlan(journal, YARD, SERVICE, plan)).toEqual([]);
  expect(flowersDue(journal, SERVICE).females).toHaveLength(PLANTS.length);
});

test('a trial of a season that is over deals nothing in the next, and is judged by what is known', () => {
  const lived = season(BRUSH_OR_MALE, (side) => side === 1, { pairs: 60 }, 12);
  expect(openOn(lived.phone, addDays(lived.last, 1)).every(({ tried }) => tried)).toBe(true);
  lived.phone.say(noon(lived.last), {
    kind: 'season.named',
    body: { season: 's', name: '2026', from: '2026-04-01', to: '2026-10-31' },
  });
  const next = openOn(lived.phone, '2027-07-10');
  expect(next).toHaveLength(PLANTS.length);
  expect(next.every(({ tried }) => !tried)).toBe(true);
  expect(result({ ...lived, last: '2026-11-01' }).state).toBe('done');
});

test('on a round, flowers that fell to the insects are none of it, and are followed; covered ones are in no such trial', () => {
  const phone = kitchen();
  phone.say(noon(addDays(DAY, -1)), planned([{ insects: true }, {}], { compares: 'insects', pairs: 40 }));
  const mark = (plant: string, method: 'none' | 'tape'): Fact => ({
    kind: 'covered',
    body: {
      ...{ plant, day: DAY, method },
      blooms: [
        { bloom: `f-${plant}`, sex: 'female', code: '' },
        { bloom: `m-${plant}`, sex: 'male', code: '' },
      ],
    },
  });
  for (const plant of PLANTS)
    phone.say(`${addDays(DAY, -1)}T18:00:00Z`, mark(plant, plant === 'p6' ? 'tape' : 'none'));
  const { journal } = phone;
  const tried = triedOnOuting(journal, YARD, SERVICE);
  const plan = planOuting(outingRequest(journal, YARD, SERVICE, morning(DAY)));
  phone.say(
    new Date(morning(DAY)).toISOString(),
    ...plannedFacts(SERVICE, plan, undefined, () => 'r'),
    ...dealtOfPlan(journal, YARD, SERVICE, plan),
  );
  const stops = new Set(plan.pairs.map(({ bloom }) => bloom));
  const { dealt } = journal.all('trial').get('t')!;
  expect(dealt.map(({ bloom }) => bloom).sort()).toEqual(['f-p1', 'f-p2', 'f-p3', 'f-p4', 'f-p5']);
  for (const { bloom, side } of dealt) expect(stops.has(bloom)).toBe(side === 1);
  expect(stops.has('f-p6')).toBe(true);
  const left = fruitsOf(journal, YARD, DAY, seasonAt(journal, DAY));
  expect(left.map(({ history }) => history.followed)).toEqual(
    dealt.filter(({ side }) => side === 0).map(() => 'left'),
  );
  expect(left.length).toBeGreaterThan(0);
  expect(tried).toEqual({ worked: dealt.length - left.length, left: left.length });
});

test('what can be tried depends on how a variety is worked', () => {
  const compares = (phone: Phone) =>
    possibleTrials(phone.journal, phone.journal.all('variety').get('v')!).map((trial) => trial.compares);
  expect(compares(kitchen())).toEqual(['method', 'pollen', 'hours', 'insects']);
  expect(compares(seedSaver())).toEqual(['males', 'method', 'hours']);
});

test('a smaller difference takes more pairs, and what no garden can show is not promised', () => {
  const pairs = (difference: number) => trialSize({ crop: 'pepo' }, [], DAY, difference).pairs!;
  expect(pairs(0.2)).toBeGreaterThan(pairs(0.3));
  expect(pairs(0.3)).toBeGreaterThan(pairs(0.4));
  expect(trialSize({ crop: 'pepo' }, [], DAY, 0.01).pairs).toBeUndefined();
  expect(trialSize({ crop: 'pepo' }, [], DAY, 0.3)).not.toHaveProperty('mornings');
});
