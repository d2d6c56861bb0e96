import type { Entry, Fact, StoredEntry } from '@/core/journal/entry';
import { KINDS } from '@/core/journal/kinds/kinds';
import { Journal } from '@/core/journal/journal';
import { changedDuplicates } from '@/core/journal/duplicateIds';
import type { Garden } from '@/core/journal/state';
import { SEASON_DAYS } from '@/core/season/seasons';
import { addDays, toInstant } from '@/core/time/calendar';
import { openChannel, type Channel } from '../channel';
import { newId, type Clock } from '../clock';
import { idle } from '../idle';
import { EntryLog, type Damage, type FaultOf, type LogPart } from '../log/entryLog';
import type * as Schema from '../schema/entrySchema';
import { Subscribable } from '../subscribable';
import type { Work } from '@/core/journal/undo';
import { OwnActions } from './ownActions';
import type { Store } from '../storage';
import { NewestRecord } from './newestRecord';
import { Tags } from './tags';

export interface OpenGarden {
  readonly garden: string;
  readonly store: Store;
  readonly device: string;
  readonly clock: Clock;
}

const RETRY_MS = 5_000;

/** A file holds entries that stand here with another content. */
export class ChangedEntries extends Error {
  constructor(readonly ids: readonly string[]) {
    super(`${ids.length} entries stand here with another content`);
  }
}

/** What was to be recorded does not fit its schema. */
class Refused extends Error {}

/**
 * One open garden: its folded journal, and the only way to add to it.
 *
 * What is recorded shows at once and is on disk a moment later. A write that fails leaves its entries in
 * `unsaved`: they are tried again, shown to the grower, and part of every export.
 */
export class GardenStore extends Subscribable {
  readonly journal = new Journal();
  readonly tags: Tags;
  readonly clock: Clock;
  readonly id: string;
  readonly device: string;
  readonly #store: Store;
  readonly #log: EntryLog;
  readonly #own: OwnActions;
  readonly #channel: Channel<StoredEntry[] | 'more' | 'wiped'>;
  #unsaved: StoredEntry[] = [];
  #damage: Damage[] = [];
  #complete = false;
  #version = 0;
  #savedAny = false;
  #retry: ReturnType<typeof setTimeout> | undefined;
  /** Under way while older entries are read. */
  #rest: Promise<void> | undefined;
  #outstanding = 0;
  /** Told how many entries are still to be read, by those who wait for all of them. */
  readonly #waiting = new Set<(outstanding: number) => void>();
  #retryReading: ReturnType<typeof setTimeout> | undefined;
  readonly #newest: NewestRecord;
  #wiped = false;
  #schema: typeof Schema | undefined;
  #undone: readonly StoredEntry[] | undefined;

