import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { parseWalkId } from '../journal/kinds/walk';
import { plantsIn } from '../garden/places';

/** What goes with a bed or a variety that is deleted. */
export interface Deletion {
  readonly facts: readonly Fact[];
  /** How many plants go with it. */
  readonly plants: number;
}

/**
 * Deletes a bed or a variety, its plants with it; all in one action, which one Undo takes back.
 *
 * @example deletionOf(journal, 'bed', 'b')?.plants // 12
 * @returns nothing where flowers of its plants were recorded: what they grew in and what they were has to stay known.
 */
export function deletionOf(journal: Journal, what: 'bed' | 'variety', id: string): Deletion | undefined {
  const own = [...journal.all('plant').values()].filter((plant) => plant[what] === id);
  const walked = new Set([...journal.all('walk').keys()].map((walk) => parseWalkId(walk).plant));
  if (own.some(({ plant }) => walked.has(plant))) return undefined;
  const standing = own.filter(({ removed }) => !removed);
  return {
    plants: plantsIn(standing),
    facts: [
      ...standing.map(({ plant }): Fact => ({ kind: 'plant.removed', body: { plant, why: 'other' } })),
      { kind: 'plan.removed', body: { what, id } },
    ],
  };
}
