import type { Day } from '../time/types';

export const RAIN_AMOUNTS = ['none', 'showers', 'long'] as const;
export type RainAmount = (typeof RAIN_AMOUNTS)[number];

/** A day's weather, of which perhaps only a part was measured. */
export interface PartWeather extends Pick<DayWeather, 'day' | 'rain'> {
  /** At dawn, °C; missing where nobody measured then. */
  readonly dawnC?: number;
  /** The day's highest, °C; missing where its warmest hours were not measured. */
  readonly maxC?: number;
  /** So warm it was at least, °C. */
  readonly reachedC: number;
}

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
