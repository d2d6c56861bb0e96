import { cropOf } from '../crops/catalogue';
import { wantsSeed } from '../crops/variety';
import { believedSet } from '../fruit/believedSet';
import { keptDay } from '../fruit/setVerdict';
import type { FruitHistory } from '../fruit/fruitHistory';
import type { Variety } from '../journal/state';
import { chanceOfAtLeast, type Belief, type BelievedShare } from '../statistics/sharesAmong';

export interface HowManyQuestion {
  readonly variety: Pick<Variety, 'crop' | 'purpose'>;
  /** Its pollinated flowers so far, of this season or of several. */
  readonly histories: readonly FruitHistory[];
  /** Plants of it that stand. */
  readonly plants: number;
  /** Fruits, 1 or more. */
  readonly wanted: number;
  /** 0 to 1: with this chance there shall be as many. */
  readonly chance: number;
}

export interface HowMany {
  /** Flowers to pollinate; missing where no number will do. */
  readonly pollinations?: number;
  /** The share of pollinated flowers that is kept to harvest, as it is believed. */
  readonly kept: BelievedShare;
  /** Own flowers of which is known whether they were kept. */
  readonly own: number;
  /** How much they weigh against the handbook's figure, 0 to 1. */
  readonly ownWeight: number;
  /** Fruits that its plants ripen for seed; missing where that is no limit, or not known. */
  readonly carried?: number;
  /** Plants that would carry as many as are wanted. */
  readonly plantsNeeded?: number;
}

const MAX_POLLINATIONS = 5_000;

/**
 * How many flowers to pollinate for so many fruits: the fewest for which the chance of as many is reached, by exact sums
 * over what is believed of the share that is kept. Of a crop that nobody knows the share of, half is a guess.
 *
 * @example howMany({ …melon, histories: [], wanted: 1, chance: 0.8 }).pollinations // 8: one in five sets
 */
export function howMany({ variety, histories, plants, wanted, chance }: HowManyQuestion): HowMany {
  const { seedFruits } = cropOf(variety.crop);
  const { belief, share, own, ownWeight } = believedSet(variety.crop, histories, keptDay);
  const pollinations = fewestFor(belief, wanted, chance);
  const most = wantsSeed(variety.purpose) ? seedFruits?.value[1] : undefined;
  return {
    ...(pollinations !== undefined && { pollinations }),
    kept: share,
    ...{ own, ownWeight },
    ...(most !== undefined && { carried: most * plants, plantsNeeded: Math.ceil(wanted / most) }),
  };
}

function fewestFor(belief: Belief, wanted: number, chance: number): number | undefined {
  const isEnough = (of: number): boolean => chanceOfAtLeast(belief, { wanted, of }) >= chance;
  let [few, enough] = [wanted - 1, wanted];
  while (!isEnough(enough)) {
    if (enough >= MAX_POLLINATIONS) return undefined;
    [few, enough] = [enough, 2 * enough];
  }
  while (enough - few > 1) {
    const middle = (few + enough) >> 1;
    if (isEnough(middle)) enough = middle;
    else few = middle;
  }
  return enough;
}
