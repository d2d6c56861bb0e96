import { bearingSexOf, cropOf } from '../crops/catalogue';
import { cohortId } from '../journal/cohort';
import type { Fact } from '../journal/entry';
import { isStand } from '../journal/plantCondition';
import type { Plant, Variety } from '../journal/state';
import type { Day } from '../time/types';

/** What was seen on a plant or a stand of many. */
export interface FruitSeen {
  readonly day: Day;
  /** Its number from below; of a stand, whose trusses nobody numbers, missing. */
  readonly truss?: number;
  readonly growing: number;
  /** Flowers that had opened there. */
  readonly of: number;
  /** Of those that grow: unevenly. */
  readonly misshapen?: number;
}

/** Tells what was counted on a stand from what was pollinated on it that day. */
const OF_STAND = 'counted';

/**
 * Fruit that was counted without anybody having recorded a pollination. A truss is one and the same when it is counted
 * again; of a stand, and of what flowers for several years, the count of each day is of flowers of its own.
 *
 * @example fruitCounted(plant, tomato, { day, truss: 2, growing: 4, of: 5 }).body.bloom // 'p1||truss|perfect|2'
 */
export function fruitCounted(
  plant: Pick<Plant, 'plant' | 'count'>,
  { crop, traits }: Pick<Variety, 'crop' | 'traits'>,
  { day, truss, growing, of, misshapen }: FruitSeen,
): Fact {
  const facts = cropOf(crop);
  const sex = bearingSexOf(facts, traits);
  const isOfMany = isStand(plant) || truss === undefined;
  const bloom = cohortId({
    plant: plant.plant,
    ...((isOfMany || facts.perennial) && { day }),
    part: isOfMany ? (facts.parts?.bearing ?? 'flower') : 'truss',
    sex,
    mark: isOfMany ? OF_STAND : String(truss),
  });
  return {
    kind: 'fruit.counted',
    body: {
      ...{ bloom, plant: plant.plant, day, growing, of },
      ...(misshapen !== undefined && { misshapen }),
    },
  };
}
