import { inherited } from '../journal/inherited';
import type { Journal } from '../journal/journal';
import type { Bloom, Garden } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { fruitPurity, type Purity } from './fruitPurity';

/**
 * The purity of a flower's seed by the evidence in the journal; `undefined` when its variety is not known.
 *
 * @example purityOf(journal, garden, flower)?.weakest?.link // 'tag' before the harvest of a clean one
 */
export function purityOf(journal: Journal, garden: Garden, raw: Bloom): Purity | undefined {
  const flower = inherited(journal, raw);
  const plants = journal.all('plant');
  const variety = journal.all('variety').get(plants.get(flower.plant)?.variety ?? '');
  if (!variety) return undefined;
  const window = flower.day && windowsOf(journal, garden, flower.day, [variety.crop]).get(variety.crop);
  return fruitPurity({
    bloom: flower,
    variety,
    males: journal.all('bloom'),
    plants,
    opens: window ? window.opens[0] : undefined,
  });
}
