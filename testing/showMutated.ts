import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { viewsOf } from './views';
import { statesOf } from './yard';
import { faultOfEntry } from '@/data/schema/entrySchema';
import { decodeBackup, describesGarden } from '@/data/files/backup';
import { mutated } from './mutations';

interface Backup {
  readonly entries: readonly StoredEntry[];
}

const golden = (version: number): Backup =>
  JSON.parse(readFileSync(path.join(__dirname, `golden/backup-${version}.json`), 'utf8')) as Backup;

/** A kind that came later: it corrects the times of all entries. */
function withTimesCorrected(backup: Backup): Backup {
  const last = backup.entries.reduce((a, b) => (a.lamport > b.lamport ? a : b));
  const targets = backup.entries.map(({ id }) => id);
  const body = { targets, by: 1500, days: 1, cohorts: ['p1|2026-07-18|flower|female'] };
  const corrected = { ...last, id: 'times', action: 'times', kind: 'times.corrected', v: 1, body };
  return { ...backup, entries: [...backup.entries, { ...corrected, lamport: last.lamport + 1 }] };
}

/** Of the present kinds, and of older versions of them. */
const SOUND = [golden(4), golden(3)];
export const TIMES_CORRECTED = [withTimesCorrected(golden(4))];
const NOW = Date.parse('2026-07-19T05:00:00Z');
const DAYS = ['2026-07-18', '2026-07-19', '2026-07-20'];

/**
 * Puts a sound backup wrong, checks it, and folds and shows it where it passes.
 *
 * @returns whether it passed.
 * @throws whatever a fold or a view throws: nothing may.
 */
export function showMutated(seed: number, sound: readonly object[] = SOUND): boolean {
  const decoded = decodeBackup(mutated(sound[seed % sound.length]!, seed), faultOfEntry);
  if (!decoded.ok || !describesGarden(decoded.backup.entries)) return false;
  const journal = new Journal();
  journal.add(decoded.backup.entries);
  try {
    statesOf(journal);
    viewsOf(journal, journal.all('garden').get('')!, NOW, DAYS);
  } catch (error) {
    throw new Error(`seed ${seed}`, { cause: error });
  }
  return true;
}
