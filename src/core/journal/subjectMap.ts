import type { Entry } from './entry';
import type { SubjectType } from './kinds/definition';

/** One thing the journal speaks of, with what was said and what follows from it. */
export interface Subject<T> {
  readonly type: SubjectType;
  readonly id: string;
  /** Entries that name the subject, also those struck or amended away. */
  readonly entries: Entry[];
  sorted: boolean;
  dirty: boolean;
  /** Has any of its entries been amended or struck? */
  corrected: boolean;
  /** Nothing when no entry in force speaks of it any more. */
  state: T | undefined;
}

/**
 * The subjects of one type, read from outside as a map of their states. States live in their subjects: a second
 * map of as many long ids would cost more than all the folding.
 */
export class SubjectMap<T> implements ReadonlyMap<string, T> {
  readonly #subjects = new Map<string, Subject<T>>();
  #size = 0;

  subject(id: string): Subject<T> | undefined {
    return this.#subjects.get(id);
  }

  insert(subject: Subject<T>): void {
    this.#subjects.set(subject.id, subject);
  }

  setState(subject: Subject<T>, state: T | undefined): void {
    this.#size += Number(state !== undefined) - Number(subject.state !== undefined);
    subject.state = state;
  }

  clear(): void {
    this.#subjects.clear();
    this.#size = 0;
  }

  get size(): number {
    return this.#size;
  }

  get(id: string): T | undefined {
    return this.#subjects.get(id)?.state;
  }

  has(id: string): boolean {
    return this.get(id) !== undefined;
  }

  forEach(each: (state: T, id: string, map: ReadonlyMap<string, T>) => void): void {
    for (const [id, state] of this) each(state, id, this);
  }

  *entries(): Generator<[string, T], undefined> {
    for (const { id, state } of this.#subjects.values()) if (state !== undefined) yield [id, state];
    return undefined;
  }

  *keys(): Generator<string, undefined> {
    for (const { id, state } of this.#subjects.values()) if (state !== undefined) yield id;
    return undefined;
  }

  *values(): Generator<T, undefined> {
    for (const { state } of this.#subjects.values()) if (state !== undefined) yield state;
    return undefined;
  }

  [Symbol.iterator](): Generator<[string, T], undefined> {
    return this.entries();
  }
}
