import type { Donor, Stop } from '../../journal/kinds/round';
import type { Bloom, StopDone } from '../../journal/state';
import type { Day } from '../../time/types';

/** Time the work takes, milliseconds: for one male, and for one female. */
export interface HandlingMs {
  readonly pick: number;
  readonly pollinate: number;
}

/** What is recorded of the blooms of a stop, and the day that its round serves. */
export interface SeenOfStop {
  readonly blooms: ReadonlyMap<string, Bloom>;
  readonly day: Day;
}

/** What became of a stop, by what is recorded of its blooms: in whatever round, by whatever phone, or in none. */
export type Became = Omit<StopDone, 'stop'>;

/**
 * All that a round knows of one kind of stop; its card is in `screens/round/stops/`. What is not said of a kind does
 * not compile, so nothing of a round can pass over it in silence.
 */
export interface Operation<S extends Stop> {
  /** What it is done to, in the order in which it is done; the first is drawn. */
  readonly blooms: (stop: S) => readonly string[];
  /** The female that gets pollen here. */
  readonly mother: (stop: S) => string | undefined;
  /** The males that give it. */
  readonly donors: (stop: S) => readonly Donor[];
  /** The males that whoever comes here has with them from then on: nobody else can use them. */
  readonly malesHeld: (stop: S) => readonly string[];
  /** The variety whose pollen comes on hands and brush; where there is none, nothing is cleaned. */
  readonly pollen: (stop: S) => string | undefined;
  /** Milliseconds that the work takes. */
  readonly lasts: (stop: S, handling: HandlingMs) => number;
  /** Is there nothing left to do once the flowers have shut? */
  readonly canBeLate: boolean;
  /** `undefined` while nothing is recorded of it, or not of all of it. */
  readonly became: (stop: S, seen: SeenOfStop) => Became | undefined;
}

/** The operations by the kinds of stops. */
export type Operations = { readonly [S in Stop as S['kind']]: Operation<S> };
