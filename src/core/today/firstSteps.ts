import type { Journal } from '../journal/journal';
import { plantsIn } from '../garden/places';

/** What comes first in a new garden, in this order. */
export const FIRST_STEPS = ['plants', 'crossing', 'walk'] as const;
export type FirstStep = (typeof FIRST_STEPS)[number];

export interface FirstSteps {
  readonly plants: number;
  readonly done: readonly FirstStep[];
}

/**
 * The first steps of a garden and which of them are done: plants on the plan, a look at what endangers what, the first
 * walk. Once flowers were looked at there are none any more.
 *
 * @param sawCrossing was the page of crossing risks opened?
 * @example firstSteps(new Journal(), false) // { plants: 0, done: [] }
 */
export function firstSteps(journal: Journal, sawCrossing: boolean): FirstSteps | undefined {
  if (journal.hasAny('walk') || journal.hasAny('bloom')) return undefined;
  const plants = plantsIn([...journal.all('plant').values()].filter(({ removed }) => !removed));
  const done: FirstStep[] = [];
  if (plants > 0) done.push('plants');
  if (sawCrossing && plants > 0) done.push('crossing');
  return { plants, done };
}
