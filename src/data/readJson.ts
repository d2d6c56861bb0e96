import type { Store } from './storage';

/** Reads JSON that this program wrote; damage reads as nothing. */
export const readJson = async <T>(store: Store, key: string): Promise<T | undefined> =>
  parseJson<T>(await store.getItem(key));

export function parseJson<T>(text: string | null): T | undefined {
  if (text === null) return undefined;
  try {
    return JSON.parse(text) as T;
  } catch {
    return undefined;
  }
}
