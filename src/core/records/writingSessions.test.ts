import { livedSeason } from '@testing/seasons';
import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { entryOf } from '@testing/entries';
import { writingSessions } from './writingSessions';

const scouted: Fact = {
  kind: 'scouted',
  body: { plant: 'p1', day: '2026-07-19', eve: { female: 1, male: 0 }, green: { female: 0, male: 0 } },
};

function journalOf(...written: readonly (readonly [device: string, at: string])[]): Journal {
  const journal = new Journal();
  journal.add(
    written.map(([device, at], i) =>
      entryOf(scouted, { id: `e${i}`, lamport: i + 1, at: `2026-07-${at}:00.000Z`, device, action: `a${i}` }),
    ),
  );
  return journal;
}

const shown = (journal: Journal): unknown =>
  writingSessions(journal).map(({ device, entries, clockWentBack }) => [
    device,
    entries.map(({ id }) => id).join(' '),
    clockWentBack,
  ]);

test('a pause of some hours parts sessions, a walk does not, and each device has its own', () => {
  const journal = journalOf(['a', '18T19:00'], ['b', '18T19:10'], ['a', '18T20:30'], ['a', '19T05:00']);
  expect(shown(journal)).toEqual([
    ['a', 'e3', false],
    ['b', 'e1', false],
    ['a', 'e0 e2', false],
  ]);
});

test('a clock that goes back is told until it has caught up; some minutes are not', () => {
  const journal = journalOf(
    ['a', '18T19:00'],
    ['a', '18T18:55'],
    ['a', '10T05:00'],
    ['a', '10T05:05'],
    ['a', '18T18:58'],
    ['a', '19T05:00'],
  );
  expect(shown(journal)).toEqual([
    ['a', 'e5', false],
    ['a', 'e4', false],
    ['a', 'e2 e3', true],
    ['a', 'e0 e1', false],
  ]);
});

test('times that were corrected count', () => {
  const journal = journalOf(['a', '18T19:00'], ['a', '10T05:00'], ['a', '19T08:00']);
  const body = { targets: ['e1'], by: 9 * 1440, days: 9 };
  const told = { id: 'e9', lamport: 9, at: '2026-07-19T08:00:00.000Z', device: 'a', action: 'x' };
  journal.add([entryOf({ kind: 'times.corrected', body }, told)]);
  expect(shown(journal)).toEqual([
    ['a', 'e2 e9', false],
    ['a', 'e1', false],
    ['a', 'e0', false],
  ]);
});

test('every entry of a season is in one session, and no clock of it went back', () => {
  const season = livedSeason('demo');
  const journal = new Journal();
  journal.add(season);
  const sessions = writingSessions(journal);
  expect(sessions.flatMap(({ entries }) => entries.map(({ id }) => id)).sort()).toEqual(
    season.map(({ id }) => id).sort(),
  );
  expect(sessions.filter(({ clockWentBack }) => clockWentBack)).toEqual([]);
});

test.each([0, 1, 4_000, 4_001, 12_001])('%i entries are put in their order, however they came', (count) => {
  const journal = new Journal();
  journal.add(
    // A whole number without a common factor with any of these counts goes through all of them.
    Array.from({ length: count }, (_, i) => (i * 7_919) % count).map((i) =>
      entryOf(scouted, {
        id: `e${i}`,
        lamport: i + 1,
        at: new Date(Date.parse('2026-07-18T19:00:00Z') + i * 1_000).toISOString(),
        device: 'a',
        action: `a${i}`,
      }),
    ),
  );
  const written = writingSessions(journal).flatMap(({ entries }) => entries.map(({ lamport }) => lamport));
  expect(written).toEqual(Array.from({ length: count }, (_, i) => i + 1));
});
