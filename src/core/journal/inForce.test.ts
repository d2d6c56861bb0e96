import fc from 'fast-check';
import { begin, lookedAround, Phone, YARD } from '@testing/yard';
import { isolationOf } from '../planning/isolationOf';
import type { Grade } from '../purity/fruitPurity';
import { purityOf } from '../purity/purityOf';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { Entry, Fact } from './entry';
import { HELD_BEFORE_DAYS } from './inForce';
import { Journal } from './journal';
import { gardenOn } from './past';

const DAY: Day = '2026-07-19';
const NEXT_SPRING = '2027-04-20T09:00:00Z';
const GRADES_WORST_FIRST: readonly Grade[] = ['notForSeed', 'doubtful', 'unproven', 'true'];
const at = (day: Day): string => `${day}T12:00:00Z`;

const described = (variety: string, more: object = {}): Fact =>
  ({
    kind: 'variety.described',
    body: {
      ...{ variety, name: variety, crop: 'okra', purpose: 'seedToKeep', seedSource: 'ownGuarded' },
      ...{ ownPollen: 'lastResort', traits: {}, ...more },
    },
  }) as Fact;
const neighbour = (distance: number): Fact => ({
  kind: 'outside.described',
  body: {
    ...{ source: 'o', name: 'Field', crop: 'okra', distance, bearing: 90, radius: 5 },
    ...{ plants: 50, sure: 'seen' },
  } as never,
});
const gone = (what: 'bed' | 'variety' | 'outside', id: string): Fact => ({
  kind: 'plan.removed',
  body: { what, id },
});
const set = (plant: string, variety: string, bed = 'bed-v'): Fact => ({
  kind: 'plants.set',
  body: { bed, row: 1, variety, plants: [{ plant, place: 3 }] },
});
const moved = (y: number): Fact => ({
  kind: 'bed.laid',
  body: { bed: 'bed-w', name: 'w', x: 1, y, length: 8, width: 1, rows: 1, turn: 0 },
});
const out = (plant: string): Fact => ({ kind: 'plant.removed', body: { plant, why: 'died' } });

const withLooks = (phone: Phone): Phone => {
  phone.say(at('2026-05-01'), ...lookedAround('okra', '2025-12-20', DAY, '2026-10-01'));
  return phone;
};
/** Okra by itself, far from a neighbour's. */
const alone = (): Phone => withLooks(begin([{ variety: 'v', crop: 'okra', plants: ['v1'] }]));
/** Two varieties of okra side by side. */
const sideBySide = (): Phone =>
  withLooks(
    begin([
      { variety: 'v', crop: 'okra', plants: ['v1'] },
      { variety: 'w', crop: 'okra', plants: ['w1'] },
    ]),
  );
/** What crosses stands near, and nobody noted whether it was in flower. */
const STANDS = 'notNoted';
const verdict = ({ journal }: Phone, day: Day = DAY) => isolationOf(journal, YARD)('v', day)?.verdict;

describe('what is taken off the plan was there until then', () => {
  test.each([
    ['a neighbour', () => [neighbour(20)], () => [gone('outside', 'o')]],
    ['another variety', () => [described('w'), set('w1', 'w')], () => [out('w1'), gone('variety', 'w')]],
    [
      'its bed',
      () => [described('w'), moved(2), set('w1', 'w', 'bed-w')],
      () => [out('w1'), gone('bed', 'bed-w')],
    ],
  ])('%s', (_, grown, ended) => {
    const phone = alone();
    phone.say(at('2026-05-02'), ...grown());
    expect(verdict(phone)).toBe(STANDS);
    phone.say(at('2026-10-03'), ...ended());
    expect(verdict(phone)).toBe(STANDS);
    // On the day itself it may have shed before it went.
    expect(verdict(phone, '2026-10-03')).toBe(STANDS);
    expect(verdict(phone, '2026-10-04')).toBe('noRisk');
  });
});

