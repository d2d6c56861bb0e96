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

/** Saves all stored records of a garden as a file. */
export const saveRecords = async (current: Current): Promise<void> =>
  download('steady-trowel-records.txt', await rawExport(current), 'text/plain');
