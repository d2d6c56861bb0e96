import fc from 'fast-check';
import { begin, Phone, statesOf, YARD } from '@testing/yard';
import { flowersDue } from '../../due/flowersDue';
import type { Entry, Fact } from '../../journal/entry';
import { Journal } from '../../journal/journal';
import type { Stop } from '../../journal/kinds/stops';
import { roundsOf } from '../../outing/outingDay';
import { purityOf } from '../../purity/purityOf';
import { donorsNow } from '../donorsNow';
import { asPlanned, missedAt, pickedAt, pollinatedAt } from '../asPlanned';

const [DAY, NEXT, THIRD] = ['2026-07-19', '2026-07-20', '2026-07-21'] as const;
const EVENING = '2026-07-18T18:00:00Z';
const morning = (day: string, minute = 0): string => `${day}T05:${String(minute).padStart(2, '0')}:00Z`;

const eta = morning(DAY) as `${string}Z`;
const STOPS: readonly Stop[] = [
  { stop: 'pick-m2', kind: 'pick', plant: 'p2', variety: 'v', blooms: ['m2'], eta },
  { stop: 'pick-m3', kind: 'pick', plant: 'p3', variety: 'v', blooms: ['m3'], eta },
  {
    stop: 'dab-f',
    kind: 'pollinate',
    plant: 'p1',
    variety: 'v',
    bloom: 'f',
    donors: [{ plant: 'p2', bloom: 'm2' }],
    eta,
  },
];
const [PICK, , BRUSH] = STOPS as [
  Extract<Stop, { kind: 'pick' }>,
  Stop,
  Extract<Stop, { kind: 'pollinate' }>,
];

const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
  kind: 'covered',
  body: {
    plant,
    day: DAY,
    method: 'tape',
    blooms: [{ bloom, sex, code: sex === 'female' ? 'K001' : '' }],
  },
});

/** One squash with a female and two males covered in the evening for the next morning, and the round to them. */
function covering(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p3'] }]);
  phone.say(EVENING, covered('p1', 'f', 'female'), covered('p2', 'm2', 'male'), covered('p3', 'm3', 'male'), {
    kind: 'round.planned',
    body: { round: 'r', day: DAY, stops: STOPS },
  });
  return phone;
}

const roundAt = (journal: Journal) => roundsOf(journal, { day: DAY, outing: 'morning' })[0]!;
const notYet = ({ journal }: Phone): Fact => missedAt(journal, roundAt(journal), BRUSH, 'notYet');
const femalesDue = (journal: Journal, day: string): string[] =>
  flowersDue(journal, { day, outing: 'morning' }).females.map(({ bloom }) => bloom);
const flower = (journal: Journal, bloom = 'f') => journal.all('bloom').get(bloom)!;

test('a bud that was covered a day too early is due the next morning, under its cover, and is not lost', () => {
  const phone = covering();
  phone.say(morning(DAY), notYet(phone));
  const { journal } = phone;
  expect(flower(journal)).toMatchObject({ day: NEXT, putOffFrom: DAY, cover: { method: 'tape' } });
  expect(flower(journal).missed).toBeUndefined();
  expect(femalesDue(journal, DAY)).toEqual([]);
  expect(femalesDue(journal, NEXT)).toEqual(['f']);
  expect(roundAt(journal).done.get('dab-f')?.outcome).toBe('notYet');
});

test('the stop is done in another round of that morning too, and not in one of the next', () => {
  const phone = covering();
  phone.say(morning(DAY), notYet(phone));
  for (const [day, outcome] of [
    [DAY, 'notYet'],
    [NEXT, undefined],
  ] as const) {
    phone.say(morning(day, 30), { kind: 'round.planned', body: { round: `of ${day}`, day, stops: [BRUSH] } });
    expect(roundsOf(phone.journal, { day, outing: 'morning' })[0]!.done.get('dab-f')?.outcome).toBe(outcome);
  }
});

test('found green on two mornings it is put off twice; said by two phones on one, once', () => {
  const [a, b] = [covering(), new Phone('b')];
  b.hear(a);
  a.say(morning(DAY), notYet(a));
  b.say(morning(DAY, 1), notYet(b));
  a.hear(b);
  expect(flower(a.journal).day).toBe(NEXT);
  const round = { ...roundAt(a.journal), day: NEXT };
  a.say(morning(NEXT), missedAt(a.journal, round, BRUSH, 'notYet'));
  expect(flower(a.journal)).toMatchObject({ day: THIRD, putOffFrom: DAY });
});

