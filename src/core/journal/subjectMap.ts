import type { Day } from '../time/types';
import type { Entry } from './entry';
import { compareEntries } from './order';

/** One thing the journal speaks of. */
interface Subject<T> {
  readonly id: string;
  /** Entries that name the subject, also those struck or amended away. */
  entries: Entry[];
  /** Have its entries changed since it was folded? */
  stale: boolean;
  /** Nothing when no entry in force speaks of it any more. */
  state: T | undefined;
}

/** Entries that wait to be filed, each with the id of its subject. */
interface Waiting {
  readonly ids: string[];
  readonly entries: Entry[];
}

/** The state of a subject from the entries that name it, in their total order. */
export type Fold<T> = (id: string, entries: readonly Entry[]) => T | undefined;

/**
 * The subjects of one type, read from outside as a map of their states, in the order of the first entry that names
 * each: so that nothing read from it depends on the order in which entries arrived. States live beside their entries: a
 * second map of as many long ids would cost more than all the folding. A subject is folded when it is read: one by
 * its id, all of them when they are read in turn. Where subjects are of one day each, the entries of a day wait together
 * until any subject of that day is read.
 */
export class SubjectMap<T> implements ReadonlyMap<string, T> {
  readonly #fold: Fold<T>;
  readonly #dayOf: ((id: string) => Day) | undefined;
  readonly #waiting = new Map<Day, Waiting>();
  /** The ids of those that wait no longer, by their days; one that had several entries may come several times. */
  readonly #ofDay = new Map<Day, readonly string[]>();
  #subjects = new Map<string, Subject<T>>();
  /** To be folded; some may have been since. */
  #stale: Subject<T>[] = [];
  /** The subject filed last, while all are in order. */
  #last: Subject<T> | undefined;
  #inOrder = true;
  #size = 0;

  /** @param dayOf the day of a subject by its id, where each is of one day. */
  constructor(fold: Fold<T>, dayOf?: (id: string) => Day) {
    this.#fold = fold;
    this.#dayOf = dayOf;
  }

  /** Files an entry under a subject of that day, when it is needed. */
  fileLazily(day: Day, id: string, entry: Entry): void {
    const waiting = this.#waiting.get(day);
    if (!waiting) {
      this.#waiting.set(day, { ids: [id], entries: [entry] });
      return;
    }
    waiting.ids.push(id);
    waiting.entries.push(entry);
  }

