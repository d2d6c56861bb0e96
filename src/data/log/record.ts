import type { StoredEntry } from '@/core/journal/entry';

/** First line of a stored record: what must be in it. */
export interface RecordHead {
  readonly steady: 1;
  readonly count: number;
  /** Days of the earliest and the latest entry, UTC. */
  readonly from: string;
  readonly to: string;
  /** Checksum of the text after the first line. */
  readonly sum: string;
}

const UTF8 = new TextEncoder();
const rotated = (word: number, by: number): number => (word << by) | (word >>> (32 - by));
const scrambled = (word: number): number => Math.imul(rotated(Math.imul(word, 0xcc9e2d51), 15), 0x1b873593);

/**
 * MurmurHash3 of the text's UTF-8 bytes, 32 bits, seed 0 [Appleby 2011, MurmurHash3_x86_32]: four bytes at a time, four
 * times as fast as unit by unit, so that a whole journal is checked at each start. An `m` tells it from what older
 * records hold.
 *
 * @example checksum('hello') // 'm248bfa47'
 */
export function checksum(text: string): string {
  const bytes = UTF8.encode(text);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const whole = bytes.length & ~3;
  let hash = 0;
  for (let i = 0; i < whole; i += 4) {
    hash = rotated(hash ^ scrambled(view.getUint32(i, true)), 13);
    hash = (Math.imul(hash, 5) + 0xe6546b64) | 0;
  }
  let rest = 0;
  for (let i = bytes.length - 1; i >= whole; i -= 1) rest = (rest << 8) | bytes[i]!;
  hash ^= scrambled(rest) ^ bytes.length;
  hash = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b);
  hash = Math.imul(hash ^ (hash >>> 13), 0xc2b2ae35);
  return `m${((hash ^ (hash >>> 16)) >>> 0).toString(16).padStart(8, '0')}`;
}

/**
 * The checksum of older records: FNV-1a [Fowler, Noll, Vo], 32 bits over UTF-16 units.
 *
 * @example fnv1a('a') // 'e40c292c'
 */
export function fnv1a(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}

/**
 * A record is a head and then an array with one entry a line: whole it is read at once, without copying, and
 * damaged line by line.
 */
export function encodeRecord(entries: readonly StoredEntry[]): { head: RecordHead; text: string } {
  const body = `[\n${entries.map((entry) => JSON.stringify(entry)).join(',\n')}\n]`;
  const days = entries.map(({ at }) => at.slice(0, 10)).sort();
  const head: RecordHead = {
    steady: 1,
    count: entries.length,
    from: days[0] ?? '',
    to: days.at(-1) ?? '',
    sum: checksum(body),
  };
  return { head, text: `${JSON.stringify(head)}\n${body}` };
}

export interface DecodedRecord {
  readonly entries: readonly StoredEntry[];
  /** Is anything missing or altered? */
  readonly damaged: boolean;
  readonly head: RecordHead | undefined;
}

/** Reads a record; of a damaged one, every line that still holds an entry. */
export function decodeRecord(text: string): DecodedRecord {
  const end = text.indexOf('\n');
  const head = parseHead(text.slice(0, Math.max(0, end)));
  const body = text.slice(end + 1);
  if (head && (head.sum.startsWith('m') ? checksum(body) : fnv1a(body)) === head.sum) {
    // The first records had no brackets.
    const array = body.startsWith('[') ? body : `[${body}]`;
    return { entries: JSON.parse(array) as StoredEntry[], damaged: false, head };
  }
  return { entries: text.split('\n').flatMap(entryOnLine), damaged: true, head };
}

function parseHead(line: string): RecordHead | undefined {
  try {
    const head = JSON.parse(line) as Partial<RecordHead>;
    return head.steady === 1 ? (head as RecordHead) : undefined;
  } catch {
    return undefined;
  }
}

function entryOnLine(line: string): StoredEntry[] {
  try {
    const entry = JSON.parse(line.replace(/,$/, '')) as Partial<StoredEntry>;
    return typeof entry.id === 'string' && typeof entry.kind === 'string' && typeof entry.body === 'object'
      ? [entry as StoredEntry]
      : [];
  } catch {
    return [];
  }
}
