import type { Journal } from '../journal/journal';
import { isDoubtfulType, isStand } from '../journal/plantCondition';
import { plantingOf } from '../journal/plantingOf';
import { wilson, type Share } from '../statistics/wilson';

/** What was seen of the plants that grew from a lot. */
export interface GrownOut {
  /** Of which somebody noted whether they are true to it. */
  readonly looked: number;
  /** Of these such as are not, or may not be. */
  readonly off: Share;
}

/**
 * The share of plants grown from a lot that are not what it should give: those that were pulled out as off-types, or noted
 * as doubtful, of all that were looked at. In an F1, plants that look like the mother came of her own pollen. Of a stand
 * that nobody numbers nothing is counted.
 *
 * @returns `undefined` where no plant of it was looked at.
 * @example grownOut(journal, 'l1')?.off.share // 0.08: 1 of 12
 */
export function grownOut(journal: Journal, lot: string): GrownOut | undefined {
  const plants = [...journal.all('plant').values()].filter((plant) => {
    const variety = journal.all('variety').get(plant.variety);
    return variety && !isStand(plant) && plantingOf(journal, plant, variety).fromLot === lot;
  });
  const isOff = (plant: (typeof plants)[number]): boolean =>
    plant.removed?.why === 'offType' || isDoubtfulType(plant);
  const looked = plants.filter((plant) => plant.noted !== undefined || isOff(plant));
  return looked.length === 0
    ? undefined
    : { looked: looked.length, off: wilson(looked.filter(isOff).length, looked.length) };
}
