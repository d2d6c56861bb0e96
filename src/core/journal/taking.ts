import type { Entry, EntryOf } from './entry';
import type { SubjectType } from './kinds/definition';
import type { Kind, KindsAbout } from './kinds/kinds';

/** An entry that names a type of subject. */
export type EntryAbout<T extends SubjectType> = Extract<Entry, { readonly kind: KindsAbout<T> }>;

/** What of a kind counts for a subject: the last entry, all of them, or none at all. */
type Take = 'last' | 'all' | 'nothing';

/** What was taken of each kind; of one that counts nothing there is nothing to read. */
type Taken<Spec> = {
  readonly [K in keyof Spec & Kind as Spec[K] extends 'nothing' ? never : K]: Spec[K] extends 'last'
    ? EntryOf<K> | undefined
    : readonly EntryOf<K>[];
};

/**
 * How the entries of a subject are sorted before it is folded. Every kind that may name the subject is listed, so a new
 * kind that is recorded and counted nowhere does not compile; what counts nothing says so.
 *
 * @example
 * const tieOf = taking<'tie'>()({ 'tie.set': 'last' });
 * tieOf(entries)['tie.set']?.body // what the colour was last said to mean
 */
export const taking =
  <T extends SubjectType>() =>
  <const Spec extends { readonly [K in KindsAbout<T>]: Take }>(spec: Spec) =>
  (entries: readonly EntryAbout<T>[]): Taken<Spec> => {
    const taken: Record<string, unknown> = {};
    const takes = Object.entries(spec) as [string, Take][];
    for (const [kind, take] of takes) if (take === 'all') taken[kind] = [];
    for (const entry of entries) {
      const take = (spec as Readonly<Record<string, Take>>)[entry.kind];
      if (take === 'last') taken[entry.kind] = entry;
      if (take === 'all') (taken[entry.kind] as Entry[]).push(entry);
    }
    return taken as Taken<Spec>;
  };
