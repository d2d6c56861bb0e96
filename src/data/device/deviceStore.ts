import { newId, type ClockMemory } from '../clock';
import { openChannel, type Channel } from '../channel';
import { Subscribable } from '../subscribable';
import { readJson, type Store } from '../storage';
import { DEFAULT_SETTINGS, type Settings } from './settings';
import { keepAtOnce, settingsAtOnce } from './settingsAtOnce';

/** A garden stored on this device. */
export interface GardenListing {
  readonly id: string;
  readonly name: string;
}

/** Which garden is open: the demo, or one's own by id. */
export type Current = { readonly demo: true } | { readonly demo: false; readonly garden: string };

interface Memory {
  readonly device: string;
  readonly settings: Settings;
  readonly gardens: readonly GardenListing[];
  /** Gardens that were removed and can be put back: their records are still here. */
  readonly removed: readonly GardenListing[];
  readonly current: Current;
  /** When each garden was last exported, UTC milliseconds. */
  readonly backups: Readonly<Record<string, number>>;
}

const KEY = 'device';
const CLOCK_KEY = 'demo-clock';
const DRAFT = 'draft/';
const KEPT = 'kept/';

const without = (gardens: readonly GardenListing[], garden: string): GardenListing[] =>
  gardens.filter(({ id }) => id !== garden);

/**
 * What belongs to this device and not to a garden: who it is, settings, which garden is open, half-made input,
 * the demo's clock. Shared by its tabs; the last writer wins.
 */
export class DeviceStore extends Subscribable {
  readonly #store: Store;
  readonly #channel: Channel<'changed' | ClockMemory>;
  #memory: Memory;
  /** Drafts by name, once any was read, so that the next plant is there at once. */
  #drafts: Map<string, unknown> | undefined;
  #onClock: (clock: ClockMemory) => void = () => undefined;

