import type { Settings } from '../device/settings';

/** Countries that measure gardens in feet and air in °F. Unicode CLDR, supplemental measurement data (from memory). */
const IN_FEET = new Set(['US', 'LR', 'PR', 'GU', 'VI', 'AS', 'MP']);

/**
 * Units and clock as they are usual in a country, to begin with.
 *
 * @param country ISO 3166 code of two letters; nothing is known of an empty one.
 * @example habitsOf('US') // { units: 'imperial', hours: 'h12' }
 */
export function habitsOf(country: string): Partial<Settings> {
  if (!/^[A-Z]{2}$/.test(country)) return {};
  const { hourCycle } = new Intl.DateTimeFormat(`en-${country}`, {
    hour: 'numeric',
    timeZone: 'UTC',
  }).resolvedOptions();
  return {
    units: IN_FEET.has(country) ? 'imperial' : 'metric',
    hours: hourCycle === 'h11' || hourCycle === 'h12' ? 'h12' : 'h24',
  };
}
