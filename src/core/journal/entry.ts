import type { Instant } from '../time/types';
import { isKind, KINDS, type Bodies, type Kind } from './kinds/kinds';

/** A fact about to be recorded: an entry without its envelope. */
export type Fact = {
  [K in Kind]: {
    readonly kind: K;
    readonly body: Bodies[K];
    /** When it happened, where that was earlier, UTC milliseconds. */
    readonly at?: number;
  };
}[Kind];

export interface Envelope {
  /** ULID. */
  readonly id: string;
  readonly v: number;
  /** When it happened, and when the device recorded it. */
  readonly at: Instant;
  readonly recorded: Instant;
  /** Lamport clock: greater than that of every entry the writer had seen. */
  readonly lamport: number;
  readonly garden: string;
  readonly device: string;
  /** Entries of one tap share it and are undone together. */
  readonly action: string;
}

export type EntryOf<K extends Kind> = Envelope & { readonly kind: K; readonly body: Bodies[K] };
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];

/** An entry as stored: of a known kind, or of one that a later version will bring. */
export type StoredEntry = Entry | (Envelope & { readonly kind: string; readonly body: object });

/** Is the entry of a kind and a version that this program knows? */
export const isKnownEntry = (entry: StoredEntry): entry is Entry =>
  isKind(entry.kind) && entry.v <= KINDS[entry.kind].version;
