import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Walk } from '../journal/state';
import { seasonAt } from '../season/seasons';
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
  const { from } = seasonAt(journal, day);
  const [plants, varieties] = [journal.all('plant'), journal.all('variety')];
  const firstMale = new Map<string, Day>(malesNow === undefined ? [] : [[malesNow, day]]);
  const withFemales = new Set<string>();
  for (const walk of journal.all('walk').values()) {
    if (walk.day < from || walk.day > addDays(day, 1)) continue;
    const variety = plants.get(walk.plant)?.variety;
    if (variety === undefined || withFemales.has(variety)) continue;
    if (hasFemales(walk)) withFemales.add(variety);
    else if (hasMales(walk)) {
      const before = firstMale.get(variety);
      if (before === undefined || walk.day < before) firstMale.set(variety, walk.day);
    }
  }
  const found = new Map<string, OnlyMales>();
  for (const [id, since] of firstMale) {
    const variety = varieties.get(id);
    const after = variety && cropOf(variety.crop).bearingAfterMales;
    if (!after || withFemales.has(id)) continue;
    const expected = (days: number): Day => {
      const then = addDays(since, days);
      return then < day ? day : then;
    };
    const [soon, late] = after.value;
    found.set(id, { since, femalesFrom: [expected(soon), expected(late)] });
  }
  return found;
}
