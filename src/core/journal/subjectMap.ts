import type { Entry } from './entry';
import type { SubjectType } from './kinds/definition';
import { compareEntries } from './order';

/** One thing the journal speaks of, with what was said and what follows from it. */
export interface Subject<T> {
  readonly type: SubjectType;
  readonly id: string;
  /** Entries that name the subject, also those struck or amended away. */
  entries: Entry[];
  sorted: boolean;
  dirty: boolean;
  /** Has any of its entries been amended or struck? */
  corrected: boolean;
  /** Nothing when no entry in force speaks of it any more. */
  state: T | undefined;
}

const byFirstEntry = (a: Subject<unknown>, b: Subject<unknown>): number =>
  compareEntries(a.entries[0]!, b.entries[0]!) || (a.id < b.id ? -1 : 1);

/**
 * The subjects of one type, read from outside as a map of their states, in the order of the first entry that names
 * each: so that nothing read from it depends on the order in which entries arrived. States live in their subjects: a
 * second map of as many long ids would cost more than all the folding. A subject is folded when it is read: one by
 * its id, all of them when they are read in turn.
 */
export class SubjectMap<T> implements ReadonlyMap<string, T> {
  readonly #fold: (subject: Subject<T>) => void;
  #subjects = new Map<string, Subject<T>>();
  #dirty: Subject<T>[] = [];
  #last: Subject<T> | undefined;
  #inOrder = true;
  #size = 0;

  /** @param fold finds the state of a subject from its entries, and sets it. */
  constructor(fold: (subject: Subject<T>) => void) {
    this.#fold = fold;
  }

  subject(id: string): Subject<T> | undefined {
    return this.#subjects.get(id);
  }

  insert(subject: Subject<T>): void {
    this.#subjects.set(subject.id, subject);
    this.#dirty.push(subject);
    if (this.#last && byFirstEntry(this.#last, subject) > 0) this.#inOrder = false;
    else this.#last = subject;
  }

  /** An entry came that may be the first to name a subject. */
  reorder(): void {
    this.#inOrder = false;
  }

  /** Its entries have changed. */
  mark(subject: Subject<T>): void {
    if (subject.dirty) return;
    subject.dirty = true;
    this.#dirty.push(subject);
  }

  /** Folds all whose entries have changed. */
  settle(): void {
    if (this.#dirty.length === 0) return;
    const dirty = this.#dirty;
    this.#dirty = [];
    for (const subject of dirty) if (subject.dirty) this.#fold(subject);
  }

  setState(subject: Subject<T>, state: T | undefined): void {
    this.#size += Number(state !== undefined) - Number(subject.state !== undefined);
    subject.state = state;
  }

  clear(): void {
    this.#subjects.clear();
    this.#dirty = [];
    this.#last = undefined;
    this.#inOrder = true;
    this.#size = 0;
  }

  get size(): number {
    this.settle();
    return this.#size;
  }

  get(id: string): T | undefined {
    const subject = this.#subjects.get(id);
    if (subject?.dirty) this.#fold(subject);
    return subject?.state;
  }

  has(id: string): boolean {
    return this.get(id) !== undefined;
  }

  /** The states of some subjects, in the order of the map. */
  someOf(ids: Iterable<string>): T[] {
    this.settle();
    const some = Array.from(ids, (id) => this.#subjects.get(id)).filter((subject) => subject !== undefined);
    return some.sort(byFirstEntry).flatMap(({ state }) => (state === undefined ? [] : [state]));
  }

  #ordered(): IterableIterator<Subject<T>> {
    // Folding also brings the entries of each into their order.
    this.settle();
    if (!this.#inOrder) {
      const sorted = [...this.#subjects.values()].sort(byFirstEntry);
      this.#subjects = new Map(sorted.map((subject) => [subject.id, subject]));
      this.#last = sorted.at(-1);
      this.#inOrder = true;
    }
    return this.#subjects.values();
  }

  forEach(each: (state: T, id: string, map: ReadonlyMap<string, T>) => void): void {
    for (const [id, state] of this) each(state, id, this);
  }

  *entries(): Generator<[string, T], undefined> {
    for (const { id, state } of this.#ordered()) if (state !== undefined) yield [id, state];
    return undefined;
  }

  *keys(): Generator<string, undefined> {
    for (const { id, state } of this.#ordered()) if (state !== undefined) yield id;
    return undefined;
  }

  *values(): Generator<T, undefined> {
    for (const { state } of this.#ordered()) if (state !== undefined) yield state;
    return undefined;
  }

  [Symbol.iterator](): Generator<[string, T], undefined> {
    return this.entries();
  }
}
