import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Journal } from '@/core/journal/journal';
import { viewsOf } from '@/core/work/testViews';
import { statesOf } from '@/core/work/testYard';
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

/**
 * Puts a sound backup wrong, checks it, and folds and shows it where it passes.
 *
 * @returns whether it passed.
 * @throws whatever a fold or a view throws: nothing may.
 */
export function showMutated(seed: number): boolean {
  const decoded = decodeBackup(mutated(GOLDEN[seed % GOLDEN.length]!, seed), faultOfEntry);
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
