import type { Instant } from '../../time/types';

export interface Donor {
  /** Empty for pollen of several plants. */
  readonly plant: string;
  /** The male flower's id, or that of a portion of mixed pollen; empty when only its plant is known. */
  readonly bloom: string;
}

interface StopBase {
  readonly stop: string;
  readonly plant: string;
  readonly variety: string;
  /** Estimated arrival. */
  readonly eta: Instant;
}

export interface PickStop extends StopBase {
  readonly kind: 'pick';
  readonly blooms: readonly string[];
}

export interface PollinateStop extends StopBase {
  readonly kind: 'pollinate';
  readonly bloom: string;
  /** Which pollination of it this is, from the second on. */
  readonly application?: number;
  /** The variety that is to father the seed, where it is another. */
  readonly father?: string;
  readonly donors: readonly Donor[];
}

/** Covers come off that have done their work, at one plant. */
export interface UncoverStop extends StopBase {
  readonly kind: 'uncover';
  readonly blooms: readonly string[];
}

/** A plant carries more than it ripens: these are taken off. */
export interface ThinStop extends StopBase {
  readonly kind: 'thin';
  readonly blooms: readonly string[];
}

/** Fruit that set by itself is taken off, before flowers are pollinated for seed. */
export interface StripStop extends StopBase {
  readonly kind: 'strip';
}

export type Stop = PickStop | PollinateStop | UncoverStop | ThinStop | StripStop;

/** What is done at a plant without any pollen, before it is planned when. */
export type Chore =
  Omit<UncoverStop, 'stop' | 'eta'> | Omit<ThinStop, 'stop' | 'eta'> | Omit<StripStop, 'stop' | 'eta'>;
