import { begin, type GrownInYard, type Phone, YARD } from '@testing/yard';
import { CROP_IDS, cropOf, type CropId } from '../crops/catalogue';
import { flowersDue } from '../due/flowersDue';
import { dueNow, outingsAt, walkAt } from '../due/outings';
import { looksDue, fruitsOf } from '../fruit/fruits';
import type { Fact } from '../journal/entry';
import { walkFacts } from '../outing/walkFacts';
import { canBeSelfed } from '../outing/technique';
import { roundsOf } from '../outing/outingDay';
import { populationSoFar } from '../population/populationSoFar';
import { purityOf } from '../purity/purityOf';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { sunTimes } from '../time/sun';
import type { Day } from '../time/types';
import { asPlanned } from './asPlanned';
import { outingRequest } from './outingRequest';
import { planOuting } from './planOuting';
import { stopNow, pollinationNow } from './stopNow';
import { stopsOf } from './stops';

// Seed of what pollinates itself is got in a bag: bagged before it opens, shaken, tagged, unbagged (common practice, no
// source).

const D: Day = '2026-07-19';
const on = (after: number): Day => addDays(D, after);
const EVENING = sunTimes(on(-1), YARD).sunset! - 3_600_000;
const morning = (after = 0): string => `${on(after)}T09:30:00Z`;

const CHOSEN: Fact = { kind: 'ways.set', body: { of: 'v', selfed: true } };
const SELFED_CROPS = CROP_IDS.filter((crop) => canBeSelfed(cropOf(crop)));

/** Two plants to be selfed, and another variety right beside them. */
function chosen(crop: CropId, grown: Partial<GrownInYard> = {}): Phone {
  const phone = begin([
    { variety: 'v', crop, plants: ['p1', 'p2'], ...grown },
    { variety: 'w', crop, plants: ['q1'] },
  ]);
  phone.say('2026-07-01T09:00:00Z', CHOSEN);
  return phone;
}

const walkOf = ({ journal }: Phone, now = EVENING) =>
  dueNow(walkAt(journal, outingsAt(journal, YARD, now)), now);

let bloomId = 0;

/** The walk as it leads: so many buds bagged on each plant. */
function bag(phone: Phone, count = 1): void {
  for (const { plant, day, variety, crop, roles } of walkOf(phone)) {
    const eve = { female: count, male: 0 };
    const visit = { plant: plant.plant, day, eve, green: { female: 0, male: 0 }, method: 'bag' } as const;
    const tags = Array.from({ length: count }, (_, i) => `${plant.plant}K${i}`);
    phone.say(
      new Date(EVENING).toISOString(),
      ...walkFacts(visit, {
        ...{ journal: phone.journal, variety, crop, emasculate: roles.emasculate, tags },
        newId: () => `b${(bloomId += 1)}`,
      }),
    );
  }
}

/** A round of a day, each stop as planned. */
function goRound(phone: Phone, after: number): string[] {
  const { journal } = phone;
  const service = { day: on(after), outing: 'morning' } as const;
  const request = outingRequest(journal, YARD, service, Date.parse(morning(after)));
  const stops = stopsOf(planOuting(request).rounds[0]!);
  phone.say(morning(after), { kind: 'round.planned', body: { round: `r${after}`, day: on(after), stops } });
  const round = roundsOf(journal, service).find((each) => each.round === `r${after}`)!;
  for (const stop of stops) phone.say(morning(after), ...asPlanned(journal, round, stop));
  return stops.map(({ kind, plant }) => `${kind} ${plant}`).sort();
}

const bagged = ({ journal }: Phone) =>
  [...journal.all('bloom').values()].filter(({ cover }) => cover !== undefined);

test('peppers, tomatoes, aubergine, okra and beans can be', () => {
  expect(SELFED_CROPS).toEqual([
    ...['tomato', 'annuum', 'chinense', 'frutescens', 'baccatum', 'pubescens', 'aubergine', 'okra'],
    ...['commonBean', 'limaBean'],
  ]);
});

