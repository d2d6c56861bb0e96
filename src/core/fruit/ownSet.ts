import type { CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { perRevision } from '../journal/perRevision';
import { seasonAt } from '../season/seasons';
import type { Garden } from '../journal/state';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';
import { setBelief, type SetBelief } from './setBelief';
import { fruitsOf } from './fruits';

/** What is believed of the set of each variety, by the flowers of its season. */
type SetOf = (variety: string, crop: CropId) => SetBelief;

const made = perRevision(() => new Map<Day, SetOf>());

/**
 * What is believed of how many flowers of each variety set, on a day: by its own flowers of the season, and the handbook's
 * figure as long as these are few. Made once for each change of the journal.
 *
 * @example ownSet(new Journal(), garden, '2026-07-19')('v', 'melon').share // 0.2
 */
export function ownSet(journal: Journal, garden: Garden, day: Day): SetOf {
  const held = made(journal).get(day);
  if (held) return held;
  const histories = groupBy(
    fruitsOf(journal, garden, day, seasonAt(journal, day)),
    ({ variety }) => variety.variety,
  );
  const believed = new Map<string, SetBelief>();
  const setOf: SetOf = (variety, crop) => {
    const own = (histories.get(variety) ?? []).flatMap((fruit) => fruit.histories);
    const set = believed.get(variety) ?? setBelief(crop, own);
    believed.set(variety, set);
    return set;
  };
  made(journal).set(day, setOf);
  return setOf;
}
