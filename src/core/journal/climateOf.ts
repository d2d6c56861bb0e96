import { climateAt, type Climate } from '../weather/climate';
import type { GardenView } from './gardenOn';
import type { Garden } from './state';

/**
 * The climate of a garden: as the grower described it, else by its latitude alone.
 *
 * @example climateOf(new Journal(), garden) // climateAt(garden.latitude)
 */
export const climateOf = (journal: GardenView, { latitude }: Pick<Garden, 'latitude'>): Climate =>
  journal.all('surroundings').get('')?.climate ?? climateAt(latitude);
