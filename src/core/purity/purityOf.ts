import type { Journal } from '../journal/journal';
import type { Flower, Garden } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { fruitPurity, type Purity } from './fruitPurity';

/**
 * The purity of a flower's seed by the evidence in the journal; `undefined` when its variety is not known.
 *
 * @example purityOf(journal, garden, flower)?.weakest?.link // 'tag' before the harvest of a clean one
 */
export function purityOf(journal: Journal, garden: Garden, flower: Flower): Purity | undefined {
  const plants = journal.all('plant');
  const variety = journal.all('variety').get(plants.get(flower.plant)?.variety ?? '');
  if (!variety) return undefined;
  const window =
    flower.morning && windowsOf(journal, garden, flower.morning, [variety.crop]).get(variety.crop);
  return fruitPurity({
    flower,
    variety,
    males: journal.all('flower'),
    plants,
    opens: window ? window.opens[0] : undefined,
  });
}
