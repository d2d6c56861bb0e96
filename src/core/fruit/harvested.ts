import type { Fact } from '../journal/entry';
import type { HarvestUse, TagState } from '../journal/kinds/fruit';

/**
 * How the tag of a fruit was found. Of the fruit itself it says nothing: one that had failed has not recovered because
 * its tag was read.
 *
 * @example tagFound('f', 'gone').body.seen // 'unsure'
 */
export const tagFound = (bloom: string, tag: TagState): Extract<Fact, { kind: 'looked' }> => ({
  kind: 'looked',
  body: { bloom, seen: 'unsure', tag },
});

/** What a fruit was picked for, and how its tag and its plant looked then. */
export interface Harvested {
  readonly use: HarvestUse;
  readonly tag: TagState;
  /** Its plant looked healthy and true to its variety. */
  readonly typical: boolean;
  readonly grams?: number | undefined;
}

/**
 * Some of a cohort that were picked to eat: nobody tells them apart, so that nothing else is said of them.
 *
 * @example pickedToEat('p1|2026-07-19|flower|female', 2).body.count // 2
 */
export const pickedToEat = (
  cohort: string,
  count: number,
  grams?: number,
): Extract<Fact, { kind: 'harvested' }> => ({
  kind: 'harvested',
  body: {
    ...{ bloom: cohort, use: 'eat', tagThere: false, typical: true, count },
    ...(grams !== undefined && { grams }),
  },
});

/**
 * A fruit that was picked; a tag that was hard to read is told before it.
 *
 * @example harvested('f', { use: 'seed', tag: 'hardToRead', typical: true }).map(({ kind }) => kind) // ['looked', 'harvested']
 */
export const harvested = (bloom: string, { use, tag, typical, grams }: Harvested): readonly Fact[] => [
  ...(tag === 'hardToRead' ? [tagFound(bloom, tag)] : []),
  {
    kind: 'harvested',
    body: { bloom, use, tagThere: tag !== 'gone', typical, ...(grams !== undefined && { grams }) },
  },
];