describe('what is described next spring changes nothing of this summer', () => {
  const LATER: readonly (readonly [string, readonly Fact[]])[] = [
    ['a neighbour', [neighbour(20)]],
    ['another squash', [described('w'), set('w9', 'w')]],
    ['one more plant of another', [set('w9', 'w')]],
    ['the other bed beside this one', [moved(0.2)]],
    ['grown to eat', [described('v', { purpose: 'eat' })]],
    ['another packet', [described('v', { seedSource: 'f1' })]],
  ];
  test.each(LATER)('%s', (_, facts) => {
    for (const phone of [alone(), sideBySide()]) {
      const before = verdict(phone);
      phone.say(NEXT_SPRING, ...facts);
      expect(verdict(phone)).toBe(before);
    }
  });
});

test('who describes what stands says what has stood there for a while: as long as a season, and no longer', () => {
  const phone = alone();
  phone.say(at('2026-07-20'), neighbour(20));
  expect(verdict(phone, '2026-07-19')).toBe(STANDS);
  expect(verdict(phone, addDays('2026-07-20', -HELD_BEFORE_DAYS))).toBe(STANDS);
  expect(verdict(phone, addDays('2026-07-20', -HELD_BEFORE_DAYS - 1))).toBe('noRisk');
});

test('a bed laid elsewhere in autumn, or a mistake put right: the seed is held to the worse of both', () => {
  const [away, near] = [sideBySide(), sideBySide()];
  away.say(at('2026-10-03'), moved(3000));
  expect(verdict(away)).toBe(STANDS);
  // It may have lain there all the time.
  near.say(at('2026-05-02'), moved(3000));
  expect(verdict(near, '2026-06-20')).not.toBe(STANDS);
  near.say(at('2026-10-03'), moved(2));
  expect(verdict(near)).toBe(STANDS);
});

describe('what the seed was sown from', () => {
  const grown = (): Phone => {
    const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] }]);
    phone.say(`${addDays(DAY, -1)}T18:00:00Z`, {
      kind: 'covered',
      body: { plant: 'v1', day: DAY, method: 'tape', blooms: [{ bloom: 'f', sex: 'female', code: 'K1' }] },
    });
    phone.say(`${DAY}T05:00:00Z`, {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'f', plant: 'v1', donors: [], found: 'shut', method: 'maleFlower' },
        ...{ shutAgain: true, tagged: true },
      },
    });
    return phone;
  };
  const source = ({ journal }: Phone) =>
    purityOf(journal, YARD, journal.all('bloom').get('f')!)!.chain.find(({ link }) => link === 'seedSource')!;
  const squash = (seedSource: string): Fact => described('v', { crop: 'pepo', seedSource });

  test('the packet of next year is not that of this year’s fruit', () => {
    const phone = grown();
    phone.say(at('2026-05-02'), squash('ownGuarded'));
    phone.say(NEXT_SPRING, squash('f1'));
    expect(source(phone)).toMatchObject({ state: 'holds', reasons: [{ code: 'seed.ownGuarded' }] });
  });

  test('noted again soon after, it may be a mistake put right or the next packet: the worse counts', () => {
    for (const seeds of [
      ['f1', 'ownGuarded'],
      ['ownGuarded', 'f1'],
    ] as const) {
      const phone = grown();
      phone.say(at('2026-05-02'), squash(seeds[0]));
      phone.say(at('2026-09-02'), squash(seeds[1]));
      expect(source(phone)).toMatchObject({ state: 'broken', reasons: [{ code: 'seed.f1' }] });
    }
  });

  test('an entry that is put right was always so', () => {
    const phone = grown();
    const [entry] = phone.say(at('2026-05-02'), squash('f1')) as [Entry];
    const right = squash('ownGuarded') as Extract<Fact, { kind: 'variety.described' }>;
    phone.say(at('2027-01-05'), {
      kind: 'amended',
      body: { target: entry.id, of: 'variety.described', body: right.body },
    });
    expect(source(phone).reasons[0]!.code).toBe('seed.ownGuarded');
  });
});

