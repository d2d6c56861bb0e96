import type { Journal } from '../journal/journal';
import { pollinationsOf } from '../journal/pollinations';
import type { Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import type { Day } from '../time/types';
import { fruitsOf, type Fruit } from './fruits';
import { plantLoads, type PlantLoad } from './plantLoad';
import { fruitSetRates, type SetRates } from './setRates';

/** What a plant did in a season. */
export interface PlantSeason {
  /** Its own flowers that are followed, newest first. */
  readonly fruits: readonly Fruit[];
  readonly rates: SetRates;
  readonly load: PlantLoad | undefined;
  /** Flowers of other plants that got its pollen. */
  readonly fathered: readonly Fruit[];
  /** How these set: its pollen is only part of why. */
  readonly fatheredRates: SetRates;
}

/**
 * The season of a plant up to a day: its flowers, what it carries, how they set, and its pollen elsewhere.
 *
 * @example plantSeason(new Journal(), garden, 'p1', '2026-07-19').fruits // []
 */
export function plantSeason(journal: Journal, garden: Garden, plant: string, today: Day): PlantSeason {
  const all = fruitsOf(journal, garden, today, seasonAt(journal, today));
  const fruits = all.filter((fruit) => fruit.plant.plant === plant);
  const fathered = all.filter(
    ({ bloom, plant: mother }) =>
      mother.plant !== plant &&
      pollinationsOf(bloom).some(({ donors }) => donors.some((donor) => donor.plant === plant)),
  );
  const ratesOf = (of: readonly Fruit[]): SetRates => fruitSetRates(of.flatMap(({ histories }) => histories));
  return {
    fruits,
    rates: ratesOf(fruits),
    load: plantLoads(journal, garden, today, new Set([plant])).get(plant),
    fathered,
    fatheredRates: ratesOf(fathered),
  };
}
