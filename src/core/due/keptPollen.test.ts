import { begin, Phone, statesOf, YARD } from '@testing/yard';
import { CROP_IDS, cropOf } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { roundsOf } from '../outing/outingDay';
import { purityOf } from '../purity/purityOf';
import { asPlanned } from '../round/asPlanned';
import { outingRequest } from '../round/outingRequest';
import { planOuting } from '../round/planOuting';
import { pollinationNow } from '../round/stopNow';
import { stopsOf } from '../round/stops';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { flowersDue } from './flowersDue';
import { canBeKept, keepsFor, keptPollen, mayBeKept, pollenKept } from './keptPollen';

// Pollen of tomato, pepper and potato keeps dry and cold for days to weeks; that of squash does not keep (common
// practice, no source); corn's lives up to a day when cool and damp (extension bulletins, from memory).

const D: Day = '2026-07-19';
const on = (after: number): Day => addDays(D, after);
const at = (after: number, clock = '09:30'): string => `${on(after)}T${clock}:00Z`;

test('what keeps, and for how long', () => {
  expect(CROP_IDS.filter((crop) => canBeKept(cropOf(crop)))).toEqual([
    ...['corn', 'tomato', 'annuum', 'chinense', 'frutescens', 'baccatum', 'pubescens', 'aubergine', 'potato'],
  ]);
  expect(keepsFor(cropOf('pepo'), 'dryCold')).toBeUndefined();
  expect(keepsFor(cropOf('corn'), 'coolDamp')![1]).toBe(1);
  expect(keepsFor(cropOf('corn'), 'dryCold')).toBeUndefined();
});

/** Tomatoes: w is crossed with v, whose bagged flowers were picked and kept on D. */
function kept(more: Partial<Extract<Fact, { kind: 'pollen.mixed' }>['body']> = {}): Phone {
  const phone = begin([
    { variety: 'v', crop: 'tomato', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'tomato', plants: ['w1', 'w2'] },
  ]);
  phone.say('2026-06-01T09:00:00Z', {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'w', father: 'v', from: '2026-06-01' },
      ...{ purpose: 'seedToKeep', ownPollen: 'never' },
    },
  });
  phone.say(at(-1, '18:00'), {
    kind: 'covered',
    body: { plant: 'v1', day: D, method: 'bag', blooms: [{ bloom: 'm', sex: 'male', code: '' }] },
  });
  phone.say(at(0), {
    kind: 'picked',
    body: { round: 'r', stop: 's', plant: 'v1', blooms: ['m'], spoiled: [], day: D },
  });
  phone.say(
    at(0, '11:00'),
    pollenKept({ ...{ pollen: 'jar', name: 'Jar', how: 'dryCold', day: D, of: ['m'] }, ...more }),
  );
  return phone;
}

/** Mothers that are ready so many days after. */
function mothers(phone: Phone, after: number, blooms: readonly string[] = [`f${after}`]): void {
  const named = blooms.map((bloom) => ({ bloom, code: `K${bloom}` }));
  phone.say(
    at(after - 1, '18:00'),
    { kind: 'emasculated', body: { plant: 'w1', day: on(after), blooms: named } },
    {
      kind: 'covered',
      body: {
        ...{ plant: 'w1', day: on(after), method: 'bag' },
        blooms: named.map((each) => ({ ...each, sex: 'perfect' as const })),
      },
    },
  );
}

function goRound(phone: Phone, after: number): string[] {
  const { journal } = phone;
  const service = { day: on(after), outing: 'morning' } as const;
  const request = outingRequest(journal, YARD, service, Date.parse(at(after)));
  const stops = stopsOf(planOuting(request).rounds[0]!);
  phone.say(at(after), { kind: 'round.planned', body: { round: `r${after}`, day: on(after), stops } });
  const round = roundsOf(journal, service).find((each) => each.round === `r${after}`)!;
  return stops.flatMap((stop) => {
    if (stop.kind !== 'pollinate') throw new Error(`${stop.kind}: nothing is picked, it is in hand`);
    const now = pollinationNow(journal, round, stop);
    phone.say(at(after), ...asPlanned(journal, round, stop));
    return now.donors.map(({ bloom }) => `${stop.bloom} ${bloom}`);
  });
}

