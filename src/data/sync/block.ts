import { deflateSync, inflateSync } from 'fflate';
import type { StoredEntry } from '@/core/journal/entry';
import type { Span } from '@/core/sync/ledger';
import type { Heads } from '@/core/sync/protocol';
import { utf8, type Bytes } from './bytes';
import { openSealed, seal, type GardenKey } from './gardenKey';

/** A new key of the garden, for each device that stays. */
export interface KeyGiven {
  readonly generation: number;
  /** Members that were removed, all of them, and get it no more. */
  readonly removed: readonly string[];
  /** The key sealed for each member that it was given to. */
  readonly for: Readonly<Record<string, string>>;
}

/** What a device writes at a time: some entries, and what it has read of others. */
export interface Block {
  readonly v: 1;
  /** Who writes: a member of the garden at the server, and the device whose entries these are. */
  readonly member: string;
  readonly device: string;
  /** For what is given to this member alone. */
  readonly open: string;
  readonly seen: Heads;
  readonly entries: readonly StoredEntry[];
  readonly again: readonly Span[];
  readonly missed: readonly Span[];
  readonly given?: KeyGiven;
}

const VERSION = 1;

/** Which block of which garden: a block in another's place is no block. */
export interface BlockName {
  readonly address: string;
  readonly writer: string;
  readonly number: number;
}

const aboutBlock = ({ address, writer, number }: BlockName): string => `block/${address}/${writer}/${number}`;

export const sealBlock = (key: GardenKey, name: BlockName, block: Block): Promise<Bytes> =>
  seal(key, new Uint8Array(deflateSync(utf8(JSON.stringify(block)))), aboutBlock(name));

export type OpenedBlock =
  | { readonly block: Block; readonly key: GardenKey }
  /** `newer`: a later version of the program wrote it. */
  | { readonly why: 'otherKey' | 'altered' | 'newer' };

export async function openBlock(
  keys: readonly GardenKey[],
  name: BlockName,
  sealed: Bytes,
): Promise<OpenedBlock> {
  const opened = await openSealed(keys, sealed, aboutBlock(name));
  if ('why' in opened) return opened;
  const value = parseBlock(opened.message);
  if (value?.v !== undefined && value.v > VERSION) return { why: 'newer' };
  return isBlock(value) ? { block: value, key: opened.key } : { why: 'altered' };
}

function parseBlock(message: Bytes): Partial<Block & { v: number }> | undefined {
  try {
    return JSON.parse(new TextDecoder().decode(inflateSync(message))) as Partial<Block>;
  } catch {
    return undefined;
  }
}

/** Who has the key wrote it, but perhaps with an error. */
const isBlock = (value: Partial<Block> | undefined): value is Block =>
  value?.v === VERSION &&
  typeof value.member === 'string' &&
  typeof value.device === 'string' &&
  typeof value.open === 'string' &&
  isHeads(value.seen) &&
  Array.isArray(value.entries) &&
  [value.again, value.missed].every((spans) => Array.isArray(spans) && spans.every(isSpan));

/** More blocks than a writer writes in a lifetime. */
const MAX_NUMBER = 10_000_000;

const isNumber = (value: unknown): boolean =>
  Number.isInteger(value) && (value as number) >= 1 && (value as number) <= MAX_NUMBER;

const isHeads = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && Object.values(value).every(isNumber);

const isSpan = (value: unknown): boolean => {
  const { writer, from, to } = (value ?? {}) as Partial<Span>;
  return typeof writer === 'string' && isNumber(from) && isNumber(to);
};
