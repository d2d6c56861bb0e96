import { tz } from '@date-fns/tz';
import { parse } from 'date-fns/parse';
import { isValid } from 'date-fns/isValid';

/** A clock time is read as of a day on which no clock changes. */
const UTC = { in: tz('UTC') };

const FORMS = ['H:mm', 'H.mm', 'h:mm a', 'h.mm a', 'h a'];

/**
 * A time of day as somebody types it, in hours since midnight; `undefined` where it is none.
 *
 * @example hourOfClock('5:30 pm') // 17.5
 */
export function hourOfClock(typed: string): number | undefined {
  // Browsers put a narrow space before am and pm.
  const text = typed.trim().replace(/\s+/g, ' ');
  for (const form of FORMS) {
    const time = parse(text, form, Date.UTC(2000, 0, 1), UTC);
    if (isValid(time)) return time.getHours() + time.getMinutes() / 60;
  }
  return undefined;
}
