import type { GardenView } from '../journal/gardenOn';
import { climateOf } from '../journal/climateOf';
import type { Garden } from '../journal/state';
import type { TemperaturesOf } from '../season/flowering';
import { temperaturesBy } from '../weather/climate';
import { weatherOn } from './weatherOn';

/**
 * Temperatures of any day at a garden: as noted, measured or forecast, else by its climate.
 *
 * @example temperaturesAt(new Journal(), garden)('2026-07-19').max // of its climate
 */
export function temperaturesAt(journal: GardenView, garden: Garden): TemperaturesOf {
  const days = new Set([...journal.all('weather').keys(), ...journal.all('readings').keys()]);
  const known = [...days].flatMap((day) => weatherOn(journal, garden, day) ?? []);
  return temperaturesBy(
    climateOf(journal, garden),
    garden.latitude,
    new Map(known.map((each) => [each.day, each])),
  );
}
