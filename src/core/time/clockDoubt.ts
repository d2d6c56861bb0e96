import { MS_PER_HOUR, MS_PER_MINUTE } from './calendar';

/** Clocks of two devices differ by some minutes without harm. */
const LITTLE_MS = 10 * MS_PER_MINUTE;
/** More than a winter lies between two entries of hardly any garden. */
const LONG_MS = 400 * 24 * MS_PER_HOUR;

/**
 * Why a device's clock may be wrong: it is behind the newest entry, or so far ahead of it that a year has been jumped.
 * Entries would sort into the wrong day.
 *
 * @param now the device's clock, UTC milliseconds.
 * @param newest when the newest entry was recorded; nothing where there is none.
 * @example clockDoubt(0, 3_600_000) // 'behind'
 */
export function clockDoubt(now: number, newest: number | undefined): 'behind' | 'ahead' | undefined {
  if (newest === undefined) return undefined;
  if (newest - now > LITTLE_MS) return 'behind';
  return now - newest > LONG_MS ? 'ahead' : undefined;
}
