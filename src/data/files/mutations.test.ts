import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Journal } from '@/core/journal/journal';
import { viewsOf } from '@/core/work/testViews';
import { statesOf } from '@/core/work/testYard';
import { deviceZone } from '../clock';
import { faultOfEntry } from '../schema/entrySchema';
import { decodeBackup, describesGarden } from './backup';
import { mutated } from './mutations';

/** Of the present kinds, and of older versions of them. */
const GOLDEN = [4, 3].map(
  (version) =>
    JSON.parse(readFileSync(path.join(__dirname, `golden-backup-${version}.json`), 'utf8')) as object,
);
const NOW = Date.parse('2026-07-19T05:00:00Z');
const DAYS = ['2026-07-18', '2026-07-19', '2026-07-20'];
/** At each of the three places at which tests run, with numbers of its own: some 500 in all. */
const RUNS = 170;
const FIRST = 1_000 * deviceZone().length;

test('of hundreds of backups gone wrong, whatever passes the check can be folded and shown', () => {
  let passed = 0;
  for (let seed = FIRST; seed < FIRST + RUNS; seed += 1) {
    const decoded = decodeBackup(mutated(GOLDEN[seed % 2]!, seed), faultOfEntry);
    if (!decoded.ok || !describesGarden(decoded.backup.entries)) continue;
    passed += 1;
    const journal = new Journal();
    journal.add(decoded.backup.entries);
    try {
      statesOf(journal);
      viewsOf(journal, journal.all('garden').get('')!, NOW, DAYS);
    } catch (error) {
      throw new Error(`seed ${seed}`, { cause: error });
    }
  }
  expect(passed).toBeGreaterThan(RUNS / 10);
  expect(passed).toBeLessThan(RUNS);
});
