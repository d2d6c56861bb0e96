/**
 * What devices and a server say to each other, as JSON. A server stores blocks that it cannot read: who may store and
 * fetch them is all it knows. docs/sync.md describes it.
 */

/** The highest number of a block, by writer. */
export type Heads = Readonly<Record<string, number>>;

/** A writer's block as it leaves the device: numbered from 1, without gaps. */
export interface SealedBlock {
  readonly writer: string;
  readonly number: number;
  /** Base64. */
  readonly sealed: string;
}

export interface ExchangeRequest {
  /** What the device needs not be sent. */
  readonly have: Heads;
  readonly blocks: readonly SealedBlock[];
}

export interface ExchangeAnswer {
  /** Of the server, after what came with the request. */
  readonly heads: Heads;
  /** That the device lacks, in the order in which they came to the server. */
  readonly blocks: readonly SealedBlock[];
  /** There are more than fit into one answer. */
  readonly more: boolean;
  /** The first block that does not follow the last of its writer: it and those after it were not stored. */
  readonly refused?: Omit<SealedBlock, 'sealed'>;
  /** Who may read and write here. */
  readonly members: readonly string[];
  /** Of the key with which more are let in: how often it was changed, and SHA-256 of what shows that one has it, hex. */
  readonly generation: number;
  readonly admitHash: string;
}

/** How a garden begins at a server, or how one more device is let in. */
export interface Admission {
  /** A device, by a name that it has only in this garden and only until it is removed. */
  readonly member: string;
  /** With which it alone speaks from now on. */
  readonly token: string;
  /** Shows that one has the garden's key, which itself is never sent. */
  readonly admit: string;
  readonly generation: number;
}

export interface Admitted {
  /** The keys of before, sealed with the present one; empty where there are none. */
  readonly olderKeys: string;
}

/** A new key: who has an older one is let in no more. */
export interface KeyChange {
  readonly admit: string;
  readonly generation: number;
  readonly olderKeys: string;
}

/** Why a server refuses. */
export type SyncRefusal =
  | 'unknownGarden'
  | 'unknownMember'
  | 'removed'
  | 'wrongKey'
  | 'exists'
  | 'malformed'
  | 'tooLarge'
  | 'notThere';

/** What a server says of itself. */
export interface SyncServerInfo {
  readonly sync: 1;
  /** By which phones in the same network reach it, with what lets them in. */
  readonly addresses: readonly string[];
}

/** Of a sealed block, bytes: a block is filled up to half of it. */
export const MAX_SEALED_BYTES = 600_000;
/** Blocks in one request. */
export const MAX_BLOCKS_SENT = 16;
