import type { Fact, StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { changedDuplicates } from '@/core/journal/duplicateIds';
import type { Garden } from '@/core/journal/state';
import { SEASON_DAYS } from '@/core/journal/seasonDays';
import { addDays, toInstant } from '@/core/time/calendar';
import { openChannel, type Channel } from '../channel';
import type { Clock } from '../clock';
import { EntryLog, type Damage, type LogPart } from '../log/entryLog';
import { LogReader } from '../log/logReader';
import { Subscribable } from '../subscribable';
import type { Work } from '@/core/journal/undo';
import { ChangedEntries } from './changedEntries';
import { EntryCheck } from './entryCheck';
import { OwnActions } from './ownActions';
import type { Store } from '../storage';
import { NewestRecord } from './newestRecord';
import { stampFacts } from './stampFacts';
import { Tags } from './tags';
import { UnsavedEntries } from './unsavedEntries';

/** What came of a write: on disk, or in `unsaved`, where the device refused it. */
export type Written = 'saved' | 'unsaved';

export interface OpenGarden {
  readonly garden: string;
  readonly store: Store;
  readonly device: string;
  readonly clock: Clock;
}

/**
 * One open garden: its folded journal, and the only way to add to it.
 *
 * What is recorded shows at once and is on disk a moment later. A write that fails leaves its entries in
 * `unsaved`: they are tried again, shown to the grower, and part of every export.
 */
export class GardenStore extends Subscribable {
  readonly journal = new Journal();
  readonly tags: Tags;
  /** What was done on this device, for undo. */
  readonly own: OwnActions;
  /** Of the older entries: `open` resolves before they are read. */
  readonly reading: LogReader;
  readonly clock: Clock;
  readonly id: string;
  readonly device: string;
  readonly #log: EntryLog;
  readonly #channel: Channel<StoredEntry[] | 'more' | 'wiped'>;
  readonly #check: EntryCheck;
  readonly #unsaved: UnsavedEntries;
  readonly #newest: NewestRecord;
  readonly #entryListeners = new Set<(entries: readonly StoredEntry[]) => void>();
  readonly #closing: (() => void)[] = [];
  #damage: Damage[] = [];
  #version = 0;
  #savedAny = false;
  #wiped = false;
  #undone: readonly StoredEntry[] | undefined;

  private constructor({ garden, store, device, clock }: OpenGarden) {
    super();
    this.id = garden;
    this.device = device;
    this.clock = clock;
    this.#newest = new NewestRecord(this.journal);
    this.tags = new Tags(this.journal, device);
    this.own = new OwnActions(this.journal, device);
    this.#check = new EntryCheck(garden);
    this.#log = new EntryLog(store, () => this.#check.ofRecovered());
    this.reading = new LogReader({
      log: this.#log,
      onPart: (part) => this.#takePart(part),
      onComplete: (waited) => this.#markComplete(waited),
    });
    this.#unsaved = new UnsavedEntries({
      append: (entries) => this.#log.append(entries),
      onSaved: () => {
        this.#savedAny = true;
        this.#changed();
      },
    });
    store.onReopen?.(() => void this.#restore().catch(() => undefined));
    this.#channel = openChannel(`steady-trowel/${garden}`, (message) => {
      if (message === 'wiped') this.#markWiped();
      else if (message === 'more') void this.catchUp();
      else this.#take(message);
    });
  }

  /**
   * Opens a garden and resolves as soon as the recent entries are read; older ones follow in the background
   * (`reading`).
   */
  static async open(spec: OpenGarden): Promise<GardenStore> {
    const garden = new GardenStore(spec);
    // A season's entries are read before the first screen, so that none of its tags is handed out twice.
    const today = toInstant(spec.clock.now()).slice(0, 10);
    await garden.reading.readSince(addDays(today, -SEASON_DAYS));
    return garden;
  }

  /** Changes with every change of the journal, the unsaved list or the damage found. */
  get version(): number {
    return this.#version;
  }

  /** When the newest entry was recorded by the clock of whoever wrote it, UTC milliseconds. */
  get newest(): number | undefined {
    return this.#newest.at;
  }

  get unsaved(): readonly StoredEntry[] {
    return this.#unsaved.entries;
  }

  get damage(): readonly Damage[] {
    return this.#damage;
  }

  /** Has anything been written to disk since the garden was opened? */
  get savedAny(): boolean {
    return this.#savedAny;
  }

  /** Was the garden wiped, here or in another tab? Nothing more is written then. */
  get wiped(): boolean {
    return this.#wiped;
  }

  get described(): Garden | undefined {
    return this.journal.all('garden').get('');
  }

  /**
   * Writes down the facts of one tap.
   *
   * @param undone what they take back.
   * @returns `saved` once on disk, `unsaved` when the device refused; the state has changed either way.
   * @throws Refused when a fact does not fit its schema: a bug, since forms check before.
   */
  async record(facts: readonly Fact[], undone?: readonly StoredEntry[]): Promise<Written> {
    if (this.#wiped) return 'unsaved';
    // Of the tap: the check may have to be fetched first.
    const now = this.clock.now();
    if (!this.#check.ready) await this.#check.fetch();
    const entries = stampFacts(facts, now, this);
    this.#check.mustFit(entries);
    this.#undone = undone;
    return this.#commit(entries);
  }

  /**
   * Takes back this device's last action, or its last of some work; nothing when there is none.
   *
   * @returns what was taken back.
   */
  async undo(work?: Work): Promise<readonly StoredEntry[] | undefined> {
    const taken = this.own.undoable(work);
    if (!taken) return undefined;
    await this.#strikeAll(taken, taken);
    return taken;
  }

  /** Brings back what the last undo took. @returns whether there was anything. */
  async redo(work?: Work): Promise<boolean> {
    const strikes = this.own.redoable(work);
    if (strikes) await this.#strikeAll(strikes, undefined);
    return strikes !== undefined;
  }

  /** What undo took back, as long as nothing else was recorded since. */
  get undone(): readonly StoredEntry[] | undefined {
    return this.#undone;
  }

  /**
   * Adds the entries of a file, all or none, once all that are held here have been read.
   *
   * @throws ChangedEntries when an entry of the file stands here with another content.
   */
  async importEntries(entries: readonly StoredEntry[]): Promise<void> {
    await this.reading.readAll();
    const changed = changedDuplicates(entries, (id) => this.journal.entry(id));
    if (changed.length > 0) throw new ChangedEntries(changed);
    const fresh = entries.filter(({ id }) => !this.journal.has(id));
    if (fresh.some(({ garden }) => garden !== this.id)) throw new Error('entries of another garden');
    await this.#log.appendMany(fresh);
    this.#savedAny = true;
    this.#take(fresh);
    // Others read a whole file's entries from the disk themselves.
    this.#channel.post('more');
  }

  /**
   * Adds checked entries that another device wrote.
   *
   * @throws whatever the device says that takes no more; nothing was added then.
   */
  async receive(entries: readonly StoredEntry[]): Promise<void> {
    const fresh = entries.filter(({ id }) => !this.journal.has(id));
    if (fresh.length === 0) return;
    if (this.#wiped) throw new Error('the garden was wiped');
    await this.#log.append(fresh);
    this.#savedAny = true;
    this.#take(fresh);
    this.#channel.post([...fresh]);
    void this.#log.packWhenDue();
  }

  /** Calls back with entries as they become known, from the disk too. @returns stops it. */
  onEntries(listener: (entries: readonly StoredEntry[]) => void): () => void {
    this.#entryListeners.add(listener);
    return () => this.#entryListeners.delete(listener);
  }

  /**
   * Takes over the records that ship with the app, which were checked when they were made. They are written while they
   * are already shown: a write that fails is made good by the next visit.
   *
   * @throws RangeError when a record is not whole.
   */
  adoptBundled(records: Readonly<Record<string, string>>): void {
    const { entries, written } = this.#log.takeRecords(records);
    this.#take(entries);
    written.then(
      () => (this.#savedAny = true),
      () => undefined,
    );
  }

  /** Every entry, those not yet on disk included: what an export holds. */
  allEntries(): StoredEntry[] {
    return [...this.journal.entries()];
  }

  /** Removes all entries from the device. */
  async wipe(): Promise<void> {
    this.#wiped = true;
    this.#unsaved.close();
    await this.#log.clear();
    this.#channel.post('wiped');
  }

  close(): void {
    this.#unsaved.close();
    this.reading.stop();
    this.#channel.close();
    this.#closing.forEach((job) => job());
  }

  /** What else ends with this garden. */
  onClose(job: () => void): void {
    this.#closing.push(job);
  }

  /** Reads what other tabs wrote without our hearing of it. */
  async catchUp(): Promise<void> {
    if (this.#wiped) return;
    for await (const entries of this.reading.readNew()) this.#take(entries);
  }

  /** Does something once all that the device has refused so far is on disk; never where that does not happen. */
  onceSaved(job: () => void): void {
    const stop = this.subscribe(() => {
      if (this.unsaved.length > 0) return;
      stop();
      job();
    });
  }

  /** Tries to write the unsaved entries again. */
  retryUnsaved(): Promise<void> {
    return this.#unsaved.retry();
  }

  /** Writes again what is in memory and no longer on disk. */
  async #restore(): Promise<void> {
    if (this.#wiped) return;
    const waiting = new Set(this.unsaved.map(({ id }) => id));
    await this.#log.writeMissing(this.allEntries().filter(({ id }) => !waiting.has(id)));
  }

  #markComplete(waited: boolean): void {
    this.#version += 1;
    if (waited) this.tell();
    else void this.tellUnhurried();
    void this.#log.packWhenDue();
  }

  #takePart({ entries, damage }: LogPart): void {
    this.#fold(entries);
    const known = new Set(this.#damage.map(({ key }) => key));
    this.#damage = [...this.#damage, ...damage.filter(({ key }) => !known.has(key))];
  }

  #take(entries: readonly StoredEntry[]): void {
    if (entries.length === 0) return;
    this.#fold(entries);
    this.#changed();
  }

  #fold(entries: readonly StoredEntry[]): void {
    this.journal.add(entries);
    this.#newest.note(entries);
    this.tags.note(entries);
    this.own.note(entries);
    this.#entryListeners.forEach((listener) => listener(entries));
  }

  async #strikeAll(
    entries: readonly StoredEntry[],
    undone: readonly StoredEntry[] | undefined,
  ): Promise<void> {
    const held = entries.filter(({ id }) => this.journal.effective(id));
    await this.record(
      held.map(({ id }): Fact => ({ kind: 'struck', body: { target: id } })),
      undone,
    );
  }

  async #commit(entries: readonly StoredEntry[]): Promise<Written> {
    this.#take(entries);
    try {
      await this.#log.append(entries);
    } catch {
      this.#unsaved.add(entries);
      this.#changed();
      return 'unsaved';
    }
    this.#savedAny = true;
    this.#channel.post([...entries]);
    void this.#log.packWhenDue();
    void this.retryUnsaved();
    return 'saved';
  }

  #markWiped(): void {
    this.#wiped = true;
    this.#unsaved.close();
    this.#changed();
  }

  #changed(): void {
    this.#version += 1;
    this.tell();
  }
}
