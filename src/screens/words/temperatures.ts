import type { PartWeather } from '@/core/weather/dayWeather';
import type { Format } from '../format/format';

/**
 * A day's temperatures, as far as they were measured: `12 °C to 24 °C`, `12 °C at dawn, 19 °C so far`, `19 °C so far`.
 *
 * @example sayTemperatures({ dawnC: 12, maxC: 24, reachedC: 24 }, f) // '12 °C to 24 °C'
 */
export function sayTemperatures(
  { dawnC, maxC, reachedC }: Pick<PartWeather, 'dawnC' | 'maxC' | 'reachedC'>,
  f: Format,
): string {
  const most = maxC === undefined ? `${f.temperature(reachedC)} so far` : undefined;
  if (dawnC === undefined) return most ?? `up to ${f.temperature(maxC!)}`;
  return most === undefined
    ? `${f.temperature(dawnC)} to ${f.temperature(maxC!)}`
    : `${f.temperature(dawnC)} at dawn, ${most}`;
}
