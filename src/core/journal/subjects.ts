import type { Entry } from './entry';
import type { KindDefinition, SubjectCallback, SubjectType } from './kinds/definition';
import { KINDS } from './kinds/kinds';

/**
 * Calls back with each subject an entry names. An amendment or a strike names none of its own; it acts on the
 * subjects of its target.
 */
export function forEachSubject(entry: Entry, each: SubjectCallback): void {
  const { subjects } = KINDS[entry.kind] as KindDefinition<object>;
  subjects(entry.body, each, entry.device);
}

/** Does the entry name that subject? */
export function namesSubject(entry: Entry, type: SubjectType, id: string): boolean {
  let found = false;
  forEachSubject(entry, (itsType, itsId) => (found ||= itsType === type && itsId === id));
  return found;
}
