import type { Journal } from '../journal/journal';
import type { Bloom } from '../journal/state';
import { wilson, type Share } from './wilson';

/** Flowers that were left without pollen, to see what sets by itself. */
export interface Controls {
  /** Those that somebody has looked at. */
  readonly looked: number;
  readonly set: number;
  readonly share: Share;
}

const isControl = (bloom: Bloom): boolean => bloom.role === 'control' && bloom.pollination === undefined;

/**
 * How many of the unpollinated controls of a variety were growing at their last look: the share of fruit to be expected
 * from pollen that nobody brought. One that was pollinated after all is none.
 *
 * @example controlsOf(new Journal(), 'v').looked // 0
 */
export function controlsOf(journal: Journal, variety: string): Controls {
  const plants = journal.all('plant');
  const looked = [...journal.all('bloom').values()].filter(
    (bloom) => isControl(bloom) && bloom.looks.length > 0 && plants.get(bloom.plant)?.variety === variety,
  );
  const set = looked.filter(({ looks }) => looks.at(-1)!.seen === 'growing').length;
  return { looked: looked.length, set, share: wilson(set, looked.length) };
}
