import { fruitsOf } from '../fruit/fruits';
import { OUTINGS, outingOf, type Outing } from '../crops/outing';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { weatherOn, type KnownWeather } from '../opening/weatherOn';
import { windowsOf } from '../opening/windowsOf';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { flowersDue } from './flowersDue';
import { growingCrops } from './outings';

/** What is known of a day to come. */
export interface DayAhead {
  readonly day: Day;
  /** When its flowers open and by when to be done, outing by outing; UTC milliseconds. */
  readonly outings: readonly { readonly outing: Outing; readonly opens: number; readonly lastSafe: number }[];
  /** Flowers that are known to be due: found for it, or to be pollinated again. */
  readonly flowers: number;
  /** Fruits whose look comes due on it. */
  readonly looks: number;
  /** Noted or forecast. */
  readonly weather: KnownWeather | undefined;
}

/** Today is not counted. */
const DAYS = 6;

/**
 * The days that follow, with what is known of each.
 *
 * @example weekAhead(new Journal(), garden, '2026-07-19').map(({ day }) => day)[0] // '2026-07-20'
 */
export function weekAhead(journal: Journal, garden: Garden, today: Day): DayAhead[] {
  const crops = growingCrops(journal);
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  return Array.from({ length: DAYS }, (_, i): DayAhead => {
    const day = addDays(today, i + 1);
    const windows = windowsOf(
      journal,
      garden,
      day,
      crops.map(({ id }) => id),
    );
    return {
      day,
      outings: OUTINGS.flatMap((outing) => {
        const own = crops
          .filter((crop) => outingOf(crop) === outing)
          .flatMap(({ id }) => windows.get(id) ?? []);
        if (own.length === 0) return [];
        const opens = Math.min(...own.map((window) => window.opens[0]));
        return [{ outing, opens, lastSafe: Math.max(...own.map(({ lastSafe }) => lastSafe)) }];
      }),
      flowers: OUTINGS.reduce((sum, outing) => sum + flowersDue(journal, { day, outing }).females.length, 0),
      looks: fruits.filter(({ look, history }) => look?.from === history.age + i + 1).length,
      weather: weatherOn(journal, garden, day),
    };
  });
}
