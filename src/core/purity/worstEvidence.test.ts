import fc from 'fast-check';
import { begin, Phone, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import type { LookFinding, TagState } from '../journal/kinds/fruit';
import type { Bodies } from '../journal/kinds/kinds';
import type { Grade } from './fruitPurity';
import { purityOf } from './purityOf';

/**
 * Of all that is known of a link the worst counts, whoever wrote it and whenever: a bad finding more never raises a
 * grade, a good one never lowers it, and only its own correction takes a finding away.
 */

const DAY = '2026-07-19';
const BEST_FIRST: readonly Grade[] = ['true', 'unproven', 'doubtful', 'notForSeed'];

const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
  kind: 'covered',
  body: { plant, day: DAY, method: 'bag', blooms: [{ bloom, sex, code: sex === 'female' ? 'K001' : '' }] },
});
type Pollinated = Bodies['pollinated'];
const pollinated = (more: Partial<Pollinated> = {}): Fact => ({
  kind: 'pollinated',
  body: {
    ...{ bloom: 'f', plant: 'p1', donors: [{ plant: 'p2', bloom: 'm' }] },
    ...({ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true } as const),
    ...more,
  },
});
const looked = (tag: TagState, seen: LookFinding = 'growing'): Fact => ({
  kind: 'looked',
  body: { bloom: 'f', seen, tag },
});
const harvested = (tagThere: boolean, typical: boolean): Fact => ({
  kind: 'harvested',
  body: { bloom: 'f', use: 'seed', tagThere, typical },
});
const noted = (plant: string, trueness: 'typical' | 'doubtful'): Fact => ({
  kind: 'plant.noted',
  body: { plant, health: 'sound', trueness },
});
const removed = (plant: string, why: 'offType' | 'died'): Fact => ({
  kind: 'plant.removed',
  body: { plant, why },
});
const missed = (why: 'hole' | 'insect' | 'wilted' | 'notFound'): Fact => ({
  kind: 'missed',
  body: { bloom: 'f', plant: 'p1', round: 'r', stop: 's', why },
});

const uncovered = (found: 'whole' | 'torn', day: string): Fact => ({
  kind: 'uncovered',
  body: { bloom: 'f', plant: 'p1', found, day },
});
const picked = (why: 'hole' | 'notFound'): Fact => ({
  kind: 'picked',
  body: { round: 'r', stop: 's', plant: 'p2', blooms: [], spoiled: [{ bloom: 'm', why }] },
});

/** A clean flower: covered, pollinated by a covered male of its variety, tagged. */
function clean(): Phone {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2', 'p3', 'p4'] }]);
  phone.say('2026-05-02T09:00:00Z', {
    kind: 'variety.described',
    body: {
      ...{ variety: 'v', name: 'v', crop: 'maxima', purpose: 'seedToKeep', seedSource: 'ownGuarded' },
      ...{ ownPollen: 'lastResort', traits: {} },
    },
  } as Fact);
  phone.say('2026-07-18T18:00:00Z', covered('p1', 'f', 'female'), covered('p2', 'm', 'male'));
  phone.say('2026-07-19T05:00:00Z', pollinated());
  return phone;
}
const judged = ({ journal }: Phone) => purityOf(journal, YARD, journal.all('bloom').get('f')!)!;
const at = (hours: number): string =>
  new Date(Date.parse('2026-07-20T08:00:00Z') + hours * 3_600_000).toISOString();

test('clean, seen at harvest, it is true to type', () => {
  const phone = clean();
  phone.say(at(900), harvested(true, true));
  expect(judged(phone)).toMatchObject({ grade: 'true', soFar: false });
});

