import { cropOf, type CropId } from '../crops/catalogue';
import type { Span } from '../crops/crop';
import type { Purpose } from '../crops/variety';
import { reason, type Reason } from '../text/reason';
import { inbreedingPerGeneration } from './effectiveSize';

export interface MothersQuestion {
  readonly crop: CropId;
  readonly purpose: Purpose;
  /** Plants in the ground, or to be. */
  readonly plants: number;
  /** Fruits wanted for seed. */
  readonly fruitWanted?: number;
}

export type MothersReason =
  | 'mothersNotRequired'
  | 'mothersEnough'
  | 'mothersTooFew'
  | 'alleleKept'
  | 'inbreedingAdds'
  | 'plantsForFruit'
  | 'plantsTooFewForFruit';

export interface MothersReport {
  /** The fewest, and a better number; `undefined` when none are required. */
  readonly required: Span | undefined;
  readonly enough: boolean;
  /** Frequency of the rarest allele that is kept with 95 % chance, when every plant gives seed. */
  readonly keptFrequency: number;
  /** The share of plants that carry the rarest allele that is kept so, whether it shows in them or not. */
  readonly keptCarriers: number;
  /** Plants that the fruit wanted takes, by the fewest fruits that a plant ripens for seed. */
  readonly plantsForFruit?: number;
  readonly reasons: readonly Reason<MothersReason>[];
}

const CHANCE = 0.95;

/**
 * Does its seed mostly come from its own pollen?
 *
 * @example isSelfer('tomato') // true
 */
export const isSelfer = (crop: CropId): boolean => cropOf(crop).pollenVector === 'self';

/**
 * Mothers wanted for a purpose, the fewest and a better number; `undefined` where none are.
 *
 * @example requiredMothers('pepo', 'seedToKeep') // [5, 10]
 */
export function requiredMothers(crop: CropId, purpose: Purpose): Span | undefined {
  const { any, keep, conserve } = cropOf(crop).mothers;
  switch (purpose) {
    case 'eat':
      return undefined;
    case 'seedForFun':
      return [any.value, any.value];
    case 'seedToKeep':
      return keep.value;
    case 'rareOrSold':
      return conserve.value;
  }
}

/**
 * Are there enough plants for what a variety is grown for: mothers to keep it, and fruit for the seed wanted? Effective
 * size is taken as the number of plants, as if all contributed alike and were not related.
 *
 * @example mothersReport({ crop: 'pepo', purpose: 'seedToKeep', plants: 4 }).enough // false: 5 to 10 are required
 */
export function mothersReport({ crop, purpose, plants, fruitWanted }: MothersQuestion): MothersReport {
  const required = requiredMothers(crop, purpose);
  const gametes = Math.max(1, isSelfer(crop) ? plants : 2 * plants);
  // ln(1−P)/ln(1−p) gametes keep an allele of frequency p with chance P [Marshall & Brown 1975], solved for p.
  const keptFrequency = 1 - (1 - CHANCE) ** (1 / gametes);
  // Whoever mates how: a plant that carries it is among so many.
  const keptCarriers = 1 - (1 - CHANCE) ** (1 / Math.max(1, plants));
  const perPlant = cropOf(crop).seedFruits?.value[0];
  const plantsForFruit =
    fruitWanted !== undefined && perPlant !== undefined ? Math.ceil(fruitWanted / perPlant) : undefined;
  const enough = (required === undefined || plants >= required[0]) && plants >= (plantsForFruit ?? 0);
  const reasons: Reason<MothersReason>[] = [];
  if (!required) reasons.push(reason('mothersNotRequired'));
  else {
    const [least, most] = required;
    reasons.push(reason(plants >= least ? 'mothersEnough' : 'mothersTooFew', { plants, least, most }));
    if (plants > 0) reasons.push(reason('alleleKept', { carriers: keptCarriers }));
    // A selfer is inbred already.
    if (plants > 0 && !isSelfer(crop)) {
      reasons.push(reason('inbreedingAdds', { share: inbreedingPerGeneration(plants) }));
    }
  }
  if (plantsForFruit !== undefined) {
    const params = { fruit: fruitWanted!, plants: plantsForFruit };
    reasons.push(reason(plants >= plantsForFruit ? 'plantsForFruit' : 'plantsTooFewForFruit', params));
  }
  return {
    required,
    enough,
    keptFrequency,
    keptCarriers,
    ...(plantsForFruit !== undefined && { plantsForFruit }),
    reasons,
  };
}