const grade = ({ journal }: Phone, bloom: string) =>
  purityOf(journal, YARD, journal.all('bloom').get(bloom)!)!;

test('weeks later a round brings it, and the chain is that of the flowers it is of', () => {
  const phone = kept();
  mothers(phone, 20);
  // One portion, where males of three plants are wanted; nobody goes without.
  expect(flowersDue(phone.journal, { day: on(20), outing: 'morning' }).shortages).toMatchObject([
    { males: 1, without: 0 },
  ]);
  expect(goRound(phone, 20)).toEqual(['f20 jar']);
  const purity = grade(phone, 'f20');
  expect(purity.chain.find(({ link }) => link === 'cleanPollen')).toMatchObject({
    state: 'holds',
    reasons: [{ code: 'pollen.cleanEmasculated' }, { code: 'pollen.otherMorning' }],
  });
  expect(keptPollen(phone.journal, on(21))[0]).toMatchObject({
    ...{ name: 'Jar', age: 21, left: 2, plants: ['v1'], given: [{ bloom: 'f20' }] },
  });
});

test('of a flower that nobody covered it is as good as that', () => {
  const phone = kept();
  phone.say(at(1), { kind: 'uncovered', body: { bloom: 'm', plant: 'v1', found: 'off', day: on(-1) } });
  mothers(phone, 2);
  goRound(phone, 2);
  expect(grade(phone, 'f2').grade).toBe('notForSeed');
});

test.each([
  ['too old', (_: Phone) => {}, 29],
  ['emptied', (phone: Phone) => phone.say(at(1), { kind: 'pollen.emptied', body: { pollen: 'jar' } }), 5],
  [
    'used up',
    (phone: Phone) => {
      mothers(phone, 2, ['a', 'b', 'c']);
      goRound(phone, 2);
    },
    5,
  ],
] as const)('%s it serves no more', (_, then, after) => {
  const phone = kept();
  then(phone);
  mothers(phone, after);
  const { buds, shortages } = flowersDue(phone.journal, { day: on(after), outing: 'morning' });
  expect(buds.males.filter(({ bloom }) => bloom === 'jar')).toEqual([]);
  expect(shortages).toHaveLength(1);
});

test('filled again after it was emptied it is there again, as old as the oldest of it', () => {
  const phone = kept();
  phone.say(at(3), { kind: 'pollen.emptied', body: { pollen: 'jar' } });
  expect(keptPollen(phone.journal, on(4))[0]!.emptied).toBe(true);
  phone.say(at(5), pollenKept({ pollen: 'jar', name: 'Jar', how: 'dryCold', day: on(5), of: ['m2'] }));
  expect(keptPollen(phone.journal, on(6))[0]).toMatchObject({ emptied: false, day: D, of: ['m', 'm2'] });
});

test('a tassel’s bag kept cool serves tomorrow, and not the day after', () => {
  const phone = begin([{ variety: 'c', crop: 'corn', plants: ['c1', 'c2'] }]);
  phone.say(at(-1, '16:00'), {
    kind: 'covered',
    body: {
      ...{ plant: 'c1', day: D, method: 'tasselBag' },
      blooms: [{ bloom: 't', sex: 'male', code: '', part: 'tassel' }],
    },
  });
  phone.say(at(0), {
    kind: 'picked',
    body: { round: 'r', stop: 's', plant: 'c1', blooms: ['t'], spoiled: [] },
  });
  expect([...mayBeKept(phone.journal, D).values()].flat().map(({ bloom }) => bloom)).toEqual(['t']);
  phone.say(at(0, '11:00'), pollenKept({ pollen: 'bag', name: 'Bag', how: 'coolDamp', day: D, of: ['t'] }));
  expect(mayBeKept(phone.journal, D).size).toBe(0);
  for (const [after, serves] of [
    [1, true],
    [2, false],
  ] as const) {
    const bloom = `e${after}`;
    phone.say(at(after - 1, '16:00'), {
      kind: 'covered',
      body: {
        ...{ plant: 'c2', day: on(after), method: 'shootBag' },
        blooms: [{ bloom, sex: 'female', code: bloom, part: 'ear' }],
      },
    });
    const { buds } = flowersDue(phone.journal, { day: on(after), outing: 'morning' });
    expect(buds.males.some((male) => male.bloom === 'bag')).toBe(serves);
  }
});

