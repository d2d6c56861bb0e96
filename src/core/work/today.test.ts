import { DEMO_GARDEN } from '../../../demo/phones';
import { liveSeason } from '../../../demo/season';
import { Journal } from '../journal/journal';
import type { Entry } from '../journal/entry';
import type { Garden } from '../journal/state';
import { growingCrops, servedAt, todayOf } from './today';

const SEASON = liveSeason();

function lived(entries: readonly Entry[] = SEASON): { journal: Journal; garden: Garden } {
  const journal = new Journal();
  journal.add(entries);
  return { journal, garden: journal.all('garden').get('')! };
}

/** Clock time in the demo's zone, British summer time. */
const at = (day: string, clock: string): number => Date.parse(`${day}T${clock}:00+01:00`);

test('in the evening the walk serves the next morning, and so does the ribbon', () => {
  const { journal, garden } = lived();
  expect(servedAt(journal, garden, at('2026-07-18', '18:44'))).toMatchObject({
    day: '2026-07-18',
    morning: '2026-07-19',
    walkMorning: '2026-07-19',
  });
});

test('after midnight and before the flowers open, the walk may still be made for this morning', () => {
  const { journal, garden } = lived();
  expect(servedAt(journal, garden, at('2026-07-19', '02:00'))).toMatchObject({
    day: '2026-07-19',
    morning: '2026-07-19',
    walkMorning: '2026-07-19',
  });
});

test('once they are open, the walk is for tomorrow and the round for today', () => {
  const { journal, garden } = lived();
  const { windows, ...served } = servedAt(journal, garden, at('2026-07-19', '06:00'));
  expect(served).toMatchObject({ morning: '2026-07-19', walkMorning: '2026-07-20' });
  expect([...windows.keys()].sort()).toEqual(['maxima', 'moschata', 'pepo']);
});

test('Today counts plants, those visited, shortages and what to carry', () => {
  const { journal, garden } = lived();
  const today = todayOf(journal, garden, at('2026-07-18', '18:44'));
  expect(garden.id).toBe(DEMO_GARDEN);
  expect(today.plants).toBe(30);
  expect(today.visited).toBeGreaterThan(0);
  expect(today.visited).toBeLessThan(today.plants);
  expect(today.tasks.next).toMatchObject({ kind: 'walk', started: true, size: today.plants - today.visited });
  const females = journal.flowersOf('2026-07-19').filter(({ sex }) => sex === 'female');
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
  expect(growingCrops(journal).sort()).toEqual(['maxima', 'moschata', 'pepo']);
  const today = todayOf(journal, garden, at('2026-07-18', '18:44'));
  expect(today).toMatchObject({ plants: 0, visited: 0, looks: [], shortages: [] });
});

test('a garden of nothing has no hours, and no failure', () => {
  const { journal, garden } = lived(SEASON.filter(({ kind }) => kind === 'garden.described'));
  const today = todayOf(journal, garden, at('2026-01-18', '12:00'));
  expect(today.windows.size).toBe(0);
  expect(today.tasks.next.kind).toBe('rest');
});