describe.each(SELFED_CROPS)('%s', (crop) => {
  test('is led to by walk, round and unbagging where that is chosen, and comes out true to type', () => {
    const phone = chosen(crop);
    const walk = walkOf(phone);
    expect(walk.map(({ plant, day, roles }) => [plant.plant, day, roles.bears, roles.fathers])).toEqual([
      ['p1', D, true, false],
      ['p2', D, true, false],
    ]);
    expect(walk.some(({ roles }) => roles.emasculate)).toBe(false);
    bag(phone);
    expect(bagged(phone).map(({ sex, cover, plant }) => [sex, cover!.method, plant])).toEqual([
      ['perfect', 'bag', 'p1'],
      ['perfect', 'bag', 'p2'],
    ]);
    expect(flowersDue(phone.journal, { day: D, outing: 'morning' })).toMatchObject({
      males: [],
      shortages: [],
    });
    expect(goRound(phone, 0)).toEqual(['pollinate p1', 'pollinate p2']);
    for (const { pollination, bloom } of bagged(phone))
      expect(pollination).toMatchObject({
        ...{ donors: [{ bloom }], method: 'shakeInBag', found: 'shut', shutAgain: true, tagged: true },
      });
    // Once is enough; the bag comes off a week later.
    expect(flowersDue(phone.journal, { day: on(1), outing: 'morning' }).females).toEqual([]);
    expect(goRound(phone, 7)).toEqual(['uncover p1', 'uncover p2']);
    const [flower] = bagged(phone);
    phone.say(morning(60), {
      kind: 'harvested',
      body: { bloom: flower!.bloom, use: 'seed', tagThere: true, typical: true },
    });
    const purity = purityOf(phone.journal, YARD, phone.journal.all('bloom').get(flower!.bloom)!)!;
    expect(purity.chain.flatMap(({ link, state }) => (state === 'holds' ? [] : [link]))).toEqual([]);
    expect(purity.grade).toBe('true');
    expect(purity.chain.find(({ link }) => link === 'cleanPollen')!.reasons).toEqual([
      expect.objectContaining({ code: 'pollen.ownFlower' }),
    ]);
    expect(fruitsOf(phone.journal, YARD, on(61), seasonAt(phone.journal, on(61)))).toHaveLength(2);
  });

  test('is left alone where it is not, where it is grown to eat, and once it is not chosen any more', () => {
    expect(walkOf(begin([{ variety: 'v', crop, plants: ['p1'] }]))).toEqual([]);
    expect(walkOf(chosen(crop, { purpose: 'eat' }))).toEqual([]);
    const phone = chosen(crop);
    phone.say('2026-07-02T09:00:00Z', { kind: 'ways.set', body: { of: 'v' } });
    expect(walkOf(phone)).toEqual([]);
  });
});

test('what was bagged is shaken, looked at and unbagged, whatever is chosen since', () => {
  const phone = chosen('annuum');
  bag(phone);
  phone.say(new Date(EVENING + 1).toISOString(), { kind: 'ways.set', body: { of: 'v' } });
  expect(goRound(phone, 0)).toEqual(['pollinate p1', 'pollinate p2']);
  const fruits = fruitsOf(phone.journal, YARD, on(6), seasonAt(phone.journal, on(6)));
  expect(looksDue(fruits, YARD, on(6))).toHaveLength(2);
  expect(goRound(phone, 7)).toEqual(['uncover p1', 'uncover p2']);
});

test('who did not come that morning comes as long as the bag is on, and no longer', () => {
  for (const after of [1, 3, 6]) {
    const phone = chosen('commonBean');
    bag(phone);
    expect(goRound(phone, after)).toEqual(['pollinate p1', 'pollinate p2']);
    const purity = purityOf(phone.journal, YARD, bagged(phone)[0]!)!;
    expect(purity.grade).toBe('true');
    expect(purity.chain.find(({ link }) => link === 'cleanPollen')!.reasons).toHaveLength(1);
  }
  const phone = chosen('commonBean');
  bag(phone);
  expect(flowersDue(phone.journal, { day: on(7), outing: 'morning' }).females).toEqual([]);
});

test('shaken on several days where that is chosen', () => {
  const phone = chosen('tomato');
  phone.say('2026-07-02T09:00:00Z', { kind: 'ways.set', body: { of: 'v', selfed: true, times: 2 } });
  bag(phone);
  expect(goRound(phone, 0)).toHaveLength(2);
  expect(goRound(phone, 1)).toEqual(['pollinate p1', 'pollinate p2']);
  expect(flowersDue(phone.journal, { day: on(2), outing: 'morning' }).females).toEqual([]);
});

test.each([
  ['a bag that came off while it took pollen', { kind: 'uncovered', body: { found: 'off', day: D } }],
  ['an insect in the bag', { kind: 'missed', body: { why: 'insect' } }],
] as const)('%s breaks it', (_, { kind, body }) => {
  const phone = chosen('annuum');
  bag(phone);
  goRound(phone, 0);
  const { bloom, plant } = bagged(phone)[0]!;
  phone.say(morning(1), { kind, body: { bloom, plant, ...body } } as Fact);
  expect(purityOf(phone.journal, YARD, phone.journal.all('bloom').get(bloom)!)!.grade).toBe('notForSeed');
});

