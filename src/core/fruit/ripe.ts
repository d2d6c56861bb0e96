import { wantsSeed } from '../crops/variety';
import { meantOf } from '../journal/matingOf';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { isOnPlant } from './fruitHistory';
import type { Fruit } from './fruits';
import { ripeAfter, ripeningAt, type Use } from './ripening';

/** A fruit that can be picked. */
export interface Ripe {
  readonly fruit: Fruit;
  readonly use: Use;
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

/** What the fruit of a flower that was pollinated is picked for. */
const useOf = (journal: Journal, fruit: Fruit): Use => (isForSeed(journal, fruit) ? 'seed' : 'eat');

/**
 * When a fruit that hangs is ripe for what it is grown for, and for which; `undefined` where that is not known.
 *
 * @example ripensFor(journal, garden, fruit) // { use: 'seed', day: '2026-08-29' }
 */
export function ripensFor(
  journal: Journal,
  garden: Garden,
  fruit: Fruit,
): { readonly use: Use; readonly day: Day } | undefined {
  const { plant, histories, history } = fruit;
  if (plant.removed || history.followed !== 'pollinated' || !histories.some(isOnPlant)) return undefined;
  const use = useOf(journal, fruit);
  const day = ripeningAt(journal, garden)(fruit, use);
  return day === undefined ? undefined : { use, day };
}

/** So long after its time a fruit that nobody noted any more is not asked for. Our default. */
export const ASKED_FOR_DAYS = 14;

/**
 * Fruit that is old enough to be picked, for what its flower was meant: to eat, or with ripe seed; the longest ripe
 * first. Days are those of the crop's facts, by the temperatures there were: how it looks decides.
 *
 * @example ripeNow(journal, garden, fruits, today)[0].use // 'eat': a squash to eat on day 4
 */
export function ripeNow(journal: Journal, garden: Garden, fruits: readonly Fruit[], today: Day): Ripe[] {
  const ripens = ripeningAt(journal, garden);
  return fruits
    .flatMap((fruit): Ripe[] => {
      const { variety, histories, history } = fruit;
      // A control is kept to see what sets by itself; how old one is that was found set nobody knows.
      if (fruit.plant.removed || history.followed !== 'pollinated') return [];
      const on = histories.filter(isOnPlant);
      if (on.length === 0) return [];
      const use = useOf(journal, fruit);
      const span = ripeAfter(variety.crop, use);
      // None is ripe sooner.
      if (!span || history.age < span[0]) return [];
      const since = daysBetween(ripens(fruit, use)!, today);
      if (since < 0 || since > span[1] - span[0] + ASKED_FOR_DAYS) return [];
      return [{ fruit, use, count: on.length, since, seen: on.some(({ lastGrowing }) => lastGrowing > 0) }];
    })
    .sort((a, b) => b.since - a.since || (a.fruit.bloom.bloom < b.fruit.bloom.bloom ? -1 : 1));
}
