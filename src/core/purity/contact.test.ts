import { begin, lookedAround, Phone, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { isolationOf } from '../planning/isolationOf';
import { purityOf } from './purityOf';
import { isTainted, pollenCarriedTo, visitedBefore } from './contact';

/** Pollen travels on what touches: a male and a brush carry on what a flower had in it (common practice, no source). */

const DAY = '2026-07-19';
const at = (minute: number): string =>
  new Date(Date.parse('2026-07-19T05:00:00Z') + minute * 60_000).toISOString();

const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
  kind: 'covered',
  body: { plant, day: DAY, method: 'bag', blooms: [{ bloom, sex, code: sex === 'female' ? bloom : '' }] },
});
type Pollinated = Bodies['pollinated'];
const pollinated = (plant: string, bloom: string, more: Partial<Pollinated> = {}): Fact => ({
  kind: 'pollinated',
  body: {
    ...{ bloom, plant, donors: [{ plant: 'p9', bloom: 'm' }] },
    ...({ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true } as const),
    ...more,
  },
});

/** Two squash of one variety with a covered female each, and males on a third; what crosses and what does not beside them. */
function garden(): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p9'] },
    { variety: 'w', crop: 'pepo', plants: ['w1'] },
    { variety: 'c', crop: 'cucumber', plants: ['c1'] },
  ]);
  phone.say('2026-07-18T17:00:00Z', {
    kind: 'flowering.seen',
    body: { variety: 'w', day: '2026-07-19' },
  });
  for (const [plant, bloom] of [
    ['p1', 'K001'],
    ['p2', 'K002'],
    ['c1', 'K003'],
  ] as const)
    phone.say('2026-07-18T18:00:00Z', covered(plant, bloom, 'female'));
  phone.say('2026-07-18T18:00:00Z', covered('p9', 'm', 'male'), covered('p9', 'n', 'male'));
  return phone;
}
const pollen = ({ journal }: Phone, bloom: string): string => {
  const isolation = isolationOf(journal, YARD);
  const { chain } = purityOf(journal, YARD, journal.all('bloom').get(bloom)!, { isolationOf: isolation })!;
  const { state, reasons } = chain.find(({ link }) => link === 'cleanPollen')!;
  return `${state}: ${reasons[0]!.code}`;
};
const CLEAN = 'holds: pollen.clean';
const CARRIED = 'doubtful: pollen.visitedBefore';

test.each(['hole', 'insect', 'open'] as const)(
  'a male that was in a female found so (%s) carries what she had to the next one, and not to the one before',
  (found) => {
    const phone = garden();
    phone.say(at(0), pollinated('p2', 'K002'));
    phone.say(at(5), pollinated('p1', 'K001', { found }));
    expect(pollen(phone, 'K002')).toBe(CLEAN);
    phone.say(at(10), pollinated('p2', 'K002', { application: 2 }));
    expect(pollen(phone, 'K002')).toBe(CARRIED);
  },
);

test.each(['clean', 'used'] as const)(
  'hands that come from what crosses (%s) count where a male was taken as well as at the female',
  (state) => {
    const hands = { of: 'w', state };
    const atHer = garden();
    atHer.say(at(0), pollinated('p1', 'K001', { hands }));
    const atHim = garden();
    atHim.say(at(0), {
      kind: 'picked',
      body: { round: 'r', stop: 's', plant: 'p9', blooms: ['m'], spoiled: [], hands },
    });
    atHim.say(at(5), pollinated('p1', 'K001'));
    for (const { journal } of [atHer, atHim])
      expect(pollenCarriedTo(journal, journal.all('bloom').get('K001')!)).toEqual(
        state === 'used' ? { variety: 'w', noted: true } : undefined,
      );
    expect(pollen(atHim, 'K001') === CLEAN).toBe(state === 'clean');
  },
);

test('another male carries nothing, nor does one after a female that was shut or merely wilting', () => {
  const phone = garden();
  phone.say(at(0), pollinated('p1', 'K001', { found: 'hole' }));
  phone.say(at(5), pollinated('p2', 'K002', { donors: [{ plant: 'p9', bloom: 'n' }] }));
  expect(pollen(phone, 'K002')).toBe(CLEAN);
  const other = garden();
  other.say(at(0), pollinated('p1', 'K001', { found: 'wilted' }));
  other.say(at(5), pollinated('p2', 'K002'));
  expect(pollen(other, 'K002')).toBe(CLEAN);
});

test('what another phone saw before counts, whoever heard of it when', () => {
  const [a, b] = [garden(), new Phone('b')];
  b.hear(a);
  b.say(at(-1), {
    kind: 'missed',
    body: { bloom: 'K001', plant: 'p1', why: 'insect', round: 'r', stop: 's' },
  });
  a.say(at(0), pollinated('p1', 'K001'));
  a.say(at(5), pollinated('p2', 'K002'));
  expect(pollen(a, 'K002')).toBe(CLEAN);
  a.hear(b);
  expect(pollen(a, 'K002')).toBe(CARRIED);
});

