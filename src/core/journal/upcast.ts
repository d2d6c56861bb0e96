import { isKnownEntry, type Entry, type StoredEntry } from './entry';
import type { KindDefinition } from './kinds/definition';
import { KINDS } from './kinds/kinds';

/** An entry of a known kind and version as it was written: its body may be of an earlier version. */
export type KnownEntry = Entry;

/**
 * The entry, unless it is of a kind or a version this program does not know yet. Such an entry is kept and exported as
 * it is.
 *
 * @example knownEntry(stored)?.kind // 'covered'
 */
export const knownEntry = (entry: StoredEntry): KnownEntry | undefined =>
  isKnownEntry(entry) ? entry : undefined;

/**
 * Brings an entry up to the present version of its kind, without touching what is stored.
 *
 * @example upcast(entry).v // the present version of its kind
 */
export function upcast(entry: KnownEntry): Entry {
  const { version, upcast: upcastBody } = KINDS[entry.kind] as KindDefinition<object>;
  if (entry.v === version) return entry;
  const { id, kind, at, recorded, lamport, garden, device, action, body } = entry;
  const now = upcastBody ? upcastBody(body) : body;
  return { id, kind, v: version, at, recorded, lamport, garden, device, action, body: now } as Entry;
}

/** The entry with another body of its kind, of whatever version, as an amendment brings it. */
export function withBody(entry: KnownEntry, body: object): Entry {
  const { version, upcast: upcastBody } = KINDS[entry.kind] as KindDefinition<object>;
  return { ...entry, v: version, body: upcastBody ? upcastBody(body) : body } as Entry;
}