  private constructor({ garden, store, device, clock }: OpenGarden) {
    super();
    this.id = garden;
    this.device = device;
    this.clock = clock;
    this.#newest = new NewestRecord(this.journal);
    this.tags = new Tags(this.journal, device);
    this.#own = new OwnActions(this.journal, device);
    this.#store = store;
    this.#log = new EntryLog(store, () => this.#recoveredFault());
    store.onReopen?.(() => void this.#restore().catch(() => undefined));
    this.#channel = openChannel(`steady-trowel/${garden}`, (message) => {
      if (message === 'wiped') this.#markWiped();
      else if (message === 'more') void this.catchUp();
      else this.#take(message);
    });
  }

  /**
   * Opens a garden and resolves as soon as the recent entries are read; older ones follow in the background
   * (`complete`).
   */
  static async open(spec: OpenGarden): Promise<GardenStore> {
    const garden = new GardenStore(spec);
    await garden.#readRecent();
    return garden;
  }

  /** Changes with every change of the journal, the unsaved list or the damage found. */
  get version(): number {
    return this.#version;
  }

  /** Have the older entries been read too? */
  get complete(): boolean {
    return this.#complete;
  }

  /** Entries that are still to be read. */
  get outstanding(): number {
    return this.#outstanding;
  }

  /**
   * Resolves once every entry is read, which then no longer waits for the page to be idle; rejects when the disk does
   * not give them.
   *
   * @param told how many are still to come, after each part.
   */
  async whole(told: (outstanding: number) => void = () => undefined): Promise<void> {
    if (this.#complete) return;
    this.#waiting.add(told);
    try {
      await (this.#rest ?? this.#readRest(this.#log.read('')));
    } finally {
      this.#waiting.delete(told);
    }
  }

  /** When the newest entry was recorded by the clock of whoever wrote it, UTC milliseconds. */
  get newest(): number | undefined {
    return this.#newest.at;
  }

  get unsaved(): readonly StoredEntry[] {
    return this.#unsaved;
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
   * @returns `saved` once on disk, `unsaved` when the device refused; the state has changed either way.
   * @throws Refused when a fact does not fit its schema: a bug, since forms check before.
   */
  async record(facts: readonly Fact[]): Promise<'saved' | 'unsaved'> {
    return this.#record(facts, undefined);
  }

  async #record(
    facts: readonly Fact[],
    undone: readonly StoredEntry[] | undefined,
  ): Promise<'saved' | 'unsaved'> {
    if (this.#wiped) return 'unsaved';
    // Once fetched it is at hand, so that a tap is judged and shown before the next one comes. Where it cannot
    // be had (a first visit cut off half-way), what the grower did still counts.
    const schema =
      this.#schema ?? (this.#schema = await import('../schema/entrySchema').catch(() => undefined));
    const entries = this.#stamp(facts);
    for (const entry of entries) {
      const fault = schema?.faultOfEntry(entry);
      if (fault)
        throw new Refused(`${entry.kind}: ${fault.field} should be ${fault.expected}, is ${fault.found}`);
    }
    this.#undone = undone;
    return this.#commit(entries);
  }

  /**
   * Takes back this device's last action, or its last of some work; nothing when there is none.
   *
   * @returns what was taken back.
   */
  async undo(work?: Work): Promise<readonly StoredEntry[] | undefined> {
    const taken = this.#own.undoable(work);
    if (!taken) return undefined;
    await this.#strikeAll(taken, taken);
    return taken;
  }

  /** Brings back what the last undo took. @returns whether there was anything. */
  async redo(work?: Work): Promise<boolean> {
    const strikes = this.#own.redoable(work);
    if (strikes) await this.#strikeAll(strikes, undefined);
    return strikes !== undefined;
  }

  canUndo(work?: Work): boolean {
    return this.#own.undoable(work) !== undefined;
  }

  canRedo(work?: Work): boolean {
    return this.#own.redoable(work) !== undefined;
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
    await this.whole();
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
    clearTimeout(this.#retry);
    await this.#log.clear();
    this.#channel.post('wiped');
  }

  close(): void {
    clearTimeout(this.#retry);
    clearTimeout(this.#retryReading);
    this.#channel.close();
  }

  /** Reads what other tabs wrote without our hearing of it. */
  async catchUp(): Promise<void> {
    if (!this.#complete || this.#wiped) return;
    for await (const part of this.#log.read('')) this.#take(part.entries);
  }

  /** Tries to write the unsaved entries again. */
  async retryUnsaved(): Promise<void> {
    clearTimeout(this.#retry);
    this.#retry = undefined;
    if (this.#unsaved.length === 0 || this.#wiped) return;
    const waiting = this.#unsaved;
    try {
      await this.#log.append(waiting);
    } catch {
      this.#retry = setTimeout(() => void this.retryUnsaved(), RETRY_MS);
      return;
    }
    this.#unsaved = this.#unsaved.filter((entry) => !waiting.includes(entry));
    this.#savedAny = true;
    this.#changed();
  }

  /** Writes again what is in memory and no longer on disk. */
  async #restore(): Promise<void> {
    if (this.#wiped) return;
    const onDisk = new Set<string>();
    for await (const part of new EntryLog(this.#store, () => this.#recoveredFault()).read(''))
      for (const { id } of part.entries) onDisk.add(id);
    const waiting = new Set(this.#unsaved.map(({ id }) => id));
    const lost = this.allEntries().filter(({ id }) => !onDisk.has(id) && !waiting.has(id));
    if (lost.length > 0) await this.#log.appendMany(lost);
  }

  /** The check of what is recovered from a damaged record; where it cannot be had, nothing of that is believed. */
  async #recoveredFault(): Promise<FaultOf> {
    const unknown: Schema.Fault = { field: 'entry', expected: 'checked first', found: 'not checked yet' };
    const schema = await import('../schema/entrySchema').catch(() => undefined);
    return (entry) => {
      if (!schema) return unknown;
      const fault = schema.faultOfEntry(entry);
      if (fault || entry.garden === this.id) return fault;
      return { field: 'garden', expected: this.id, found: JSON.stringify(entry.garden) };
    };
  }

  /** A season's entries are read before the first screen, so that none of its tags is handed out twice. */
  async #readRecent(): Promise<void> {
    const today = toInstant(this.clock.now()).slice(0, 10);
    const parts = this.#log.read(addDays(today, -SEASON_DAYS));
    const first = await parts.next();
    if (!first.done) this.#takePart(first.value);
    // Of a short journal nothing is left; packed meanwhile, it may be.
    if (this.#outstanding === 0) await this.#readRest(parts);
    else this.#readRest(parts).catch(() => undefined);
  }

  #readRest(parts: AsyncGenerator<LogPart>): Promise<void> {
    this.#rest = this.#readParts(parts).catch((error: unknown) => {
      this.#rest = undefined;
      this.#retryReading = setTimeout(() => void this.whole().catch(() => undefined), RETRY_MS);
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
      this.#takePart(part.value);
      this.#waiting.forEach((told) => told(this.#outstanding));
    }
    this.#complete = true;
    this.#version += 1;
    if (this.#waiting.size > 0) this.tell();
    else void this.tellUnhurried();
    void this.#log.packWhenDue();
  }

  #takePart(part: LogPart): void {
    this.#outstanding = part.outstanding;
    this.journal.add(part.entries);
    this.#newest.note(part.entries);
    this.tags.note(part.entries);
    this.#own.note(part.entries);
    const told = new Set(this.#damage.map(({ key }) => key));
    this.#damage = [...this.#damage, ...part.damage.filter(({ key }) => !told.has(key))];
  }

  #take(entries: readonly StoredEntry[]): void {
    if (entries.length === 0) return;
    this.journal.add(entries);
    this.#newest.note(entries);
    this.tags.note(entries);
    this.#own.note(entries);
    this.#changed();
  }

  #stamp(facts: readonly Fact[]): Entry[] {
    const now = this.clock.now();
    const recorded = toInstant(now);
    const action = newId();
    return facts
      .map((fact) => ({ ...this.journal.asStored(fact), at: toInstant(Math.min(fact.at ?? now, now)) }))
      .map(
        ({ kind, body, at }, i) =>
          ({
            id: newId(),
            kind,
            v: KINDS[kind].version,
            at,
            recorded,
            lamport: this.journal.lamport + 1 + i,
            garden: this.id,
            device: this.device,
            action,
            body,
          }) as Entry,
      );
  }

  async #strikeAll(
    entries: readonly StoredEntry[],
    undone: readonly StoredEntry[] | undefined,
  ): Promise<void> {
    const held = entries.filter(({ id }) => this.journal.effective(id));
    await this.#record(
      held.map(({ id }): Fact => ({ kind: 'struck', body: { target: id } })),
      undone,
    );
  }

  async #commit(entries: readonly StoredEntry[]): Promise<'saved' | 'unsaved'> {
    this.#take(entries);
    try {
      await this.#log.append(entries);
    } catch {
      this.#unsaved = [...this.#unsaved, ...entries];
      this.#changed();
      this.#retry ??= setTimeout(() => void this.retryUnsaved(), RETRY_MS);
      return 'unsaved';
    }
    this.#savedAny = true;
    this.#channel.post([...entries]);
    void this.#log.packWhenDue();
    if (this.#unsaved.length > 0) void this.retryUnsaved();
    return 'saved';
  }

  #markWiped(): void {
    this.#wiped = true;
    this.#changed();
  }

  #changed(): void {
    this.#version += 1;
    this.tell();
  }
}
