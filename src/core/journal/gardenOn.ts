import type { Day } from '../time/types';
import type { SubjectType } from './kinds/definition';
import type { Bloom, States, Walk } from './state';

type StatesOf = <T extends SubjectType>(type: T) => ReadonlyMap<string, States[T]>;

/** What can be read of a garden: as it is now, or as it stood on a day. */
export interface GardenView {
  /** All states of one type by subject id. */
  readonly all: StatesOf;
  /** Blooms that open from one day on, day by day. */
  readonly bloomsBetween: (from: Day, to?: Day) => Bloom[];
  /** What was seen and covered from one day on, day by day. */
  readonly walksBetween: (from: Day, to?: Day) => Walk[];
}

/** A garden as it stood on a day: what is described as it was in force then, all else as it is known now. */
export class GardenOn implements GardenView {
  readonly #now: GardenView;
  readonly #then: StatesOf;
  readonly #known = new Map<SubjectType, ReadonlyMap<string, unknown>>();

  /** @param then the states of a type that were in force on the day. */
  constructor(now: GardenView, then: StatesOf) {
    this.#now = now;
    this.#then = then;
  }

  all<T extends SubjectType>(type: T): ReadonlyMap<string, States[T]> {
    const known = this.#known.get(type) ?? this.#then(type);
    this.#known.set(type, known);
    return known as ReadonlyMap<string, States[T]>;
  }

  bloomsBetween(from: Day, to?: Day): Bloom[] {
    return this.#now.bloomsBetween(from, to);
  }

  walksBetween(from: Day, to?: Day): Walk[] {
    return this.#now.walksBetween(from, to);
  }
}
