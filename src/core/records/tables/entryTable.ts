import type { StoredEntry } from '../../journal/entry';
import { compareEntries } from '../../journal/order';
import { ALWAYS, column, recordTable, type ColumnOf } from './table';

const COLUMNS: readonly ColumnOf<StoredEntry>[] = [
  column('id', 'string', 'ULID, unique for ever', ({ id }) => id, ALWAYS),
  column('kind', 'string', 'what it says', ({ kind }) => kind, ALWAYS),
  column('v', 'integer', 'the version of that kind', ({ v }) => v, ALWAYS),
  column('at', 'string', 'when it happened: UTC, ISO 8601 with milliseconds', ({ at }) => at, ALWAYS),
  column('recorded', 'string', 'when it was written, likewise', ({ recorded }) => recorded, ALWAYS),
  column('lamport', 'integer', 'Lamport clock: the order of entries', ({ lamport }) => lamport, ALWAYS),
  column('garden', 'string', 'whose it is', ({ garden }) => garden, ALWAYS),
  column('device', 'string', 'which device wrote it', ({ device }) => device, ALWAYS),
  column('action', 'string', 'entries of one tap share it', ({ action }) => action, ALWAYS),
  column('body', 'object', 'by kind', ({ body }) => JSON.stringify(body), ALWAYS),
  column('more', 'object', 'fields of a later program, empty where there is none', moreOf),
];

/** Fields that this program does not know are kept. */
function moreOf(entry: StoredEntry): string | undefined {
  const more = Object.entries(entry).filter(([name]) => !ENTRY_COLUMNS.includes(name));
  return more.length > 0 ? JSON.stringify(Object.fromEntries(more)) : undefined;
}

/** Every entry as it was stored, in order: all other tables follow from it, and it alone is read back. */
export const ENTRY_TABLE = recordTable<StoredEntry>({
  holds: 'an entry, as it was recorded; what the other tables tell follows from all of them',
  key: ['id'],
  columns: COLUMNS,
  items: ({ journal }) => [...journal.entries()].sort(compareEntries),
});

/** Columns of the table of entries. */
export const ENTRY_COLUMNS: readonly string[] = COLUMNS.map(({ name }) => name);
