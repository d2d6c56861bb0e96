import type { LookFinding } from './kinds/fruit';
import type { Bloom, Look } from './state';

/** Seen so, a fruit grows, if not as it should. */
export const GROWING: readonly LookFinding[] = ['growing', 'misshapen'];
/** Seen so, it has failed. */
export const FAILED: readonly LookFinding[] = ['yellowing', 'gone'];

/**
 * Is there nothing more to do with a bloom: was it taken off, lost or harvested, or had it failed when it was last seen?
 *
 * @example isGone({ looks: [{ seen: 'gone', … }] }) // true
 */
export function isGone({ removed, harvest, looks }: Pick<Bloom, 'removed' | 'harvest' | 'looks'>): boolean {
  if (removed || harvest) return true;
  const last = looks.findLast(({ seen }) => GROWING.includes(seen) || FAILED.includes(seen));
  return last !== undefined && FAILED.includes(last.seen);
}

/**
 * Does a look say anything of the fruit, besides its tag?
 *
 * @example isOfFruit({ seen: 'unsure', tag: 'gone' }) // false
 */
export const isOfFruit = ({ seen, tag }: Pick<Look, 'seen' | 'tag'>): boolean =>
  tag === undefined || seen !== 'unsure';
