import { isStructural } from '@/core/journal/kinds/kinds';
import type { StoredEntry } from '@/core/journal/entry';
import { compareEntries } from '@/core/journal/order';
import { newId } from '../clock';
import type { Fault } from '../schema/entrySchema';
import type { Store } from '../storage';
import { decodeRecord, encodeRecord, type RecordHead } from './record';

/** Part of the log that could not be read whole. */
export interface Damage {
  readonly key: string;
  /** From the index, when the segment is listed there. */
  readonly expected: number | undefined;
  readonly recovered: number;
  readonly from: string | undefined;
  readonly to: string | undefined;
  /** Lines that hold an entry which cannot be right: they are left out. */
  readonly aside: readonly SetAside[];
  /** The raw text, to be downloaded. */
  readonly text: string;
}

/** An entry of a damaged record that was altered, and how that shows. */
export interface SetAside {
  readonly entry: StoredEntry;
  readonly fault: Fault;
}

/** What is wrong with an entry, if anything. Asked only of those from damaged records. */
export type FaultOf = (entry: StoredEntry) => Fault | undefined;

export interface LogPart {
  readonly entries: readonly StoredEntry[];
  readonly damage: readonly Damage[];
  /** Entries that are still to come, by the index. */
  readonly outstanding: number;
}

/** Entries a segment holds. */
export const SEGMENT_SIZE = 512;
/** Old segments read in one go while the page is in use: some 25 ms on a slow phone. */
const OLD_AT_ONCE = 2;
/** One lock for all gardens: packing is short. */
const PACK_LOCK = 'steady-trowel-pack';

interface IndexLine extends RecordHead {
  readonly structure: boolean;
}

const isIndexLine = (value: unknown): value is IndexLine => {
  const { count, from, to } = (value ?? {}) as Partial<IndexLine>;
  return Number.isInteger(count) && typeof from === 'string' && typeof to === 'string';
};

const indexKey = (segment: string): string => segment.replace('seg/', 'idx/');
const segmentKey = (index: string): string => index.replace('idx/', 'seg/');

/**
 * A garden's entries on disk.
 *
 * Each tab appends records under keys that only it writes, `log/<writer>/<n>`, so no tab can lose another's.
 * Now and then one tab packs loose records into sealed segments, `seg/<id>` with a line in the index `idx/<id>`,
 * and only then removes the originals: a crash between the two leaves duplicates, which the fold ignores.
 */
export class EntryLog {
  readonly #store: Store;
  readonly #faultOf: () => Promise<FaultOf>;
  readonly #writer = newId();
  readonly #read = new Set<string>();
  #next = 0;
  #loose = 0;

  /** @param faultOf fetches the check of entries, which is large and seldom needed. */
  constructor(store: Store, faultOf: () => Promise<FaultOf>) {
    this.#store = store;
    this.#faultOf = faultOf;
  }

  /** Writes entries as one record. Resolves when they are on disk. */
  async append(entries: readonly StoredEntry[]): Promise<void> {
    const key = `log/${this.#writer}/${String(this.#next).padStart(8, '0')}`;
    this.#next += 1;
    this.#read.add(key);
    await this.#store.setItem(key, encodeRecord(entries).text);
    this.#loose += entries.length;
  }

