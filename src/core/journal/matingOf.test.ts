import { begin, Phone, YARD } from '@testing/yard';
import { purityOf } from '../purity/purityOf';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { Fact } from './entry';
import type { Bodies } from './kinds/kinds';
import { lastDayOf, meantFor, meantOf } from './matingOf';

const DAY = '2026-07-19';

const cross = (more: Partial<Bodies['mating.set']> = {}): Fact => ({
  kind: 'mating.set',
  body: {
    ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'seedForFun', ownPollen: 'never', from: DAY },
    ...more,
  } as Bodies['mating.set'],
});

/** Three squash; a female and a male of each were covered the evening before. */
function garden(): Phone {
  const phone = begin(
    ['v', 'w', 'z'].map((variety) => ({ variety, crop: 'pepo', plants: [`${variety}1`, `${variety}2`] })),
  );
  for (const variety of ['v', 'w', 'z'])
    for (const sex of ['female', 'male'] as const)
      phone.say(`${addDays(DAY, -1)}T18:00:00Z`, {
        kind: 'covered',
        body: {
          ...{ plant: `${variety}${sex === 'female' ? 1 : 2}`, day: DAY, method: 'tape' },
          blooms: [{ bloom: `${sex[0]}-${variety}`, sex, code: sex === 'female' ? `K${variety}` : '' }],
        },
      });
  return phone;
}
const brushed = (father: string, more: Partial<Bodies['pollinated']> = {}): Fact => ({
  kind: 'pollinated',
  body: {
    ...{ bloom: 'f-v', plant: 'v1', donors: [{ plant: `${father}2`, bloom: `m-${father}` }] },
    ...({ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true } as const),
    ...more,
  },
});
const flower = ({ journal }: Phone) => journal.all('bloom').get('f-v')!;
const fatherMeant = (phone: Phone): string | undefined => meantOf(phone.journal, flower(phone))?.father;
const pollen = (phone: Phone): string => {
  const { chain } = purityOf(phone.journal, YARD, flower(phone))!;
  const { state, reasons } = chain.find(({ link }) => link === 'cleanPollen')!;
  return `${state}: ${reasons.map(({ code }) => code).join(' ')}`;
};

describe('a cross has an end', () => {
  const father = ({ journal }: Phone, day: Day): string | undefined => meantFor(journal, 'v1', day)?.father;

  test('with its season, or a long one where none is named', () => {
    const phone = garden();
    phone.say('2026-07-01T09:00:00Z', cross());
    expect(father(phone, addDays(DAY, -1))).toBe('v');
    expect(father(phone, DAY)).toBe('w');
    expect(father(phone, '2027-07-19')).toBe('v');
    phone.say('2026-07-01T09:00:00Z', {
      kind: 'season.named',
      body: { season: 's', name: '2026', from: '2026-04-01', to: '2026-10-15' },
    });
    expect(lastDayOf(phone.journal, { from: DAY })).toBe('2026-10-15');
    expect(father(phone, '2026-10-15')).toBe('w');
    expect(father(phone, '2026-10-16')).toBe('v');
  });

  test('or on the day that is told', () => {
    const phone = garden();
    phone.say('2026-07-01T09:00:00Z', cross({ until: '2026-07-25' }));
    expect(father(phone, '2026-07-25')).toBe('w');
    expect(father(phone, '2026-07-26')).toBe('v');
  });

  test('an ear covered green waits for the cross of the day on which it was covered', () => {
    const phone = garden();
    phone.say('2026-07-01T09:00:00Z', cross({ from: '2026-07-01', until: '2026-07-25' }));
    const waiting = { plant: 'v1', day: undefined } as const;
    const at = (day: Day) => ({ ...waiting, cover: { method: 'shootBag', at: `${day}T09:00:00Z` } as const });
    expect(meantOf(phone.journal, at('2026-07-20'))?.father).toBe('w');
    expect(meantOf(phone.journal, at('2027-07-20'))?.father).toBe('v');
  });
});