  private constructor(store: Store, memory: Memory) {
    super();
    this.#store = store;
    this.#memory = memory;
    this.#channel = openChannel('steady-trowel/device', (message) => {
      if (message === 'changed') void this.#reread();
      else this.#onClock(message);
    });
  }

  static async open(store: Store): Promise<DeviceStore> {
    const held = await readJson<Partial<Memory>>(store, KEY);
    const memory: Memory = {
      device: held?.device ?? newId(),
      settings: { ...DEFAULT_SETTINGS, ...held?.settings, ...(held?.device && settingsAtOnce(held.device)) },
      gardens: held?.gardens ?? [],
      removed: held?.removed ?? [],
      current: held?.current ?? { demo: true },
      backups: held?.backups ?? {},
    };
    const device = new DeviceStore(store, memory);
    // Nobody waits for it: without it the next visit is another device's.
    if (!held?.device) void device.keep();
    store.onReopen?.(() => void device.keep());
    return device;
  }

  get id(): string {
    return this.#memory.device;
  }

  get settings(): Settings {
    return this.#memory.settings;
  }

  get gardens(): readonly GardenListing[] {
    return this.#memory.gardens;
  }

  get removed(): readonly GardenListing[] {
    return this.#memory.removed;
  }

  get current(): Current {
    return this.#memory.current;
  }

  lastBackup(garden: string): number | undefined {
    return this.#memory.backups[garden];
  }

  /** Writes again what may no longer be on disk. */
  keep(): Promise<void> {
    return this.#write({}).catch(() => undefined);
  }

  /** A snapshot that changes identity with every change. */
  snapshot = (): unknown => this.#memory;

  setSettings(settings: Partial<Settings>): Promise<void> {
    const all = { ...this.#memory.settings, ...settings };
    keepAtOnce(this.id, all);
    return this.#write({ settings: all });
  }

  setCurrent(current: Current): Promise<void> {
    return this.#write({ current });
  }

  /** Lists a garden, or gives it a new name; one that was removed is here again. */
  listGarden(listing: GardenListing): Promise<void> {
    return this.#write({
      gardens: [...without(this.#memory.gardens, listing.id), listing],
      removed: without(this.#memory.removed, listing.id),
    });
  }

  /** Takes a garden off the list; its records stay, so that it can be put back. */
  removeGarden(garden: string): Promise<void> {
    const { current, gardens, removed } = this.#memory;
    return this.#write({
      gardens: without(gardens, garden),
      removed: [...without(removed, garden), ...gardens.filter(({ id }) => id === garden)],
      current: !current.demo && current.garden === garden ? { demo: true } : current,
    });
  }

  /** A removed garden whose records are gone for good. */
  forgetGarden(garden: string): Promise<void> {
    return this.#write({ removed: without(this.#memory.removed, garden) });
  }

  noteBackup(garden: string, at: number): Promise<void> {
    return this.#write({ backups: { ...this.#memory.backups, [garden]: at } });
  }

  readClock(): Promise<ClockMemory | undefined> {
    return readJson<ClockMemory>(this.#store, CLOCK_KEY);
  }

  /** Saves the demo's clock and tells the other tabs. */
  async writeClock(memory: ClockMemory): Promise<void> {
    await this.#store.setItem(CLOCK_KEY, JSON.stringify(memory));
    this.#channel.post(memory);
  }

  async forgetClock(): Promise<void> {
    await this.#store.removeItem(CLOCK_KEY);
  }

  /** What this device was told and can be told again: no record of the garden. */
  readKept<T>(name: string): Promise<T | undefined> {
    return readJson<T>(this.#store, KEPT + name);
  }

  keepValue(name: string, value: unknown): Promise<void> {
    return this.#store.setItem(KEPT + name, JSON.stringify(value));
  }

  onClock(listener: (clock: ClockMemory) => void): void {
    this.#onClock = listener;
  }

  /** Half-made input, so that a reload in the middle of a plant loses nothing. */
  async readDraft<T>(name: string): Promise<T | undefined> {
    this.#drafts ??= await this.#readDrafts();
    const known = this.#drafts.get(name);
    // Another tab may have written it since.
    const draft = await readJson<T>(this.#store, DRAFT + name);
    // What was written here meanwhile is newer.
    if (this.#drafts.get(name) !== known) return this.#drafts.get(name) as T | undefined;
    if (draft === undefined) this.#drafts.delete(name);
    else this.#drafts.set(name, draft);
    return draft;
  }

  /** A draft as it was when it was last read or written here; nothing until any has been read. */
  knownDraft<T>(name: string): { readonly draft: T | undefined } | undefined {
    return this.#drafts && { draft: this.#drafts.get(name) as T | undefined };
  }

  async #readDrafts(): Promise<Map<string, unknown>> {
    const keys = (await this.#store.getAllKeys()).filter((key) => key.startsWith(DRAFT));
    const drafts = await Promise.all(keys.map((key) => readJson<unknown>(this.#store, key)));
    const read = keys.map((key, i) => [key.slice(DRAFT.length), drafts[i]] as const);
    return new Map(read.filter(([, draft]) => draft !== undefined));
  }

  writeDraft(name: string, draft: unknown): Promise<void> {
    this.#drafts?.set(name, draft);
    return this.#store.setItem(DRAFT + name, JSON.stringify(draft));
  }

  dropDraft(name: string): Promise<void> {
    this.#drafts?.delete(name);
    return this.#store.removeItem(DRAFT + name);
  }

  async #write(change: Partial<Memory>): Promise<void> {
    this.#memory = { ...this.#memory, ...change };
    this.tell();
    await this.#store.setItem(KEY, JSON.stringify(this.#memory));
    this.#channel.post('changed');
  }

  async #reread(): Promise<void> {
    const held = await readJson<Memory>(this.#store, KEY);
    if (!held) return;
    // Which garden is open is each tab's own until it reloads.
    this.#memory = { ...held, removed: held.removed ?? [], current: this.#memory.current };
    this.tell();
  }
}
