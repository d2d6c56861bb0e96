import type { SeedSource, Sowing } from '../crops/variety';
import type { GardenView } from './gardenOn';
import type { Plant, Variety } from './state';

/** The sowing that some plants come from. */
export interface Sown {
  /** The id of the variety where it has but one. */
  readonly planting: string;
  readonly sowing?: Sowing;
  readonly seedSource: SeedSource;
  readonly lot?: string;
  readonly fromLot?: string;
  readonly daysToFlower?: number;
}

/**
 * The sowing that a plant comes from: its own, else what the variety says of its only one.
 *
 * @example plantingOf(journal, plant, variety).seedSource // 'ownGuarded'
 */
export const plantingOf = (journal: GardenView, plant: Pick<Plant, 'planting'>, variety: Variety): Sown =>
  (plant.planting === undefined ? undefined : journal.all('planting').get(plant.planting)) ?? {
    ...variety,
    planting: variety.variety,
  };
