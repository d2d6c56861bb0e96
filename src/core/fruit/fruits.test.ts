import { entryOf } from '@testing/entries';
import { begin } from '@testing/yard';
import { livedSeason } from '@testing/seasons';
import { Journal } from '../journal/journal';
import { cohortId } from '../journal/cohort';
import type { EntryOf, Fact } from '../journal/entry';
import { addDays } from '../time/calendar';
import { fruitOf, fruitsOf, looksDue } from './fruits';
import { SEASON_DAYS } from '../journal/seasonDays';
import { seasonAt } from '../season/seasons';

const SEASON = livedSeason('demo');
const DAY = '2026-07-18';

const journal = new Journal();
journal.add(SEASON);
const garden = journal.all('garden').get('')!;
const season = seasonAt(journal, DAY);
const fruits = fruitsOf(journal, garden, DAY, season);

test('the season is the named one, else the two hundred days up to the day', () => {
  expect(season.name).not.toBe('');
  expect(season.from <= DAY && DAY <= season.to).toBe(true);
  expect(seasonAt(new Journal(), DAY)).toEqual({
    season: '',
    name: '',
    from: addDays(DAY, -SEASON_DAYS),
    to: DAY,
  });
});

test('every pollinated flower is a fruit, newest first, and no other flower is', () => {
  const pollinations = SEASON.filter(
    (entry): entry is EntryOf<'pollinated'> & typeof entry =>
      entry.kind === 'pollinated' && entry.at >= season.from,
  );
  expect(fruits).toHaveLength(new Set(pollinations.map(({ body }) => body.bloom)).size);
  const mornings = fruits.map(({ bloom }) => bloom.day!);
  expect(mornings).toEqual([...mornings].sort().reverse());
});

test('a season leaves out the fruits of others', () => {
  const short = { ...season, from: '2026-07-01', to: '2026-07-05' };
  const some = fruitsOf(journal, garden, DAY, short);
  expect(some.length).toBeGreaterThan(0);
  expect(some.every(({ bloom }) => bloom.day! >= short.from && bloom.day! <= short.to)).toBe(true);
});

test('due are those whose day has come and who were not looked at today; the overdue come first', () => {
  const due = looksDue(fruits, garden, DAY);
  expect(due.length).toBeGreaterThan(0);
  const days = due.map(({ look, history }) => look!.by - history.age);
  expect(days).toEqual([...days].sort((a, b) => a - b));
  for (const { look, history } of due) expect(history.age).toBeGreaterThanOrEqual(look!.from);

  const [first] = due;
  const seen = new Journal();
  seen.add(SEASON);
  seen.add([
    entryOf(
      { kind: 'looked', body: { bloom: first!.bloom.bloom, seen: 'unsure' } },
      {
        ...{ id: 'seen-today', action: 'seen-today', device: SEASON.at(-1)!.device },
        ...{ lamport: seen.lamport + 1, at: `${DAY}T17:00:00.000Z` },
      },
    ),
  ]);
  const left = looksDue(fruitsOf(seen, garden, DAY, season), garden, DAY);
  expect(left.map(({ bloom }) => bloom.bloom)).toEqual(due.slice(1).map(({ bloom }) => bloom.bloom));
});

test('a flower without pollen, or of an unknown plant, is no fruit', () => {
  const male = journal.bloomsOf('2026-07-01').find(({ sex }) => sex === 'male')!;
  expect(fruitOf(journal, garden, DAY, male)).toBeUndefined();
  const lost = { ...fruits[0]!.bloom, plant: 'unknown' };
  expect(fruitOf(journal, garden, DAY, lost)).toBeUndefined();
});

const fruitsAfresh = (asked: Journal, day: string) => {
  const fresh = new Journal();
  fresh.add(asked.entries());
  return fruitsOf(fresh, garden, day, season);
};

test('asked again after some entries more, fruits are those of a journal that never was asked before', () => {
  // Each fourth entry comes later: flowers get pollen, looks and another plan while they are fruits already.
  const asked = new Journal();
  for (const part of [0, 1, 2, 3]) {
    asked.add(SEASON.filter((_, i) => i % 4 === part));
    for (const day of ['2026-07-10', DAY])
      expect(fruitsOf(asked, garden, day, season)).toEqual(fruitsAfresh(asked, day));
  }
  expect(fruitsOf(asked, garden, DAY, season)[0]).toBe(fruitsOf(asked, garden, DAY, season)[0]);
});

test('what follows from other flowers is made again when those change', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2'] }]);
  const cohort = cohortId({ plant: 'p1', day: '2026-07-08', part: 'flower', sex: 'female' });
  const one = { plant: 'p1', day: '2026-07-08' };
  const pollinated = {
    plant: 'p1',
    found: 'open',
    method: 'maleFlower',
    shutAgain: false,
    tagged: false,
  } as const;
  const steps: readonly (readonly [at: string, fact: Fact])[] = [
    [
      '09T03:00',
      {
        kind: 'covered',
        body: {
          plant: 'p2',
          day: '2026-07-09',
          method: 'tape',
          blooms: [{ bloom: 'f2', sex: 'female', code: '' }],
        },
      },
    ],
    [
      '08T03:00',
      {
        kind: 'covered',
        body: { ...one, method: 'tape', blooms: [{ bloom: 'f1', sex: 'female', code: '' }] },
      },
    ],
    ['08T04:00', { kind: 'pollen.mixed', body: { pollen: 'vial', day: one.day, of: ['m1'] } }],
    [
      '08T05:00',
      {
        kind: 'pollinated',
        body: { ...pollinated, bloom: 'f1', donors: [{ plant: '', bloom: 'vial' }] },
      },
    ],
    // Said later, of a time before.
    ['08T04:30', { kind: 'pollen.mixed', body: { pollen: 'vial', day: one.day, of: ['m2'] } }],
    [
      '08T06:00',
      {
        kind: 'pollinated',
        body: { ...pollinated, bloom: cohort, donors: [{ plant: 'p2', bloom: 'm3' }], count: 3 },
      },
    ],
    ['09T06:00', { kind: 'tagged', body: { bloom: 'K001', of: cohort, plant: 'p1', code: 'K001' } }],
    ['12T06:00', { kind: 'looked', body: { bloom: cohort, seen: 'growing', growing: 1, of: 3 } }],
    ['11T06:00', { kind: 'looked', body: { bloom: 'K001', seen: 'gone' } }],
    [
      '09T05:00',
      {
        kind: 'pollinated',
        body: { ...pollinated, plant: 'p2', bloom: 'f2', donors: [{ plant: 'p1', bloom: 'm4' }] },
      },
    ],
    ['14T06:00', { kind: 'plant.removed', body: { plant: 'p2', why: 'died' } }],
  ];
  for (const [at, step] of steps) {
    phone.say(`2026-07-${at}:00Z`, step);
    expect(fruitsOf(phone.journal, garden, DAY, season)).toEqual(fruitsAfresh(phone.journal, DAY));
  }
  expect(fruitsOf(phone.journal, garden, DAY, season)).toHaveLength(4);
});
