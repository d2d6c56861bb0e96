import { isKnownEntry, type Entry, type StoredEntry } from './entry';
import type { KindDefinition } from './kinds/definition';
import { KINDS } from './kinds/kinds';

/** Older entries in their present form, so that one entry stays one object however often it is read. */
const upcasted = new WeakMap<StoredEntry, Entry>();

/**
 * Brings an entry of an older version of its kind up to the present one, without touching what is stored.
 *
 * @returns the entry to fold, or `undefined` for a kind or a version this program does not know yet. Such an
 *   entry is kept and exported as it is.
 */
export function upcast(entry: StoredEntry): Entry | undefined {
  if (!isKnownEntry(entry)) return undefined;
  const { version } = KINDS[entry.kind];
  if (entry.v === version) return entry;
  const held = upcasted.get(entry);
  if (held) return held;
  const now = withBody({ ...entry, v: version } as Entry, entry.body);
  upcasted.set(entry, now);
  return now;
}

/** The entry with another body of its kind, of whatever version, as an amendment brings it. */
export function withBody(entry: Entry, body: object): Entry {
  const { upcast: upcastBody } = KINDS[entry.kind] as KindDefinition<object>;
  return { ...entry, body: upcastBody ? upcastBody(body) : body } as Entry;
}
