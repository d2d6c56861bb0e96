import type { StoredEntry } from '@/core/journal/entry';

/**
 * First line of a stored record: what must be in it. Records of version 1 hold their entries as they are exported,
 * those of version 2 as rows without what all entries have in common.
 */
export interface RecordHead {
  readonly steady: 1 | 2;
  readonly count: number;
  /** Days of the earliest and the latest entry, UTC. */
  readonly from: string;
  readonly to: string;
  /** Checksum of the text after the first line. */
  readonly sum: string;
  /** As on the last line, which may be cut off; this one is not under the checksum. */
  readonly common?: Common | undefined;
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

/** What the rows of a record need to become entries again. */
interface Common {
  readonly garden: string;
  readonly devices: readonly string[];
}

/** An entry in a record: its fields in turn, with 0 for a `recorded` that is `at`, and its device by number. */
type Row = readonly [
  id: string,
  kind: string,
  v: number,
  at: string,
  recorded: string | 0,
  lamport: number,
  device: number,
  action: string,
  body: object,
];

const FIELDS = 10;

/** An entry with a field that only a later program knows, or of another garden, is kept whole. */
function rowOf(entry: StoredEntry, { garden, devices }: Common): Row | StoredEntry {
  if (entry.garden !== garden || Object.keys(entry).length !== FIELDS) return entry;
  const { id, kind, v, at, recorded, lamport, device, action, body } = entry;
  return [id, kind, v, at, recorded === at ? 0 : recorded, lamport, devices.indexOf(device), action, body];
}

function entryOf(row: Row | StoredEntry, { garden, devices }: Common): StoredEntry {
  if (!Array.isArray(row)) return row as StoredEntry;
  const [id, kind, v, at, recorded, lamport, device, action, body] = row as Row;
  return {
    id,
    kind,
    v,
    at,
    recorded: recorded === 0 ? at : recorded,
    lamport,
    garden,
    device: devices[device]!,
    action,
    body,
  };
}

/**
 * A record is a head and then an array with one entry a line and what they have in common on the last: whole it is
 * read at once, without copying, and damaged line by line.
 */
export function encodeRecord(entries: readonly StoredEntry[]): { head: RecordHead; text: string } {
  const common: Common = {
    garden: entries[0]?.garden ?? '',
    devices: [...new Set(entries.map(({ device }) => device))],
  };
  const lines = [...entries.map((entry) => rowOf(entry, common)), common].map((row) => JSON.stringify(row));
  const body = `[\n${lines.join(',\n')}\n]`;
  const days = entries.map(({ at }) => at.slice(0, 10)).sort();
  const head: RecordHead = {
    steady: 2,
    count: entries.length,
    from: days[0] ?? '',
    to: days.at(-1) ?? '',
    sum: checksum(body),
    common,
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
  if (head && (head.sum.startsWith('m') ? checksum(body) : fnv1a(body)) === head.sum)
    return { entries: wholeOf(body), damaged: false, head };
  return { entries: recovered(text, head), damaged: true, head };
}

/** The first records had no brackets; those of version 1 have nothing in common on their last line. */
function wholeOf(body: string): StoredEntry[] {
  const rows = JSON.parse(body.startsWith('[') ? body : `[${body}]`) as (Row | StoredEntry | Common)[];
  const last = rows.at(-1);
  const entries = rows as StoredEntry[];
  if (!isCommon(last)) return entries;
  rows.pop();
  // In the place of their rows: a second list would cost as much again.
  for (let i = 0; i < rows.length; i += 1) entries[i] = entryOf(rows[i] as Row | StoredEntry, last);
  return entries;
}

/**
 * Rows are no entries without what they have in common. That is read here where the checksum and the lines do not fit:
 * the lines were changed, the last among them perhaps, and rarely the head as well.
 */
function recovered(text: string, head: RecordHead | undefined): StoredEntry[] {
  const lines = text.split('\n').map(parsed);
  const common = head?.common ?? lines.findLast(isCommon);
  return lines.flatMap((line) => {
    if (!Array.isArray(line)) return isEntry(line) ? [line] : [];
    const entry = common && entryOf(line as unknown as Row, common);
    return entry && isEntry(entry) ? [entry] : [];
  });
}

function parseHead(line: string): RecordHead | undefined {
  const head = parsed(line) as Partial<RecordHead> | undefined;
  const known = head?.steady === 1 || head?.steady === 2;
  return known && typeof head.sum === 'string' && Number.isInteger(head.count)
    ? { ...(head as RecordHead), common: isCommon(head.common) ? head.common : undefined }
    : undefined;
}

function parsed(line: string): object | undefined {
  try {
    const value: unknown = JSON.parse(line.replace(/,$/, ''));
    return typeof value === 'object' && value !== null ? value : undefined;
  } catch {
    return undefined;
  }
}

const isCommon = (line: object | undefined): line is Common => {
  const { garden, devices, id } = (line ?? {}) as Partial<Common & StoredEntry>;
  return id === undefined && typeof garden === 'string' && Array.isArray(devices);
};

const isEntry = (line: object | undefined): line is StoredEntry => {
  const { id, kind, device, body } = (line ?? {}) as Partial<StoredEntry>;
  const texts = [id, kind, device].every((text) => typeof text === 'string');
  return texts && typeof body === 'object' && body !== null;
};
