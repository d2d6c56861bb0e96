import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { dealOn } from '../trial/deal';
import { lateFrom } from '../trial/lateFrom';
import { groupBy } from '../text/groupBy';
import { cohortOfVisit } from './cohortOfVisit';
import type { OpenPlant } from './openNow';

/**
 * Plants whose flowers may be open, each with what a trial of its variety lays down for it.
 *
 * @example withTrials(journal, garden, openNowOf(journal, garden, now))[0].tried?.way // { pollen: 'own' }
 */
export function withTrials(journal: Journal, garden: Garden, plants: readonly OpenPlant[]): OpenPlant[] {
  if (journal.all('trial').size === 0) return [...plants];
  const dealt = new Map(
    [...groupBy(plants, ({ day }) => day)].flatMap(([day, own]) => {
      const flowers = own.map(({ plant: { plant }, variety }) => ({
        ...{ bloom: cohortOfVisit(plant, variety, day), plant, variety: variety.variety },
      }));
      return [...dealOn(journal, garden, day, flowers, false).values()].map(
        (each) => [each.plant, each] as const,
      );
    }),
  );
  return plants.map((here) => {
    const found = dealt.get(here.plant.plant);
    if (!found) return here;
    const { trial, side } = found;
    const way = trial.ways[side];
    const from = way.hours === 'late' && here.window ? lateFrom(here.window) : undefined;
    return { ...here, tried: { trial, side, way, ...(from !== undefined && { from }) } };
  });
}
