import type { Day } from '../time/types';
import type { Entry, EntryOf, StoredEntry } from './entry';
import { compareEntries } from './order';
import { walkedOn } from './kinds/scout';
import { REDUCERS } from './reduce';
import { NO_DAY, opensOn } from './reduceBloom';
import { stableJson } from './stableJson';
import type { Bloom, States } from './state';
import { SubjectMap } from './subjectMap';
import { forEachSubject, namesSubject } from './subjects';
import { SUBJECT_TYPES, type SubjectCallback, type SubjectType } from './kinds/definition';
import { knownEntry, upcast, withBody, type KnownEntry } from './upcast';

/** One map for each type of subject, so that no combined key has to be built and hashed for each entry. */
type Subjects = { readonly [T in SubjectType]: SubjectMap<States[T]> };

type AnySubjects = SubjectMap<States[SubjectType]>;
type Meta = EntryOf<'amended'> | EntryOf<'struck'>;

/**
 * The set of all entries of a garden and the state that follows from it.
 *
 * State is a function of the *set* in its total order: entries may come in any order, any number of times and
 * in any portions. Each subject is folded on its own, and only when its entries changed, so one more entry
 * costs the same in a young garden and in an old one.
 */
export class Journal {
  readonly #entries = new Map<string, StoredEntry>();
  readonly #metas = new Map<string, Meta[]>();
  readonly #subjects = Object.fromEntries(
    SUBJECT_TYPES.map((type) => [
      type,
      new SubjectMap<States[SubjectType]>(
        (id, entries) => this.#fold(type, id, entries),
        type === 'walk' ? (id) => walkedOn(id).day : undefined,
      ),
    ]),
  ) as Subjects;
  /** Blooms by each day on which they may open, so that a day's view need not fold all seasons. */
  readonly #mayOpen = new Map<Day, Set<string>>();
  #lamport = 0;
  #revision = 0;

  /** Grows with each change of the set: views compare it to know whether they are stale. */
  get revision(): number {
    return this.#revision;
  }

  /** The highest Lamport clock seen; the next entry takes one more. */
  get lamport(): number {
    return this.#lamport;
  }

  get size(): number {
    return this.#entries.size;
  }

  has(id: string): boolean {
    return this.#entries.has(id);
  }

  entry(id: string): StoredEntry | undefined {
    return this.#entries.get(id);
  }

  /** Every entry as it was stored, in no particular order. */
  entries(): IterableIterator<StoredEntry> {
    return this.#entries.values();
  }

  /** Unites the set with `entries`; those already held change nothing. */
  add(entries: Iterable<StoredEntry>): void {
    for (const entry of entries) this.#addOne(entry);
  }

  /** All states of one type by subject id. The map is live, and folds a subject when it is read. */
  all<T extends SubjectType>(type: T): ReadonlyMap<string, States[T]> {
    return this.#subjects[type];
  }

  /** Blooms expected to open on a day, or that can be pollinated from then on. */
  bloomsOf(day: Day): Bloom[] {
    const some = this.#subjects.bloom.someOf(this.#mayOpen.get(day) ?? []);
    return some.filter((bloom) => (bloom.day ?? NO_DAY) === day);
  }

  /** Blooms of which it is not known when they open: they wait under their covers. */
  bloomsWaiting(): Bloom[] {
    return this.bloomsOf(NO_DAY);
  }

  /** Is the entry neither struck nor unknown, and what does it say after amendments? */
  effective(id: string): Entry | undefined {
    const stored = this.#entries.get(id);
    const entry = stored && knownEntry(stored);
    return entry && this.#effective(entry);
  }

  #addOne(stored: StoredEntry): void {
    const held = this.#entries.get(stored.id);
    if (held) {
      this.#resolveDuplicateId(held, stored);
      return;
    }
    this.#entries.set(stored.id, stored);
    this.#revision += 1;
    if (stored.lamport > this.#lamport) this.#lamport = stored.lamport;
    const entry = knownEntry(stored);
    if (!entry) return;
    if (entry.kind === 'amended' || entry.kind === 'struck') {
      this.#addMeta(entry);
      this.#touch(entry.body.target);
      return;
    }
    // Brought up to date once, for the naming of its subjects and for their folding.
    const present = upcast(entry);
    this.#forEachSubjectEver(present, (type, id, day) => this.#file(present, type, id, day));
  }

  #file(entry: Entry, type: SubjectType, id: string, about?: Day): void {
    const subjects = this.#subjects[type] as AnySubjects;
    if (about !== undefined) {
      subjects.fileLater(about, id, entry);
      return;
    }
    const known = subjects.file(id, entry);
    if (type !== 'bloom') return;
    const day = opensOn(entry, id);
    if (day !== undefined) this.#mayOpenOn(day, id);
    else if (!known) this.#mayOpenOn(NO_DAY, id);
    if (this.#metas.has(entry.id)) this.#mayAlsoOpen(entry, id);
  }

  /** What was said of a bloom was put right or taken back, and the day on which it opens perhaps with it. */
  #mayAlsoOpen(entry: KnownEntry, id: string): void {
    this.#mayOpenOn(NO_DAY, id);
    for (const meta of this.#metas.get(entry.id) ?? []) {
      const day = amends(meta, entry) && opensOn(withBody(entry, meta.body.body), id);
      if (day) this.#mayOpenOn(day, id);
    }
  }

  #mayOpenOn(day: Day, id: string): void {
    const blooms = this.#mayOpen.get(day);
    if (blooms) blooms.add(id);
    else this.#mayOpen.set(day, new Set([id]));
  }

  /**
   * Two entries of one id and different content can only come from damage or tampering. The smaller text wins,
   * so that the state still depends on the set alone.
   */
  #resolveDuplicateId(held: StoredEntry, other: StoredEntry): void {
    if (held === other) return;
    const text = stableJson(other);
    if (text >= stableJson(held)) return;
    const rest = [...this.#entries.values()].filter((entry) => entry !== held);
    this.#clear();
    this.add([...rest, other]);
  }

  #clear(): void {
    this.#entries.clear();
    this.#metas.clear();
    for (const subjects of Object.values(this.#subjects)) subjects.clear();
    this.#mayOpen.clear();
  }

  #addMeta(meta: Meta): void {
    const { target } = meta.body;
    const list = this.#metas.get(target);
    if (list) list.push(meta);
    else this.#metas.set(target, [meta]);
    if (meta.kind === 'struck') return;
    const stored = this.#entries.get(target);
    const amended = stored && knownEntry(stored);
    if (!amended || !amends(meta, amended)) return;
    forEachSubject(withBody(amended, meta.body.body), (type, id, day) => {
      if (!this.#subjects[type].holds(id, target)) this.#file(upcast(amended), type, id, day);
    });
  }

  /** Calls back with the subjects the entry names, now or by any amendment of it, each once. */
  #forEachSubjectEver(entry: KnownEntry, each: SubjectCallback): void {
    const metas = this.#metas.get(entry.id);
    if (!metas) {
      forEachSubject(upcast(entry), each);
      return;
    }
    const seen = new Set<string>();
    const once: SubjectCallback = (type, id, day) => {
      const key = `${type}:${id}`;
      if (!seen.has(key)) each(type, id, day);
      seen.add(key);
    };
    forEachSubject(upcast(entry), once);
    for (const meta of metas) if (amends(meta, entry)) forEachSubject(withBody(entry, meta.body.body), once);
  }

  /** Marks for refolding what an entry is about; a strike of a strike leads on to what the struck one was about. */
  #touch(id: string): void {
    const seen = new Set<string>();
    let at = id;
    while (!seen.has(at)) {
      seen.add(at);
      const stored = this.#entries.get(at);
      const entry = stored && knownEntry(stored);
      if (!entry) return;
      if (entry.kind === 'amended' || entry.kind === 'struck') at = entry.body.target;
      else this.#forEachSubjectEver(entry, (type, subject) => this.#correct(entry, type, subject));
    }
  }

  #correct(entry: KnownEntry, type: SubjectType, id: string): void {
    this.#subjects[type].mark(id);
    if (type === 'bloom') this.#mayAlsoOpen(entry, id);
  }

  #fold(type: SubjectType, id: string, entries: readonly Entry[]): States[SubjectType] | undefined {
    const live = this.#liveEntries(type, id, entries);
    return live.length > 0 ? REDUCERS[type](id, live) : undefined;
  }

  #liveEntries(type: SubjectType, id: string, entries: readonly Entry[]): readonly Entry[] {
    if (this.#metas.size === 0 || !entries.some((entry) => this.#metas.has(entry.id))) return entries;
    return entries.flatMap((entry): readonly Entry[] => {
      if (!this.#metas.has(entry.id)) return [entry];
      // What only an amendment named that no longer holds is not about this subject.
      const now = this.#effective(entry);
      return now && namesSubject(now, type, id) ? [now] : [];
    });
  }

  /**
   * What an entry says after the last amendment or strike that is itself in force. Both act only on entries
   * that come before them in the order, so no ring of strikes can arise.
   */
  #effective(entry: KnownEntry): Entry | undefined {
    const metas = this.#metas.get(entry.id);
    if (!metas) return upcast(entry);
    const inForce = metas
      .filter((meta) => compareEntries(entry, meta) < 0 && (meta.kind === 'struck' || amends(meta, entry)))
      .sort(compareEntries)
      .findLast((meta) => this.#effective(meta) !== undefined);
    if (!inForce) return upcast(entry);
    return inForce.kind === 'struck' ? undefined : withBody(entry, inForce.body.body);
  }
}

/** Only facts can be amended, and only by a body of their own kind. */
const amends = (meta: Meta, entry: KnownEntry): meta is EntryOf<'amended'> =>
  meta.kind === 'amended' &&
  meta.body.of === entry.kind &&
  entry.kind !== 'amended' &&
  entry.kind !== 'struck';
