import type { CropId } from '../crops/catalogue';
import { wantsSeed, type Purpose } from '../crops/variety';
import { ripeAfter, ripensOn } from '../fruit/ripening';
import type { Journal } from '../journal/journal';
import type { Garden, Variety } from '../journal/state';
import { shelterOf } from '../journal/underGlass';
import { temperaturesAt } from '../opening/temperaturesAt';
import type { TemperaturesOf } from '../season/flowering';
import { addDays, daysBetween } from '../time/calendar';
import { nextYearDay } from '../time/nextYearDay';
import type { Day } from '../time/types';

/** The last day on which a pollination still ripens before the frost. */
export interface LastUseful {
  readonly day: Day;
  /** On the plant from then until the frost, days. */
  readonly days: number;
  /** Of these, since it is cool. */
  readonly coolDays: number;
  readonly frost: Day;
}

/** So long after a frost it is still that one, and not next year's, days. Our default. */
const OVER_DAYS = 90;

/**
 * Until when pollinating is worth while: the last day from which a fruit is ripe before the early frost, of one year in
 * ten, as warm as it is to be expected. Seed ripens on indoors for three weeks or more, so a fruit a little late is not
 * lost (common practice, no source).
 *
 * @param earlyFrost a day of any year: its month and its day count.
 * @returns `undefined` where the crop's days are not known.
 * @example lastUsefulPollination({ crop: 'pepo', purpose: 'seedToKeep', earlyFrost: '2025-10-01', … })?.day // '2026-08-12'
 */
export function lastUsefulPollination({
  crop,
  purpose,
  earlyFrost,
  today,
  temperatures,
}: {
  readonly crop: CropId;
  readonly purpose: Purpose;
  readonly earlyFrost: Day;
  readonly today: Day;
  readonly temperatures: TemperaturesOf;
}): LastUseful | undefined {
  const use = wantsSeed(purpose) ? 'seed' : 'eat';
  const span = ripeAfter(crop, use);
  if (!span) return undefined;
  const frost = nextFrost(earlyFrost, today);
  const [shortest, longest] = span;
  let day = addDays(frost, -shortest);
  while (daysBetween(day, frost) < longest && ripensOn(crop, use, day, temperatures)! > frost)
    day = addDays(day, -1);
  const days = daysBetween(day, frost);
  return { day, days, coolDays: days - shortest, frost };
}

/**
 * The last day on which pollinating a variety is worth while here, once it is told how early frost comes; under glass
 * none ends it.
 *
 * @example lastUsefulOf(new Journal(), garden, variety, today) // 'notToldFrost'
 */
export function lastUsefulOf(
  journal: Journal,
  garden: Garden,
  { crop, purpose }: Pick<Variety, 'crop' | 'purpose'>,
  today: Day,
): LastUseful | 'notToldFrost' | undefined {
  if (shelterOf(journal, crop) === 'glass') return undefined;
  const earlyFrost = journal.all('surroundings').get('')?.earlyFrost;
  if (earlyFrost === undefined) return 'notToldFrost';
  return lastUsefulPollination({
    ...{ crop, purpose, earlyFrost, today },
    temperatures: temperaturesAt(journal, garden),
  });
}

/**
 * The early frost of this autumn, as long as it is not long over; else of the next.
 *
 * @example nextFrost('2025-10-01', '2026-07-19') // '2026-10-01'
 */
export function nextFrost(earlyFrost: Day, today: Day): Day {
  return nextYearDay(earlyFrost, addDays(today, -OVER_DAYS));
}