describe('of several crosses', () => {
  const father = ({ journal }: Phone, plant = 'v1', day: Day | undefined = DAY): string | undefined =>
    meantFor(journal, plant, day)?.father;

  test('one that names her goes before one for all; then the one that began last, then the one told last', () => {
    const phone = garden();
    phone.say('2026-07-01T09:00:00Z', cross({ mating: 'all', father: 'z', from: '2026-07-10' }));
    phone.say('2026-07-01T09:01:00Z', cross({ mating: 'own', plants: ['v1'], from: '2026-07-01' }));
    expect([father(phone), father(phone, 'v2')]).toEqual(['w', 'z']);
    phone.say('2026-07-01T09:02:00Z', cross({ mating: 'late', father: 'w', from: '2026-07-11' }));
    expect(father(phone, 'v2')).toBe('w');
    phone.say('2026-07-01T09:03:00Z', cross({ mating: 'early', father: 'z', from: '2026-07-09' }));
    expect(father(phone, 'v2')).toBe('w');
    phone.say('2026-07-01T09:04:00Z', cross({ mating: 'again', father: 'z', from: '2026-07-11' }));
    expect(father(phone, 'v2')).toBe('z');
    // Of another mother it says nothing, and of one of which nobody knows when she opens one with an end.
    expect(father(phone, 'w1')).toBe('w');
    const open = garden();
    open.say('2026-07-01T09:00:00Z', cross({ until: '2026-08-01' }));
    expect(meantFor(open.journal, 'v1', undefined)?.father).toBe('v');
    open.say('2026-07-01T09:00:00Z', cross({ mating: 'y', father: 'z', from: '2027-01-01' }));
    expect(meantFor(open.journal, 'v1', undefined)?.father).toBe('z');
  });

  test('the plants that alone may father are part of it, where any are named', () => {
    const phone = garden();
    phone.say('2026-07-01T09:00:00Z', cross());
    expect(meantFor(phone.journal, 'v1', DAY)).not.toHaveProperty('fathers');
    phone.say('2026-07-02T09:00:00Z', cross({ fathers: ['w2'] }));
    expect(meantFor(phone.journal, 'v1', DAY)).toMatchObject({ fathers: ['w2'], mating: 'x' });
  });

  test('it lasts to the end of the last season that it begins in, from their first day to their last', () => {
    const phone = garden();
    const season = (name: string, from: Day, to: Day): Fact => ({
      kind: 'season.named',
      body: { season: name, name, from, to },
    });
    phone.say('2026-01-01T09:00:00Z', season('a', '2026-03-01', '2026-10-31'));
    phone.say('2026-01-01T09:00:00Z', season('b', '2026-02-01', '2026-10-01'));
    const last = (from: Day): Day => lastDayOf(phone.journal, { from });
    expect(['2026-03-01', '2026-02-28', '2026-10-31'].map(last)).toEqual([
      '2026-10-31',
      '2026-10-01',
      '2026-10-31',
    ]);
    // Outside any it is as long as a long season, of two hundred days: our default.
    expect(last('2026-11-01')).toBe(addDays('2026-11-01', 199));
    expect(lastDayOf(phone.journal, { from: '2026-03-01', until: '2026-03-05' })).toBe('2026-03-05');
  });
});

test('the entry that is noted with a pollination says what was meant, whichever else had been told by then', () => {
  const phone = garden();
  phone.say('2026-07-10T09:00:00Z', cross({ father: 'z' }));
  const [second] = phone.say('2026-07-11T09:00:00Z', cross({ father: 'w' }));
  phone.say('2026-07-12T09:00:00Z', cross({ father: 'z' }));
  phone.say(`${DAY}T05:00:00Z`, brushed('w', { mating: 'x', matingEntry: second!.id }));
  expect(fatherMeant(phone)).toBe('w');
  // Noted at the very moment of a change, the change counts.
  const other = garden();
  other.say('2026-07-10T09:00:00Z', cross({ father: 'z' }));
  other.say(`${DAY}T05:00:00Z`, cross({ father: 'w' }), brushed('w', { mating: 'x' }));
  expect(fatherMeant(other)).toBe('w');
});