  #fileWaiting(day: Day): void {
    const waiting = this.#waiting.get(day);
    if (!waiting) return;
    this.#waiting.delete(day);
    const before = this.#ofDay.get(day);
    this.#ofDay.set(day, before ? [...before, ...waiting.ids] : waiting.ids);
    waiting.ids.forEach((id, i) => this.file(id, waiting.entries[i]!));
  }

  #subject(id: string): Subject<T> | undefined {
    if (this.#dayOf && this.#waiting.size > 0) this.#fileWaiting(this.#dayOf(id));
    return this.#subjects.get(id);
  }

  /**
   * Files an entry under a subject it names.
   *
   * @returns whether any was filed there before.
   */
  file(id: string, entry: Entry): boolean {
    const subject = this.#subjects.get(id);
    if (subject === undefined) {
      this.#insert({ id, entries: [entry], stale: true, state: undefined });
      return false;
    }
    const { entries } = subject;
    if (this.#inOrder && compareEntries(entries[0]!, entry) > 0) this.#inOrder = false;
    // Pushed to, a list is given room for seventeen; most subjects have two or three entries.
    if (entries.length === 1) subject.entries = [entries[0]!, entry];
    else if (entries.length < FEW) subject.entries = [...entries, entry];
    else entries.push(entry);
    this.#mark(subject);
    return true;
  }

  #insert(subject: Subject<T>): void {
    this.#subjects.set(subject.id, subject);
    this.#stale.push(subject);
    if (this.#last && byFirstEntry(this.#last, subject) > 0) this.#inOrder = false;
    this.#last = subject;
  }

  /** Was that entry filed under the subject? */
  holds(id: string, entry: string): boolean {
    return this.#subject(id)?.entries.some((each) => each.id === entry) ?? false;
  }

  /** What its entries say has changed. */
  mark(id: string): void {
    const subject = this.#subject(id);
    if (subject) this.#mark(subject);
  }

  #mark(subject: Subject<T>): void {
    if (subject.stale) return;
    subject.stale = true;
    this.#stale.push(subject);
  }

  /** Folds all whose entries have changed. */
  #settle(): void {
    for (const day of this.#waiting.keys()) this.#fileWaiting(day);
    if (this.#stale.length === 0) return;
    const stale = this.#stale;
    this.#stale = [];
    for (const subject of stale) if (subject.stale) this.#refold(subject);
  }

  /** The subject as it is now. */
  #settled(id: string): Subject<T> | undefined {
    const subject = this.#subject(id);
    if (subject?.stale) this.#refold(subject);
    return subject;
  }

  #refold(subject: Subject<T>): void {
    const { id, entries, state: before } = subject;
    subject.stale = false;
    sort(entries);
    subject.state = this.#fold(id, entries);
    this.#size += Number(subject.state !== undefined) - Number(before !== undefined);
  }

  clear(): void {
    this.#subjects.clear();
    this.#waiting.clear();
    this.#ofDay.clear();
    this.#stale = [];
    this.#last = undefined;
    this.#inOrder = true;
    this.#size = 0;
  }

  get size(): number {
    this.#settle();
    return this.#size;
  }

  /** Is there any? No more is folded than it takes to know. */
  hasAny(): boolean {
    for (const id of this.#subjects.keys()) if (this.get(id) !== undefined) return true;
    for (const { ids } of this.#waiting.values())
      if (ids.some((id) => this.get(id) !== undefined)) return true;
    return false;
  }

  get(id: string): T | undefined {
    return this.#settled(id)?.state;
  }

  has(id: string): boolean {
    return this.get(id) !== undefined;
  }

  /** The states of the subjects of one day, where each is of one; those of other days are neither filed nor folded. */
  ofDay(day: Day): T[] {
    this.#fileWaiting(day);
    return this.someOf(new Set(this.#ofDay.get(day)));
  }

  /** The days of which there is any, in no order. */
  days(): Set<Day> {
    return new Set([...this.#waiting.keys(), ...this.#ofDay.keys()]);
  }

  /** The states of some subjects, in the order of the map. */
  someOf(ids: Iterable<string>): T[] {
    const some = Array.from(ids, (id) => this.#settled(id)).filter((subject) => subject !== undefined);
    return some.sort(byFirstEntry).flatMap(({ state }) => (state === undefined ? [] : [state]));
  }

  #ordered(): Iterable<Subject<T>> {
    // Folding also brings the entries of each into their order.
    this.#settle();
    if (!this.#inOrder) {
      const sorted = [...this.#subjects.values()].sort(byFirstEntry);
      this.#subjects = new Map(sorted.map((subject) => [subject.id, subject]));
      this.#last = sorted.at(-1);
      this.#inOrder = true;
    }
    return this.#subjects.values();
  }

  /** Every subject with its entries, also one of which no entry in force speaks any more. */
  *everything(): Generator<Readonly<Pick<Subject<T>, 'id' | 'entries' | 'state'>>, undefined> {
    yield* this.#ordered();
    return undefined;
  }

  /** What was filed under a subject, in order; none where nothing was. */
  entriesOf(id: string): readonly Entry[] {
    return this.#settled(id)?.entries ?? [];
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

/** Lists shorter than this are copied. */
const FEW = 4;

const byFirstEntry = (a: Subject<unknown>, b: Subject<unknown>): number =>
  compareEntries(a.entries[0]!, b.entries[0]!) || (a.id < b.id ? -1 : 1);

/** Most lists are short and have come in order. */
function sort(entries: Entry[]): void {
  for (let i = 1; i < entries.length; i += 1)
    if (compareEntries(entries[i - 1]!, entries[i]!) > 0) {
      entries.sort(compareEntries);
      return;
    }
}
