import { Journal } from '../src/core/journal/journal';
import { fruitsOf, looksDue } from '../src/core/fruit/fruits';
import { seasonAt, seasonsOf } from '../src/core/season/seasons';
import { isolationOf } from '../src/core/planning/isolationOf';
import { purityOf } from '../src/core/purity/purityOf';
import { fruitSetRates } from '../src/core/fruit/setRates';
import { todayOf } from '../src/core/today/today';
import { demoBegins, liveSeason } from './season';

const entries = liveSeason();
const journal = new Journal();
journal.add(entries);
const garden = journal.all('garden').get('')!;

test('lives the same season every time', () => {
  expect(JSON.stringify(liveSeason())).toBe(JSON.stringify(entries));
});

test('begins on an evening in the middle of its walk, with fruit to look at and a variety short of males', () => {
  const today = todayOf(journal, garden, demoBegins());
  expect(today.day).toBe('2026-07-18');
  expect(today.about).toMatchObject({ outing: 'morning', day: '2026-07-19' });
  expect(today.tasks.next).toMatchObject({ kind: 'walk', started: true });
  const visited = today.walk.filter((plant) => plant.visited).length;
  expect(visited).toBeGreaterThan(0);
  expect(visited).toBeLessThan(today.walk.length);
  expect(today.looks.length).toBeGreaterThan(0);
});

test('has a summer before it that was closed, with a fruit for each state of a link', () => {
  const [now, before] = seasonsOf(journal);
  expect([now!.name, before!.name]).toEqual(['Summer 2026', 'Summer 2025']);
  const fruits = fruitsOf(journal, garden, '2026-07-18', before!);
  const isolation = isolationOf(journal, garden);
  const judged = fruits.map(({ bloom }) => purityOf(journal, garden, bloom, { isolationOf: isolation })!);
  expect(new Set(judged.map(({ grade }) => grade))).toEqual(
    new Set(['true', 'unproven', 'doubtful', 'notForSeed']),
  );
  const states = judged.flatMap(({ chain }) => chain.map(({ state }) => state));
  expect(new Set(states)).toEqual(new Set(['holds', 'pending', 'unknown', 'doubtful', 'broken']));
  expect(fruits.every(({ plant }) => plant.removed?.why === 'ended')).toBe(true);
});

test('holds a few weeks of flowers: some set, some dropped, some missed, one chain broken', () => {
  const fruits = fruitsOf(journal, garden, '2026-07-18', seasonAt(journal, '2026-07-18'));
  expect(fruits.length).toBeGreaterThan(80);
  const rates = fruitSetRates(fruits.map(({ history }) => history));
  expect(rates.set.share).toBeGreaterThan(0.35);
  expect(rates.set.share).toBeLessThan(0.8);
  expect(
    fruits.some(({ bloom, variety }) => variety.purpose !== 'eat' && !bloom.pollination!.shutAgain),
  ).toBe(true);
  expect([...journal.all('bloom').values()].some(({ missed }) => missed?.why === 'hole')).toBe(true);
  expect(looksDue(fruits, garden, '2026-07-18').length).toBeLessThan(40);
});
