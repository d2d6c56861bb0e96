import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { ENTRY_COLUMNS } from '@/core/records/tables/entryTable';
import { TABLE_NAMES, type TableName } from '@/core/records/tables/tables';
import { checksum } from '../../log/record';
import { unguarded } from '../csv';
import { LARGEST_FILE, type Refusal } from '../backup';
import { DESCRIPTOR, fileOf, PACKAGE_VERSION, type Descriptor } from './dataPackage';

/** A package as the text of a backup, which is checked like any other. */
export type Unpacked =
  | {
      readonly backup: string;
      /** Tables that were changed after it was written: they are not read, and who changed them is told. */
      readonly changed: readonly TableName[];
    }
  | { readonly refusal: Refusal };

/**
 * The entries of a data package as a backup; nothing is taken of one whose entries were changed.
 *
 * @param bytes of the zip.
 */
export function unpack(bytes: Uint8Array): Unpacked {
  const files = filesOf(bytes);
  if (files === 'tooLarge') return refuse('tooLarge');
  const descriptor = files && descriptorOf(files[DESCRIPTOR]);
  const entries = files?.[fileOf('entries')];
  if (!files || !descriptor || !entries) return refuse('notABackup');
  if (descriptor.steadyTrowel.version !== PACKAGE_VERSION) return refuse('newerVersion');
  const sumOf = (name: TableName): unknown => descriptor.resources.find((each) => each.name === name)?.sum;
  const text = strFromU8(entries);
  if (checksum(text) !== sumOf('entries')) return refuse('altered');
  const changed = TABLE_NAMES.filter((name) => {
    const file = files[fileOf(name)];
    return file && name !== 'entries' && checksum(strFromU8(file)) !== sumOf(name);
  });
  const backup = asBackup(text, descriptor);
  return backup === undefined ? refuse('notABackup') : { backup, changed };
}

const refuse = (why: 'tooLarge' | 'notABackup' | 'newerVersion' | 'altered'): Unpacked => ({
  refusal: { why },
});

/** Nothing is unpacked of an archive that would be larger than any garden. */
function filesOf(bytes: Uint8Array): Record<string, Uint8Array> | 'tooLarge' | undefined {
  let total = 0;
  const known = new Set([DESCRIPTOR, ...TABLE_NAMES.map(fileOf)]);
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!known.has(name)) return false;
        total += originalSize;
        return total <= LARGEST_FILE;
      },
    });
    return total > LARGEST_FILE ? 'tooLarge' : files;
  } catch {
    return undefined;
  }
}

function descriptorOf(file: Uint8Array | undefined): Descriptor | undefined {
  if (!file) return undefined;
  try {
    const value = JSON.parse(strFromU8(file)) as Partial<Descriptor> | null;
    const isOurs =
      typeof value?.steadyTrowel?.garden === 'string' &&
      typeof value.title === 'string' &&
      typeof value.created === 'string' &&
      Array.isArray(value.resources) &&
      value.resources.every((each: unknown) => typeof each === 'object' && each !== null);
    return isOurs ? (value as Descriptor) : undefined;
  } catch {
    return undefined;
  }
}

/** Bodies go over as they are written; what they hold is checked with the backup. */
function asBackup(text: string, { title, created, steadyTrowel }: Descriptor): string | undefined {
  const { data } = Papa.parse<string[]>(text.trimEnd(), { delimiter: ',', newline: '\r\n' });
  const [head, ...rows] = data;
  if (JSON.stringify(head) !== JSON.stringify(ENTRY_COLUMNS)) return undefined;
  if (rows.some((row) => row.length !== ENTRY_COLUMNS.length)) return undefined;
  const entries = rows.map((row) => {
    const of = Object.fromEntries(ENTRY_COLUMNS.map((column, i) => [column, row[i]!])) as Record<
      string,
      string
    >;
    const { v, lamport, body, more, ...guardedTexts } = of;
    const texts = Object.fromEntries(
      Object.entries(guardedTexts).map(([column, cell]) => [column, unguarded(cell)]),
    );
    const known = JSON.stringify({ ...texts, v: Number(v), lamport: Number(lamport) }).slice(0, -1);
    return `${known}${more === '' ? '' : `,${more!.slice(1, -1)}`},"body":${body}}`;
  });
  const about = { format: 'steady-trowel-garden', version: 1, garden: steadyTrowel.garden };
  const file = JSON.stringify({ ...about, name: title, exported: created }).slice(0, -1);
  return `${file},"entries":[\n${entries.join(',\n')}\n]}\n`;
}
