import type { Journal } from '../journal/journal';
import { isStand } from '../journal/plantCondition';
import type { SeedOfMothers } from './equalSeed';
import type { SeedLot } from './seedLot';

/**
 * Whose the seed of a lot is, by the mothers of its fruits: the same plant in several lots is one mother. Of a stand that
 * nobody numbers each ear, or head, is taken to be of another plant.
 *
 * @returns `undefined` where it was not counted, nothing is left, or no mother is known.
 * @example seedOfMothers(journal, lot)?.mothers // Map { 'p1' => 1 }
 */
export function seedOfMothers(
  journal: Journal,
  { lot, contents, amount }: SeedLot,
): SeedOfMothers | undefined {
  const mothers = new Map<string, number>();
  for (const content of contents) {
    const bloom = content.from === 'fruit' ? journal.all('bloom').get(content.bloom) : undefined;
    if (!bloom || bloom.plant === '') continue;
    const plant = journal.all('plant').get(bloom.plant);
    const mother = plant && isStand(plant) ? `${bloom.plant} ${bloom.bloom}` : bloom.plant;
    mothers.set(mother, (mothers.get(mother) ?? 0) + content.share);
  }
  return amount.gone || !amount.seeds || mothers.size === 0
    ? undefined
    : { lot, seeds: amount.seeds, mothers };
}
