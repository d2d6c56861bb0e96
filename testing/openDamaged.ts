import type { StoredEntry } from '@/core/journal/entry';
import { viewsOf } from './views';
import { statesOf } from './yard';
import { Clock } from '@/data/clock';
import { EntryLog } from '@/data/log/entryLog';
import { MemoryStore } from './memoryStore';
import { faultOfEntry } from '@/data/schema/entrySchema';
import { damageStore } from './damage';
import { GardenStore } from '@/data/garden/gardenStore';

/** The last of the entries lie loose, as after a day's work. */
const LOOSE = 40;
/** Views are most of the time; what they need is what the states hold. */
const SHOWN_EVERY = 4;

export interface WholeStore {
  readonly store: MemoryStore;
  readonly entries: readonly StoredEntry[];
  readonly now: number;
}

export async function wholeStore(entries: readonly StoredEntry[], now: number): Promise<WholeStore> {
  const store = new MemoryStore();
  const log = new EntryLog(store, async () => faultOfEntry);
  await log.appendMany(entries.slice(0, -LOOSE));
  for (const entry of entries.slice(-LOOSE)) await log.append([entry]);
  return { store, entries, now };
}

/**
 * Opens a damaged copy of a store and shows what is left.
 *
 * @returns what it did wrong: damage where nothing was touched, or something missing or altered without a word.
 */
export async function openDamaged({ store, entries, now }: WholeStore, seed: number): Promise<string[]> {
  const copy = new MemoryStore();
  for (const [key, text] of store.texts) copy.texts.set(key, text);
  const touched = damageStore(copy, seed);
  const garden = await GardenStore.open({
    garden: entries[0]!.garden,
    store: copy,
    device: 'd',
    clock: Clock.real(),
  });
  await garden.reading.readAll();
  const told = garden.damage.map(({ key }) => key);
  const wrong = told
    .filter((key) => !touched.has(key) && !touched.has(key.replace('seg/', 'idx/')))
    .map((key) => `${key} is told as damaged and is not`);
  const missing = entries.filter(({ id }) => !garden.journal.has(id));
  const goneLoose = [...touched].filter((key) => key.startsWith('log/') && !copy.texts.has(key));
  if (missing.length > goneLoose.length && told.length === 0) wrong.push('entries are missing untold');
  // One letter may be another where the record is known to be damaged, and nowhere else.
  const known = new Map(entries.map((entry) => [entry.id, JSON.stringify(entry)]));
  const altered = garden.allEntries().some((entry) => known.get(entry.id) !== JSON.stringify(entry));
  if (altered && told.length === 0) wrong.push('an entry is altered untold');
  statesOf(garden.journal);
  if (garden.described && seed % SHOWN_EVERY === 0) viewsOf(garden.journal, garden.described, now, []);
  garden.close();
  return wrong.map((what) => `seed ${seed}: ${what}`);
}
