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
}

/** The device's own store: who it is, settings, drafts, and which gardens are here. */
export const DEVICE_STORE = 'steady-trowel-device';
export const DEMO_STORE = 'steady-trowel-demo';
export const gardenStoreName = (garden: string): string => `steady-trowel-garden-${garden}`;

export const openStore = (name: string): Store => createAsyncStorage(name);

/** Reads JSON that this program wrote; damage reads as nothing. */
export async function readJson<T>(store: Store, key: string): Promise<T | undefined> {
  const text = await store.getItem(key);
  if (text === null) return undefined;
  try {
    return JSON.parse(text) as T;
  } catch {
    return undefined;
  }
}
