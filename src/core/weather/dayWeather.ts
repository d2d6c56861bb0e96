import type { Day } from '../time/types';

export const RAIN_AMOUNTS = ['none', 'showers', 'long'] as const;
export type RainAmount = (typeof RAIN_AMOUNTS)[number];

/** A day's weather as it was noted. */
export interface DayWeather {
  readonly day: Day;
  /** Air temperature at dawn and the day's highest, °C. */
  readonly dawnC: number;
  readonly maxC: number;
  readonly rain: RainAmount;
  /** Where a station told it, or expected it, and the grower took it from there. */
  readonly by?: 'station' | 'forecast';
}