test('in whatever order entries arrive, portions are the same', () => {
  const [a, b] = [kept(), new Phone('b')];
  b.hear(a);
  a.say(at(2), { kind: 'pollen.emptied', body: { pollen: 'jar' } });
  b.say(at(1), pollenKept({ pollen: 'jar', name: 'Glass', how: 'dryCold', day: on(1), of: ['m3'] }));
  a.hear(b);
  const backwards = new Journal();
  for (const entry of [...a.journal.entries()].reverse()) backwards.add([entry]);
  expect(statesOf(backwards)).toEqual(statesOf(a.journal));
  expect(keptPollen(a.journal, on(3))[0]!.emptied).toBe(true);
});

describe('a portion is judged as the flowers it is of', () => {
  const covering = (plant: string, bloom: string, sex: 'female' | 'male', day: Day = D): Fact => ({
    kind: 'covered',
    body: { plant, day, method: 'bag', blooms: [{ bloom, sex, code: sex === 'male' ? '' : bloom }] },
  });
  const ways: readonly (readonly [string, readonly (readonly [string, Fact])[]])[] = [
    ['clean', [[at(-1, '18:00'), covering('v2', 'm', 'male')]]],
    ['covered late', [[at(0, '12:00'), covering('v2', 'm', 'male')]]],
    [
      'of an off-type',
      [
        [at(-1, '18:00'), covering('v2', 'm', 'male')],
        [at(9), { kind: 'plant.removed', body: { plant: 'v2', why: 'offType' } }],
      ],
    ],
    ['of another variety', [[at(-1, '18:00'), covering('w1', 'm', 'male')]]],
  ];
  const chainOf = (before: (typeof ways)[number][1]) => (kept: boolean) => {
    const phone = begin([
      { variety: 'v', crop: 'annuum', plants: ['v1', 'v2'] },
      { variety: 'w', crop: 'annuum', plants: ['w1'] },
    ]);
    for (const [when, fact] of before) phone.say(when, fact);
    const plant = phone.journal.all('bloom').get('m')?.plant ?? 'v2';
    if (kept) phone.say(at(0), pollenKept({ pollen: 'jar', name: 'Jar', how: 'dryCold', day: D, of: ['m'] }));
    phone.say(at(0, '18:00'), covering('v1', 'f', 'female', on(1)));
    phone.say(at(1), {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'f', plant: 'v1', day: on(1), found: 'shut' },
        donors: [kept ? { plant: '', bloom: 'jar' } : { plant, bloom: 'm' }],
        ...{ method: 'brush', shutAgain: true, tagged: true },
      },
    });
    return grade(phone, 'f');
  };
  test.each(ways)('%s', (_, before) => {
    expect(chainOf(before)(true)).toEqual(chainOf(before)(false));
  });

  test('of a male that nobody noted nothing is known, kept or fresh; of a fresh one at least its plant', () => {
    const reports = [true, false].map(chainOf([]));
    expect(reports.map((each) => each.grade)).toEqual(['unproven', 'unproven']);
    expect(
      reports.map((each) => each.chain.find(({ link }) => link === 'cleanPollen')?.reasons[0]?.code),
    ).toEqual(['pollen.unnamed', 'pollen.anyMale']);
  });
});
