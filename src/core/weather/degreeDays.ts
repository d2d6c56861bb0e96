/** Temperatures between which a crop develops, both in the scale of the day's temperatures. */
export interface Thermal {
  /** Below it nothing happens. */
  readonly base: number;
  /** Above it nothing more is gained; none when left out. */
  readonly cap?: number;
}

/** A day's lowest and highest air temperature, °C or °F throughout. */
export interface DayTemperatures {
  readonly min: number;
  readonly max: number;
}

/**
 * Which temperatures are limited to base and cap: the day's mean, or its lowest and highest before the mean is
 * taken. McMaster & Wilhelm call them method 1 and method 2.
 */
export type DegreeDayMethod = 'limitMean' | 'limitEnds';

const limited = (value: number, { base, cap = Infinity }: Thermal): number =>
  Math.min(cap, Math.max(base, value));

/**
 * Growing degree days of one day [McMaster & Wilhelm 1997, Growing degree-days: one equation, two
 * interpretations, equation 1]. Corn's "86/50" is `limitEnds` with base 50 and cap 86 °F [Cross & Zuber 1972].
 *
 * @returns degree days in the scale given, never negative.
 * @throws RangeError when the lowest temperature is above the highest, or the base above the cap.
 * @example degreeDays({ min: 55, max: 80 }, { base: 50, cap: 86 }, 'limitEnds') // 17.5
 */
export function degreeDays({ min, max }: DayTemperatures, thermal: Thermal, method: DegreeDayMethod): number {
  if (!(min <= max)) throw new RangeError(`lowest ${min} is above highest ${max}`);
  if (thermal.cap !== undefined && thermal.cap < thermal.base) {
    throw new RangeError(`cap ${thermal.cap} is below base ${thermal.base}`);
  }
  const mean =
    method === 'limitMean'
      ? limited((max + min) / 2, thermal)
      : (limited(max, thermal) + limited(min, thermal)) / 2;
  return mean - thermal.base;
}