test('another tag: for one that was on it, it is the same fruit; for one that was gone, it may be another', () => {
  const retagged = (was: 'there' | 'gone', code = 'K009'): Fact => ({
    kind: 'retagged',
    body: { bloom: 'f', code, was },
  });
  const judge = (...facts: readonly Fact[]): string => {
    const phone = clean();
    facts.forEach((fact, i) => phone.say(at(100 + i), fact));
    phone.say(at(900), harvested(true, true));
    const { state, reasons } = judged(phone).chain.find(({ link }) => link === 'tag')!;
    return `${state}: ${reasons[0]!.code}, ${phone.journal.all('bloom').get('f')!.code}`;
  };
  expect(judge(retagged('there'))).toBe('holds: tag.present, K009');
  expect(judge(retagged('gone'))).toBe('doubtful: tag.tiedAnew, K009');
  expect(judge(looked('gone'), retagged('gone'), retagged('there', 'K010'))).toBe(
    'doubtful: tag.tiedAnew, K010',
  );
  expect(judge(retagged('there'), looked('gone'))).toBe('doubtful: tag.backAgain, K009');
});

test('who marks a flower that has its cover already takes nothing off', () => {
  const phone = clean();
  const mark = covered('p1', 'f', 'female') as Extract<Fact, { kind: 'covered' }>;
  phone.say('2026-07-18T18:30:00Z', { ...mark, body: { ...mark.body, method: 'none' } });
  expect(judged(phone).grade).toBe('true');
});

describe('good news does not heal', () => {
  test.each<[string, readonly Fact[], Grade, string]>([
    ['a tag gone, then there', [looked('gone'), harvested(true, true)], 'doubtful', 'tag.backAgain'],
    [
      'a tag hard to read, then there',
      [looked('hardToRead'), looked('there'), harvested(true, true)],
      'doubtful',
      'tag.hardToRead',
    ],
    [
      'harvested without a tag, and with one',
      [harvested(false, true), harvested(true, true)],
      'notForSeed',
      'tag.gone',
    ],
    [
      'not true at harvest, and true',
      [harvested(true, false), harvested(true, true)],
      'doubtful',
      'plants.notTypical',
    ],
    [
      'a father off-type, and found dead',
      [removed('p2', 'offType'), removed('p2', 'died'), harvested(true, true)],
      'notForSeed',
      'plants.fatherOffType',
    ],
    [
      'a cover taken off that day, and said to be torn as well',
      [uncovered('whole', DAY), uncovered('torn', DAY), harvested(true, true)],
      'notForSeed',
      'closed.offTooEarly',
    ],
    [
      'a male with a hole, and not found by another',
      [picked('hole'), picked('notFound'), harvested(true, true)],
      'notForSeed',
      'pollen.spoiled',
    ],
    [
      'males named once, and not',
      [pollinated({ application: 2, donors: [] }), harvested(true, true)],
      'unproven',
      'pollen.unnamed',
    ],
  ])('%s', (_, facts, grade, code) => {
    for (const order of [facts, facts.toReversed()]) {
      if (grade === 'doubtful' && code.startsWith('tag.') && order !== facts) continue;
      const phone = clean();
      order.forEach((fact, i) => phone.say(at(i), fact));
      const { grade: is, weakest } = judged(phone);
      expect([is, weakest?.reasons[0]?.code]).toEqual([grade, code]);
    }
  });

  test('never tagged, and there at harvest: it may be another’s', () => {
    const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2'] }]);
    phone.say('2026-07-18T18:00:00Z', covered('p1', 'f', 'female'), covered('p2', 'm', 'male'));
    phone.say('2026-07-19T05:00:00Z', pollinated({ tagged: false }));
    expect(judged(phone).chain.find(({ link }) => link === 'tag')).toMatchObject({ state: 'broken' });
    phone.say(at(9), harvested(true, true));
    expect(judged(phone).chain.find(({ link }) => link === 'tag')).toMatchObject({ state: 'doubtful' });
  });

  test('an older “typical” that was heard of later does not outweigh a doubt', () => {
    const [a, b] = [clean(), new Phone('b')];
    b.hear(a);
    a.say(at(5), noted('p2', 'doubtful'));
    for (let i = 0; i < 9; i += 1) b.say(at(2), noted('p2', 'typical'));
    a.hear(b).say(at(900), harvested(true, true));
    expect(judged(a)).toMatchObject({
      grade: 'doubtful',
      weakest: { reasons: [{ code: 'plants.fatherInDoubt' }] },
    });
    // Its own phone may take it back.
    a.say(at(901), noted('p2', 'typical'));
    expect(judged(a).grade).toBe('true');
  });

  test('a male that one did not find was found by who used it', () => {
    const [a, b] = [clean(), new Phone('b')];
    b.hear(a);
    b.say(at(1), {
      kind: 'picked',
      body: {
        round: 'r',
        stop: 'pick-m',
        plant: 'p2',
        blooms: [],
        spoiled: [{ bloom: 'm', why: 'notFound' }],
      },
    });
    a.hear(b).say(at(900), harvested(true, true));
    expect(judged(a).grade).toBe('true');
  });

  test('what stands behind another finding is not hidden by it', () => {
    // Two males: one from an own cage, one of a plant that the cross does not name, and so on: the worst is told.
    const phone = clean();
    phone.say(at(1), pollinated({ application: 2, openMinutes: 500 }));
    phone.say(at(2), { kind: 'uncovered', body: { bloom: 'f', plant: 'p1', found: 'off' } });
    const closed = judged(phone).chain.find(({ link }) => link === 'closedAgain')!;
    expect(closed.state).toBe('doubtful');
  });
});

