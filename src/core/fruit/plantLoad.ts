import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import type { Day } from '../time/types';
import { isOnPlant } from './fruitHistory';
import { fruitOf } from './fruits';

/** The fruit that a plant carries. */
export interface PlantLoad {
  /** Seen growing, or found when it had set. */
  readonly growing: number;
  /** Not looked at yet. */
  readonly young: number;
  /** As many as one plant ripens for seed. */
  readonly most: number;
}

/**
 * The fruit on each of some plants, by plant; of crops that shed young fruit while older ones swell. Plants that carry
 * none are left out.
 *
 * @example plantLoads(new Journal(), garden, '2026-07-19', new Set(['p1'])).size // 0
 */
export function plantLoads(
  journal: Journal,
  garden: Garden,
  today: Day,
  plants: ReadonlySet<string>,
): Map<string, PlantLoad> {
  const loads = new Map<string, PlantLoad>();
  for (const bloom of journal.bloomsBetween(seasonAt(journal, today).from, today)) {
    if (!plants.has(bloom.plant)) continue;
    const fruit = fruitOf(journal, garden, today, bloom);
    const most = fruit && cropOf(fruit.variety.crop).seedFruits?.value[1];
    if (!fruit || most === undefined) continue;
    const held = loads.get(bloom.plant) ?? { growing: 0, young: 0, most };
    const on = fruit.histories.filter(isOnPlant);
    if (on.length === 0) continue;
    const growing = on.filter(({ followed, lastGrowing }) => followed === 'found' || lastGrowing > 0).length;
    loads.set(bloom.plant, {
      most,
      growing: held.growing + growing,
      young: held.young + on.length - growing,
    });
  }
  return loads;
}

/**
 * Does a plant carry all the fruit that it can ripen for seed?
 *
 * @example isLoaded({ growing: 3, young: 0, most: 3 }) // true
 */
export const isLoaded = ({ growing, most }: PlantLoad): boolean => growing >= most;

/** On a plant with a full load a flower sets so much less often. Our default. */
const SETS_WHEN_LOADED = 0.25;

/**
 * How much less often a flower sets for the fruit that grows on its plant already: from 1 with none down to a quarter
 * at a full load. That it sets less is common practice, no source; the figures are our default.
 *
 * @example setFactor({ growing: 3, young: 0, most: 3 }) // 0.25
 */
export const setFactor = ({ growing, most }: PlantLoad): number =>
  1 - (1 - SETS_WHEN_LOADED) * Math.min(1, growing / most);
