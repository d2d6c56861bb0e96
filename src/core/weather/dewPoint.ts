/** Magnus form of the vapour pressure over water, coefficients of Alduchov & Eskridge 1996, equation 21. */
const MAGNUS_A = 17.625;
const MAGNUS_B_C = 243.04;

/**
 * Temperature at which dew falls from air [Alduchov & Eskridge 1996, Improved Magnus form approximation of saturation
 * vapor pressure]; within 0.4 % of the vapour pressure between -40 and 50 °C.
 *
 * @param tempC air temperature, °C.
 * @param humidity relative, per cent.
 * @returns °C, never above the air's own temperature.
 * @throws RangeError when the humidity is not above 0 and at most 100.
 * @example dewPoint(25, 60) // 16.7
 */
export function dewPoint(tempC: number, humidity: number): number {
  if (!(humidity > 0 && humidity <= 100)) throw new RangeError(`humidity ${humidity} % is not in (0, 100]`);
  const gamma = Math.log(humidity / 100) + (MAGNUS_A * tempC) / (MAGNUS_B_C + tempC);
  return (MAGNUS_B_C * gamma) / (MAGNUS_A - gamma);
}

/**
 * Relative humidity of air of which the dew point is known: `dewPoint` the other way round.
 *
 * @returns per cent, at most 100.
 * @example relativeHumidity(25, 16.7) // 60
 */
export function relativeHumidity(tempC: number, dewC: number): number {
  const exponent = (degrees: number): number => (MAGNUS_A * degrees) / (MAGNUS_B_C + degrees);
  return Math.min(100, 100 * Math.exp(exponent(dewC) - exponent(tempC)));
}