const BAD: readonly Fact[] = [
  looked('gone'),
  looked('hardToRead'),
  harvested(false, true),

  noted('p1', 'doubtful'),
  noted('p2', 'doubtful'),
  removed('p1', 'offType'),
  removed('p2', 'offType'),
  missed('hole'),
  missed('insect'),
  missed('wilted'),
  pollinated({ application: 2, found: 'hole' }),
  pollinated({ application: 2, shutAgain: false }),
  pollinated({ application: 2, openMinutes: 300 }),
  pollinated({ application: 2, donors: [{ plant: 'p3', bloom: 'nobodyCoveredIt' }] }),
  pollinated({ application: 3, donors: [] }),
  { kind: 'uncovered', body: { bloom: 'f', plant: 'p1', found: 'off', day: DAY } },
  { kind: 'uncovered', body: { bloom: 'm', plant: 'p2', found: 'off' } },
];
const GOOD: readonly Fact[] = [
  looked('there'),
  harvested(true, true),
  noted('p1', 'typical'),
  noted('p2', 'typical'),
  noted('p4', 'doubtful'),
  removed('p4', 'offType'),
  { kind: 'looked', body: { bloom: 'f', seen: 'growing' } },
  { kind: 'looked', body: { bloom: 'f', seen: 'unsure' } },
];
const said = fc.tuple(fc.integer({ min: 0, max: 60 }), fc.constantFrom(...BAD, ...GOOD), fc.boolean());

/** What two phones say, each of which hears of it only afterwards. */
function told(statements: readonly (readonly [hours: number, fact: Fact, other: boolean])[]): Phone {
  const [a, b] = [clean(), new Phone('b')];
  b.hear(a);
  for (const [hours, fact, other] of statements) (other ? b : a).say(at(hours), fact);
  return a.hear(b);
}
const rank = (phone: Phone): number => BEST_FIRST.indexOf(judged(phone).grade);

test('a bad finding more never raises a grade, whoever adds it and whenever', () => {
  fc.assert(
    fc.property(
      fc.array(said, { maxLength: 5 }),
      fc.integer({ min: 0, max: 90 }),
      fc.constantFrom(...BAD),
      (statements, hours, bad) => {
        const phone = told(statements);
        const before = rank(phone);
        phone.say(at(hours), bad);
        expect(rank(phone)).toBeGreaterThanOrEqual(before);
      },
    ),
    { numRuns: 400 },
  );
});

test('a good finding more never lowers it', () => {
  fc.assert(
    fc.property(
      fc.array(said, { maxLength: 5 }),
      fc.integer({ min: 0, max: 90 }),
      fc.constantFrom(...GOOD),
      (statements, hours, good) => {
        const phone = told(statements);
        const before = rank(phone);
        phone.say(at(hours), good);
        expect(rank(phone)).toBeLessThanOrEqual(before);
      },
    ),
    { numRuns: 400 },
  );
});
