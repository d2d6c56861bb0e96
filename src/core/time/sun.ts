import { getTimes } from 'suncalc';
import { atClock } from './calendar';
import type { Day } from './types';

export interface Site {
  /** Degrees, north positive. */
  readonly latitude: number;
  /** Degrees, east positive. */
  readonly longitude: number;
  /** IANA zone. */
  readonly zone: string;
}

/** UTC milliseconds; `null` where the sun does not do it on that day. */
export interface SunTimes {
  readonly civilDawn: number | null;
  readonly sunrise: number | null;
  readonly sunset: number | null;
  /** When it stands highest; it does on every day. */
  readonly noon: number;
  /** Set when there is no sunrise: does the sun stay up or down? */
  readonly polar?: 'day' | 'night';
}

/**
 * Sun times of a calendar day at a site, from the algorithms of Meeus, Astronomical Algorithms (by `suncalc`):
 * sunrise and sunset with the centre at −0.833°, civil dawn at −6°.
 *
 * @example sunTimes('2024-06-20', { latitude: 51.5, longitude: -0.1, zone: 'Europe/London' }).sunrise // 03:43 UTC
 */
export function sunTimes(day: Day, site: Site): SunTimes {
  const times = getTimes(new Date(atClock(day, 12, site.zone)), site.latitude, site.longitude);
  const ms = (time: Date | null): number | null => (time ? time.getTime() : null);
  const sunrise = ms(times.sunrise);
  return {
    civilDawn: ms(times.dawn),
    sunrise,
    sunset: ms(times.sunset),
    noon: times.solarNoon.getTime(),
    ...(sunrise === null && { polar: times.alwaysDown ? 'night' : 'day' }),
  };
}
