import { groupBy } from '../text/groupBy';
import type { EntryOf, StoredEntry } from './entry';
import type { Journal } from './journal';
import type { Kind } from './kinds/kinds';
import { compareEntries } from './order';

/** Entries of one tap, and whether they now hold. */
export interface Action {
  readonly action: string;
  readonly entries: readonly StoredEntry[];
}

/**
 * Kinds of entries by the work they belong to: what is undone at a plant of the walk, at a stop of the round or at a
 * fruit is work done there, not a setting made at home.
 */
export const WORK = {
  walk: [
    ...['scouted', 'swept', 'covered', 'receptive', 'stripped', 'emasculated'],
    ...['plant.noted', 'plant.removed'],
  ],
  round: ['round.planned', 'picked', 'pollinated', 'missed', 'tagged'],
  routine: ['rowPollinated'],
  plan: [
    ...['bed.laid', 'variety.described', 'planting.set', 'plants.set', 'plan.removed', 'barrier.set'],
    ...['outside.described', 'surroundings.described', 'flowering.seen', 'mating.set', 'plant.removed'],
  ],
  cages: ['cage.set', 'cage.opened'],
  ties: ['tie.set'],
  ways: ['ways.set'],
  open: ['counted', 'pollinated', 'tagged', 'stripped', 'plant.noted', 'plant.removed'],
  fruit: ['looked', 'removed', 'harvested', 'tagged'],
} as const satisfies Record<string, readonly Kind[]>;

export type Work = keyof typeof WORK;

const isStrike = (entry: StoredEntry): boolean => entry.kind === 'struck';

/** What an entry is about in the end: a correction is about what the corrected one was about. */
function kindMeant(journal: Journal, entry: StoredEntry): string {
  if (entry.kind === 'amended') return (entry.body as EntryOf<'amended'>['body']).of;
  if (entry.kind !== 'struck') return entry.kind;
  const target = journal.entry((entry.body as EntryOf<'struck'>['body']).target);
  return target ? kindMeant(journal, target) : entry.kind;
}

/** The letter of a device comes with its first tag, whatever that is for. */
const ALONG = 'device.named';

/** Is an action this work, and nothing but it? Of no work in particular, every action is. */
function belongs(journal: Journal, { entries }: Action, work: Work | undefined): boolean {
  if (!work) return true;
  const kinds = entries.map((entry) => kindMeant(journal, entry)).filter((kind) => kind !== ALONG);
  const meant: readonly string[] = WORK[work];
  return kinds.length > 0 && kinds.every((kind) => meant.includes(kind));
}

/** What a garden begins with is not undone: without it there is no garden. */
const beginsGarden = ({ entries }: Action): boolean =>
  entries.some(({ kind }) => kind === 'garden.described');

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
 * The action that undo takes back: the device's last one that still holds. Never another device's, and never the
 * beginning of the garden.
 *
 * @param own entries of this device; those of the last hours are enough.
 * @param work of which undo is asked; without it, of all.
 * @example undoable(journal, []) // undefined
 */
export function undoable(journal: Journal, own: readonly StoredEntry[], work?: Work): Action | undefined {
  for (const action of actionsOf(own)) {
    if (beginsGarden(action)) return undefined;
    if (!action.entries.every(isStrike) && belongs(journal, action, work) && inForce(journal, action))
      return action;
  }
  return undefined;
}

/**
 * The undo that redo takes back: the last one in force, unless something new was done since.
 *
 * @param work of which redo is asked; without it, of all.
 * @example redoable(journal, []) // undefined
 */
export function redoable(journal: Journal, own: readonly StoredEntry[], work?: Work): Action | undefined {
  for (const action of actionsOf(own)) {
    if (!action.entries.every(isStrike)) return undefined;
    // An undo takes back an action that said something; a redo takes back an undo, which is strikes only.
    const takesBackFacts = action.entries.some((entry) => {
      const target = journal.entry((entry.body as { target: string }).target);
      return target !== undefined && !isStrike(target);
    });
    if (takesBackFacts && inForce(journal, action) && belongs(journal, action, work)) return action;
  }
  return undefined;
}
