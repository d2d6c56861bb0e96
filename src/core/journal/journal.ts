import type { Day, Instant } from '../time/types';
import type { Entry, Fact, StoredEntry } from './entry';
import { Corrections, isCorrection, targetsOf } from './corrections';
import { DayIndex, daysWithin } from './dayIndex';
import type { GardenView } from './gardenOn';
import { parseWalkId } from './kinds/walk';
import { foldSubject } from './reduce';
import { NO_DAY, opensOn } from './opensOn';
import { AS_STORED, movedBody, movedInstant, reversed, type Retiming } from './retiming';
import { stableJson } from './stableJson';
import type { Bloom, Round, States, Walk } from './state';
import { SubjectMap } from './subjectMap';
import { forEachSubject, namesSubject } from './subjects';
import type { EntryAbout } from './taking';
import { isKind } from './kinds/kinds';
import { SUBJECT_TYPES, type SubjectCallback, type SubjectType } from './kinds/definition';
import { knownEntry, upcast, type KnownEntry } from './upcast';

/** One map for each type of subject, so that no combined key has to be built and hashed for each entry. */
type Subjects = { readonly [T in SubjectType]: SubjectMap<States[T]> };

type AnySubjects = SubjectMap<States[SubjectType]>;

/** One thing the journal speaks of, with the entries in force that name it, in their total order. */
export interface EverySubject<T extends SubjectType> {
  readonly id: string;
  readonly entries: readonly Entry[];
  readonly state: States[T] | undefined;
}

/**
 * The set of all entries of a garden and the state that follows from it.
 *
 * State is a function of the *set* in its total order: entries may come in any order, any number of times and
 * in any portions. Each subject is folded on its own, and only when its entries changed, so one more entry
 * costs the same in a young garden and in an old one.
 */
