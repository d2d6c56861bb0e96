import { cropOf } from '../crops/catalogue';
import { wantsSeed } from '../crops/variety';
import { meantOf } from '../journal/matingOf';
import type { Journal } from '../journal/journal';
import { isOnPlant } from './fruitHistory';
import type { Fruit } from './fruits';

/** A fruit that can be picked. */
export interface Ripe {
  readonly fruit: Fruit;
  readonly use: 'eat' | 'seed';
  /** Of one that nobody tells apart from others: how many are on the plant. */
  readonly count: number;
  /** Days since it became so. */
  readonly since: number;
  /** Was it seen growing? Else it may have dropped, and nobody looked. */
  readonly seen: boolean;
}

/**
 * Was a fruit's flower meant for seed?
 *
 * @example isForSeed(journal, fruit) // true, of a variety that is kept
 */
export const isForSeed = (journal: Journal, { bloom, variety }: Fruit): boolean =>
  wantsSeed(meantOf(journal, bloom, variety)?.purpose ?? variety.purpose);

/** So long after its time a fruit that nobody noted any more is not asked for. Our default. */
export const ASKED_FOR_DAYS = 14;

/**
 * Fruit that is old enough to be picked, for what its flower was meant: to eat, or with ripe seed; the longest ripe
 * first. Days are those of the crop's facts: how it looks decides.
 *
 * @example ripeNow(journal, fruits)[0].use // 'eat': a squash to eat on day 4
 */
export function ripeNow(journal: Journal, fruits: readonly Fruit[]): Ripe[] {
  return fruits
    .flatMap((fruit): Ripe[] => {
      const { variety, histories, history } = fruit;
      const { eatAfter, seedAfter } = cropOf(variety.crop);
      // A control is kept to see what sets by itself; how old one is that was found set nobody knows.
      if (fruit.plant.removed || history.followed !== 'pollinated') return [];
      const on = histories.filter(isOnPlant);
      if (on.length === 0) return [];
      const use = isForSeed(journal, fruit) ? 'seed' : 'eat';
      const after = (use === 'seed' ? seedAfter : eatAfter)?.value;
      if (!after) return [];
      const since = history.age - after[0];
      if (since < 0 || history.age > after[1] + ASKED_FOR_DAYS) return [];
      return [{ fruit, use, count: on.length, since, seen: on.some(({ lastGrowing }) => lastGrowing > 0) }];
    })
    .sort((a, b) => b.since - a.since || (a.fruit.bloom.bloom < b.fruit.bloom.bloom ? -1 : 1));
}