test('a brush carries it until it is cleaned; that of somebody else carries nothing of it', () => {
  const brush = { method: 'brush', donors: [{ plant: 'p9', bloom: 'm' }] } as const;
  const other = { ...brush, donors: [{ plant: 'p9', bloom: 'n' }] };
  const told = (tool?: Pollinated['tool'], second = false): string => {
    const [a, b] = [garden(), new Phone('b')];
    b.hear(a);
    a.say(at(0), pollinated('p1', 'K001', { ...brush, found: 'open' }));
    (second ? b : a).say(at(5), pollinated('p2', 'K002', { ...other, ...(tool && { tool }) }));
    return pollen(a.hear(b), 'K002');
  };
  expect(told()).toBe(CARRIED);
  expect(told('used')).toBe(CARRIED);
  expect(told('clean')).toBe(CLEAN);
  expect(told(undefined, true)).toBe(CLEAN);
});

test('what does not cross with it, and what only its own variety could have visited, does no harm', () => {
  const phone = garden();
  phone.say(at(0), pollinated('c1', 'K003', { found: 'open', donors: [{ plant: 'p9', bloom: 'm' }] }));
  phone.say(at(5), pollinated('p2', 'K002'));
  expect(pollen(phone, 'K002')).toBe(CLEAN);
  // Okra alone, that is worked without any cover.
  const alone = begin([{ variety: 'v', crop: 'okra', plants: ['p1', 'p2'] }]);
  for (const [plant, minute] of [
    ['p1', 0],
    ['p2', 5],
  ] as const)
    alone.say(
      at(minute),
      pollinated(plant, `f-${plant}`, {
        ...{ method: 'brush', found: 'open', shutAgain: false, day: DAY },
        donors: [{ plant: 'p1', bloom: '' }],
      }),
    );
  alone.say(at(9), ...lookedAround('okra', DAY));
  expect(pollen(alone, 'f-p2')).not.toBe(CARRIED);
});

describe('a brush', () => {
  const BRUSH = { method: 'brush', donors: [{ plant: 'p9', bloom: 'n' }] } as const;
  const FOREIGN = { method: 'brush', donors: [{ plant: 'w1', bloom: 'mw' }] } as const;
  const carried = (phone: Phone, bloom = 'K002') =>
    pollenCarriedTo(phone.journal, phone.journal.all('bloom').get(bloom)!);
  /** Foreign pollen was on it at minute 0; then it came to K002. */
  const used = (minute: number, more: Partial<Pollinated> = {}, before: Partial<Pollinated> = {}): Phone => {
    const phone = garden();
    phone.say(at(0), pollinated('p1', 'K001', { ...FOREIGN, ...before }));
    phone.say(at(minute), pollinated('p2', 'K002', { ...BRUSH, ...more }));
    return phone;
  };

  test('has on it what it had been in for six hours (our default), and no longer', () => {
    expect(carried(used(6 * 60))).toEqual({ variety: 'w', noted: false });
    expect(carried(used(6 * 60 + 1))).toBeUndefined();
  });

  test('or a swab; a male flower that was in hand is no brush', () => {
    expect(carried(used(5, { method: 'swab' }, { method: 'swab' }))).toMatchObject({ variety: 'w' });
    expect(carried(used(5, {}, { method: 'maleFlower' }))).toBeUndefined();
    expect(carried(used(5, { method: 'maleFlower' }))).toBeUndefined();
  });

  test('is noted as not cleaned where anybody said so since, at this flower or between', () => {
    expect(carried(used(5, { tool: 'used' }))).toEqual({ variety: 'w', noted: true });
    expect(carried(used(5, {}, { tool: 'used' }))).toEqual({ variety: 'w', noted: false });
    const between = garden();
    between.say(at(0), pollinated('p1', 'K001', FOREIGN));
    between.say(at(2), pollinated('c1', 'K003', { ...BRUSH, tool: 'used' }));
    between.say(at(5), pollinated('p2', 'K002', BRUSH));
    expect(carried(between)).toEqual({ variety: 'w', noted: true });
  });

  test('that was taken clean for a flower before has since then what it had there', () => {
    const phone = garden();
    phone.say(at(0), pollinated('p1', 'K001', FOREIGN));
    phone.say(at(2), pollinated('c1', 'K003', { ...BRUSH, tool: 'clean' }));
    phone.say(at(5), pollinated('p2', 'K002', BRUSH));
    expect(carried(phone)).toBeUndefined();
    // Clean for the foreign one, it has that pollen.
    expect(carried(used(5, {}, { tool: 'clean' }))).toMatchObject({ variety: 'w' });
  });

  test('of what does not cross carries nothing, nor of its own variety; of two meant one that crosses is enough', () => {
    expect(carried(used(5, {}, { donors: [{ plant: 'c1', bloom: '' }] }))).toBeUndefined();
    expect(carried(used(5, {}, { donors: [{ plant: 'p1', bloom: '' }] }))).toBeUndefined();
    const both = [...BRUSH.donors, { plant: 'c1', bloom: '' }];
    expect(carried(used(5, { donors: both }))).toMatchObject({ variety: 'w' });
    // Of nobody it is not known what was meant.
    expect(carried(used(5, { donors: [] }))).toBeUndefined();
  });

  test('at the same moment: the entry that was made first came first', () => {
    const phone = garden();
    phone.say(at(5), pollinated('p1', 'K001', FOREIGN), pollinated('p2', 'K002', BRUSH));
    expect(carried(phone)).toMatchObject({ variety: 'w' });
    const other = garden();
    other.say(at(5), pollinated('p2', 'K002', BRUSH), pollinated('p1', 'K001', FOREIGN));
    expect(carried(other)).toBeUndefined();
  });

  test('along a row of another variety carries its pollen, by whoever worked it, until it was clean', () => {
    const told = (
      plants: readonly string[],
      { minute = 0, by = 'a', clean = false }: { minute?: number; by?: string; clean?: boolean } = {},
    ) => {
      const [a, b] = [garden(), new Phone('b')];
      const row: Fact = { kind: 'rowPollinated', body: { day: DAY, plants, method: 'brush' } };
      (by === 'a' ? a : b).say(at(minute), row);
      if (clean) a.say(at(2), pollinated('c1', 'K003', { ...BRUSH, tool: 'clean' }));
      a.say(at(5), pollinated('p2', 'K002', BRUSH));
      return carried(a.hear(b));
    };
    expect(told(['w1'])).toEqual({ variety: 'w', noted: false });
    expect(told(['p1'])).toBeUndefined();
    expect(told(['c1'])).toBeUndefined();
    expect(told(['nobody'])).toBeUndefined();
    expect(told(['w1'], { by: 'b' })).toBeUndefined();
    expect(told(['w1'], { clean: true })).toBeUndefined();
    expect(told(['w1'], { clean: true, minute: 2 })).toMatchObject({ variety: 'w' });
    expect(told(['w1'], { clean: true, minute: 3 })).toMatchObject({ variety: 'w' });
    expect(told(['w1'], { minute: 5 })).toBeUndefined();
  });

  test('that somebody else took clean is another one', () => {
    const [a, b] = [garden(), new Phone('b')];
    b.hear(a);
    a.say(at(0), { kind: 'rowPollinated', body: { day: DAY, plants: ['w1'], method: 'brush' } });
    b.say(at(2), pollinated('c1', 'K003', { ...BRUSH, tool: 'clean' }));
    a.say(at(5), pollinated('p2', 'K002', BRUSH));
    expect(carried(a.hear(b))).toMatchObject({ variety: 'w' });
  });
});

