import type { WeatherNote } from '../journal/state';

/** Cautions that apply to the day's work, most urgent first. */
export type Caution = 'heat' | 'wetLeaves' | 'bees';

/** Work in the sun is called hot from here on. Our default. */
const HOT_C = 28;

export function cautionsFor(weather: WeatherNote | undefined): Caution[] {
  return [
    ...(weather && weather.maxC >= HOT_C ? (['heat'] as const) : []),
    ...(weather && weather.rain !== 'none' ? (['wetLeaves'] as const) : []),
    'bees',
  ];
}
