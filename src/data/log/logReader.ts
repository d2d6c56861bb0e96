import type { StoredEntry } from '@/core/journal/entry';
import { idle } from '../idle';
import type { EntryLog, LogPart } from './entryLog';

const RETRY_MS = 5_000;

export interface LogReaderOptions {
  readonly log: EntryLog;
  readonly onPart: (part: LogPart) => void;
  /** @param waited whether somebody waits for it. */
  readonly onComplete: (waited: boolean) => void;
}

/**
 * Reads a log once: what is recent first, the rest while the page is idle, or at once for those who wait for all of it.
 * A part that the disk refuses is tried again.
 */
export class LogReader {
  readonly #log: EntryLog;
  readonly #onPart: (part: LogPart) => void;
  readonly #onComplete: (waited: boolean) => void;
  #complete = false;
  #outstanding = 0;
  /** Under way while older entries are read. */
  #rest: Promise<void> | undefined;
  #retry: ReturnType<typeof setTimeout> | undefined;
  /** Those who wait for all of it. */
  readonly #waiting = new Set<(outstanding: number) => void>();

  constructor({ log, onPart, onComplete }: LogReaderOptions) {
    this.#log = log;
    this.#onPart = onPart;
    this.#onComplete = onComplete;
  }

  /** Have all entries been read? */
  get complete(): boolean {
    return this.#complete;
  }

  /** Entries that are still to be read. */
  get outstanding(): number {
    return this.#outstanding;
  }

  /** Resolves as soon as the entries since a day are read; older ones follow by themselves. */
  async readSince(day: string): Promise<void> {
    const parts = this.#log.read(day);
    const first = await parts.next();
    if (!first.done) this.#take(first.value);
    // Of a short journal nothing is left; packed meanwhile, it may be.
    if (this.#outstanding === 0) await this.#readRest(parts);
    else this.#readRest(parts).catch(() => undefined);
  }

  /**
   * Resolves once every entry is read; rejects when the disk does not give them.
   *
   * @param onProgress how many are still to come, after each part.
   */
  async readAll(onProgress: (outstanding: number) => void = () => undefined): Promise<void> {
    if (this.#complete) return;
    this.#waiting.add(onProgress);
    try {
      await (this.#rest ?? this.#readRest(this.#log.read('')));
    } finally {
      this.#waiting.delete(onProgress);
    }
  }

  /** What has come to the disk since all of it was read. */
  async *readNew(): AsyncGenerator<readonly StoredEntry[]> {
    if (!this.#complete) return;
    for await (const part of this.#log.read('')) yield part.entries;
  }

  stop(): void {
    clearTimeout(this.#retry);
  }

  #readRest(parts: AsyncGenerator<LogPart>): Promise<void> {
    this.#rest = this.#readParts(parts).catch((error: unknown) => {
      this.#rest = undefined;
      this.#retry = setTimeout(() => void this.readAll().catch(() => undefined), RETRY_MS);
      throw error;
    });
    return this.#rest;
  }

  async #readParts(parts: AsyncGenerator<LogPart>): Promise<void> {
    for (;;) {
      // What the grower does now comes before what happened long ago, unless he waits for it.
      if (this.#outstanding > 0 && this.#waiting.size === 0) await idle();
      const part = await parts.next();
      if (part.done) break;
      this.#take(part.value);
      this.#waiting.forEach((onProgress) => onProgress(this.#outstanding));
    }
    this.#complete = true;
    this.#onComplete(this.#waiting.size > 0);
  }

  #take(part: LogPart): void {
    this.#outstanding = part.outstanding;
    this.#onPart(part);
  }
}
