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

/**
 * FNV-1a [Fowler, Noll, Vo], 32 bits over UTF-16 units: fast enough to check a whole journal at each start.
 *
 * @param from index of the first unit; reading on in a flat text is faster than cutting it first.
 */
export function checksum(text: string, from = 0): string {
  let hash = 0x811c9dc5;
  for (let i = from; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
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
  if (head && checksum(text, end + 1) === head.sum) {
    const body = text.slice(end + 1);
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
