import { cropOf } from '../crops/catalogue';
import { wantsSeed } from '../crops/variety';
import type { Journal } from '../journal/journal';
import { plantsIn } from '../garden/places';

/** What comes first in a new garden, in this order. */
const FIRST_STEPS = ['plants', 'crossing', 'walk'] as const;
export type FirstStep = (typeof FIRST_STEPS)[number];

export interface FirstSteps {
  readonly plants: number;
  /** What there is to do; what crosses is of no concern to who eats all of it. */
  readonly steps: readonly FirstStep[];
  readonly done: readonly FirstStep[];
}

/**
 * The first steps of a garden and which of them are done: plants on the plan, a look at what endangers what, the first
 * walk. Once flowers were looked at there are none any more.
 *
 * @param sawCrossing was the page of crossing risks opened?
 * @example firstSteps(new Journal(), false) // { plants: 0, steps: ['plants', 'walk'], done: [] }
 */
export function firstSteps(journal: Journal, sawCrossing: boolean): FirstSteps | undefined {
  if (journal.hasAny('walk') || journal.hasAny('bloom')) return undefined;
  const plants = plantsIn([...journal.all('plant').values()].filter(({ removed }) => !removed));
  const done: FirstStep[] = [];
  if (plants > 0) done.push('plants');
  if (sawCrossing && plants > 0) done.push('crossing');
  const steps = FIRST_STEPS.filter((step) => step !== 'crossing' || doesCrossingMatter(journal));
  return { plants, steps, done };
}

/** Is anything grown for seed, or for what pollen from elsewhere spoils this year? */
const doesCrossingMatter = (journal: Journal): boolean =>
  [...journal.all('variety').values()].some(
    ({ crop, purpose, traits }) =>
      wantsSeed(purpose) || cropOf(crop).xenia === true || traits.parthenocarpic || traits.seedless,
  );
