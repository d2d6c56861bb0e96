import { linearScale } from './linear';

export const WEATHER_HEIGHT = 150;
const TOP = 22;
const BASE = 112;
/** The tallest bar of rain, pixels. */
const RAIN_HEIGHT = 40;
const HOUR_MS = 3_600_000;
/** Less than so many degrees apart are not stretched over the whole height. */
const LEAST_SPAN = 8;
const LEAST_RAIN_MM = 2;
/** Half of a label's width: one that would not fit on the picture is left out. */
export const LABEL_HALF = 20;

export interface WeatherHour {
  /** UTC milliseconds. */
  readonly ms: number;
  readonly tempC: number;
  readonly rainMm?: number;
  readonly forecast: boolean;
}

export interface WeatherChartGeometry {
  /** Path of what was measured, and of what is forecast; empty without any. */
  readonly measured: string;
  readonly forecast: string;
  readonly rain: readonly {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  }[];
  readonly ticks: readonly { readonly ms: number; readonly x: number }[];
  /** The coldest and the warmest hour. */
  readonly extremes: readonly {
    readonly ms: number;
    readonly tempC: number;
    readonly x: number;
    readonly y: number;
  }[];
  readonly base: number;
  readonly x: (ms: number) => number;
}

/**
 * Temperature as a line and rain as bars, hour by hour, in pixels.
 *
 * @param hours in order of time, at least one.
 * @param ticks instants to be named under the axis.
 * @example weatherChart([{ ms: 0, tempC: 9, forecast: false }], [], 300).measured // 'M0,67'
 */
export function weatherChart(
  hours: readonly WeatherHour[],
  ticks: readonly number[],
  width: number,
): WeatherChartGeometry {
  const [first, last] = [hours[0]!.ms, hours.at(-1)!.ms];
  const x = linearScale([first, Math.max(last, first + HOUR_MS)], [0, width]);
  const temps = hours.map(({ tempC }) => tempC);
  const [low, high] = [Math.min(...temps), Math.max(...temps)];
  const spare = Math.max(0, LEAST_SPAN - (high - low)) / 2;
  const y = linearScale([low - spare, high + spare], [BASE, TOP]);
  const most = Math.max(LEAST_RAIN_MM, ...hours.map(({ rainMm = 0 }) => rainMm));
  const line = (some: readonly WeatherHour[]): string =>
    some.map(({ ms, tempC }, i) => `${i === 0 ? 'M' : 'L'}${round(x(ms))},${round(y(tempC))}`).join('');
  const from = hours.findIndex(({ forecast }) => forecast);
  const hourWidth = x(first + HOUR_MS) - x(first);
  return {
    measured: line(from < 0 ? hours : hours.slice(0, from)),
    // It sets out from what was measured last.
    forecast: from < 0 ? '' : line(hours.slice(Math.max(0, from - 1))),
    rain: hours
      .filter(({ rainMm = 0 }) => rainMm > 0)
      .map(({ ms, rainMm = 0 }) => {
        const height = (RAIN_HEIGHT * rainMm) / most;
        return { x: x(ms), y: BASE - height, width: Math.max(1, hourWidth * 0.8), height };
      }),
    ticks: ticks
      .map((ms) => ({ ms, x: x(ms) }))
      .filter((tick) => LABEL_HALF <= tick.x && tick.x <= width - LABEL_HALF),
    extremes: [low, high].map((tempC) => {
      const { ms } = hours.find((hour) => hour.tempC === tempC)!;
      return { ms, tempC, x: x(ms), y: y(tempC) };
    }),
    base: BASE,
    x,
  };
}

const round = (pixels: number): number => Math.round(pixels * 10) / 10;
