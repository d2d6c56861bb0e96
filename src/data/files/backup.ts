import type { StoredEntry } from '@/core/journal/entry';
import { stableJson } from '@/core/journal/stableJson';
import type { Fault } from '../schema/entrySchema';

/** A backup: every entry of one garden. docs/formats.md describes it, docs/backup.schema.json checks it. */
export interface Backup {
  readonly format: 'steady-trowel-garden';
  readonly version: 1;
  readonly garden: string;
  readonly name: string;
  readonly exported: string;
  readonly entries: readonly StoredEntry[];
}

/** Larger files than this are refused: no garden's journal comes near. Characters. */
export const LARGEST_FILE = 200_000_000;
const DEEPEST = 12;

export interface BackupSource {
  readonly garden: string;
  readonly name: string;
  readonly exported: string;
  readonly entries: readonly StoredEntry[];
}

export function encodeBackup({ garden, name, exported, entries }: BackupSource): string {
  const head = { format: 'steady-trowel-garden', version: 1, garden, name, exported };
  const lines = entries.map((entry) => JSON.stringify(entry)).join(',\n');
  return `${JSON.stringify(head).slice(0, -1)},"entries":[\n${lines}\n]}\n`;
}

/** Why a file was refused, and where in it. */
export type Refusal =
  | { readonly why: 'tooLarge' | 'notJson' | 'notABackup' | 'newerVersion' | 'tooDeep' | 'proto' }
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
  for (const [position, entry] of value.entries.entries()) {
    if (depth(entry) > DEEPEST) return refuse({ why: 'tooDeep' });
    const fault = faultOf(entry);
    if (fault) return refuse({ why: 'badEntry', position: position + 1, fault });
    if (entry.garden !== value.garden)
      return refuse({ why: 'otherGarden', found: entry.garden, position: position + 1 });
  }
  const changed = changedTwins(value.entries, new Map());
  if (changed.length > 0) return refuse({ why: 'changedEntries', ids: changed });
  return { ok: true, backup: value };
}

function isBackup(value: unknown): value is Backup {
  const file = value as Partial<Backup> | null;
  return (
    typeof file === 'object' &&
    file?.format === 'steady-trowel-garden' &&
    typeof file.garden === 'string' &&
    typeof file.name === 'string' &&
    Array.isArray(file.entries)
  );
}

function depth(value: unknown): number {
  if (value === null || typeof value !== 'object') return 0;
  return 1 + Math.max(0, ...Object.values(value).map(depth));
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

/** Compares a backup with the entries of the same garden held here. */
export function previewImport(
  backup: Backup,
  held: ReadonlyMap<string, StoredEntry>,
): ImportPreview | { readonly refusal: Refusal } {
  const changed = changedTwins(backup.entries, held);
  if (changed.length > 0) return { refusal: { why: 'changedEntries', ids: changed } };
  const fresh = [
    ...new Map(backup.entries.filter(({ id }) => !held.has(id)).map((entry) => [entry.id, entry])).values(),
  ];
  const days = fresh.map(({ at }) => at.slice(0, 10)).sort();
  const known = new Set(backup.entries.map(({ id }) => id)).size - fresh.length;
  return { backup, fresh: fresh.length, known, from: days[0], to: days.at(-1) };
}

/** Ids under which two different contents stand. */
function changedTwins(entries: readonly StoredEntry[], held: ReadonlyMap<string, StoredEntry>): string[] {
  const seen = new Map<string, StoredEntry>();
  const changed = new Set<string>();
  for (const entry of entries) {
    const twin = held.get(entry.id) ?? seen.get(entry.id);
    if (twin && stableJson(twin) !== stableJson(entry)) changed.add(entry.id);
    seen.set(entry.id, entry);
  }
  return [...changed];
}
