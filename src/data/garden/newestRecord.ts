import type { StoredEntry } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { toMs } from '@/core/time/calendar';

/** When the newest entry of a journal was recorded, kept up to date as entries come. */
export class NewestRecord {
  readonly #journal: Journal;
  /** Instants are written alike, so that they sort as texts. */
  #latest = '';

  constructor(journal: Journal) {
    this.#journal = journal;
  }

  /** By the clock of whoever wrote it, unless its times were corrected; UTC milliseconds. */
  get at(): number | undefined {
    return this.#latest === '' ? undefined : toMs(this.#latest);
  }

  /** @param fresh entries that the journal holds since just now. */
  note(fresh: readonly StoredEntry[]): void {
    // What takes times back, or brings them again, may leave an earlier one as the newest.
    const all =
      this.#journal.retimes && fresh.some(({ kind }) => kind === 'times.corrected' || kind === 'struck');
    if (all) this.#latest = '';
    for (const entry of all ? this.#journal.entries() : fresh) {
      const recorded = this.#journal.recordedAt(entry);
      if (recorded > this.#latest) this.#latest = recorded;
    }
  }
}
