import { newId, type ClockMemory } from '../clock';
import { openChannel, type Channel } from '../channel';
import { Subscribable } from '../subscribable';
import { parseJson, readJson } from '../readJson';
import type { Store } from '../storage';
import { DEFAULT_SETTINGS, type Settings } from './settings';
import { keepAtOnce, settingsAtOnce } from './settingsAtOnce';

/** A garden stored on this device. */
export interface GardenListing {
  readonly id: string;
  readonly name: string;
}

/** Which garden is open: the demo, or one's own by id. */
export type Current = { readonly demo: true } | { readonly demo: false; readonly garden: string };

/** What is kept of each garden under a key of its own, so that no tab can lose another's. */
interface Listed {
  readonly name: string;
  /** It was removed and can be put back: its records are still here. */
  readonly removed?: true;
}

/** Of two tabs the last writer wins. */
interface Memory {
  readonly device: string;
  readonly settings: Settings;
  readonly current: Current;
}

/** Before gardens had keys of their own. */
interface OlderMemory extends Memory {
  readonly gardens?: readonly GardenListing[];
  readonly removed?: readonly GardenListing[];
  readonly backups?: Readonly<Record<string, number>>;
}

const KEY = 'device';
const CLOCK_KEY = 'demo-clock';
const GARDEN = 'garden/';
const BACKUP = 'backup/';
const DRAFT = 'draft/';
const KEPT = 'kept/';

/**
 * What belongs to this device and not to a garden: who it is, settings, which gardens are on it and which is open,
 * half-made input, the demo's clock. Shared by its tabs.
 */
export class DeviceStore extends Subscribable {
  readonly #store: Store;
  readonly #channel: Channel<'changed' | ClockMemory>;
  #memory: Memory;
  #listed: ReadonlyMap<string, Listed>;
  /** When each garden was last exported, UTC milliseconds. */
  #backups: ReadonlyMap<string, number>;
  /** Drafts by name, once any was read, so that the next plant is there at once. */
  #drafts: Map<string, unknown> | undefined;
  /** Drafts that the device has not taken yet. */
  readonly #unwritten = new Map<string, unknown>();
  #onClock: (clock: ClockMemory) => void = () => undefined;
  #version = 0;
  /** The last write, so that each begins with what the one before it left. */
  #writing: Promise<void> = Promise.resolve();

