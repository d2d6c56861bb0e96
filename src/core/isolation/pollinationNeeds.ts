import { cropOf, type CropId } from '../crops/catalogue';
import { shedsPollen, type VarietyTraits } from '../crops/traits';
import { wantsSeed, type Purpose, type SeedSource } from '../crops/variety';
import { reason, type Reason } from '../text/reason';
import { anyPollenSpoils } from './anyPollenSpoils';

/** What a variety is, as far as pollination is concerned. */
export interface PollinationVariety {
  readonly id: string;
  readonly crop: CropId;
  readonly traits: VarietyTraits;
  readonly purpose: Purpose;
  readonly seedSource: SeedSource;
  readonly plants: number;
}

export type NeedReason =
  | 'seedlessHasPolliniser'
  | 'seedlessNeedsPolliniser'
  | 'gynoeciousHasPolliniser'
  | 'gynoeciousNeedsPolliniser'
  | 'keepUnpollinated'
  | 'swellingProvesNothing'
  | 'f1NotTrue'
  | 'seedMayBeCrossed'
  | 'emasculatePerfect';

/** Plants of a seedless variety that one seeded plant serves, at most (common practice, no source). */
const SEEDLESS_PER_POLLINISER = 4;

/**
 * What a variety needs other than distance, or must be kept from: a polliniser, no pollen at all, other seed.
 *
 * @param all varieties of the garden, itself among them.
 * @returns one reason for each need; none when there is nothing to say.
 * @example pollinationNeeds(seedlessWatermelon, [seedlessWatermelon])[0].code // 'seedlessNeedsPolliniser'
 */
export function pollinationNeeds(
  variety: PollinationVariety,
  all: readonly PollinationVariety[],
): Reason<NeedReason>[] {
  const { crop, traits, purpose, seedSource } = variety;
  const { group, habit } = cropOf(crop);
  const forSeed = wantsSeed(purpose);
  const pollinisers = all
    .filter(
      (other) => other.id !== variety.id && cropOf(other.crop).group === group && shedsPollen(other.traits),
    )
    .reduce((sum, { plants }) => sum + plants, 0);
  const reasons: Reason<NeedReason>[] = [];
  if (traits.seedless) {
    const needed = Math.max(1, Math.ceil(variety.plants / SEEDLESS_PER_POLLINISER));
    const code = pollinisers >= needed ? 'seedlessHasPolliniser' : 'seedlessNeedsPolliniser';
    reasons.push(reason(code, { have: pollinisers, needed }));
  }
  if (traits.gynoecious && (forSeed || !traits.parthenocarpic)) {
    reasons.push(reason(pollinisers > 0 ? 'gynoeciousHasPolliniser' : 'gynoeciousNeedsPolliniser'));
  }
  if (anyPollenSpoils({ crop, purpose, ...traits })) reasons.push(reason('keepUnpollinated'));
  if (traits.parthenocarpic && forSeed) reasons.push(reason('swellingProvesNothing'));
  if (forSeed && seedSource === 'f1') reasons.push(reason('f1NotTrue'));
  if (forSeed && seedSource === 'openGarden') reasons.push(reason('seedMayBeCrossed'));
  if (forSeed && habit === 'andromonoecious' && traits.flowers !== 'female') {
    reasons.push(reason('emasculatePerfect'));
  }
  return reasons;
}
