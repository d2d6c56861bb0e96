import { entryOf } from '@testing/entries';
import { livedSeason } from '@testing/seasons';
import { Journal } from '../journal/journal';
import type { EntryOf } from '../journal/entry';
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
