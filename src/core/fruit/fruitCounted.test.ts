import { begin, Phone, statesOf, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { seedStands } from '../years/seedStands';
import { countedSet, setByInsects } from './countedSet';
import { fruitCounted, type FruitSeen } from './fruitCounted';
import { fruitsOf, looksDue, type Fruit } from './fruits';
import { fruitSetRates } from './setRates';

const D: Day = '2026-07-19';
const at = (after: number): string => `${addDays(D, after)}T09:00:00Z`;

const counted = (phone: Phone, plant: string, seen: Omit<FruitSeen, 'day'>, after = 0): Fact => {
  const { journal } = phone;
  const stands = journal.all('plant').get(plant)!;
  const day = addDays(D, after);
  const fact = fruitCounted(stands, journal.all('variety').get(stands.variety)!, { day, ...seen });
  phone.say(at(after), fact);
  return fact;
};

const fruits = ({ journal }: Phone, after: number): Fruit[] =>
  fruitsOf(journal, YARD, addDays(D, after), seasonAt(journal, addDays(D, after)));
const growing = (fruit: Fruit): number => fruit.histories.filter(({ failed }) => failed === undefined).length;

const tomatoes = (): Phone => begin([{ variety: 'v', crop: 'tomato', plants: ['p1', 'p2'] }]);

test('a truss is looked at by count without a single pollination, is followed, and is in no set rate', () => {
  const phone = tomatoes();
  counted(phone, 'p1', { truss: 1, growing: 4, of: 5 });
  const [truss] = fruits(phone, 0);
  expect([truss!.count, growing(truss!), truss!.history.followed]).toEqual([5, 4, 'found']);
  expect(fruitSetRates(truss!.histories).pollinated).toBe(0);
  // Looked at again when it should have kept.
  expect(looksDue(fruits(phone, 21), YARD, addDays(D, 21))).toHaveLength(1);
  phone.say(at(21), {
    kind: 'looked',
    body: { bloom: truss!.bloom.bloom, seen: 'growing', growing: 3, of: 5 },
  });
  expect(growing(fruits(phone, 22)[0]!)).toBe(3);
});

test('counted again it is the same truss; with more flowers open, of more', () => {
  const phone = tomatoes();
  counted(phone, 'p1', { truss: 1, growing: 2, of: 3 });
  counted(phone, 'p1', { truss: 2, growing: 1, of: 4 }, 3);
  counted(phone, 'p1', { truss: 1, growing: 4, of: 6 }, 7);
  const all = fruits(phone, 7);
  expect(all.map((fruit) => [fruit.count, growing(fruit)]).sort()).toEqual([
    [4, 1],
    [6, 4],
  ]);
  // Those that opened later were not there to be counted at first.
  expect(all.find(({ count }) => count === 6)!.histories.map(({ failed }) => failed)).toEqual([
    undefined,
    undefined,
    undefined,
    undefined,
    7,
    7,
  ]);
  // The earliest day on which it was counted is its own.
  expect(all.find(({ count }) => count === 6)!.history.since).toBe(D);
});

test('two phones that count one truss count it once, in whatever order it arrives', () => {
  const [a, b] = [tomatoes(), new Phone('b')];
  b.hear(a);
  counted(a, 'p1', { truss: 1, growing: 3, of: 5 }, 2);
  counted(b, 'p1', { truss: 1, growing: 3, of: 5 }, 1);
  a.hear(b);
  b.hear(a);
  expect(fruits(a, 3).map(({ count, history }) => [count, history.since])).toEqual([[5, addDays(D, 1)]]);
  const backwards = new Journal();
  for (const entry of [...a.journal.entries()].reverse()) backwards.add([entry]);
  expect(statesOf(backwards)).toEqual(statesOf(a.journal));
});

test('shaken and noted by hand as well, its flowers are pollinated ones', () => {
  const phone = tomatoes();
  const { body } = counted(phone, 'p1', { truss: 1, growing: 4, of: 5 }, 8) as Extract<
    Fact,
    { kind: 'fruit.counted' }
  >;
  phone.say(at(0), {
    kind: 'pollinated',
    body: {
      ...{ bloom: body.bloom, plant: 'p1', day: D, count: 5, after: [], donors: [], found: 'open' },
      ...{ method: 'brush', shutAgain: false, tagged: false },
    },
  });
  const [truss] = fruits(phone, 8);
  expect([truss!.count, growing(truss!), truss!.history.followed, truss!.bloom.role]).toEqual([
    ...[5, 4, 'pollinated', 'hand'],
  ]);
});

test('of a stand each day’s count is of flowers of its own, and so is that of a perennial’s truss', () => {
  const phone = begin([
    { variety: 'v', crop: 'corn', purpose: 'eat', plants: [] },
    { variety: 's', crop: 'strawberry', purpose: 'eat', plants: ['s1'] },
  ]);
  phone.say('2026-05-02T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'rows', place: 1, count: 60 }] },
  });
  counted(phone, 'rows', { growing: 28, of: 30 });
  counted(phone, 'rows', { growing: 27, of: 30 }, 2);
  counted(phone, 's1', { truss: 1, growing: 3, of: 3 });
  counted(phone, 's1', { truss: 1, growing: 5, of: 6 }, 300);
  const first = fruits(phone, 3);
  expect(first.map((fruit) => [fruit.bloom.part, fruit.count, growing(fruit)])).toEqual([
    ['ear', 30, 27],
    ['ear', 30, 28],
    ['truss', 3, 3],
  ]);
});

