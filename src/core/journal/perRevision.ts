import type { Journal } from './journal';

/**
 * What follows from a journal as it is: made when it is first asked for, and again once the journal has changed.
 *
 * @example const sizeOf = perRevision((journal) => journal.size) // counts once for each change
 */
export function perRevision<T>(make: (journal: Journal) => T): (journal: Journal) => T {
  const known = new WeakMap<Journal, { readonly revision: number; readonly made: T }>();
  return (journal) => {
    const { revision } = journal;
    const held = known.get(journal);
    if (held?.revision === revision) return held.made;
    const made = make(journal);
    known.set(journal, { revision, made });
    return made;
  };
}