test('the garden of a day is that of the entries that counted then: a plain second implementation', () => {
  const facts = fc.constantFrom<readonly Fact[]>(
    [neighbour(20)],
    [neighbour(900)],
    [gone('outside', 'o')],
    [set('w1', 'w', 'bed-w')],
    [set('w1', 'v')],
    [out('w1')],
    [moved(2)],
    [moved(40)],
    [gone('bed', 'bed-w')],
    [described('w')],
    [described('w', { seedSource: 'f1' })],
    [gone('variety', 'w')],
  );
  const days = fc.integer({ min: -400, max: 400 });
  fc.assert(
    fc.property(fc.array(fc.tuple(days, facts), { maxLength: 12 }), days, (said, when) => {
      const phone = new Phone('a');
      for (const [day, each] of said) phone.say(at(addDays(DAY, day)), ...each);
      const on = addDays(DAY, when);
      const seen = new Set<string>();
      // Of each kind that describes there is but one subject here. Without a garden days are those of UTC.
      const counts = (entry: Entry): boolean => {
        const from = entry.at.slice(0, 10);
        const about = entry.kind;
        if (entry.kind === 'plan.removed' || entry.kind === 'plant.removed') return from < on;
        const isFirst = !seen.has(about);
        seen.add(about);
        const stands = entry.kind === 'plants.set' || entry.kind === 'outside.described';
        if (isFirst) return !stands || addDays(from, -HELD_BEFORE_DAYS) <= on;
        return from <= on;
      };
      const then = new Journal();
      then.add([...phone.own].filter(counts));
      for (const type of ['bed', 'outside', 'plant', 'variety'] as const)
        expect(new Map(gardenOn(phone.journal, on).all(type))).toEqual(new Map(then.all(type)));
    }),
    { numRuns: 300 },
  );
});

test('rule: what is noted later without saying since when never makes seed better', () => {
  const later = fc.constantFrom<readonly Fact[]>(
    [neighbour(20)],
    [neighbour(5000)],
    [gone('outside', 'o')],
    [out('w1')],
    [out('w1'), gone('variety', 'w'), gone('bed', 'bed-w')],
    [moved(4000)],
    [moved(0)],
    [described('v', { seedSource: 'f1' })],
    [described('v', { seedSource: 'openGarden' })],
    [described('w', { crop: 'tomato' })],
  );
  const grade = ({ journal }: Phone): number => {
    const judged = purityOf(journal, YARD, journal.all('bloom').get('f')!, {
      isolationOf: isolationOf(journal, YARD),
    })!;
    return GRADES_WORST_FIRST.indexOf(judged.grade);
  };
  fc.assert(
    fc.property(
      fc.boolean(),
      fc.array(later, { maxLength: 2 }),
      fc.array(fc.tuple(fc.integer({ min: 1, max: 500 }), later), { minLength: 1, maxLength: 4 }),
      (near, before, after) => {
        const phone = near ? sideBySide() : alone();
        for (const facts of before) phone.say(at('2026-05-03'), ...facts);
        phone.say(`${DAY}T05:00:00Z`, {
          kind: 'pollinated',
          body: {
            ...{ bloom: 'f', plant: 'v1', day: DAY, donors: [{ plant: 'v1', bloom: '' }] },
            ...{ found: 'open', method: 'brush', shutAgain: false, tagged: true },
          },
        });
        let last = grade(phone);
        for (const [days, facts] of after.toSorted(([a], [b]) => a - b)) {
          phone.say(at(addDays(DAY, days)), ...facts);
          const now = grade(phone);
          expect(now).toBeLessThanOrEqual(last);
          last = now;
        }
      },
    ),
    { numRuns: 200 },
  );
});

test('what is said to be so since a day was not so before, and leaves no doubt', () => {
  const phone = sideBySide();
  phone.say(at('2026-08-01'), described('v', { purpose: 'eat', since: '2026-07-25' }));
  const purpose = (day: Day): string => gardenOn(phone.journal, day).all('variety').get('v')!.purpose;
  expect([purpose('2026-07-24'), purpose('2026-07-25')]).toEqual(['seedToKeep', 'eat']);
  expect(verdict(phone, '2026-07-24')).toBe(STANDS);
  expect(verdict(phone, '2026-07-25')).toBe('notRequired');
});

test('plants that were set out on a day were not there before; without one they had stood for a while', () => {
  const planted = (since?: Day): string | undefined => {
    const phone = alone();
    const fact = set('w1', 'w') as Extract<Fact, { kind: 'plants.set' }>;
    const body = { ...fact.body, ...(since && { since }) };
    phone.say(at('2026-08-01'), described('w'), { kind: 'plants.set', body });
    return verdict(phone);
  };
  expect([planted(), planted('2026-07-01'), planted('2026-08-01')]).toEqual([STANDS, STANDS, 'noRisk']);
});