test('what was found in a female after a male had been in her says nothing of before', () => {
  const phone = garden();
  phone.say(at(0), pollinated('p1', 'K001'));
  phone.say(at(2), { kind: 'missed', body: { bloom: 'K001', plant: 'p1', why: 'insect' } });
  phone.say(at(5), pollinated('p2', 'K002'));
  expect(pollen(phone, 'K002')).toBe(CLEAN);
  const before = garden();
  before.say(at(0), { kind: 'missed', body: { bloom: 'K001', plant: 'p1', why: 'insect' } });
  before.say(at(0), pollinated('p1', 'K001'));
  before.say(at(5), pollinated('p2', 'K002'));
  expect(pollen(before, 'K002')).toBe(CARRIED);
});

test('a male is kept for three days (our default): so long it carries what it had', () => {
  const told = (day: string): readonly string[] => {
    const phone = garden();
    phone.say(at(0), pollinated('p1', 'K001', { found: 'open' }));
    const both = [
      { plant: 'p9', bloom: 'n' },
      { plant: 'p9', bloom: 'm' },
    ];
    phone.say(`${day}T05:00:00Z`, pollinated('p2', 'K002', { day, donors: both }));
    const found = visitedBefore(phone.journal, phone.journal.all('bloom').get('K002')!);
    return found.map(({ bloom }) => bloom);
  };
  expect(told('2026-07-22')).toEqual(['K001']);
  expect(told('2026-07-23')).toEqual([]);
  const phone = garden();
  const both = [
    { plant: 'p9', bloom: 'n' },
    { plant: 'p9', bloom: 'm' },
  ];
  phone.say(at(0), pollinated('p1', 'K001', { found: 'open', donors: both }));
  expect(['m', 'n', 'o'].map((male) => isTainted(phone.journal, male, DAY))).toEqual([true, true, false]);
  expect(isTainted(phone.journal, 'm', '2026-07-22')).toBe(true);
  expect(isTainted(phone.journal, 'm', '2026-07-23')).toBe(false);
});

test('for seed such a male is in hand no more', () => {
  const phone = garden();
  expect(isTainted(phone.journal, 'm', DAY)).toBe(false);
  phone.say(at(0), pollinated('p1', 'K001', { found: 'hole' }));
  expect(isTainted(phone.journal, 'm', DAY)).toBe(true);
  expect(isTainted(phone.journal, 'n', DAY)).toBe(false);
});