test('the father of a cross that is selfed too is bagged for both, and its males serve the cross', () => {
  const phone = chosen('annuum');
  phone.say('2026-07-02T09:00:00Z', {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', name: 'x', mother: 'w', father: 'v', from: '2026-07-01' },
      ...{ purpose: 'seedToKeep', ownPollen: 'never' },
    },
  } as Fact);
  const roles = new Map(walkOf(phone).map(({ plant, roles: each }) => [plant.plant, each]));
  expect(roles.get('p1')).toMatchObject({ bears: true, fathers: true, emasculate: false });
  expect(roles.get('q1')).toMatchObject({ bears: true, fathers: false, emasculate: true });
  phone.say(
    new Date(EVENING).toISOString(),
    {
      kind: 'covered',
      body: {
        ...{ plant: 'p1', day: D, method: 'bag' },
        blooms: [
          { bloom: 's', sex: 'perfect', code: 'K1' },
          { bloom: 'm', sex: 'male', code: '' },
        ],
      },
    },
    { kind: 'emasculated', body: { plant: 'q1', day: D, blooms: [{ bloom: 'x1', code: 'K2' }] } },
    {
      kind: 'covered',
      body: { plant: 'q1', day: D, method: 'bag', blooms: [{ bloom: 'x1', sex: 'perfect', code: 'K2' }] },
    },
  );
  const request = outingRequest(phone.journal, YARD, { day: D, outing: 'morning' }, Date.parse(morning()));
  const pairs = stopsOf(planOuting(request).rounds[0]!).flatMap((stop) =>
    stop.kind === 'pollinate' ? [[stop.bloom, stop.donors.map(({ bloom }) => bloom)] as const] : [],
  );
  expect(new Map(pairs)).toEqual(
    new Map([
      ['s', ['s']],
      ['x1', ['m']],
    ]),
  );
});

test('an emasculated bud whose cross was given up is not sent to its own pollen', () => {
  const phone = chosen('tomato');
  phone.say(
    new Date(EVENING).toISOString(),
    { kind: 'emasculated', body: { plant: 'p1', day: D, blooms: [{ bloom: 'e', code: 'K1' }] } },
    {
      kind: 'covered',
      body: { plant: 'p1', day: D, method: 'bag', blooms: [{ bloom: 'e', sex: 'perfect', code: 'K1' }] },
    },
  );
  expect(flowersDue(phone.journal, { day: D, outing: 'morning' }).females).toEqual([]);
});

test('at its stop no pollen is named, and each mother is her own father', () => {
  const phone = chosen('annuum');
  bag(phone);
  const service = { day: D, outing: 'morning' } as const;
  const request = outingRequest(phone.journal, YARD, service, Date.parse(morning()));
  const stops = stopsOf(planOuting(request).rounds[0]!);
  phone.say(morning(), { kind: 'round.planned', body: { round: 'r', day: D, stops } });
  const round = roundsOf(phone.journal, service)[0]!;
  const stop = stops[0]!;
  if (stop.kind !== 'pollinate') throw new Error('no pollen is picked first');
  expect(stopNow(phone.journal, round, stop).covered).toBe(true);
  expect(pollinationNow(phone.journal, round, stop)).toMatchObject({
    ...{ own: true, toPick: [], method: 'shakeInBag', clean: 'nothing' },
  });
  goRound(phone, 0);
  const fruits = fruitsOf(phone.journal, YARD, on(1), seasonAt(phone.journal, on(1)));
  const population = populationSoFar(phone.journal, fruits, 'v', {}, () => 'true');
  expect(population).toMatchObject({ fruits: 2, mothers: 2, fathers: 2 });
});

test('of a stand each selfed fruit has one parent', () => {
  const phone = chosen('commonBean');
  phone.say('2026-07-02T10:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'stand', place: 3, count: 30 }] },
  });
  bag(phone, 3);
  goRound(phone, 0);
  const all = fruitsOf(phone.journal, YARD, on(1), seasonAt(phone.journal, on(1)));
  const fruits = all.filter(({ plant }) => plant.plant === 'stand');
  expect(populationSoFar(phone.journal, fruits, 'v', {}, () => 'true')).toMatchObject({
    ...{ fruits: 3, mothers: 3, fathers: 3 },
  });
});

test('nobody cleans hands between bags that are only shaken', () => {
  const phone = begin([
    { variety: 'v', crop: 'annuum', plants: ['p1'] },
    { variety: 'w', crop: 'annuum', plants: ['q1'] },
  ]);
  for (const of of ['v', 'w'])
    phone.say('2026-07-01T09:00:00Z', { kind: 'ways.set', body: { of, selfed: true } });
  bag(phone);
  const service = { day: D, outing: 'morning' } as const;
  const [plan] = planOuting(outingRequest(phone.journal, YARD, service, Date.parse(morning()))).rounds;
  const stops = stopsOf(plan!);
  phone.say(morning(), { kind: 'round.planned', body: { round: 'r', day: D, stops } });
  const round = roundsOf(phone.journal, service)[0]!;
  expect(
    stops.map((stop) => stop.kind === 'pollinate' && pollinationNow(phone.journal, round, stop).clean),
  ).toEqual(['nothing', 'nothing']);
});
