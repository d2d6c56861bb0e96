import { bloomingCropOf, cropOf, type CropId } from '../crops/catalogue';
import { outingOf, type Outing } from '../crops/outing';
import type { TraitName, VarietyTraits } from '../crops/traits';
import { crossingFrequency } from '../isolation/compatibility';

/** What changes when a variety turns out to be another species. */
export interface SpeciesChange {
  /** Ids of the varieties that it crosses freely with by one and not by the other. */
  readonly crossesNoMore: readonly string[];
  readonly crossesNow: readonly string[];
  /** Traits that were noted and that the other species does not have. */
  readonly traitsDropped: readonly TraitName[];
  /** When its flowers are pollinated by hand; nothing where they are not. */
  readonly outings: { readonly before: Outing | undefined; readonly after: Outing | undefined };
}

/**
 * What changes in a garden when a variety is moved to another species. What was recorded of it stays.
 *
 * @param others the garden's other varieties.
 * @example speciesChange({ crop: 'pepo', traits: {} }, 'moschata', [{ variety: 'v', crop: 'pepo' }]).crossesNoMore // ['v']
 */
export function speciesChange(
  { crop, traits }: { readonly crop: CropId; readonly traits: VarietyTraits },
  to: CropId,
  others: readonly { readonly variety: string; readonly crop: CropId }[],
): SpeciesChange {
  const freely = (one: CropId): Set<string> =>
    new Set(
      others.filter((other) => crossingFrequency(one, other.crop) === 'freely').map(({ variety }) => variety),
    );
  const [before, after] = [freely(crop), freely(to)];
  const known: readonly TraitName[] = cropOf(to).variableTraits;
  return {
    crossesNoMore: [...before].filter((variety) => !after.has(variety)),
    crossesNow: [...after].filter((variety) => !before.has(variety)),
    traitsDropped: (Object.keys(traits) as TraitName[]).filter((trait) => !known.includes(trait)),
    outings: { before: outingOfCrop(crop), after: outingOfCrop(to) },
  };
}

function outingOfCrop(crop: CropId): Outing | undefined {
  const blooming = bloomingCropOf(crop);
  return blooming && outingOf(blooming);
}
