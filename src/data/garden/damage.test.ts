import { DEMO_GARDEN } from '../../../demo/phones';
import { liveSeason } from '../../../demo/season';
import { viewsOf } from '@/core/work/testViews';
import { statesOf } from '@/core/work/testYard';
import { Clock, deviceZone } from '../clock';
import { EntryLog } from '../log/entryLog';
import { MemoryStore } from '../memoryStore';
import { faultOfEntry } from '../schema/entrySchema';
import { damageStore } from './damage';
import { GardenStore } from './gardenStore';

const SEASON = liveSeason(7, '2026-06-12');
/** At each of the three places at which tests run, with numbers of its own: some 100 in all. */
const RUNS = 34;
const FIRST = 1_000 * deviceZone().length;

test('of a hundred damaged stores every one opens, shows what is left, and tells of the rest', async () => {
  const whole = new MemoryStore();
  const log = new EntryLog(whole, async () => faultOfEntry);
  await log.appendMany(SEASON.slice(0, -40));
  for (const entry of SEASON.slice(-40)) await log.append([entry]);
  const known = new Map(SEASON.map((entry) => [entry.id, JSON.stringify(entry)]));
  for (let seed = FIRST; seed < FIRST + RUNS; seed += 1) {
    const store = new MemoryStore();
    for (const [key, text] of whole.texts) store.texts.set(key, text);
    const touched = damageStore(store, seed);
    const garden = await GardenStore.open({ garden: DEMO_GARDEN, store, device: 'd', clock: Clock.real() });
    await garden.whole();
    const told = new Set(garden.damage.map(({ key }) => key));
    // Only what was touched is damaged, and where something is missing, that is told.
    for (const key of told)
      expect([seed, touched.has(key) || touched.has(key.replace('seg/', 'idx/'))]).toEqual([seed, true]);
    const missing = SEASON.filter(({ id }) => !garden.journal.has(id));
    const goneLoose = [...touched].filter((key) => key.startsWith('log/') && !store.texts.has(key));
    if (missing.length > goneLoose.length) expect([seed, told.size > 0]).toEqual([seed, true]);
    // One letter may be another where the record is known to be damaged, and nowhere else.
    const altered = garden.allEntries().filter((entry) => known.get(entry.id) !== JSON.stringify(entry));
    if (altered.length > 0) expect([seed, told.size > 0]).toEqual([seed, true]);
    statesOf(garden.journal);
    // Views are most of the time; what they need is what the states hold.
    if (garden.described && seed % 4 === 0)
      viewsOf(garden.journal, garden.described, Date.parse('2026-06-11T05:00:00Z'), []);
    garden.close();
  }
});
