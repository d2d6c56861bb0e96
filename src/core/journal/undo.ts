import { groupBy } from '../text/groupBy';
import type { StoredEntry } from './entry';
import type { Journal } from './journal';
import { compareEntries } from './order';

/** Entries of one tap, and whether they now hold. */
export interface Action {
  readonly action: string;
  readonly entries: readonly StoredEntry[];
}

const isStrike = (entry: StoredEntry): boolean => entry.kind === 'struck';

/** A device's actions, newest first. */
function actionsOf(own: readonly StoredEntry[]): Action[] {
  const sorted = [...own].sort(compareEntries);
  return [...groupBy(sorted, ({ action }) => action)]
    .map(([action, entries]) => ({ action, entries }))
    .reverse();
}

const inForce = (journal: Journal, { entries }: Action): boolean =>
  entries.some(({ id }) => journal.effective(id) !== undefined);

/**
 * The action that undo takes back: the device's last one that still holds. Never another device's.
 *
 * @param own entries of this device; those of the last hours are enough.
 * @example undoable(journal, []) // undefined
 */
export const undoable = (journal: Journal, own: readonly StoredEntry[]): Action | undefined =>
  actionsOf(own).find((action) => !action.entries.every(isStrike) && inForce(journal, action));

/**
 * The undo that redo takes back: the last one in force, unless something new was done since.
 *
 * @example redoable(journal, []) // undefined
 */
export function redoable(journal: Journal, own: readonly StoredEntry[]): Action | undefined {
  for (const action of actionsOf(own)) {
    if (!action.entries.every(isStrike)) return undefined;
    // An undo takes back an action that said something; a redo takes back an undo, which is strikes only.
    const takesBackFacts = action.entries.some((entry) => {
      const target = journal.entry((entry.body as { target: string }).target);
      return target !== undefined && !isStrike(target);
    });
    if (takesBackFacts && inForce(journal, action)) return action;
  }
  return undefined;
}
