import type { Fact } from '../journal/entry';
import type { Fruit } from './fruits';

/**
 * How many of a fruit's flowers a look can still find: what was taken off or picked is not there to be counted.
 *
 * @example leftToLookAt({ histories: [history] }) // 1
 */
export const leftToLookAt = ({ histories }: Pick<Fruit, 'histories'>): number =>
  histories.filter(({ ended, harvested }) => !ended && harvested === undefined).length;

/**
 * The fact that a look found so many growing; of a fruit with a tag, that it grows.
 *
 * @param growing all that are left, where nothing else is said.
 * @example lookedGrowing(fruit).body // { bloom, seen: 'growing' }
 */
export const lookedGrowing = (
  { bloom, count, histories }: Pick<Fruit, 'bloom' | 'count' | 'histories'>,
  growing: number = leftToLookAt({ histories }),
): Fact => ({
  kind: 'looked',
  body: {
    bloom: bloom.bloom,
    seen: growing > 0 ? 'growing' : 'gone',
    ...(count > 1 && { growing, of: count }),
  },
});
