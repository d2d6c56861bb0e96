import { dayReached, type DayTemperatures, type Thermal } from './degreeDays';

/** A corn to be kept apart in time from another. */
export interface Flowering {
  /** Degree days from sowing to the first shed of the tassel or the first silk. */
  readonly degreeDays: number;
  /** Days from the first shed to the last. */
  readonly shedDays: number;
}

export interface SowingGapQuestion {
  /** Day by day from the day after the first sowing: normals, or a year's own. */
  readonly days: readonly DayTemperatures[];
  readonly thermal: Thermal;
  readonly first: Flowering;
  readonly second: Flowering;
  /** Days wanted between the last shed of the first and the first silk of the second. */
  readonly wantedDays: number;
}

export interface SowingGap {
  /** Days to wait with the second sowing. */
  readonly wait: number;
  /** Days from the first sowing to the last shed of the first and to the first silk of the second. */
  readonly lastShed: number;
  readonly firstSilk: number;
}

/**
 * How long to wait with a second sowing of corn so that it silks the wanted number of days after the first has shed
 * its last pollen. Sowings in a cool spring catch up with each other: what is sown later grows in warmer days. So
 * the wait is longer than the gap it makes.
 *
 * @returns the shortest wait, or `undefined` when the season given is too short for it.
 * @throws RangeError for a negative wish.
 */
export function sowingGap({
  days,
  thermal,
  first,
  second,
  wantedDays,
}: SowingGapQuestion): SowingGap | undefined {
  if (!(wantedDays >= 0)) throw new RangeError('days apart cannot be less than none');
  const shed = dayReached(days, first.degreeDays, thermal, 'limitEnds');
  if (shed === undefined) return undefined;
  const lastShed = shed + first.shedDays;
  for (let wait = 0; wait < days.length; wait += 1) {
    const silk = dayReached(days.slice(wait), second.degreeDays, thermal, 'limitEnds');
    if (silk === undefined) return undefined;
    if (wait + silk >= lastShed + wantedDays) return { wait, lastShed, firstSilk: wait + silk };
  }
  return undefined;
}