test('what was merely counted is no seed that is kept', () => {
  const phone = tomatoes();
  counted(phone, 'p1', { truss: 1, growing: 4, of: 5 });
  phone.say('2026-07-01T09:00:00Z', {
    kind: 'variety.described',
    body: {
      ...{ variety: 'v', name: 'v', crop: 'tomato', purpose: 'eat', seedSource: 'ownGuarded' },
      ...{ ownPollen: 'lastResort', traits: {} },
    },
  });
  const { grades } = seedStands(phone.journal, YARD, fruits(phone, 3), () => undefined);
  expect(Object.values(grades)).toEqual([0, 0, 0, 0]);
});

test('how many set is known of trusses and stands as they were first counted, misshapen berries apart', () => {
  const phone = tomatoes();
  expect(countedSet(fruits(phone, 0))).toBeUndefined();
  counted(phone, 'p1', { truss: 1, growing: 5, of: 8 });
  counted(phone, 'p2', { truss: 1, growing: 2, of: 4, misshapen: 1 });
  // Fruit that falls later had set.
  counted(phone, 'p1', { truss: 1, growing: 3, of: 8 }, 5);
  expect(countedSet(fruits(phone, 6))).toMatchObject({ hits: 7, of: 12, misshapen: 1 });
});

test('of what is pollinated flower by flower, fruit that nobody pollinated tells what insects set', () => {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: ['p1', 'p2'] },
    { variety: 't', crop: 'tomato', plants: ['t1'] },
  ]);
  counted(phone, 'p1', { growing: 1, of: 3 });
  counted(phone, 'p1', { growing: 0, of: 2 }, 4);
  counted(phone, 'p2', { growing: 2, of: 2 }, 4);
  counted(phone, 't1', { truss: 1, growing: 4, of: 5 });
  const all = fruits(phone, 5);
  // A plant each, whatever the days.
  expect([...setByInsects(all)].sort((a, b) => a.of - b.of)).toEqual([
    { hits: 2, of: 2 },
    { hits: 1, of: 5 },
  ]);
  expect(countedSet(all)).toMatchObject({ hits: 4, of: 5 });
  expect(fruitSetRates(all.flatMap(({ histories }) => histories)).pollinated).toBe(0);
  // Looked at again later, it is what was first counted that tells of set.
  const [found] = all.filter(({ plant }) => plant.plant === 'p2');
  phone.say(at(12), {
    kind: 'looked',
    body: { bloom: found!.bloom.bloom, seen: 'growing', growing: 1, of: 2 },
  });
  expect([...setByInsects(fruits(phone, 12))].find(({ of }) => of === 2)).toEqual({ hits: 2, of: 2 });
});
