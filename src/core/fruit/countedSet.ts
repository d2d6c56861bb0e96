import { cohortOf } from '../journal/cohort';
import { groupBy } from '../text/groupBy';
import type { Fruit } from './fruits';
import { clusteredWilson, type Share } from '../statistics/wilson';

/** Fruit counted on trusses and stands, of so many flowers that had opened, whoever pollinated them. */
export interface CountedSet extends Share {
  /** Of those that set: grown unevenly, where that was counted. */
  readonly misshapen: number;
}

/**
 * How many set where fruit was counted without anybody having recorded a pollination, as it was first counted, with its
 * 95 % interval; flowers of one plant count as a cluster.
 *
 * @returns `undefined` where none was counted.
 * @example countedSet([truss])?.share // 0.625: of 8 flowers 5 set
 */
export function countedSet(fruits: readonly Fruit[]): CountedSet | undefined {
  const counts = fruits.flatMap(({ bloom, history, plant }) => {
    const first =
      history.followed === 'found' && cohortOf(bloom.bloom)
        ? bloom.looks.find(({ of, growing }) => of !== undefined && growing !== undefined)
        : undefined;
    return first
      ? [{ plant: plant.plant, hits: first.growing!, of: first.of!, misshapen: first.misshapen ?? 0 }]
      : [];
  });
  if (counts.length === 0) return undefined;
  const plants = [...groupBy(counts, ({ plant }) => plant).values()].map((own) => ({
    hits: own.reduce((sum, { hits }) => sum + hits, 0),
    of: own.reduce((sum, { of }) => sum + of, 0),
  }));
  return { ...clusteredWilson(plants), misshapen: counts.reduce((sum, each) => sum + each.misshapen, 0) };
}
