import type { StoredEntry } from './entry';
import { stableJson } from './stableJson';

/**
 * Ids under which two different contents stand, among some entries or between them and those held. Entries are never
 * changed once written, so it can only come from damage or tampering.
 *
 * @example changedDuplicates([entry, { ...entry, lamport: 9 }], () => undefined) // [entry.id]
 */
export function changedDuplicates(
  entries: readonly StoredEntry[],
  held: (id: string) => StoredEntry | undefined,
): string[] {
  const seen = new Map<string, StoredEntry>();
  const changed = new Set<string>();
  for (const entry of entries) {
    const twin = held(entry.id) ?? seen.get(entry.id);
    if (twin && twin !== entry && stableJson(twin) !== stableJson(entry)) changed.add(entry.id);
    seen.set(entry.id, entry);
  }
  return [...changed];
}
