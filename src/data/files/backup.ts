import type { StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { changedDuplicates } from '@/core/journal/duplicateIds';
import { checksum } from '../log/record';
import type { Fault } from '../schema/entrySchema';

/** A backup: every entry of one garden. docs/formats.md describes it, docs/backup.schema.json checks it. */
export interface Backup {
  readonly format: 'steady-trowel-garden';
  readonly version: 1;
  readonly garden: string;
  readonly name: string;
  readonly exported: string;
  readonly entries: readonly StoredEntry[];
  /** Checksum of the entries as text, a line each; files of earlier programs have none. */
  readonly sum?: string;
}

/** Larger files than this are refused: no garden's journal comes near. Characters. */
export const LARGEST_FILE = 200_000_000;
/** Lists and objects within each other, in a file: those of an entry lie three deep in it. */
const DEEPEST = 15;
/** Of one entry: no list and no text of any kind comes near. */
const MAX_ITEMS = 5_000;
const MAX_CHARACTERS = 20_000;
/** Each entry's clock is one more than the last its writer had seen, so that no clock is far beyond their number. */
const MAX_AHEAD = 1_000_000_000;

export interface BackupSource {
  readonly garden: string;
  readonly name: string;
  readonly exported: string;
  readonly entries: readonly StoredEntry[];
}

export function encodeBackup({ garden, name, exported, entries }: BackupSource): string {
  const head = { format: 'steady-trowel-garden', version: 1, garden, name, exported };
  const lines = linesOf(entries);
  return `${JSON.stringify(head).slice(0, -1)},"entries":[\n${lines}\n],"sum":"${checksum(lines)}"}\n`;
}

const linesOf = (entries: readonly StoredEntry[]): string =>
  entries.map((entry) => JSON.stringify(entry)).join(',\n');

/** Why a file was refused, and where in it. */
export type Refusal =
  | {
      readonly why:
        'tooLarge' | 'notJson' | 'notABackup' | 'newerVersion' | 'tooDeep' | 'proto' | 'altered' | 'noGarden';
    }
  | { readonly why: 'tooLong'; readonly position: number }
  | { readonly why: 'clock'; readonly position: number; readonly found: number }
  | { readonly why: 'otherGarden'; readonly found: string; readonly position: number }
  | { readonly why: 'badEntry'; readonly position: number; readonly fault: Fault }
  | { readonly why: 'changedEntries'; readonly ids: readonly string[] };

export type Decoded =
  { readonly ok: true; readonly backup: Backup } | { readonly ok: false; readonly refusal: Refusal };

const refuse = (refusal: Refusal): Decoded => ({ ok: false, refusal });

/**
 * Reads a backup and checks every entry of it; nothing is taken of a file with a fault.
 *
 * @param faultOf the schema's check of one entry; given, so that who has not fetched the schema need not.
 */
export function decodeBackup(text: string, faultOf: (entry: unknown) => Fault | undefined): Decoded {
  if (text.length > LARGEST_FILE) return refuse({ why: 'tooLarge' });
  // Read first: what is nested too deep would end the program that parses it.
  if (depthOf(text) > DEEPEST) return refuse({ why: 'tooDeep' });
  let proto = false;
  let value: unknown;
  try {
    value = JSON.parse(text, (key, inner: unknown) => {
      if (key === '__proto__') proto = true;
      return inner;
    });
  } catch {
    return refuse({ why: 'notJson' });
  }
  if (proto) return refuse({ why: 'proto' });
  if (!isBackup(value)) return refuse({ why: 'notABackup' });
  if (value.version !== 1) return refuse({ why: 'newerVersion' });
  const refusal = entryRefusal(value, faultOf);
  if (refusal) return refuse(refusal);
  if (value.sum !== undefined && value.sum !== checksum(linesOf(value.entries)))
    return refuse({ why: 'altered' });
  const changed = changedDuplicates(value.entries, () => undefined);
  if (changed.length > 0) return refuse({ why: 'changedEntries', ids: changed });
  return { ok: true, backup: value };
}

/** The first fault of entries that come from elsewhere to a garden. */
export function entryRefusal(
  { garden, entries }: Pick<Backup, 'garden' | 'entries'>,
  faultOf: (entry: unknown) => Fault | undefined,
): Refusal | undefined {
  for (const [i, entry] of entries.entries()) {
    const position = i + 1;
    if (isTooLong(entry)) return { why: 'tooLong', position };
    const fault = faultOf(entry);
    if (fault) return { why: 'badEntry', position, fault };
    if (entry.garden !== garden) return { why: 'otherGarden', found: entry.garden, position };
    if (entry.lamport > MAX_AHEAD + entries.length) return { why: 'clock', position, found: entry.lamport };
  }
  return undefined;
}

/**
 * Do the entries describe their garden, after all corrections? One that nobody described cannot be shown.
 *
 * @example describesGarden([]) // false
 */
export function describesGarden(entries: readonly StoredEntry[]): boolean {
  const journal = new Journal();
  journal.add(entries.filter(({ kind }) => ABOUT_GARDEN.includes(kind)));
  return journal.all('garden').size > 0;
}

const ABOUT_GARDEN: readonly string[] = ['garden.described', 'amended', 'struck'];

function isBackup(value: unknown): value is Backup {
  const file = value as Partial<Backup> | null;
  return (
    typeof file === 'object' &&
    file?.format === 'steady-trowel-garden' &&
    typeof file.garden === 'string' &&
    typeof file.name === 'string' &&
    file.name.length <= MAX_CHARACTERS &&
    Array.isArray(file.entries)
  );
}

/** How deep lists and objects lie within each other, of a text that may be JSON. */
function depthOf(text: string): number {
  let [depth, deepest] = [0, 0];
  let quoted = false;
  for (let i = 0; i < text.length; i += 1) {
    const unit = text.charCodeAt(i);
    if (unit === QUOTE) quoted = !quoted;
    else if (quoted) {
      if (unit === BACKSLASH) i += 1;
    } else if (unit === BRACKET || unit === BRACE) deepest = Math.max(deepest, ++depth);
    else if (unit === BRACKET_END || unit === BRACE_END) depth -= 1;
    if (deepest > DEEPEST) break;
  }
  return deepest;
}

const [QUOTE, BACKSLASH, BRACKET, BRACE, BRACKET_END, BRACE_END] = [...'"\\[{]}'].map((letter) =>
  letter.charCodeAt(0),
);

/** Is a list or a text anywhere in it longer than any that is written here? Asked before any other check. */
function isTooLong(value: unknown): boolean {
  if (typeof value === 'string') return value.length > MAX_CHARACTERS;
  if (value === null || typeof value !== 'object') return false;
  const inner = Object.values(value);
  return inner.length > MAX_ITEMS || inner.some(isTooLong);
}

/** What taking in a backup would do, shown before anything is done. */
export interface ImportPreview {
  readonly backup: Backup;
  /** Entries not here yet, and those already here. */
  readonly fresh: number;
  readonly known: number;
  /** Days of the earliest and latest new entry; `undefined` when there is none. */
  readonly from: string | undefined;
  readonly to: string | undefined;
}

/** Compares a backup with the entries of the same garden held here, which must be all of them. */
export function previewImport(
  backup: Backup,
  held: (id: string) => StoredEntry | undefined,
): ImportPreview | { readonly refusal: Refusal } {
  const changed = changedDuplicates(backup.entries, held);
  if (changed.length > 0) return { refusal: { why: 'changedEntries', ids: changed } };
  const fresh = [
    ...new Map(backup.entries.filter(({ id }) => !held(id)).map((entry) => [entry.id, entry])).values(),
  ];
  const days = fresh.map(({ at }) => at.slice(0, 10)).sort();
  const known = new Set(backup.entries.map(({ id }) => id)).size - fresh.length;
  return { backup, fresh: fresh.length, known, from: days[0], to: days.at(-1) };
}
