import type { PartWeather } from './dayWeather';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import type { DayTemperatures } from './degreeDays';

/** Mean lowest and highest air temperature of the coldest and of the warmest month, °C. */
export interface Climate {
  readonly coldMin: number;
  readonly coldMax: number;
  readonly warmMin: number;
  readonly warmMax: number;
}

/** The climate by latitude alone where the grower has not said theirs: coast and height are not in it. */
const BY_LATITUDE: readonly (readonly [number, Climate])[] = [
  [0, { coldMin: 21, coldMax: 30, warmMin: 23, warmMax: 32 }],
  [20, { coldMin: 14, coldMax: 25, warmMin: 24, warmMax: 33 }],
  [30, { coldMin: 6, coldMax: 17, warmMin: 21, warmMax: 32 }],
  [40, { coldMin: 0, coldMax: 9, warmMin: 17, warmMax: 29 }],
  [50, { coldMin: -1, coldMax: 5, warmMin: 13, warmMax: 24 }],
  [60, { coldMin: -7, coldMax: -1, warmMin: 11, warmMax: 21 }],
  [70, { coldMin: -14, coldMax: -6, warmMin: 7, warmMax: 15 }],
];

/** The warmest and the coldest day come about a month after the solstice. Our default. */
const WARMEST_NORTH: Day = '2001-07-21';
const YEAR_DAYS = 365.25;

const mix = (a: number, b: number, share: number): number => a + (b - a) * share;

/**
 * A climate by latitude alone, in steps of our own choice, no source.
 *
 * @param latitude degrees, north positive.
 * @example climateAt(52) // { coldMin: -2.2, coldMax: 3.8, warmMin: 12.6, warmMax: 23.4 }
 */
export function climateAt(latitude: number): Climate {
  const away = Math.min(70, Math.abs(latitude));
  const above = BY_LATITUDE.findIndex(([degrees]) => degrees >= away);
  const [high, warmer] = BY_LATITUDE[above]!;
  const [low, colder] = BY_LATITUDE[Math.max(0, above - 1)]!;
  const share = high === low ? 0 : (away - low) / (high - low);
  return {
    coldMin: mix(colder.coldMin, warmer.coldMin, share),
    coldMax: mix(colder.coldMax, warmer.coldMax, share),
    warmMin: mix(colder.warmMin, warmer.warmMin, share),
    warmMax: mix(colder.warmMax, warmer.warmMax, share),
  };
}

/**
 * Lowest and highest temperature to expect on a day: a wave over the year through the means of the coldest and the
 * warmest month, the other way round in the south.
 */
export function normalOf(day: Day, climate: Climate, latitude: number): DayTemperatures {
  const turn = Math.cos((2 * Math.PI * daysBetween(WARMEST_NORTH, day)) / YEAR_DAYS);
  const warmth = (1 + (latitude < 0 ? -turn : turn)) / 2;
  const min = mix(climate.coldMin, climate.warmMin, warmth);
  return { min, max: Math.max(min, mix(climate.coldMax, climate.warmMax, warmth)) };
}

/** By how much it is warmer in a house of glass or film that nobody heats, at night and by day, °C. Our defaults. */
const GLASS_NIGHT_C = 2;
const GLASS_DAY_C = 6;

/**
 * Temperatures under glass, where those outside are known.
 *
 * @example underGlass(() => ({ min: 8, max: 20 }))('2026-07-19') // { min: 10, max: 26 }
 */
export const underGlass =
  (outside: (day: Day) => DayTemperatures): ((day: Day) => DayTemperatures) =>
  (day) => {
    const { min, max } = outside(day);
    return { min: min + GLASS_NIGHT_C, max: max + GLASS_DAY_C };
  };

/**
 * Temperatures day by day: what was noted, where it was (dawn stands for the day's lowest), else what to expect.
 *
 * @example temperaturesBy(climate, 52, new Map([[day, { dawnC: 9, maxC: 24, … }]]))(day) // { min: 9, max: 24 }
 */
export const temperaturesBy =
  (
    climate: Climate,
    latitude: number,
    notes: ReadonlyMap<Day, Pick<PartWeather, 'dawnC' | 'maxC'>>,
  ): ((day: Day) => DayTemperatures) =>
  (day) => {
    const { dawnC, maxC } = notes.get(day) ?? {};
    if (dawnC !== undefined && maxC !== undefined) return { min: Math.min(dawnC, maxC), max: maxC };
    // Of a day that was measured in part, the other end is what is usual.
    const usual = normalOf(day, climate, latitude);
    const [min, max] = [dawnC ?? usual.min, maxC ?? usual.max];
    return { min: Math.min(min, maxC ?? min), max: Math.max(max, min) };
  };
