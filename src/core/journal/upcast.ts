import { isKnownEntry, type Entry, type StoredEntry } from './entry';

/**
 * Brings an entry of an older version of its kind up to the present one, without touching what is stored.
 * All kinds stand at version 1 so far; the first change of a body adds its step here.
 *
 * @returns the entry to fold, or `undefined` for a kind or a version this program does not know yet. Such an
 *   entry is kept and exported as it is.
 */
export function upcast(entry: StoredEntry): Entry | undefined {
  return isKnownEntry(entry) ? entry : undefined;
}
