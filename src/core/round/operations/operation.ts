import type { Crop } from '../../crops/catalogue';
import type { Journal } from '../../journal/journal';
import type { Donor, Stop } from '../../journal/kinds/stops';
import type { MissedReason } from '../../journal/kinds/roundBodies';
import type { Bloom, Garden, StopDone, Walk } from '../../journal/state';
import type { Grade } from '../../purity/fruitPurity';
import type { Day } from '../../time/types';

/** Time the work takes, milliseconds: for one male, and for one female. */
export interface HandlingMs {
  readonly pick: number;
  readonly pollinate: number;
}

/** What is recorded of the blooms and plants of a stop, and the day that its round serves. */
export interface SeenOfStop {
  readonly blooms: ReadonlyMap<string, Bloom>;
  readonly walks: ReadonlyMap<string, Walk>;
  readonly day: Day;
}

/** What is said of stops of some kinds only, and is wanted of these. */
export type StopField = 'blooms' | 'bloom' | 'donors';

/** What became of a stop, by what is recorded of its blooms: in whatever round, by whatever phone, or in none. */
export type Became = Omit<StopDone, 'stop'>;

/**
 * All that a round knows of one kind of stop; its card is in `screens/round/stops/`. What is not said of a kind does
 * not compile, so nothing of a round can pass over it in silence.
 */
export interface Operation<S extends Stop> {
  /** What a stop of its kind says besides where it is and when. */
  readonly fields: readonly StopField[];
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
  /** What can go wrong at it, in the order in which it is offered. */
  readonly wrong: readonly MissedReason[];
  /** What is due of it on an outing; missing where the pairing of flowers decides. */
  readonly due?: (context: ChoreContext) => readonly Omit<S, 'stop' | 'eta'>[];
  /** When on a round it is done, where it is due by itself: `first` before the pollinations at its plant. */
  readonly when?: 'anyTime' | 'first';
  /** `undefined` while nothing is recorded of it, or not of all of it. */
  readonly became: (stop: S, seen: SeenOfStop) => Became | undefined;
}

/** Of what is due without pollen it is asked: */
export interface ChoreContext {
  readonly journal: Journal;
  readonly garden: Garden;
  readonly day: Day;
  /** Is a crop worked on this outing? */
  readonly isWorked: (crop: Crop) => boolean;
  /** Plants of which females are due for seed. */
  readonly mothers: ReadonlySet<string>;
  /** How true the seed of a fruit is. Left out where only how much is due is asked, as Today does: it is not cheap. */
  readonly gradeOf?: ((bloom: Bloom) => Grade | undefined) | undefined;
}

/** The operations by the kinds of stops. */
export type Operations = { readonly [S in Stop as S['kind']]: Operation<S> };