  /** Writes many entries at once, all or none, straight into segments. */
  async appendMany(entries: readonly StoredEntry[]): Promise<void> {
    const records = recordsOf(entries);
    Object.keys(records).forEach((key) => this.#read.add(key));
    await this.#store.setMany(records);
  }

  /** Writes those of some entries that are no longer on disk. */
  async writeMissing(entries: readonly StoredEntry[]): Promise<void> {
    const onDisk = new Set<string>();
    for await (const part of new EntryLog(this.#store, this.#faultOf).read(''))
      for (const { id } of part.entries) onDisk.add(id);
    const missing = entries.filter(({ id }) => !onDisk.has(id));
    if (missing.length > 0) await this.appendMany(missing);
  }

  /**
   * Takes over records that ship with the app, as `recordsOf` makes them: nothing need be encoded on the device.
   *
   * @returns their entries at once, and a promise for when they are on disk.
   * @throws RangeError when a record is not whole.
   */
  takeRecords(records: Readonly<Record<string, string>>): {
    readonly entries: readonly StoredEntry[];
    readonly written: Promise<void>;
  } {
    const texts = Object.entries(records).filter(([key]) => key.startsWith('seg/'));
    const decoded = texts.map(([, text]) => decodeRecord(text));
    if (decoded.some(({ damaged }) => damaged)) throw new RangeError('a record is not whole');
    Object.keys(records).forEach((key) => this.#read.add(key));
    return { entries: joined(decoded.map(({ entries }) => entries)), written: this.#store.setMany(records) };
  }

  /**
   * Reads what is new since the last read, in parts: first what today needs (loose records, structure, and
   * segments that reach `recent`), then the older rest a few segments at a time.
   *
   * @param recent `YYYY-MM-DD`.
   */
  async *read(recent: string): AsyncGenerator<LogPart> {
    const keys = (await this.#store.getAllKeys()).filter((key) => !this.#read.has(key));
    const index = await this.#indexOf(keys);
    const isOld = (key: string): boolean => {
      const line = index.get(indexKey(key));
      return line !== undefined && !line.structure && line.to < recent;
    };
    const records = keys.filter((key) => key.startsWith('seg/') || key.startsWith('log/'));
    const old = records.filter(isOld);
    const first = await this.#part(
      records.filter((key) => !isOld(key)),
      index,
    );
    if (first.packedMeanwhile) {
      yield { ...first, outstanding: countIn(old, index) };
      yield* this.read(recent);
      return;
    }
    const lost = [...index.keys()].filter((key) => !keys.includes(segmentKey(key)));
    const damage = [...first.damage, ...lost.map((key) => damageOf(segmentKey(key), index.get(key), 0, ''))];
    yield { entries: first.entries, damage, outstanding: countIn(old, index) };
    for (let i = 0; i < old.length; i += OLD_AT_ONCE) {
      const part = await this.#part(old.slice(i, i + OLD_AT_ONCE), index);
      yield { ...part, outstanding: countIn(old.slice(i + OLD_AT_ONCE), index) };
    }
  }

  async #indexOf(keys: readonly string[]): Promise<Map<string, IndexLine>> {
    const lines = keys.filter((key) => key.startsWith('idx/'));
    const texts = lines.length > 0 ? await this.#store.getMany(lines) : {};
    const index = new Map<string, IndexLine>();
    for (const [key, text] of Object.entries(texts)) {
      try {
        const line: unknown = text ? JSON.parse(text) : undefined;
        if (isIndexLine(line)) index.set(key, line);
      } catch {
        // A damaged line of the index only decides when its segment is read.
      }
    }
    return index;
  }

  async #part(
    keys: string[],
    index: ReadonlyMap<string, IndexLine>,
  ): Promise<Omit<LogPart, 'outstanding'> & { readonly packedMeanwhile: boolean }> {
    const texts = keys.length > 0 ? await this.#store.getMany(keys) : {};
    const records: (readonly StoredEntry[])[] = [];
    const damage: Damage[] = [];
    let packedMeanwhile = false;
    for (const [key, text] of Object.entries(texts)) {
      this.#read.add(key);
      if (text === null) {
        packedMeanwhile = true;
        continue;
      }
      const record = decodeRecord(text);
      this.#read.add(indexKey(key));
      if (key.startsWith('log/')) this.#loose += record.entries.length;
      if (!record.damaged) {
        records.push(record.entries);
        continue;
      }
      const { sound, aside } = await this.#sorted(record.entries);
      records.push(sound);
      const line = index.get(indexKey(key)) ?? record.head;
      damage.push({ ...damageOf(key, line, sound.length, text), aside });
    }
    return { entries: joined(records), damage, packedMeanwhile };
  }

  /** What is left of a damaged record is believed no more than a file. */
  async #sorted(
    entries: readonly StoredEntry[],
  ): Promise<{ readonly sound: StoredEntry[]; readonly aside: SetAside[] }> {
    const faultOf = await this.#faultOf();
    const sound: StoredEntry[] = [];
    const aside: SetAside[] = [];
    for (const entry of entries) {
      const fault = faultOf(entry);
      if (fault) aside.push({ entry, fault });
      else sound.push(entry);
    }
    return { sound, aside };
  }

  /** Packs loose records once there is a segment's worth of them. */
  async packWhenDue(): Promise<void> {
    if (this.#loose >= SEGMENT_SIZE) await withLock(PACK_LOCK, () => this.#pack());
  }

  async #pack(): Promise<void> {
    const loose = (await this.#store.getAllKeys()).filter((key) => key.startsWith('log/'));
    const texts = await this.#store.getMany(loose);
    const whole: string[] = [];
    const entries: StoredEntry[] = [];
    for (const [key, text] of Object.entries(texts)) {
      const record = text === null ? undefined : decodeRecord(text);
      // A damaged record stays where it is, until the grower has seen to it.
      if (!record || record.damaged) continue;
      whole.push(key);
      for (const entry of record.entries) entries.push(entry);
    }
    const records = recordsOf(entries);
    await this.#store.setMany(records);
    // Only a tab that has read the originals knows the segments' content; another's new records are read later.
    if (whole.every((key) => this.#read.has(key))) Object.keys(records).forEach((key) => this.#read.add(key));
    await this.#store.removeMany(whole);
    this.#loose = 0;
  }

  async clear(): Promise<void> {
    await this.#store.clear();
  }
}

const countIn = (segments: readonly string[], index: ReadonlyMap<string, IndexLine>): number =>
  segments.reduce((sum, key) => sum + (index.get(indexKey(key))?.count ?? 0), 0);

/** A list that grows entry by entry would cost a third of the reading. */
function joined(records: readonly (readonly StoredEntry[])[]): StoredEntry[] {
  const entries = new Array<StoredEntry>(records.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const record of records) for (const entry of record) entries[at++] = entry;
  return entries;
}

function damageOf(key: string, line: RecordHead | undefined, recovered: number, text: string): Damage {
  return { key, expected: line?.count, recovered, from: line?.from, to: line?.to, aside: [], text };
}

/** Segments and their index lines by key, to be written together. */
export function recordsOf(entries: readonly StoredEntry[]): Record<string, string> {
  const sorted = [...entries].sort(compareEntries);
  const records: Record<string, string> = {};
  for (const structure of [true, false]) {
    const some = sorted.filter(({ kind }) => isStructural(kind) === structure);
    for (let i = 0; i < some.length; i += SEGMENT_SIZE) {
      const id = newId();
      const { head, text } = encodeRecord(some.slice(i, i + SEGMENT_SIZE));
      records[`seg/${id}`] = text;
      records[`idx/${id}`] = JSON.stringify({ ...head, structure } satisfies IndexLine);
    }
  }
  return records;
}

/** Runs a job while no other tab runs it; without Web Locks simply runs it, since packing twice loses nothing. */
async function withLock(name: string, job: () => Promise<void>): Promise<void> {
  if (typeof navigator === 'undefined' || !navigator.locks) return job();
  await navigator.locks.request(name, { ifAvailable: true }, async (lock) => {
    if (lock) await job();
  });
}
