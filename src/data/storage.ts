import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** What the program asks of a store of texts by key. `setMany` writes all of them or none. */
export interface Store {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
  removeItem(key: string): Promise<void>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
  getAllKeys(): Promise<string[]>;
  clear(): Promise<void>;
  /** Calls back when the browser had closed the connection and it was opened again: what was stored may be gone. */
  onReopen?(listener: () => void): void;
}

/** The device's own store: who it is, settings, drafts, and which gardens are here. */
export const DEVICE_STORE = 'steady-trowel-device';
export const DEMO_STORE = 'steady-trowel-demo';
/** What a device remembers of the exchange with others. */
export const syncStoreName = (garden: string): string => `steady-trowel-sync-${garden}`;
export const gardenStoreName = (garden: string): string => `steady-trowel-garden-${garden}`;

export const openStore = (name: string): Store => new LastingStore(name);

/** How browsers word it that a connection is gone: site data were cleared, or room was made. */
const CLOSED = /clos(ed|ing)|connection|InvalidState|not allow mutations/i;

const isClosed = (error: unknown): boolean => error instanceof Error && CLOSED.test(error.message);

/**
 * Is it a promise of the store's package that nobody waits for? When a connection goes, its transactions end twice: for
 * whoever asked, which is told or tried again, and for nobody.
 */
export const isLeftByStore = (error: unknown): boolean =>
  isClosed(error) || (error instanceof DOMException && error.name === 'AbortError');

/**
 * A store that outlives its connection. The package keeps one connection a name for good, also when the browser has
 * closed it; a name that is another object is another connection to the same database.
 */
class LastingStore implements Store {
  readonly #name: string;
  readonly #listeners: (() => void)[] = [];
  #store: Store;
  /** Was the connection closed, and nothing done since? */
  #closed = false;

  constructor(name: string) {
    this.#name = name;
    this.#store = createAsyncStorage(name);
  }

  onReopen(listener: () => void): void {
    this.#listeners.push(listener);
  }

  getItem = (key: string): Promise<string | null> => this.#do((store) => store.getItem(key));
  setItem = (key: string, value: string): Promise<void> => this.#do((store) => store.setItem(key, value));
  removeItem = (key: string): Promise<void> => this.#do((store) => store.removeItem(key));
  getMany = (keys: string[]): Promise<Record<string, string | null>> =>
    this.#do((store) => store.getMany(keys));
  setMany = (entries: Record<string, string>): Promise<void> => this.#do((store) => store.setMany(entries));
  removeMany = (keys: string[]): Promise<void> => this.#do((store) => store.removeMany(keys));
  getAllKeys = (): Promise<string[]> => this.#do((store) => store.getAllKeys());
  clear = (): Promise<void> => this.#do((store) => store.clear());

  async #do<T>(job: (store: Store) => Promise<T>): Promise<T> {
    const tried = this.#store;
    try {
      return this.#told(await job(tried));
    } catch (error) {
      if (!isClosed(error)) throw error;
      this.#closed = true;
      // Of several jobs that failed together the first opens it for all.
      if (this.#store === tried) this.#store = createAsyncStorage(new String(this.#name) as string);
      return this.#told(await job(this.#store));
    }
  }

  #told<T>(answer: T): T {
    if (this.#closed) {
      this.#closed = false;
      this.#listeners.forEach((listener) => listener());
    }
    return answer;
  }
}
