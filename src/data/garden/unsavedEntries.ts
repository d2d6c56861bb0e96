import type { StoredEntry } from '@/core/journal/entry';

const RETRY_MS = 5_000;

export interface UnsavedOptions {
  readonly append: (entries: readonly StoredEntry[]) => Promise<void>;
  readonly onSaved: () => void;
}

/** Entries that the device refused to write. They are tried again until it takes them. */
export class UnsavedEntries {
  readonly #append: UnsavedOptions['append'];
  readonly #onSaved: () => void;
  #entries: readonly StoredEntry[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #closed = false;

  constructor({ append, onSaved }: UnsavedOptions) {
    this.#append = append;
    this.#onSaved = onSaved;
  }

  get entries(): readonly StoredEntry[] {
    return this.#entries;
  }

  add(entries: readonly StoredEntry[]): void {
    this.#entries = [...this.#entries, ...entries];
    this.#timer ??= this.#later();
  }

  async retry(): Promise<void> {
    clearTimeout(this.#timer);
    this.#timer = undefined;
    if (this.#entries.length === 0 || this.#closed) return;
    const waiting = this.#entries;
    try {
      await this.#append(waiting);
    } catch {
      this.#timer = this.#later();
      return;
    }
    this.#entries = this.#entries.filter((entry) => !waiting.includes(entry));
    this.#onSaved();
  }

  /** Nothing is tried any more. */
  close(): void {
    this.#closed = true;
    clearTimeout(this.#timer);
  }

  #later(): ReturnType<typeof setTimeout> {
    return setTimeout(() => void this.retry(), RETRY_MS);
  }
}
