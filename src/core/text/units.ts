/** How the grower reads and types lengths and temperatures; inside all is metres and °C. */
export type Units = 'metric' | 'imperial';

/** The international foot, exactly [NIST Special Publication 811, 2008, appendix B.8]. */
export const METRES_PER_FOOT = 0.3048;
/** The inch, exactly [the same]. */
export const MM_PER_INCH = 25.4;

const round = (value: number, digits: number): number => {
  const scale = 10 ** digits;
  return Math.round(value * scale) / scale;
};

/**
 * Metres as this grower writes them: metres to the centimetre, or feet to a hundredth.
 *
 * @example lengthIn('imperial', 1) // 3.28
 */
export const lengthIn = (units: Units, metres: number): number =>
  round(units === 'metric' ? metres : metres / METRES_PER_FOOT, 2);

/**
 * A length as this grower wrote it, in metres to the centimetre: a bed opened and kept does not creep.
 *
 * @example metresFrom('imperial', 20) // 6.1
 */
export const metresFrom = (units: Units, length: number): number =>
  round(units === 'metric' ? length : length * METRES_PER_FOOT, 2);

/** The ounce avoirdupois, to seven digits [NIST Special Publication 811, 2008, appendix B.8]. */
export const GRAMS_PER_OUNCE = 28.34952;

/**
 * A weight as this grower wrote it, grams or ounces, in grams.
 *
 * @example gramsFrom('imperial', 16) // 454
 */
export const gramsFrom = (units: Units, weight: number, digits = 0): number =>
  round(units === 'metric' ? weight : weight * GRAMS_PER_OUNCE, digits);

/**
 * °C as this grower writes it, to a tenth.
 *
 * @example temperatureIn('imperial', 10) // 50
 */
export const temperatureIn = (units: Units, celsius: number): number =>
  round(units === 'metric' ? celsius : (celsius * 9) / 5 + 32, 1);

/**
 * A temperature as this grower wrote it, in °C to a tenth.
 *
 * @example celsiusFrom('imperial', 50) // 10
 */
export const celsiusFrom = (units: Units, temperature: number): number =>
  round(units === 'metric' ? temperature : ((temperature - 32) * 5) / 9, 1);
