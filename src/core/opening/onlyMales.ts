import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/walk';
import type { Plant, Walk } from '../journal/state';
import { seasonAt } from '../season/seasons';
import { groupBy } from '../text/groupBy';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';

/** A variety on which only males have been met this season. */
export interface OnlyMales {
  /** The day of the first of them. */
  readonly since: Day;
  /** The first females come between these days, not before today. */
  readonly femalesFrom: readonly [Day, Day];
}

/** Seen by whoever walked in the evening or went round in the morning. */
const hasMales = ({ eve, open }: Walk): boolean => eve.male > 0 || (open?.male ?? 0) > 0;
const hasFemales = ({ eve, green, pin, open }: Walk): boolean =>
  [eve, green, pin, open].some((count) => (count?.female ?? 0) > 0);

/**
 * Varieties that have shown males this season and no female yet, where males come first: nothing is wrong with them.
 *
 * @param day what was seen for later days is left out.
 * @param malesNow a variety whose males are being looked at, and are not recorded yet.
 * @example onlyMalesSoFar(new Journal(), '2026-07-01').size // 0
 */
export function onlyMalesSoFar(journal: Journal, day: Day, malesNow?: string): Map<string, OnlyMales> {
  const varieties = journal.all('variety');
  const found = new Map<string, OnlyMales>();
  for (const [id, plants] of groupBy([...journal.all('plant').values()], ({ variety }) => variety)) {
    const variety = varieties.get(id);
    const after = variety && cropOf(variety.crop).bearingAfterMales;
    if (!after) continue;
    const since = firstMaleWithoutFemale(journal, plants, day, id === malesNow);
    if (since === undefined) continue;
    const expected = (days: number): Day => {
      const then = addDays(since, days);
      return then < day ? day : then;
    };
    const [soon, late] = after.value;
    found.set(id, { since, femalesFrom: [expected(soon), expected(late)] });
  }
  return found;
}

/**
 * The day of the first male, from today back to the begin of the season; nothing once a female is met, which in a garden
 * in flower is at once.
 */
function firstMaleWithoutFemale(
  journal: Journal,
  plants: readonly Plant[],
  day: Day,
  malesNow: boolean,
): Day | undefined {
  const walks = journal.all('walk');
  const { from } = seasonAt(journal, day);
  let first = malesNow ? day : undefined;
  for (let seenFor = addDays(day, 1); seenFor >= from; seenFor = addDays(seenFor, -1)) {
    for (const { plant } of plants) {
      const walk = walks.get(walkId(plant, seenFor));
      if (!walk) continue;
      if (hasFemales(walk)) return undefined;
      if (hasMales(walk)) first = seenFor;
    }
  }
  return first;
}
