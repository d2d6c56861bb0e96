import { readFileSync } from 'node:fs';
import path from 'node:path';
import { livedSeason } from '@testing/seasons';
import type { StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { formatFor } from '../format/format';
import { sayAction } from './actions';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');

test('every entry of a season and of the golden backup is told in words', () => {
  const golden = JSON.parse(
    readFileSync(path.resolve(__dirname, '../../../testing/golden/backup-4.json'), 'utf8'),
  ) as { readonly entries: readonly StoredEntry[] };
  for (const entries of [livedSeason('other'), golden.entries]) {
    const journal = new Journal();
    journal.add(entries);
    for (const entry of entries) {
      const said = sayAction([entry], journal, f);
      expect(said).toMatch(/^[a-z0-9“].{4,}/);
      expect(said).not.toMatch(/undefined|null|NaN|\[object/);
    }
  }
});

test('an action of many entries is told as a whole, also once it is undone', () => {
  const begun = livedSeason('other').filter(({ kind }) =>
    ['variety.described', 'bed.laid', 'plants.set'].includes(kind),
  );
  expect(sayAction(begun, new Journal(), f)).toMatch(/^\d+ plants of \d+ varieties$/);
  const [described] = begun.filter(({ kind }) => kind === 'variety.described');
  const { variety, name } = described!.body as { readonly variety: string; readonly name: string };
  const own = begun.filter(({ body }) => (body as { readonly variety?: string }).variety === variety);
  expect(sayAction(own, new Journal(), f)).toMatch(new RegExp(`^\\d+ plants? of ${name}$`));
});

test('of a tap the most telling entry is said, of a correction what it corrects, and of nothing nothing', () => {
  const journal = new Journal();
  journal.add(livedSeason('other'));
  const covered = livedSeason('other').find(({ kind }) => kind === 'covered')!;
  const scouted = livedSeason('other').find(({ kind }) => kind === 'scouted')!;
  expect(sayAction([scouted, covered], journal, f)).toBe(sayAction([covered], journal, f));
  const amended = { ...scouted, kind: 'amended', body: { target: 'x', of: 'scouted', body: scouted.body } };
  expect(sayAction([amended], journal, f)).toMatch(/^a correction of the count on /);
  expect(sayAction([], journal, f)).toBe('nothing');
});