describe('what was meant is what was said when it was pollinated', () => {
  test('a cross set later, however far it is dated back, is not what was meant', () => {
    const phone = garden();
    phone.say(`${DAY}T05:00:00Z`, brushed('v'));
    phone.say(`${DAY}T12:00:00Z`, cross({ from: '2026-07-01' }));
    expect(fatherMeant(phone)).toBe('v');
    expect(pollen(phone)).toBe('holds: pollen.clean');
  });

  test('a cross edited or ended later changes no judgement', () => {
    for (const later of [cross({ father: 'z' }), cross({ until: DAY, from: '2026-07-30', fathers: ['w1'] })])
      for (const noted of [true, false]) {
        const phone = garden();
        const [set] = phone.say('2026-07-10T09:00:00Z', cross());
        phone.say(`${DAY}T05:00:00Z`, brushed('w', noted ? { mating: 'x', matingEntry: set!.id } : {}));
        phone.say('2026-08-01T09:00:00Z', later);
        expect(fatherMeant(phone)).toBe('w');
        expect(pollen(phone)).toBe('holds: pollen.clean');
        // A mistake put right in that entry itself counts.
        phone.say('2026-08-02T09:00:00Z', {
          kind: 'amended',
          body: { target: set!.id, of: 'mating.set', body: cross({ father: 'z' }).body },
        });
        expect(pollen(phone)).toBe('broken: pollen.otherThanMeant');
      }
  });

  test('a phone that had not heard of the edit did what it knew', () => {
    const [a, b] = [garden(), new Phone('b')];
    const [set] = a.say('2026-07-10T09:00:00Z', cross());
    b.hear(a);
    a.say('2026-07-18T20:00:00Z', cross({ father: 'z' }));
    b.say(`${DAY}T05:00:00Z`, brushed('w', { mating: 'x', matingEntry: set!.id }));
    expect(pollen(a.hear(b))).toBe('holds: pollen.clean');
  });
});

test('own pollen where a cross was meant is pure seed of its own variety, and not the cross', () => {
  const phone = garden();
  phone.say('2026-07-10T09:00:00Z', cross({ fathers: ['w2'] }));
  phone.say(`${DAY}T05:00:00Z`, brushed('v'));
  const { grade, cross: made } = purityOf(phone.journal, YARD, flower(phone))!;
  expect([grade, made]).toEqual(['true', undefined]);
  expect(pollen(phone)).toBe('holds: pollen.clean pollen.ownInstead');
  // Of both, nobody can say who the father was.
  phone.say(`${DAY}T05:10:00Z`, brushed('w', { application: 2 }));
  expect(pollen(phone)).toMatch(/^broken/);
});

test('of what opens at hours that nobody knows, what was decided on a day holds from the next on', () => {
  const said = (
    crop: 'lettuce' | 'pepo' | 'watermelon',
    latitude: number,
    at: string,
  ): string | undefined => {
    const phone = begin([{ variety: 'v', crop, purpose: 'eat', plants: ['v1'] }]);
    const { id: _, ...described } = YARD;
    phone.say('2026-05-01T09:00:00Z', { kind: 'garden.described', body: { ...described, latitude } });
    const [first] = [...phone.journal.entries()].filter(({ kind }) => kind === 'variety.described');
    const body = { ...(first!.body as Bodies['variety.described']), purpose: 'seedToKeep' as const };
    phone.say(at, { kind: 'variety.described', body });
    return meantFor(phone.journal, 'v1', '2026-06-21')?.purpose;
  };
  expect(said('lettuce', 52, '2026-06-21T01:00:00Z')).toBe('eat');
  // Where the sun does not set.
  expect(said('pepo', 70, '2026-06-21T01:00:00Z')).toBe('eat');
  // Before it opens at dawn, by the clock of the garden, and after.
  expect(said('pepo', 52, '2026-06-21T02:00:00Z')).toBe('seedToKeep');
  expect(said('pepo', 52, '2026-06-21T08:00:00Z')).toBe('eat');
  expect(said('pepo', 52, '2026-06-20T23:30:00Z')).toBe('seedToKeep');
  // Watermelons open some time after sunrise, which is at 3:50 by this clock.
  expect(said('watermelon', 52, '2026-06-21T04:10:00Z')).toBe('seedToKeep');
  expect(said('watermelon', 52, '2026-06-21T07:00:00Z')).toBe('eat');
});

test('what was decided at noon holds for what opens at dusk, and not for what opened at dawn', () => {
  for (const [crop, purpose] of [
    ['bottleGourd', 'seedToKeep'],
    ['pepo', 'eat'],
  ] as const) {
    const phone = begin([{ variety: 'v', crop, purpose: 'eat', plants: ['v1'] }]);
    const [described] = [...phone.journal.entries()].filter(({ kind }) => kind === 'variety.described');
    phone.say(`${DAY}T12:00:00Z`, {
      kind: 'variety.described',
      body: { ...(described!.body as Bodies['variety.described']), purpose: 'seedToKeep' },
    });
    expect(meantFor(phone.journal, 'v1', DAY)?.purpose).toBe(purpose);
    expect(meantFor(phone.journal, 'v1', addDays(DAY, 1))?.purpose).toBe('seedToKeep');
  }
});
