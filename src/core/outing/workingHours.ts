import { cropOf, isCoveredBeforeOpening } from '../crops/catalogue';
import { outingOf, type Outing } from '../crops/outing';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { addDays, atClock } from '../time/calendar';
import type { OutingDay } from './outingDay';

/** When a variety's flowers can be worked; UTC milliseconds. */
export interface WorkingHours {
  readonly opens: number;
  readonly lastSafe: number;
}

/** Where the sun does not rise or set, the clock stands in for it: hours from midnight of the day. Our defaults. */
const CLOCK_HOURS: Readonly<Record<Outing, { readonly opens: number; readonly lastSafe: number }>> = {
  morning: { opens: 5, lastSafe: 10 },
  midday: { opens: 11, lastSafe: 16 },
  dusk: { opens: 19, lastSafe: 31 },
};

/**
 * Working hours on a day without sunrise or sunset.
 *
 * @example clockHours(garden, { day: '2026-06-21', outing: 'morning' }).opens // 5 o'clock of that day
 */
export function clockHours({ zone }: Garden, { day, outing }: OutingDay): WorkingHours {
  const at = (hour: number): number => atClock(addDays(day, Math.floor(hour / 24)), hour % 24, zone);
  const { opens, lastSafe } = CLOCK_HOURS[outing];
  return { opens: at(opens), lastSafe: at(lastSafe) };
}

/**
 * Working hours of each variety on an outing, those of crops that it does not lead to left out. Where the sun does not
 * rise or set the clock stands in for it, which the grower is told by the window's reason.
 *
 * @example workingHours(journal, garden, { day: '2026-07-19', outing: 'morning' }).get(squash).lastSafe // 10 o'clock
 */
export function workingHours(
  journal: Journal,
  garden: Garden,
  service: OutingDay,
): Map<string, WorkingHours> {
  const varieties = [...journal.all('variety').values()].filter(({ crop }) => {
    const worked = cropOf(crop);
    return isCoveredBeforeOpening(worked) && outingOf(worked) === service.outing;
  });
  const windows = windowsOf(
    journal,
    garden,
    service.day,
    varieties.map(({ crop }) => crop),
  );
  const byClock = clockHours(garden, service);
  return new Map(
    varieties.map(({ variety, crop }) => {
      const window = windows.get(crop);
      return [variety, window ? { opens: window.opens[0], lastSafe: window.lastSafe } : byClock];
    }),
  );
}
