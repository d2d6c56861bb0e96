import type { StoredEntry } from '@/core/journal/entry';
import type { Current } from '../device/deviceStore';
import { download } from './download';
import { DEMO_STORE, gardenStoreName, openStore } from '../storage';

/** All stored records of a garden as they lie on disk, for when nothing else works. */
async function rawExport(current: Current): Promise<string> {
  const store = openStore(current.demo ? DEMO_STORE : gardenStoreName(current.garden));
  const keys = (await store.getAllKeys()).filter((key) => key.startsWith('seg/') || key.startsWith('log/'));
  const texts = await store.getMany(keys);
  return Object.values(texts).join('\n');
}

/**
 * Saves all stored records of a garden as a file.
 *
 * @param unsaved entries of it that are not on disk.
 */
export async function saveRecords(current: Current, unsaved: readonly StoredEntry[]): Promise<void> {
  const records = [await rawExport(current), ...unsaved.map((entry) => JSON.stringify(entry))];
  download('steady-trowel-records.txt', records.join('\n'), 'text/plain');
}
