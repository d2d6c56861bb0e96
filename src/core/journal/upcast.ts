import { isKnownEntry, KIND_VERSIONS, type Entry, type StoredEntry } from './entry';

/** What bodies of earlier versions lack. Filled in where it is missing, so that it can be done twice. */
const LACKING: Readonly<Partial<Record<Entry['kind'], object>>> = {
  // Version 2: beds may lie at an angle.
  'bed.laid': { turn: 0 },
  // Version 2: traits that differ between varieties of a crop.
  'variety.described': { traits: {} },
};

/** Older entries brought up, so that one entry stays one object however often it is asked for. */
const brought = new WeakMap<StoredEntry, Entry>();

/**
 * Brings an entry of an older version of its kind up to the present one, without touching what is stored.
 *
 * @returns the entry to fold, or `undefined` for a kind or a version this program does not know yet. Such an
 *   entry is kept and exported as it is.
 */
export function upcast(entry: StoredEntry): Entry | undefined {
  if (!isKnownEntry(entry)) return undefined;
  if (entry.v === KIND_VERSIONS[entry.kind]) return entry;
  const held = brought.get(entry);
  if (held) return held;
  const now = withBody({ ...entry, v: KIND_VERSIONS[entry.kind] }, entry.body);
  brought.set(entry, now);
  return now;
}

/** The entry with another body of its kind, of whatever version, as an amendment brings it. */
export const withBody = (entry: Entry, body: object): Entry =>
  ({ ...entry, body: { ...LACKING[entry.kind], ...body } }) as Entry;