  private constructor(store: Store, memory: Memory, { listed, backups }: Gardens) {
    super();
    this.#store = store;
    this.#memory = memory;
    this.#listed = listed;
    this.#backups = backups;
    this.#channel = openChannel('steady-trowel/device', (message) => {
      if (message === 'changed') void this.#reread();
      else this.#onClock(message);
    });
  }

  static async open(store: Store): Promise<DeviceStore> {
    const [held, own] = await Promise.all([readJson<Partial<OlderMemory>>(store, KEY), readGardens(store)]);
    const memory: Memory = {
      device: held?.device ?? newId(),
      settings: { ...DEFAULT_SETTINGS, ...held?.settings, ...(held?.device && settingsAtOnce(held.device)) },
      current: held?.current ?? { demo: true },
    };
    const device = new DeviceStore(store, memory, withOlder(own, held));
    // Nobody waits for it: without it the next visit is another device's.
    if (!held?.device || held.gardens) void device.keep();
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
    return this.#gardens(false);
  }

  get removed(): readonly GardenListing[] {
    return this.#gardens(true);
  }

  #gardens(removed: boolean): GardenListing[] {
    return [...this.#listed]
      .filter(([, each]) => (each.removed ?? false) === removed)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([id, { name }]) => ({ id, name }));
  }

  get current(): Current {
    return this.#memory.current;
  }

  lastBackup(garden: string): number | undefined {
    return this.#backups.get(garden);
  }

  /** Writes again what may no longer be on disk. */
  keep(): Promise<void> {
    const gardens = [...this.#listed].map(([id, each]) => [GARDEN + id, JSON.stringify(each)]);
    const backups = [...this.#backups].map(([id, at]) => [BACKUP + id, JSON.stringify(at)]);
    return this.#write({}, Object.fromEntries([...gardens, ...backups])).catch(() => undefined);
  }

  /** A snapshot that changes identity with every change. */
  snapshot = (): unknown => this.#version;

  /** A choice holds at once, also where the device does not take it. */
  setSettings(settings: Partial<Settings>): Promise<void> {
    const all = { ...this.#memory.settings, ...settings };
    keepAtOnce(this.id, all);
    this.#memory = { ...this.#memory, settings: all };
    this.#changed();
    return this.#write({});
  }

  setCurrent(current: Current): Promise<void> {
    return this.#write({ current });
  }

  /** Lists a garden, or gives it a new name, and makes it current; one that was removed is here again. */
  adoptGarden({ id, name }: GardenListing): Promise<void> {
    return this.#list(id, { name }, { current: { demo: false, garden: id } });
  }

  /** Takes a garden off the list; its records stay, so that it can be put back. */
  removeGarden(garden: string): Promise<void> {
    const { current } = this.#memory;
    const listed = this.#listed.get(garden);
    if (!listed) return Promise.resolve();
    const isCurrent = !current.demo && current.garden === garden;
    return this.#list(garden, { ...listed, removed: true }, isCurrent ? { current: { demo: true } } : {});
  }

  #list(garden: string, listed: Listed, change: Partial<Memory>): Promise<void> {
    return this.#write(change, { [GARDEN + garden]: JSON.stringify(listed) }, () => {
      this.#listed = new Map(this.#listed).set(garden, listed);
    });
  }

  /** A removed garden whose records are gone for good. */
  async forgetGarden(garden: string): Promise<void> {
    await this.#store.removeItem(GARDEN + garden);
    this.#listed = new Map([...this.#listed].filter(([id]) => id !== garden));
    this.#changed();
    this.#channel.post('changed');
  }

  noteBackup(garden: string, at: number): Promise<void> {
    return this.#write({}, { [BACKUP + garden]: JSON.stringify(at) }, () => {
      this.#backups = new Map(this.#backups).set(garden, at);
    });
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
    // What the device has not taken is newer than what it has.
    if (this.#unwritten.has(name)) return this.#unwritten.get(name) as T;
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

  async writeDraft(name: string, draft: unknown): Promise<void> {
    this.#drafts?.set(name, draft);
    this.#unwritten.set(name, draft);
    await this.#store.setItem(DRAFT + name, JSON.stringify(draft));
    if (this.#unwritten.get(name) === draft) this.#unwritten.delete(name);
  }

  /** Tries again to write what the device has not taken. */
  async writeDrafts(): Promise<void> {
    for (const [name, draft] of this.#unwritten) await this.writeDraft(name, draft);
  }

  /**
   * Input that is done with.
   *
   * @param done what it was then: what was entered since stays.
   */
  async dropDraft(name: string, done?: unknown): Promise<void> {
    if (done !== undefined && JSON.stringify(await this.readDraft(name)) !== JSON.stringify(done)) return;
    this.#drafts?.delete(name);
    this.#unwritten.delete(name);
    await this.#store.removeItem(DRAFT + name);
  }

  /**
   * Changes what is on disk, and what is known here once it is there: nothing is shown as stored that would be gone
   * after a reload.
   *
   * @param others further keys, written together with it or not at all.
   * @param take takes them over here, before anybody is told.
   * @throws whatever the device says that takes no more.
   */
  #write(
    change: Partial<Memory>,
    others: Readonly<Record<string, string>> = {},
    take: () => void = () => undefined,
  ): Promise<void> {
    const written = this.#writing.then(async () => {
      await this.#store.setMany({ ...others, [KEY]: JSON.stringify({ ...this.#memory, ...change }) });
      this.#memory = { ...this.#memory, ...change };
      take();
      this.#changed();
      this.#channel.post('changed');
    });
    this.#writing = written.catch(() => undefined);
    return written;
  }

  async #reread(): Promise<void> {
    const [held, own] = await Promise.all([
      readJson<OlderMemory>(this.#store, KEY),
      readGardens(this.#store),
    ]);
    if (!held) return;
    // Which garden is open is each tab's own until it reloads.
    this.#memory = { ...this.#memory, settings: held.settings };
    ({ listed: this.#listed, backups: this.#backups } = withOlder(own, held));
    this.#changed();
  }

  #changed(): void {
    this.#version += 1;
    this.tell();
  }
}

interface Gardens {
  readonly listed: ReadonlyMap<string, Listed>;
  readonly backups: ReadonlyMap<string, number>;
}

async function readGardens(store: Store): Promise<Gardens> {
  const keys = (await store.getAllKeys()).filter((key) => key.startsWith(GARDEN) || key.startsWith(BACKUP));
  const texts = keys.length > 0 ? await store.getMany(keys) : {};
  const valuesOf = <T>(prefix: string): [string, T][] =>
    keys.flatMap((key): [string, T][] => {
      const value = key.startsWith(prefix) ? parseJson<T>(texts[key] ?? null) : undefined;
      return value === undefined ? [] : [[key.slice(prefix.length), value]];
    });
  return { listed: new Map(valuesOf<Listed>(GARDEN)), backups: new Map(valuesOf<number>(BACKUP)) };
}

/** With those that an earlier version listed, where they have no keys of their own yet. */
function withOlder({ listed, backups }: Gardens, held: Partial<OlderMemory> | undefined): Gardens {
  const older = (gardens: readonly GardenListing[] = [], removed?: true): [string, Listed][] =>
    gardens.map(({ id, name }) => [id, { name, ...(removed && { removed }) }]);
  return {
    listed: new Map([...older(held?.gardens), ...older(held?.removed, true), ...listed]),
    backups: new Map([...Object.entries(held?.backups ?? {}), ...backups]),
  };
}
