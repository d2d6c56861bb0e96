import { Journal } from '../src/core/journal/journal';
import { SUBJECT_TYPES } from '../src/core/journal/kinds/definition';
import type { StoredEntry } from '../src/core/journal/entry';
import { SEASON_DAYS } from '../src/core/journal/seasonDays';
import { addDays } from '../src/core/time/calendar';
import { EntryLog } from '../src/data/log/entryLog';
import { MemoryStore } from '@testing/memoryStore';
import { inVersion1, longJournal } from './longJournal';
import { ratioOf, report } from './ratio';

const LONG = 100_000;
const SHORT = 1_000;
const TODAY = '2026-07-19';
/** Entries added one by one in a run: few enough that the collector of garbage does not wake within it. */
const ONE_BY_ONE = 300;
/** Runs before the first that counts, until the compiler is done with the code. */
const WARM_UP = 5;

const logOf = (store: MemoryStore): EntryLog => new EntryLog(store, async () => () => undefined);

/** A subject is folded only when it is asked for. */
function foldAll(journal: Journal): void {
  for (const type of SUBJECT_TYPES) if (journal.all(type).size < 0) throw new Error('never');
}

function folded(entries: readonly StoredEntry[]): Journal {
  const journal = new Journal();
  journal.add(entries);
  foldAll(journal);
  return journal;
}

async function coldLoad(store: MemoryStore): Promise<void> {
  const journal = new Journal();
  for await (const part of logOf(store).read('')) journal.add(part.entries);
  // What Today asks for: its season's blooms, day by day; the rest is folded when it is asked for.
  for (let ago = 0; ago < SEASON_DAYS; ago += 1) journal.bloomsOf(addDays(TODAY, -ago));
}

async function foldBench(): Promise<void> {
  const long = longJournal(LONG);
  const text = JSON.stringify(long);
  const ratio = await ratioOf(
    () => folded(long),
    () => JSON.parse(text) as unknown,
  );
  report('fold of 100,000 entries against JSON.parse of them', ratio, 1.5);
}

async function olderFoldBench(): Promise<void> {
  const text = JSON.stringify(inVersion1(longJournal(LONG)));
  const older = JSON.parse(text) as StoredEntry[];
  const ratio = await ratioOf(
    () => folded(older),
    () => JSON.parse(text) as unknown,
  );
  report('fold of 100,000 entries of version 1 against JSON.parse of them', ratio, 1.5);
}

async function oneMoreBench(): Promise<void> {
  const long = longJournal(LONG);
  const template = long.find(({ kind }) => kind === 'looked')!;
  let added = 0;
  const one = (journal: Journal): void => {
    for (let i = 0; i < ONE_BY_ONE; i += 1) {
      added += 1;
      const body = { ...template.body, bloom: `new-${added}` };
      journal.add([{ ...template, id: `new-${added}`, lamport: journal.lamport + 1, body } as StoredEntry]);
      if (!journal.all('bloom').has(`new-${added}`)) throw new Error('it was not folded');
    }
  };
  const [big, small] = [folded(long), folded(long.slice(0, SHORT))];
  for (let run = 0; run < WARM_UP; run += 1) [big, small].forEach(one);
  const ratio = await ratioOf(
    () => one(big),
    () => one(small),
  );
  report('one more entry at 100,000 against one more at 1,000', ratio, 1.5);
}

async function coldBench(): Promise<void> {
  const store = new MemoryStore();
  const text = await fill(store);
  const ratio = await ratioOf(
    () => coldLoad(store),
    () => JSON.parse(text) as unknown,
  );
  report('cold load, read and fold for Today, against JSON.parse', ratio, 2);
}

/** Puts the long journal into a store, and gives it as one text. */
async function fill(store: MemoryStore): Promise<string> {
  const long = longJournal(LONG);
  await logOf(store).appendMany(long);
  // A disk gives back flat text, not the pieces it was put together from.
  for (const [key, value] of store.texts) store.texts.set(key, Buffer.from(value).toString());
  return JSON.stringify(long);
}

/** Ratios of the journal, in Node. Each has its own data, so that none pays for what another holds. */
export async function journalBench(): Promise<void> {
  await foldBench();
  await olderFoldBench();
  await oneMoreBench();
  await coldBench();
}
