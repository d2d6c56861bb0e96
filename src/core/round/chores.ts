import { outingOfCrop } from '../due/flowersDue';
import type { Journal } from '../journal/journal';
import type { Chore } from '../journal/kinds/stops';
import type { Garden } from '../journal/state';
import { roundsOf, type OutingDay } from '../outing/outingDay';
import type { FemaleBud } from '../pairing/buds';
import { addDays } from '../time/calendar';
import type { ChoreContext } from './operations/operation';
import { choresDue } from './operations/operations';
import { choreStopId } from './stopsLeft';

/**
 * What is due on an outing without pollen.
 *
 * @param gradeOf tells which fruit to take off; how many there are to take off it does not change.
 * @example choresOf(new Journal(), garden, { day: '2026-07-19', outing: 'morning', females: [] }) // []
 */
export function choresOf(
  journal: Journal,
  garden: Garden,
  { day, outing, females }: OutingDay & { readonly females: readonly FemaleBud[] },
  gradeOf?: ChoreContext['gradeOf'],
): Chore[] {
  const due = choresDue({
    journal,
    garden,
    day,
    isWorked: (crop) => outingOfCrop(crop) === outing,
    gradeOf,
    mothers: new Set(females.flatMap(({ plant, forSeed }) => (forSeed ? [plant] : []))),
  });
  if (due.length === 0) return due;
  const left = new Set(
    Array.from({ length: LEFT_FOR_DAYS }, (_, i) => addDays(day, -i - 1)).flatMap((before) =>
      roundsOf(journal, { day: before, outing }).flatMap(({ done }) =>
        [...done.values()].flatMap(({ stop, outcome }) => (outcome === 'skipped' ? [stop] : [])),
      ),
    ),
  );
  return due.filter((chore) => !left.has(choreStopId(chore)));
}

/** Who left something as it is, is not asked again for so many days. Our default. */
const LEFT_FOR_DAYS = 7;
