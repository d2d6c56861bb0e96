import type { PartWeather } from '../weather/dayWeather';

/** Cautions that apply to the day's work, most urgent first. */
export type Caution = 'heat' | 'wetLeaves' | 'bees';

/** Work in the sun counts as hot from here on, the day's highest, °C. Our default. */
const HOT_C = 28;

/**
 * Cautions that apply in the day's weather, as far as it is noted.
 *
 * @example cautionsFor({ reachedC: 36, rain: 'none' }) // ['heat', 'bees']
 */
export function cautionsFor(weather: Pick<PartWeather, 'reachedC' | 'rain'> | undefined): Caution[] {
  return [
    ...(weather && weather.reachedC >= HOT_C ? (['heat'] as const) : []),
    ...(weather && weather.rain !== 'none' ? (['wetLeaves'] as const) : []),
    'bees',
  ];
}
