import type { Looks } from '../crops/crop';
import type { Journal } from '../journal/journal';
import type { Variety } from '../journal/state';
import { plantLabel } from './plantLabel';
import type { Fruit } from '../fruit/fruits';
import { fruitSetRates, setRatesByPlant, type SetRate, type SetRates } from '../fruit/setRates';

export interface VarietyRates {
  readonly variety: Variety;
  readonly rates: SetRates;
  /** When each of its flowers is looked at. */
  readonly looks: readonly Looks[];
  /** Set of each plant, in the order of their names. */
  readonly plants: readonly { readonly plant: string; readonly label: string; readonly set: SetRate }[];
}

/**
 * Set and drop of a variety, and of each of its plants.
 *
 * @param fruits of one variety, at least one.
 * @example varietyRates(journal, fruits).plants.map(({ label }) => label) // ['A2', 'A10']
 */
export function varietyRates(journal: Journal, fruits: readonly Fruit[]): VarietyRates {
  const histories = fruits.flatMap((fruit) => fruit.histories);
  const plants = [...setRatesByPlant(histories)].map(([plant, { set }]) => ({
    plant,
    label: plantLabel(journal, plant),
    set,
  }));
  return {
    variety: fruits[0]!.variety,
    rates: fruitSetRates(histories),
    looks: histories.map(({ looks }) => looks),
    plants: plants.sort((a, b) => a.label.localeCompare(b.label, 'en', { numeric: true })),
  };
}
