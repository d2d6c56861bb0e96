import { atClock } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { lengthIn, temperatureIn, type Units } from '@/core/text/units';
import type { HourStyle } from '@/data/device/deviceStore';

interface UnitNames {
  readonly length: string;
  readonly temperature: string;
}

const UNIT_NAMES: Readonly<Record<Units, UnitNames>> = {
  metric: { length: 'm', temperature: '°C' },
  imperial: { length: 'ft', temperature: '°F' },
};

/** Numbers, times and days as this grower reads them. */
export interface Format {
  /** Clock time of an instant in the garden, `5:41`. */
  time(ms: number): string;
  /** A whole hour since midnight on the band of hours. */
  hour(hour: number): string;
  /** `Saturday 18 July`. */
  day(day: Day): string;
  /** `18 Jul`. */
  shortDay(day: Day): string;
  number(value: number, digits?: number): string;
  /** A share from 0 to 1, `63 %`. */
  percent(share: number): string;
  length(metres: number): string;
  temperature(celsius: number): string;
  /** Names of the units, for the labels of fields. */
  readonly unit: UnitNames;
  /** A length and a temperature as they stand in a field, without their unit. */
  typedLength(metres: number): string;
  typedTemperature(celsius: number): string;
  /** `1 fruit`, `3 fruits`. */
  count(n: number, one: string, many: string): string;
  /** The word alone: `fruit`, `fruits`. */
  plural(n: number, one: string, many: string): string;
}

export function formatFor(zone: string, units: Units, hours: HourStyle, locale: string): Format {
  const hour12 = hours === 'auto' ? undefined : hours === 'h12';
  const time = new Intl.DateTimeFormat(locale, {
    hour: 'numeric',
    minute: '2-digit',
    hour12,
    timeZone: zone,
  });
  const hour = new Intl.DateTimeFormat(locale, { hour: 'numeric', hour12, timeZone: 'UTC' });
  const twelve = hour.resolvedOptions().hour12 === true;
  const long = new Intl.DateTimeFormat(locale, {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  });
  const short = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', timeZone: 'UTC' });
  const rules = new Intl.PluralRules('en');
  const plural = (n: number, one: string, many: string): string => (rules.select(n) === 'one' ? one : many);
  const number = (value: number, digits = 0): string =>
    new Intl.NumberFormat(locale, { maximumFractionDigits: digits }).format(value);
  const names = UNIT_NAMES[units];
  const asDate = (day: Day): number => atClock(day, 12, 'UTC');
  return {
    time: (ms) => time.format(ms),
    hour: (h) => (twelve ? hour.format(h * 3_600_000) : String(h)),
    day: (day) => long.format(asDate(day)).replace(',', ''),
    shortDay: (day) => short.format(asDate(day)),
    number,
    percent: (share) => `${number(share * 100)} %`,
    length: (metres) => {
      const length = lengthIn(units, metres);
      return `${number(length, length < 100 ? 1 : 0)} ${names.length}`;
    },
    temperature: (celsius) => `${number(temperatureIn(units, celsius))} ${names.temperature}`,
    unit: names,
    typedLength: (metres) => String(lengthIn(units, metres)),
    typedTemperature: (celsius) => String(temperatureIn(units, celsius)),
    count: (n, one, many) => `${number(n)} ${plural(n, one, many)}`,
    plural,
  };
}
