import type { StoredEntry } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { redoable, undoable, type Work } from '@/core/journal/undo';

/** Own entries kept at hand for undo, and as many more as the oldest action of them has. */
const DEPTH = 200;

/** What this device did last in a garden: undo never takes back another's. */
export class OwnActions {
  readonly #journal: Journal;
  readonly #device: string;
  #entries: readonly StoredEntry[] = [];

  constructor(journal: Journal, device: string) {
    this.#journal = journal;
    this.#device = device;
  }

  note(entries: readonly StoredEntry[]): void {
    const own = entries.filter(({ device }) => device === this.#device);
    if (own.length === 0) return;
    const all = [...this.#entries, ...own].sort((a, b) => a.lamport - b.lamport);
    let first = Math.max(0, all.length - DEPTH);
    // An action is taken back whole or not at all.
    while (first > 0 && all[first - 1]!.action === all[first]!.action) first -= 1;
    this.#entries = all.slice(first);
  }

  /** The entries that undo would take back. */
  undoable(work?: Work): readonly StoredEntry[] | undefined {
    return undoable(this.#journal, this.#entries, work)?.entries;
  }

  /** The strikes that redo would take back. */
  redoable(work?: Work): readonly StoredEntry[] | undefined {
    return redoable(this.#journal, this.#entries, work)?.entries;
  }
}
