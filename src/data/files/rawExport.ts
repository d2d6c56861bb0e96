import type { Current } from '../device/deviceStore';
import { DEMO_STORE, gardenStoreName, openStore } from '../storage';

/** All stored records of a garden as they lie on disk, for when nothing else works. */
export async function rawExport(current: Current): Promise<string> {
  const store = openStore(current.demo ? DEMO_STORE : gardenStoreName(current.garden));
  const keys = (await store.getAllKeys()).filter((key) => key.startsWith('seg/') || key.startsWith('log/'));
  const texts = await store.getMany(keys);
  return Object.values(texts).join('\n');
}
