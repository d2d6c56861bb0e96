import { livedSeason } from '@testing/seasons';
import { begin, YARD } from '@testing/yard';
import { isOnPlant } from '../fruit/fruitHistory';
import { fruitsOf } from '../fruit/fruits';
import { ripensFor } from '../fruit/ripe';
import { Journal } from '../journal/journal';
import { outingStatesAt } from '../today/outingStates';
import { seasonAt } from '../season/seasons';
import { seedJobs } from '../seed/seedJobs';
import { addDays, atClock, MS_PER_HOUR } from '../time/calendar';
import { sunTimes } from '../time/sun';
import { calendarEvents, startOf, type CalendarEvent, type EventSubject } from './events';

const DAY = '2026-07-18';
const journal = new Journal();
journal.add(livedSeason('demo'));
const garden = journal.all('garden').get('')!;
const EVENING = atClock(DAY, 18, garden.zone);
const events = calendarEvents(journal, garden, EVENING);
const fruits = fruitsOf(journal, garden, DAY, seasonAt(journal, DAY));

const of = <K extends EventSubject['kind']>(kind: K, all: readonly CalendarEvent[] = events) =>
  all.flatMap(({ about, time, uid }) =>
    about.kind === kind ? [{ about: about as Extract<EventSubject, { kind: K }>, time, uid }] : [],
  );
const sum = (all: readonly { readonly about: { readonly size: number } }[]): number =>
  all.reduce((total, { about }) => total + about.size, 0);

test('each thing is there once, in order, and nothing begins before today', () => {
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  const starts = events.map((event) => startOf(event, garden));
  expect(starts).toEqual([...starts].sort((a, b) => a - b));
  expect(starts[0]).toBeGreaterThanOrEqual(atClock(DAY, 0, garden.zone));
  for (const { time } of events) if ('to' in time) expect(time.to).toBeGreaterThan(time.from);
});

test('every look, every ripe fruit and every job with seed is in it', () => {
  expect(sum(of('looks'))).toBe(fruits.filter(({ look }) => look).length);
  const hanging = fruits.filter((fruit) => ripensFor(journal, garden, fruit));
  expect(sum(of('ripe'))).toBe(
    hanging.reduce((total, { histories }) => total + histories.filter(isOnPlant).length, 0),
  );
  expect(of('seed')).toHaveLength(seedJobs(journal, garden, DAY).length);
});

test('looks are on the day on which they come due, those that are overdue today', () => {
  const due = (day: string): number =>
    fruits.filter(({ look, history }) => {
      if (!look) return false;
      const from = addDays(DAY, look.from - history.age);
      return day === DAY ? from <= day : from === day;
    }).length;
  expect(of('looks').length).toBeGreaterThan(2);
  for (const { about, time } of of('looks')) expect(about.size).toBe('day' in time ? due(time.day) : -1);
});

test('a walk each evening of the week, from when eve buds show until before dark', () => {
  const walks = of('walk');
  expect(new Set(walks.map(({ uid }) => uid.slice(-10))).size).toBe(7);
  for (const { time } of walks) {
    if ('day' in time) throw new Error('a walk has its hour');
    const day = new Date(time.from).toISOString().slice(0, 10);
    expect(time.from).toBeLessThan(sunTimes(day, garden).sunset!);
    expect(sunTimes(day, garden).sunset! - time.from).toBeLessThan(12 * MS_PER_HOUR);
  }
});

test('the round is there from its first open flower to the last safe moment, once its flowers are known', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'seedToKeep', plants: ['p1', 'p2'] }]);
  const now = atClock(DAY, 21, YARD.zone);
  expect(of('round', calendarEvents(phone.journal, YARD, now))).toEqual([]);
  phone.say('2026-07-18T18:00:00Z', {
    kind: 'covered',
    body: {
      plant: 'p1',
      day: '2026-07-19',
      method: 'tape',
      blooms: [{ bloom: 'f', sex: 'female', code: '' }],
    },
  });
  const [round, ...more] = of('round', calendarEvents(phone.journal, YARD, now));
  expect(more).toEqual([]);
  const { hours } = outingStatesAt(phone.journal, YARD, now).rounds[0]!.outing;
  expect(round).toEqual({
    uid: 'round-morning-2026-07-19',
    about: { kind: 'round', outing: 'morning', again: false, size: 1 },
    time: { from: hours.opens, to: hours.lastSafe },
  });
  // The next morning it is the same event.
  const [later] = of('round', calendarEvents(phone.journal, YARD, hours.opens + 60_000));
  expect(later!.uid).toBe(round!.uid);
  expect(later!.time).toEqual(round!.time);
});

test('where nothing grows there is nothing in it; where the sun does not set it is one all the same', () => {
  expect(calendarEvents(new Journal(), YARD, EVENING)).toEqual([]);
  const north: typeof YARD = { ...YARD, latitude: 78, longitude: 15, zone: 'Arctic/Longyearbyen' };
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'seedToKeep', plants: ['p1'] }]);
  const all = calendarEvents(phone.journal, north, atClock('2026-06-20', 9, north.zone));
  for (const event of all) expect(Number.isFinite(startOf(event, north))).toBe(true);
  for (const { time } of of('walk', all)) expect(time).toHaveProperty('day');
});

test('a minute later it is the same calendar', () => {
  const later = calendarEvents(journal, garden, EVENING + 60_000);
  expect(later.map(({ uid }) => uid)).toEqual(events.map(({ uid }) => uid));
});
