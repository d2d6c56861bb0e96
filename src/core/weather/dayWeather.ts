import type { Day } from '../time/types';

export const RAIN_AMOUNTS = ['none', 'showers', 'long'] as const;
export type RainAmount = (typeof RAIN_AMOUNTS)[number];

/** What a grower notes of a day's weather. */
export interface DayWeather {
  readonly day: Day;
  /** Air temperature at dawn and the day's highest, °C. */
  readonly dawnC: number;
  readonly maxC: number;
  readonly rain: RainAmount;
}
