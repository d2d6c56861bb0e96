import { Journal } from '../src/core/journal/journal';
import type { StoredEntry } from '../src/core/journal/entry';
import { EntryLog } from '../src/data/log/entryLog';
import { MemoryStore } from '../src/data/testStore';
import { longJournal } from './longJournal';
import { ratioOf, report } from './ratio';

const LONG = 100_000;
const SHORT = 1_000;
/** Entries added one by one in a run; one alone is too short to time. */
const ONE_BY_ONE = 3_000;

function folded(entries: readonly StoredEntry[]): Journal {
  const journal = new Journal();
  journal.add(entries);
  journal.all('flower');
  return journal;
}

async function coldLoad(store: MemoryStore): Promise<void> {
  const journal = new Journal();
  for await (const part of new EntryLog(store).read('')) journal.add(part.entries);
  journal.all('flower');
}

/** Ratios of the journal, in Node. */
export async function journalBench(): Promise<void> {
  const long = longJournal(LONG);
  const text = JSON.stringify(long);
  const parse = (): unknown => JSON.parse(text);
  report('fold of 100,000 entries against JSON.parse of them', await ratioOf(() => folded(long), parse), 1.5);

  let added = 0;
  const template = long.find(({ kind }) => kind === 'looked')!;
  const one = (journal: Journal): void => {
    for (let i = 0; i < ONE_BY_ONE; i += 1) {
      added += 1;
      const body = { ...template.body, flower: `new-${added}` };
      journal.add([{ ...template, id: `new-${added}`, lamport: journal.lamport + 1, body } as StoredEntry]);
      journal.all('flower');
    }
  };
  const [big, small] = [folded(long), folded(long.slice(0, SHORT))];
  const oneMore = await ratioOf(
    () => one(big),
    () => one(small),
  );
  report('one more entry at 100,000 against one more at 1,000', oneMore, 1.5);

  const store = new MemoryStore();
  await new EntryLog(store).appendMany(long);
  report('cold load, read and fold, against JSON.parse', await ratioOf(() => coldLoad(store), parse), 2.5);
}