export class Journal implements GardenView {
  readonly #entries = new Map<string, StoredEntry>();
  readonly #corrections = new Corrections();
  readonly #subjects = Object.fromEntries(
    SUBJECT_TYPES.map((type) => [
      type,
      new SubjectMap<States[SubjectType]>(
        (id, entries) => this.#fold(type, id, entries),
        type === 'walk' ? (id) => parseWalkId(id).day : undefined,
      ),
    ]),
  ) as Subjects;
  /** Blooms by the days on which they may open, and rounds by those that they may serve. */
  readonly #mayOpen = new DayIndex();
  readonly #mayServe = new DayIndex();
  /** The entry that is filed: one function files all of them, where one for each would double what is to be swept up. */
  #filing: Entry | undefined;
  readonly #fileIt: SubjectCallback = (type, id, day) => this.#file(this.#filing!, type, id, day);
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

  /** Every subject of a type, also one of which no entry in force speaks any more. */
  *everything<T extends SubjectType>(type: T): Generator<EverySubject<T>, undefined> {
    for (const { id, entries, state } of this.#subjects[type].everything())
      yield { id, entries: this.#liveEntries(type, id, entries), state: state as States[T] | undefined };
    return undefined;
  }

  /** What the entries in force say of a subject, in order. */
  entriesAbout(type: SubjectType, id: string): readonly Entry[] {
    return this.#liveEntries(type, id, this.#subjects[type].entriesOf(id));
  }

  /** Is there any of that type? Cheaper than to ask how many. */
  hasAny(type: SubjectType): boolean {
    return this.#subjects[type].hasAny();
  }

  /** Blooms expected to open on a day, or that can be pollinated from then on, or found on it after they had set. */
  bloomsOf(day: Day): Bloom[] {
    const some = this.#subjects.bloom.someOf(this.#mayOpen.of(day));
    return some.filter((bloom) => (bloom.day ?? bloom.keptOn ?? NO_DAY) === day);
  }

  /** Blooms that open from one day on, day by day; those of earlier years are not folded for it. */
  bloomsBetween(from: Day, to?: Day): Bloom[] {
    return daysWithin(this.#mayOpen.days(), from, to).flatMap((day) => this.bloomsOf(day));
  }

  /** What was seen and covered from one day on, day by day; visits of earlier years are not folded for it. */
  walksBetween(from: Day, to?: Day): Walk[] {
    const { walk } = this.#subjects;
    return daysWithin(walk.days(), from, to).flatMap((day) => walk.ofDay(day));
  }

  /** Blooms of which it is not known when they open: they wait under their covers. */
  bloomsWaiting(): Bloom[] {
    return this.bloomsOf(NO_DAY);
  }

  /** Rounds that serve a day, in no order that means anything. */
  roundsOf(day: Day): Round[] {
    return this.#subjects.round.someOf(this.#mayServe.of(day)).filter((round) => round.day === day);
  }

  /** Is the entry neither struck nor unknown, and what does it say after its corrections? */
  effective(id: string): Entry | undefined {
    const stored = this.#entries.get(id);
    const entry = stored && knownEntry(stored);
    return entry && this.#corrections.effective(entry);
  }

  /** Does it hold any correction of times? */
  get retimes(): boolean {
    return this.#corrections.retimes;
  }

  /** By how much the times of an entry are put right now. */
  retimingOf(id: string): Retiming {
    const stored = this.#entries.get(id);
    return stored ? this.#corrections.retimingOf(stored) : AS_STORED;
  }

  /** When an entry was recorded, by a clock that was put right since where it was wrong. */
  recordedAt(entry: StoredEntry): Instant {
    const retiming = this.#corrections.retimingOf(entry);
    return retiming === AS_STORED ? entry.recorded : movedInstant(entry.recorded, retiming);
  }

  /** A correction of an entry whose times were put right, in the times under which that entry is stored. */
  asStored(fact: Fact): Fact {
    if (fact.kind !== 'amended') return fact;
    const { target, of, body } = fact.body;
    const back = reversed(this.retimingOf(target));
    return isKind(of) ? { ...fact, body: { target, of, body: movedBody(of, body, back) } } : fact;
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
    if (isCorrection(entry)) {
      this.#corrections.add(entry);
      for (const target of targetsOf(entry)) this.#correct(target);
      return;
    }
    // Brought up to date once, for the naming of its subjects and for their folding.
    this.#filing = upcast(entry);
    this.#forEachSubjectEver(this.#filing, this.#fileIt);
  }

  #file(entry: Entry, type: SubjectType, id: string, about?: Day): void {
    const subjects = this.#subjects[type] as AnySubjects;
    if (about !== undefined) {
      subjects.fileLazily(about, id, entry);
      return;
    }
    const known = subjects.file(id, entry);
    if (type === 'round' && entry.kind === 'round.planned') this.#mayServe.add(entry.body.day, id);
    if (type === 'bloom') {
      const day = opensOn(entry as EntryAbout<'bloom'>, id);
      if (day !== undefined) this.#mayOpen.add(day, id);
      else if (!known) this.#mayOpen.add(NO_DAY, id);
    }
    if (this.#corrections.concern(entry)) this.#reindexDays(entry, type, id);
  }

  /** What was said of a bloom or a round was put right or taken back, and the day that it is of perhaps with it. */
  #reindexDays(entry: KnownEntry, type: SubjectType, id: string): void {
    if (type === 'bloom') {
      this.#mayOpen.add(NO_DAY, id);
      for (const version of this.#corrections.versionsOf(entry)) {
        const day = opensOn(version as EntryAbout<'bloom'>, id);
        if (day) this.#mayOpen.add(day, id);
      }
    } else if (type === 'round') {
      for (const version of this.#corrections.versionsOf(entry)) {
        if (version.kind === 'round.planned') this.#mayServe.add(version.body.day, id);
      }
    }
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
    this.#corrections.clear();
    for (const subjects of Object.values(this.#subjects)) subjects.clear();
    this.#mayOpen.clear();
    this.#mayServe.clear();
  }

  #correct(target: string): void {
    this.#fileVersions(target);
    this.#touch(target);
  }

  /** Files a corrected entry under the subjects that only a correction names. */
  #fileVersions(target: string): void {
    const stored = this.#entries.get(target);
    const entry = stored && knownEntry(stored);
    if (!entry || isCorrection(entry)) return;
    this.#forEachSubjectEver(entry, (type, id, day) => {
      if (!this.#subjects[type].holds(id, target)) this.#file(upcast(entry), type, id, day);
    });
  }

  /** Calls back with the subjects the entry names, now or by any correction of it, each once. */
  #forEachSubjectEver(entry: KnownEntry, each: SubjectCallback): void {
    if (!this.#corrections.concern(entry)) {
      forEachSubject(upcast(entry), each);
      return;
    }
    const seen = new Set<string>();
    const once: SubjectCallback = (type, id, day) => {
      const key = `${type}:${id}`;
      if (!seen.has(key)) each(type, id, day);
      seen.add(key);
    };
    for (const version of this.#corrections.versionsOf(entry)) forEachSubject(version, once);
  }

  /** Marks for refolding what an entry is about; a strike of a strike leads on to what the struck one was about. */
  #touch(id: string): void {
    const seen = new Set<string>();
    const waiting = [id];
    for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
      if (seen.has(at)) continue;
      seen.add(at);
      const stored = this.#entries.get(at);
      const entry = stored && knownEntry(stored);
      if (!entry) continue;
      if (isCorrection(entry)) waiting.push(...targetsOf(entry));
      else this.#forEachSubjectEver(entry, (type, subject) => this.#mark(entry, type, subject));
    }
  }

  #mark(entry: KnownEntry, type: SubjectType, id: string): void {
    this.#subjects[type].mark(id);
    this.#reindexDays(entry, type, id);
  }

  #fold(type: SubjectType, id: string, entries: readonly Entry[]): States[SubjectType] | undefined {
    const live = this.#liveEntries(type, id, entries);
    return live.length > 0 ? foldSubject(type, id, live) : undefined;
  }

  #liveEntries(type: SubjectType, id: string, entries: readonly Entry[]): readonly Entry[] {
    if (!this.#corrections.any || !entries.some((entry) => this.#corrections.concern(entry))) return entries;
    return entries.flatMap((entry): readonly Entry[] => {
      if (!this.#corrections.concern(entry)) return [entry];
      // What only a correction named that no longer holds is not about this subject.
      const now = this.#corrections.effective(entry);
      return now && namesSubject(now, type, id) ? [now] : [];
    });
  }
}
