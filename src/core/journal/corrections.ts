import type { Entry, EntryOf, StoredEntry } from './entry';
import { addToGroup } from '../text/groupBy';
import { compareEntries } from './order';
import { AS_STORED, retimed, type Retiming } from './retiming';
import { upcast, withBody, type KnownEntry } from './upcast';

/** Entries about one other entry. */
type Meta = EntryOf<'amended'> | EntryOf<'struck'>;
type TimesCorrected = EntryOf<'times.corrected'>;
export type Correction = Meta | TimesCorrected;

export const isCorrection = (entry: Entry): entry is Correction =>
  entry.kind === 'amended' || entry.kind === 'struck' || entry.kind === 'times.corrected';

/** The entries that a correction acts on, each once. */
export const targetsOf = (correction: Correction): Iterable<string> =>
  correction.kind === 'times.corrected' ? new Set(correction.body.targets) : [correction.body.target];

/** Only facts can be amended, and only by a body of their own kind. */
const amends = (meta: Meta, entry: KnownEntry): meta is EntryOf<'amended'> =>
  meta.kind === 'amended' && meta.body.of === entry.kind && !isCorrection(entry);

/** The corrections of a journal by the entry they act on, and what that says after them. */
export class Corrections {
  readonly #metas = new Map<string, Meta[]>();
  readonly #retimings = new Map<string, TimesCorrected[]>();

  get any(): boolean {
    return this.#metas.size > 0 || this.#retimings.size > 0;
  }

  /** Is there any correction of times? */
  get retimes(): boolean {
    return this.#retimings.size > 0;
  }

  add(correction: Correction): void {
    if (correction.kind !== 'times.corrected') addToGroup(this.#metas, correction.body.target, correction);
    else for (const target of targetsOf(correction)) addToGroup(this.#retimings, target, correction);
  }

  clear(): void {
    this.#metas.clear();
    this.#retimings.clear();
  }

  /** Does any correction act on the entry, whether it is in force or not? */
  concern({ id }: StoredEntry): boolean {
    return this.#metas.has(id) || this.#retimings.has(id);
  }

  /** What an entry says as it is stored and after each of its corrections, whether in force or not. */
  versionsOf(entry: KnownEntry): Entry[] {
    const said = [upcast(entry)];
    for (const meta of this.#metas.get(entry.id) ?? [])
      if (amends(meta, entry)) said.push(withBody(entry, meta.body.body));
    const retimings = this.#retimings.get(entry.id) ?? [];
    return [...said, ...retimings.flatMap(({ body }) => said.map((each) => retimed(each, body)))];
  }

  /** What an entry says after its corrections that are in force; nothing when it was taken back. */
  effective(entry: KnownEntry): Entry | undefined {
    const said = this.#standing(entry);
    return said && this.#retimings.has(entry.id) ? retimed(said, this.retimingOf(entry)) : said;
  }

  /** By how much its times are put right: the last correction of them in force counts, from what is stored. */
  retimingOf(entry: StoredEntry): Retiming {
    const inForce = this.#retimings
      .get(entry.id)
      ?.filter((retiming) => compareEntries(entry, retiming) < 0)
      .sort(compareEntries)
      .findLast((retiming) => this.#standing(retiming) !== undefined);
    return inForce?.body ?? AS_STORED;
  }

  /**
   * What an entry says, under the times it is stored with, after the last amendment or strike that is itself in force.
   * Both act only on entries that come before them in the order, so no ring of strikes can arise.
   */
  #standing(entry: KnownEntry): Entry | undefined {
    const metas = this.#metas.get(entry.id);
    if (!metas) return upcast(entry);
    const inForce = metas
      .filter((meta) => compareEntries(entry, meta) < 0 && (meta.kind === 'struck' || amends(meta, entry)))
      .sort(compareEntries)
      .findLast((meta) => this.#standing(meta) !== undefined);
    if (!inForce) return upcast(entry);
    return inForce.kind === 'struck' ? undefined : withBody(entry, inForce.body.body);
  }
}
