import type { Journal } from '../journal/journal';
import type { TrialWay } from '../journal/kinds/trial';
import type { Garden } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import type { FemaleBud } from '../pairing/buds';
import type { Day } from '../time/types';
import { isCovered } from '../journal/isCovered';
import { dealOn } from './deal';
import { lateFrom } from './lateFrom';
import { runningTrial } from './running';

/**
 * Females of a round with what a trial lays down for those that are in one: how many males, whose pollen, in which half
 * of their hours. Those that are left to the insects are none of the round's.
 *
 * @example femalesOfTrials(journal, garden, day, females) === females // where no trial was ever planned
 */
export function femalesOfTrials(
  journal: Journal,
  garden: Garden,
  day: Day,
  females: readonly FemaleBud[],
): readonly FemaleBud[] {
  const ways = waysOfFemales(journal, garden, day, females);
  if (ways.size === 0) return females;
  const crops = new Set(
    [...ways.values()].flatMap(({ trial }) => journal.all('variety').get(trial.variety)?.crop ?? []),
  );
  const windows = windowsOf(journal, garden, day, crops);
  return females.flatMap((female) => {
    const dealt = ways.get(female.bloom);
    if (!dealt) return [female];
    const way = dealt.trial.ways[dealt.side];
    const crop = journal.all('variety').get(female.variety)?.crop;
    return way.insects ? [] : [asTried(female, way, crop && windows.get(crop))];
  });
}

/**
 * The ways that fall to females that are due on a round, before each gets pollen for the first time. To one that is
 * covered no insect comes: it is in no trial of that.
 *
 * @example waysOfFemales(journal, garden, day, []).size // 0
 */
export function waysOfFemales(
  journal: Journal,
  garden: Garden,
  day: Day,
  females: readonly FemaleBud[],
): ReturnType<typeof dealOn> {
  const mayBeTried = ({ bloom, application, selfed, father, variety }: FemaleBud): boolean =>
    application === 1 &&
    !selfed &&
    father === variety &&
    (runningTrial(journal, variety, day)?.compares !== 'insects' ||
      !isCovered(journal.all('bloom').get(bloom) ?? {}));
  return dealOn(journal, garden, day, females.filter(mayBeTried));
}

function asTried(female: FemaleBud, way: TrialWay, window: OpeningWindow | undefined): FemaleBud {
  const { males, pollen, hours } = way;
  return {
    ...female,
    ...(males !== undefined && { malesWanted: males, fewestMales: males }),
    ...(pollen === 'own' && { fathers: [female.plant], ownPollen: 'allowed' as const }),
    ...(pollen === 'others' && { ownPollen: 'never' as const }),
    ...(hours === 'late' && window && { from: lateFrom(window) }),
    ...(hours === 'early' && window && { by: lateFrom(window) }),
  };
}
