import type { Journal } from '../journal/journal';
import type { TrialWay } from '../journal/kinds/trial';
import type { Garden } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import type { FemaleBud } from '../pairing/buds';
import type { Day } from '../time/types';
import { dealOn } from './deal';

/**
 * Females of a round with what a trial lays down for those that are in one: how many males, whose pollen, in which half
 * of their hours.
 *
 * @example femalesOfTrials(journal, garden, day, females) === females // where no trial was ever planned
 */
export function femalesOfTrials(
  journal: Journal,
  garden: Garden,
  day: Day,
  females: readonly FemaleBud[],
): readonly FemaleBud[] {
  const ways = dealOn(journal, garden, day, females.filter(mayBeTried));
  if (ways.size === 0) return females;
  const crops = new Set(
    [...ways.values()].flatMap(({ trial }) => journal.all('variety').get(trial.variety)?.crop ?? []),
  );
  const windows = windowsOf(journal, garden, day, crops);
  return females.map((female) => {
    const dealt = ways.get(female.bloom);
    const crop = journal.all('variety').get(female.variety)?.crop;
    return dealt ? asTried(female, dealt.trial.ways[dealt.side], crop && windows.get(crop)) : female;
  });
}

/** A flower is dealt before it gets pollen for the first time. */
export const mayBeTried = ({ application, selfed, father, variety }: FemaleBud): boolean =>
  application === 1 && !selfed && father === variety;

function asTried(female: FemaleBud, way: TrialWay, window: OpeningWindow | undefined): FemaleBud {
  const { males, pollen, hours } = way;
  return {
    ...female,
    ...(males !== undefined && { malesWanted: males, fewestMales: males }),
    ...(pollen === 'own' && { fathers: [female.plant], ownPollen: 'allowed' as const }),
    ...(pollen === 'others' && { ownPollen: 'never' as const }),
    ...(hours === 'late' && window && { from: lateFrom(window) }),
  };
}

/**
 * From when on it is late: halfway from where all are open to where it is too late, UTC milliseconds.
 *
 * @example lateFrom(window) > window.opens[1] // true
 */
export const lateFrom = ({ opens, lastSafe }: Pick<OpeningWindow, 'opens' | 'lastSafe'>): number =>
  (opens[1] + lastSafe) / 2;
