import { DEMO_GARDEN } from '../../../demo/phones';
import { livedSeason } from '@testing/seasons';
import { Journal } from '../journal/journal';
import type { Entry } from '../journal/entry';
import type { Garden } from '../journal/state';
import { flowersDue } from '../due/flowersDue';
import { growingCrops, outingsAt, type OutingNow } from '../due/outings';
import { todayOf } from './today';

const SEASON = livedSeason('demo');

function morningAt(journal: Journal, garden: Garden, now: number): OutingNow {
  return outingsAt(journal, garden, now).find(({ outing }) => outing === 'morning')!;
}

function lived(entries: readonly Entry[] = SEASON): { journal: Journal; garden: Garden } {
  const journal = new Journal();
  journal.add(entries);
  return { journal, garden: journal.all('garden').get('')! };
}

/** Clock time in the demo's zone, British summer time. */
const at = (day: string, clock: string): number => Date.parse(`${day}T${clock}:00+01:00`);

test('in the evening the walk serves the next morning, and so does the ribbon', () => {
  const { journal, garden } = lived();
  expect(morningAt(journal, garden, at('2026-07-18', '18:44'))).toMatchObject({
    day: '2026-07-19',
    walkDay: '2026-07-19',
  });
});

test('after midnight and before the flowers open, the walk may still be made for this morning', () => {
  const { journal, garden } = lived();
  expect(morningAt(journal, garden, at('2026-07-19', '02:00'))).toMatchObject({
    day: '2026-07-19',
    walkDay: '2026-07-19',
  });
});

test('once they are open, the walk is for tomorrow and the round for today', () => {
  const { journal, garden } = lived();
  const { windows, ...served } = morningAt(journal, garden, at('2026-07-19', '06:00'));
  expect(served).toMatchObject({ day: '2026-07-19', walkDay: '2026-07-20' });
  expect([...windows.keys()].sort()).toEqual(['corn', 'maxima', 'melon', 'moschata', 'pepo']);
});

test('Today counts plants, those visited, shortages and what to carry', () => {
  const { journal, garden } = lived();
  const today = todayOf(journal, garden, at('2026-07-18', '18:44'));
  expect(garden.id).toBe(DEMO_GARDEN);
  // Thirty-six of corn, three gourds, and those of the morning.
  expect(today.walk).toHaveLength(36 + 3 + 37);
  const left = today.walk.filter(({ visited }) => !visited).length;
  expect(left).toBeGreaterThan(0);
  expect(left).toBeLessThan(today.walk.length);
  expect(today.tasks.next).toMatchObject({ kind: 'walk', started: true, size: left });
  const { females } = flowersDue(journal, { day: '2026-07-19', outing: 'morning' });
  expect(today.supplies.tags).toBe(females.length);
  // Two fresh strips for each taped female: common practice, no source.
  const taped = females.filter(({ cover }) => cover?.method === 'tape');
  expect(today.supplies.tapeStrips).toBe(2 * taped.length);
  for (const { males, wanted, females: some } of today.shortages) {
    expect(males).toBeLessThan(wanted);
    expect(some).toBeGreaterThan(0);
  }
});

test('without plants the crops of the varieties described count, and nothing is due', () => {
  const { journal, garden } = lived(
    SEASON.filter(({ kind }) => kind === 'garden.described' || kind === 'variety.described'),
  );
  expect(
    growingCrops(journal)
      .map(({ id }) => id)
      .sort(),
  ).toEqual(['bottleGourd', 'corn', 'maxima', 'melon', 'moschata', 'pepo']);
  const today = todayOf(journal, garden, at('2026-07-18', '18:44'));
  expect(today).toMatchObject({ walk: [], looks: [], shortages: [] });
});

test('a garden of nothing has no hours, and no failure', () => {
  const { journal, garden } = lived(SEASON.filter(({ kind }) => kind === 'garden.described'));
  const today = todayOf(journal, garden, at('2026-01-18', '12:00'));
  expect(today.outings).toEqual([]);
  expect(today.tasks.next.kind).toBe('rest');
});

test('Today stays with the morning as long as flowers may be open', () => {
  // Squash alone: it is to be done by ten, and open for longer.
  const others = ['melon', 'corn', 'bottleGourd'];
  const squash = SEASON.filter(
    (entry) => !(entry.kind === 'variety.described' && others.includes(entry.body.crop)),
  );
  const { journal, garden } = lived(squash);
  const west = { ...garden, latitude: 43.3, longitude: -8.4, zone: 'Europe/Madrid' };
  const windows = [...morningAt(journal, west, at('2026-08-25', '06:00')).windows.values()];
  const shuts = Math.max(...windows.map((window) => window.shuts[1]));
  const lastSafe = Math.max(...windows.map((window) => window.lastSafe));
  expect(shuts - lastSafe).toBeGreaterThan(90 * 60_000);
  expect(morningAt(journal, west, shuts - 60_000).day).toBe('2026-08-25');
  expect(morningAt(journal, west, shuts + 60_000).day).toBe('2026-08-26');
});

test('in polar day the coolest time begins the morning, and an unfinished round ends with it', () => {
  const { journal, garden } = lived();
  const north = { ...garden, latitude: 78, zone: 'UTC' };
  const utc = (clock: string): number => Date.parse(`2026-07-19T${clock}:00Z`);
  expect(morningAt(journal, north, utc('01:00'))).toMatchObject({
    day: '2026-07-19',
    walkDay: '2026-07-19',
  });
  expect(morningAt(journal, north, utc('08:00'))).toMatchObject({
    day: '2026-07-19',
    walkDay: '2026-07-20',
  });
  expect(morningAt(journal, north, utc('18:00')).day).toBe('2026-07-20');
  const { next } = todayOf(journal, north, utc('07:00')).tasks;
  expect(next.kind).toBe('round');
  expect(next.by).toBeLessThan(utc('12:00'));
  expect(todayOf(journal, north, utc('20:00')).tasks.next.kind).not.toBe('round');
});
