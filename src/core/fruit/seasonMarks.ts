import { byName } from '../text/byName';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';
import type { FruitHistory } from './fruitHistory';
import type { Fruit } from './fruits';

/**
 * What became of a pollinated flower, as a mark shows it. `growing`: seen growing, or picked; `waiting`: nobody knows yet;
 * `off`: taken off, or lost to something that is no fault of the pollination.
 */
export const FLOWER_OUTCOMES = ['growing', 'waiting', 'failed', 'off'] as const;
export type FlowerOutcome = (typeof FLOWER_OUTCOMES)[number];

/**
 * The outcome of a flower so far.
 *
 * @example outcomeOf({ ...history, failed: 5 }) // 'failed'
 */
export function outcomeOf({ failed, ended, harvested, lastGrowing, followed }: FruitHistory): FlowerOutcome {
  if (failed !== undefined) return 'failed';
  if (harvested !== undefined) return 'growing';
  if (ended) return ended.how === 'eaten' ? 'growing' : 'off';
  return lastGrowing > 0 || followed === 'found' ? 'growing' : 'waiting';
}

/** How many flowers of a day came to what. */
interface DayMarks {
  readonly day: Day;
  readonly counts: Readonly<Record<FlowerOutcome, number>>;
}

export interface VarietyMarks {
  readonly variety: string;
  readonly name: string;
  /** In order. */
  readonly days: readonly DayMarks[];
}

/**
 * The season's pollinated flowers, by variety and day: each once. What nobody pollinated is none of them.
 *
 * @example seasonMarks([]) // []
 */
export function seasonMarks(fruits: readonly Fruit[]): VarietyMarks[] {
  return [...groupBy(fruits, ({ variety }) => variety.variety)]
    .map(([variety, own]): VarietyMarks => {
      const histories = own
        .flatMap((fruit) => fruit.histories)
        .filter(({ followed }) => followed === 'pollinated');
      const days = [...groupBy(histories, ({ since }) => since)].map(([day, ofDay]): DayMarks => {
        const counts = { growing: 0, waiting: 0, failed: 0, off: 0 };
        for (const history of ofDay) counts[outcomeOf(history)] += 1;
        return { day, counts };
      });
      return {
        variety,
        name: own[0]!.variety.name,
        days: days.sort((a, b) => (a.day < b.day ? -1 : 1)),
      };
    })
    .filter(({ days }) => days.length > 0)
    .sort((a, b) => byName(a.name, b.name));
}
