import { groupBy } from '../text/groupBy';
import type { EntryOf, StoredEntry } from './entry';
import type { Journal } from './journal';
import { isKind, type Kind } from './kinds/kinds';
import { compareEntries } from './order';

/** Entries of one tap, and whether they now hold. */
export interface Action {
  readonly action: string;
  readonly entries: readonly StoredEntry[];
}

/** Where work is undone: at a plant of the walk, at a stop of the round, at a fruit … */
export type Work =
  | 'walk'
  | 'round'
  | 'routine'
  | 'plan'
  | 'cages'
  | 'ties'
  | 'ways'
  | 'open'
  | 'fruit'
  | 'trials'
  | 'seed'
  | 'blossoms';

/**
 * The work that entries of each kind belong to. What belongs to none is undone where all is, such as a setting made at
 * home.
 */
const WORK: Readonly<Record<Kind, readonly Work[]>> = {
  'garden.described': [],
  'device.named': [],
  'season.named': ['plan'],
  'bed.laid': ['plan'],
  'barrier.set': ['plan'],
  'outside.described': ['plan'],
  'surroundings.described': ['plan'],
  'surroundings.looked': ['plan'],
  'plan.removed': ['plan'],
  'plants.set': ['plan'],
  'plants.ended': ['plan'],
  'plant.removed': ['walk', 'plan', 'open'],
  'plant.noted': ['walk', 'open'],
  'plant.selected': ['fruit'],
  'variety.described': ['plan'],
  'flowering.seen': ['plan'],
  'flowering.over': ['plan'],
  'planting.set': ['plan'],
  'cage.set': ['cages'],
  'cage.opened': ['cages'],
  'cage.stocked': ['cages'],
  'mating.set': ['plan'],
  emasculated: ['walk'],
  'pollen.mixed': ['round'],
  'pollen.emptied': ['round'],
  scouted: ['walk'],
  swept: ['walk'],
  rowPollinated: ['routine'],
  counted: ['open'],
  covered: ['walk'],
  receptive: ['walk'],
  'round.planned': ['round'],
  picked: ['round'],
  pollinated: ['round', 'open'],
  missed: ['round'],
  uncovered: ['round', 'fruit'],
  'stop.left': ['round'],
  tagged: ['round', 'open', 'fruit'],
  looked: ['fruit'],
  retagged: ['fruit'],
  stripped: ['walk', 'open', 'round'],
  'fruit.counted': ['routine', 'fruit'],
  removed: ['fruit', 'round'],
  'fruits.ended': ['plan'],
  harvested: ['fruit'],
  'fruit.opened': ['seed'],
  'seed.extracted': ['seed'],
  'seed.prepared': ['seed'],
  'lot.received': ['seed'],
  'lot.filled': ['seed'],
  'lot.measured': ['seed'],
  'lot.used': ['seed', 'plan'],
  'lot.described': ['seed'],
  'germination.begun': ['seed'],
  'germination.counted': ['seed'],
  'hours.seen': [],
  'weather.noted': [],
  'weather.read': [],
  'tie.set': ['ties'],
  'ways.set': ['ways'],
  'blossoms.picked': ['blossoms'],
  'blossoms.priced': ['blossoms'],
  'trial.planned': ['trials'],
  'trial.dealt': ['round', 'open'],
  'trial.ended': ['trials'],
  amended: [],
  struck: [],
  'times.corrected': [],
};

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
  return kinds.length > 0 && kinds.every((kind) => isKind(kind) && WORK[kind].includes(work));
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
