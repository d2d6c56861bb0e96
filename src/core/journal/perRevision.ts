import { finished, type InSteps } from '../time/inSteps';
import type { Journal } from './journal';

/**
 * What follows from a journal as it is: made when it is first asked for, and again once the journal has changed.
 *
 * @example const sizeOf = perRevision((journal) => journal.size) // counts once for each change
 */
export function perRevision<T>(make: (journal: Journal) => T): (journal: Journal) => T {
  const known = new WeakMap<Journal, Made<T>>();
  return (journal) => {
    const { revision } = journal;
    const held = known.get(journal);
    if (held?.revision === revision) return held.made;
    const made = make(journal);
    known.set(journal, { revision, made });
    return made;
  };
}

interface Made<T> {
  readonly revision: number;
  readonly made: T;
}

/** What takes long to make. */
export interface SlowPerRevision<T> {
  readonly now: (journal: Journal) => T;
  /** Makes it with pauses; at once where the journal changed within one. */
  readonly inSteps: (journal: Journal) => InSteps<T>;
}

/** As `perRevision`, of what takes long: whoever can wait makes it with pauses, and nobody makes it again. */
export function perRevisionInSteps<T>(make: (journal: Journal) => InSteps<T>): SlowPerRevision<T> {
  const known = new WeakMap<Journal, Made<T>>();
  const heldOf = (journal: Journal): Made<T> | undefined => {
    const held = known.get(journal);
    return held?.revision === journal.revision ? held : undefined;
  };
  const now = (journal: Journal): T => {
    const held = heldOf(journal) ?? { revision: journal.revision, made: finished(make(journal)) };
    known.set(journal, held);
    return held.made;
  };
  return {
    now,
    *inSteps(journal) {
      const { revision } = journal;
      if (heldOf(journal)) return now(journal);
      const made = yield* make(journal);
      if (journal.revision === revision) known.set(journal, { revision, made });
      return now(journal);
    },
  };
}
