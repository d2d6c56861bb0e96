import { wantsSeed } from '../crops/variety';
import type { Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import { meantOf } from '../journal/matingOf';
import type { Garden } from '../journal/state';
import type { Grade } from '../purity/fruitPurity';
import type { IsolationOf } from '../purity/guards';
import { purityOf } from '../purity/purityOf';
import { remediesFor, settlesFor, type RemedyReason } from '../purity/remedies';
import { finished, type InSteps } from '../time/inSteps';

/** Something that would make seed better, or known, and the number of fruits it is about. */
export interface OfFruits {
  readonly code: RemedyReason;
  readonly fruits: number;
}

/** How the seed of some fruits stands. */
export interface SeedStands {
  /** All fruits for seed that were not lost; and of those the picked ones. */
  readonly grades: Readonly<Record<Grade, number>>;
  readonly picked: Readonly<Record<Grade, number>>;
  /** The most first. */
  readonly toSettle: readonly OfFruits[];
  readonly toChange: readonly OfFruits[];
}

const NONE: Readonly<Record<Grade, number>> = { true: 0, unproven: 0, doubtful: 0, notForSeed: 0 };

/**
 * How pure the seed of some fruits is, what would settle what is not known of it, and what would have made it better.
 * Fruit that is only eaten, and what has failed or was lost, is left out.
 *
 * @example seedStands(journal, garden, [], isolationOf).toSettle // []
 */
export const seedStands = (
  ...[journal, garden, fruits, isolationOf]: Parameters<typeof seedStandsInSteps>
): SeedStands => finished(seedStandsInSteps(journal, garden, fruits, isolationOf));

/** The same, with a pause before each fruit. */
export function* seedStandsInSteps(
  journal: Journal,
  garden: Garden,
  fruits: readonly Fruit[],
  isolationOf: IsolationOf,
): InSteps<SeedStands> {
  const [grades, picked] = [{ ...NONE }, { ...NONE }];
  const [settles, changes] = [new Map<RemedyReason, number>(), new Map<RemedyReason, number>()];
  const count = (
    counts: Map<RemedyReason, number>,
    codes: readonly { readonly code: RemedyReason }[],
  ): void => codes.forEach(({ code }) => counts.set(code, (counts.get(code) ?? 0) + 1));
  for (const fruit of fruits) {
    if (!mayGiveSeed(journal, fruit)) continue;
    yield undefined;
    const purity = purityOf(journal, garden, fruit.bloom, { isolationOf });
    if (!purity) continue;
    grades[purity.grade] += 1;
    if (fruit.bloom.harvest) picked[purity.grade] += 1;
    count(settles, settlesFor(purity));
    count(changes, remediesFor(purity));
  }
  return { grades, picked, toSettle: mostFirst(settles), toChange: mostFirst(changes) };
}

/**
 * Counts of several together.
 *
 * @example together([[{ code, fruits: 2 }], [{ code, fruits: 1 }]]) // [{ code, fruits: 3 }]
 */
export function together(lists: readonly (readonly OfFruits[])[]): OfFruits[] {
  const counts = new Map<RemedyReason, number>();
  for (const { code, fruits } of lists.flat()) counts.set(code, (counts.get(code) ?? 0) + fruits);
  return mostFirst(counts);
}

const mostFirst = (counts: ReadonlyMap<RemedyReason, number>): OfFruits[] =>
  [...counts]
    .map(([code, fruits]) => ({ code, fruits }))
    .sort((a, b) => b.fruits - a.fruits || (a.code < b.code ? -1 : 1));

/**
 * Is a fruit for seed, and does it grow, or was it picked for that?
 *
 * @example mayGiveSeed(journal, { bloom: { harvest: { use: 'eat' } } }) // false
 */
export function mayGiveSeed(journal: Journal, { bloom, history, histories }: Fruit): boolean {
  // What nobody pollinated was to show what sets by itself.
  if (history.followed === 'control' || history.followed === 'left') return false;
  // What was rotten or bitter when it was opened gave none.
  if (bloom.harvest) return bloom.harvest.use === 'seed' && bloom.opened?.none === undefined;
  if (histories.every(({ failed, ended }) => failed !== undefined || ended)) return false;
  return (
    (bloom.keptOn !== undefined && bloom.code !== '') || wantsSeed(meantOf(journal, bloom)?.purpose ?? 'eat')
  );
}
