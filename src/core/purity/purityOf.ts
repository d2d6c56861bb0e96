import { cropOf, protocolFor } from '../crops/catalogue';
import { inherited } from '../journal/inherited';
import type { Journal } from '../journal/journal';
import type { Bloom, Garden } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import type { Day } from '../time/types';
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
  const known = new Map<Day, number | undefined>();
  const opensOn = (day: Day): number | undefined => {
    if (!known.has(day))
      known.set(day, windowsOf(journal, garden, day, [variety.crop]).get(variety.crop)?.opens[0]);
    return known.get(day);
  };
  return fruitPurity({
    bloom: flower,
    variety,
    males: journal.all('bloom'),
    plants,
    opensOn,
    pollenKeeps: protocolFor(cropOf(variety.crop), variety.purpose)?.collect.keeps.value ?? 0,
  });
}
