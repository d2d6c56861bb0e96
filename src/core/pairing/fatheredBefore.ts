import type { Journal } from '../journal/journal';
import { pollinationsOf } from '../journal/pollinations';
import { seasonAt } from '../season/seasons';
import type { Day } from '../time/types';

/**
 * How many females each plant has fathered in the season of a day, by pollinations of other days.
 *
 * @example fatheredBefore(new Journal(), '2026-07-19').get('p1') // undefined
 */
export function fatheredBefore(journal: Journal, day: Day): Map<string, number> {
  const season = seasonAt(journal, day);
  const fathered = new Map<string, number>();
  for (const bloom of journal.bloomsBetween(season.from, season.to)) {
    const earlier = pollinationsOf(bloom).filter((given) => (given.day ?? bloom.day) !== day);
    for (const plant of new Set(earlier.flatMap(({ donors }) => donors.map((donor) => donor.plant))))
      fathered.set(plant, (fathered.get(plant) ?? 0) + 1);
  }
  return fathered;
}
