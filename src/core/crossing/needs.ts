import { cropOf, type CropId } from '../crops/catalogue';
import type { Purpose, SeedSource, VarietyTraits } from '../journal/entry';
import { reason, type Reason } from '../reason';

/** What a variety is, as far as pollen is concerned. */
export interface PollenVariety {
  readonly id: string;
  readonly crop: CropId;
  readonly traits: VarietyTraits;
  readonly purpose: Purpose;
  readonly seedSource: SeedSource;
  readonly plants: number;
}

export type NeedReason =
  | 'seedlessHasParent'
  | 'seedlessNeedsParent'
  | 'allFemaleHasParent'
  | 'allFemaleNeedsParent'
  | 'keepUnpollinated'
  | 'swellingProvesNothing'
  | 'f1NotTrue'
  | 'seedMayBeCrossed'
  | 'ownAnthersOff';

/** Plants of a seedless variety that one seeded plant serves, at the most (common practice, no source). */
const SEEDLESS_PER_PARENT = 4;

/** Does the variety shed pollen that is good for others of its group? */
const shedsPollen = ({ traits }: PollenVariety): boolean => !traits.seedless && !traits.allFemale;

/**
 * What a variety needs beside distance, or must be kept from: a pollen parent, no pollen at all, other seed.
 *
 * @param all varieties of the garden, itself among them.
 */
export function pollenNeeds(variety: PollenVariety, all: readonly PollenVariety[]): Reason<NeedReason>[] {
  const { crop, traits, purpose, seedSource } = variety;
  const { group, habit } = cropOf(crop);
  const forSeed = purpose !== 'eat';
  const parents = all
    .filter((other) => other.id !== variety.id && cropOf(other.crop).group === group && shedsPollen(other))
    .reduce((sum, { plants }) => sum + plants, 0);
  const reasons: Reason<NeedReason>[] = [];
  if (traits.seedless) {
    const want = Math.max(1, Math.ceil(variety.plants / SEEDLESS_PER_PARENT));
    const code = parents >= want ? 'seedlessHasParent' : 'seedlessNeedsParent';
    reasons.push(reason(code, { have: parents, want }));
  }
  if (traits.allFemale && (forSeed || !traits.setsAlone)) {
    reasons.push(reason(parents > 0 ? 'allFemaleHasParent' : 'allFemaleNeedsParent'));
  }
  // Only cucumber is spoilt by the pollen it does not need.
  if (traits.setsAlone && !forSeed && group === 'cucumber') reasons.push(reason('keepUnpollinated'));
  if (traits.setsAlone && forSeed) reasons.push(reason('swellingProvesNothing'));
  if (forSeed && seedSource === 'f1') reasons.push(reason('f1NotTrue'));
  if (forSeed && seedSource === 'openGarden') reasons.push(reason('seedMayBeCrossed'));
  if (forSeed && habit === 'maleAndPerfect' && traits.flowers !== 'female') {
    reasons.push(reason('ownAnthersOff'));
  }
  return reasons;
}