test('pollinated the next morning it says on which day, and its chain of purity holds as far as it is known', () => {
  const phone = covering();
  phone.say(morning(DAY), notYet(phone));
  const round = { ...roundAt(phone.journal), day: NEXT };
  const donors = [{ plant: 'p2', bloom: 'm2', state: 'planned' as const }];
  phone.say(
    morning(NEXT),
    pickedAt(phone.journal, round, PICK, []),
    pollinatedAt(phone.journal, round, BRUSH, { donors, found: 'shut', shutAgain: true }),
  );
  const bloom = flower(phone.journal);
  expect(bloom).toMatchObject({ day: NEXT, pollination: { day: NEXT } });
  const { chain } = purityOf(phone.journal, YARD, bloom)!;
  const stateOf = (name: string) => chain.find(({ link }) => link === name)?.state;
  expect([stateOf('cover'), stateOf('intact')]).toEqual(['holds', 'holds']);
});

test('who put pollen on it that morning found it open all the same: it stays, and both are told of', () => {
  const [a, b] = [covering(), new Phone('b')];
  b.hear(a);
  a.say(morning(DAY), notYet(a));
  b.say(morning(DAY, 5), ...asPlanned(b.journal, roundAt(b.journal), BRUSH));
  a.hear(b);
  expect(flower(a.journal)).toMatchObject({ day: DAY, conflicts: [{}] });
  expect(flower(a.journal).putOffFrom).toBeUndefined();
});

test('what was said of it before stays of the day on which it was said', () => {
  const [a, b] = [covering(), new Phone('b')];
  b.hear(a);
  b.say(morning(DAY), missedAt(b.journal, roundAt(b.journal), BRUSH, 'notFound'));
  a.say(morning(DAY, 2), notYet(a));
  a.hear(b);
  expect(flower(a.journal).reports.map(({ day }) => day)).toEqual([DAY, DAY]);
  expect(femalesDue(a.journal, NEXT)).toEqual(['f']);
});

test('a male that is not open yet gives nothing today, another takes its place, and it is there tomorrow', () => {
  const phone = covering();
  const { journal } = phone;
  phone.say(morning(DAY), pickedAt(journal, roundAt(journal), PICK, [{ bloom: 'm2', why: 'notYet' }]));
  phone.say(morning(DAY, 1), pickedAt(journal, roundAt(journal), STOPS[1] as typeof PICK, []));
  expect(flower(journal, 'm2')).toMatchObject({ day: NEXT, putOffFrom: DAY });
  expect(flower(journal, 'm2').spoiled).toBeUndefined();
  expect(roundAt(journal).done.get('pick-m2')?.outcome).toBe('notYet');
  expect(donorsNow(BRUSH, roundAt(journal), journal).map(({ bloom }) => bloom)).toEqual(['m3']);
  const males = (day: string) =>
    flowersDue(journal, { day, outing: 'morning' }).males.map((male) => male.bloom);
  expect([males(DAY), males(NEXT)]).toEqual([['m3'], ['m2']]);
});

test('taken back it is due that morning again', () => {
  const phone = covering();
  const [entry] = phone.say(morning(DAY), notYet(phone));
  phone.say(morning(DAY, 1), { kind: 'struck', body: { target: entry!.id } });
  expect(flower(phone.journal)).toMatchObject({ day: DAY });
  expect(femalesDue(phone.journal, DAY)).toEqual(['f']);
});

test('in whatever order entries of several mornings and phones arrive, the state is the same', () => {
  const [a, b] = [covering(), new Phone('b')];
  b.hear(a);
  a.say(morning(DAY), notYet(a));
  b.say(morning(DAY, 1), missedAt(b.journal, roundAt(b.journal), BRUSH, 'notFound'));
  b.say(morning(DAY, 2), pickedAt(b.journal, roundAt(b.journal), PICK, [{ bloom: 'm2', why: 'notYet' }]));
  a.hear(b);
  const [wrong] = a.say(
    morning(NEXT),
    missedAt(a.journal, { ...roundAt(a.journal), day: NEXT }, BRUSH, 'notYet'),
  );
  a.say(morning(NEXT, 1), { kind: 'struck', body: { target: wrong!.id } });
  const entries = [...a.journal.entries()] as Entry[];
  fc.assert(
    fc.property(fc.shuffledSubarray(entries, { minLength: entries.length }), (shuffled) => {
      const journal = new Journal();
      for (const entry of shuffled) journal.add([entry]);
      expect(statesOf(journal)).toEqual(statesOf(a.journal));
      expect(femalesDue(journal, NEXT)).toEqual(['f']);
    }),
    { numRuns: 40 },
  );
});
