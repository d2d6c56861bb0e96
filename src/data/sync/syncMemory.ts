import type { BlockFacts } from '@/core/sync/ledger';
import { newId } from '../clock';
import { parseJson, readJson } from '../readJson';
import type { Store } from '../storage';
import type { KeyGiven } from './block';
import type { DeviceKeys, GardenKey } from './gardenKey';

/** A key, and the members it was given to when it was new; the first one goes to each who is invited. */
export interface HeldKey extends GardenKey {
  readonly givenTo?: readonly string[];
}

/** What a device needs to meet the others of a garden, apart from its entries. */
export interface Pairing {
  readonly garden: string;
  readonly address: string;
  /** This device at the server, and with what it speaks. */
  readonly member: string;
  readonly token: string;
  /** From the first to the present one. */
  readonly keys: readonly HeldKey[];
  readonly own: DeviceKeys;
  /** The name under which this device writes now. */
  readonly writer: string;
  /** Other members, by what they said of themselves. */
  readonly others: Readonly<Record<string, OtherMember>>;
  readonly removed: readonly string[];
  /** New keys that this device gave, and those of them that no block says yet. */
  readonly given: readonly KeyGiven[];
  readonly toGive: readonly KeyGiven[];
}

interface OtherMember {
  readonly device: string;
  readonly open: string;
  /** When a block of it was last read here, UTC milliseconds of this device's clock. */
  readonly heard: number;
}

/** A block that is on its way: what is at the server under its number can only be this. */
export interface Outgoing {
  readonly writer: string;
  readonly number: number;
  readonly sealed: string;
  readonly record: BlockRecord;
}

/** Blocks that are dealt with, and whose entries are here. */
export interface BlockRecord extends BlockFacts {
  readonly ids: readonly string[];
  /** The key that it gave, by how often the key was changed. */
  readonly gave?: number;
}

const PAIRING = 'pairing';
const OUTGOING = 'outgoing';
const BLOCK = 'block/';
const UNREADABLE = 'unreadable/';
const PACKED = 'packed/';

/** So many single blocks are kept apart before the older ones are packed into one record. */
const MAX_SINGLE = 64;
const KEPT_SINGLE = 16;

const singleKey = (writer: string, number: number): string => `${BLOCK}${writer}/${number}`;

/** What a device remembers of the exchange, in a store of its own: without it everything is exchanged again. */
export class SyncMemory {
  readonly #store: Store;
  /** Keys of single blocks in the order in which they came. */
  #single: string[] = [];

  constructor(store: Store) {
    this.#store = store;
  }

  readPairing(): Promise<Pairing | undefined> {
    return readJson<Pairing>(this.#store, PAIRING);
  }

  async writePairing(pairing: Pairing): Promise<void> {
    await this.#store.setItem(PAIRING, JSON.stringify(pairing));
  }

  readOutgoing(): Promise<Outgoing | undefined> {
    return readJson<Outgoing>(this.#store, OUTGOING);
  }

  async writeOutgoing(outgoing: Outgoing): Promise<void> {
    await this.#store.setItem(OUTGOING, JSON.stringify(outgoing));
  }

  async dropOutgoing(): Promise<void> {
    await this.#store.removeItem(OUTGOING);
  }

  /** Every record of blocks, and what could not be read. */
  async readAll(): Promise<{
    readonly records: readonly BlockRecord[];
    readonly unreadable: readonly (readonly [writer: string, number: number])[];
  }> {
    const keys = await this.#store.getAllKeys();
    this.#single = keys.filter((key) => key.startsWith(BLOCK));
    const unreadable = keys
      .filter((key) => key.startsWith(UNREADABLE))
      .map((key) => key.slice(UNREADABLE.length).split('/'))
      .map(([writer = '', number]) => [writer, Number(number)] as const);
    return {
      records: await this.#read(keys.filter((key) => key.startsWith(BLOCK) || key.startsWith(PACKED))),
      unreadable,
    };
  }

  async #read(keys: readonly string[]): Promise<BlockRecord[]> {
    const texts = keys.length > 0 ? await this.#store.getMany([...keys]) : {};
    return Object.values(texts).flatMap((text) => parseJson<BlockRecord>(text) ?? []);
  }

  /** A block that was read, or is at the server. */
  async noteBlock(writer: string, number: number, record: BlockRecord): Promise<void> {
    const key = singleKey(writer, number);
    await this.#store.setItem(key, JSON.stringify(record));
    this.#single.push(key);
    if (this.#single.length > MAX_SINGLE) await this.#pack();
  }

  async noteUnreadable(writer: string, number: number): Promise<void> {
    await this.#store.setItem(`${UNREADABLE}${writer}/${number}`, '');
  }

  /** A season has tens of thousands of blocks: their records become one each four dozen. A crash leaves some twice. */
  async #pack(): Promise<void> {
    const older = this.#single.slice(0, -KEPT_SINGLE);
    const records = await this.#read(older);
    await this.#store.setItem(PACKED + newId(), JSON.stringify(joinRecords(records)));
    await this.#store.removeMany(older);
    this.#single = this.#single.slice(-KEPT_SINGLE);
  }

  async clear(): Promise<void> {
    await this.#store.clear();
  }
}

/**
 * Several records as one.
 *
 * @example joinRecords([]) // { spans: [], ids: [], seen: {}, again: [], missed: [] }
 */
export function joinRecords(records: readonly BlockRecord[]): BlockRecord {
  const seen: Record<string, number> = {};
  for (const record of records)
    for (const [writer, number] of Object.entries(record.seen))
      seen[writer] = Math.max(seen[writer] ?? 0, number);
  return {
    spans: records.flatMap(({ spans }) => spans),
    ids: records.flatMap(({ ids }) => ids),
    again: records.flatMap(({ again }) => again),
    missed: records.flatMap(({ missed }) => missed),
    seen,
  };
}
