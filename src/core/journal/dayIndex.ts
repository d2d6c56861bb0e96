import type { Day } from '../time/types';

/**
 * Subjects by each day of which they may be, whatever is put right later: so that the view of a day need not fold all
 * seasons. Who reads it asks each subject for its day.
 */
export class DayIndex {
  readonly #ids = new Map<Day, Set<string>>();

  add(day: Day, id: string): void {
    const ids = this.#ids.get(day);
    if (ids) ids.add(id);
    else this.#ids.set(day, new Set([id]));
  }

  of(day: Day): Iterable<string> {
    return this.#ids.get(day) ?? [];
  }

  days(): Iterable<Day> {
    return this.#ids.keys();
  }

  clear(): void {
    this.#ids.clear();
  }
}

/** The days of some that lie between two, both included, the earliest first. */
export const daysWithin = (days: Iterable<Day>, from: Day, to: Day | undefined): Day[] =>
  [...days].filter((day) => from <= day && (to === undefined || day <= to)).sort();
