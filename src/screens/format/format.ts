import { atClock } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { lengthIn, GRAMS_PER_OUNCE, MM_PER_INCH, temperatureIn, type Units } from '@/core/text/units';
import type { HourStyle } from '@/data/device/settings';

interface UnitNames {
  readonly length: string;
  readonly temperature: string;
  readonly weight: string;
}

const UNIT_NAMES: Readonly<Record<Units, UnitNames>> = {
  metric: { length: 'm', temperature: '°C', weight: 'g' },
  imperial: { length: 'ft', temperature: '°F', weight: 'oz' },
};

/** Numbers, times and days as this grower reads them. */
export interface Format {
  /** Clock time of an instant in the garden, `5:41`. */
  time(ms: number): string;
  /** A whole hour since midnight on the band of hours, which may begin the evening before. */
  hour(hour: number): string;
  /** `Saturday 18 July`. */
  day(day: Day): string;
  /** `18 Jul`. */
  shortDay(day: Day): string;
  /** `Mon 20`. */
  weekday(day: Day): string;
  /** `18 Jul 2026`. */
  date(day: Day): string;
  number(value: number, digits?: number): string;
  /** A share from 0 to 1, `63 %`. */
  percent(share: number): string;
  length(metres: number): string;
  temperature(celsius: number): string;
  /** Rain, from millimetres. */
  rain(mm: number): string;
  /** Of a fruit. */
  size(mm: number): string;
  weight(grams: number): string;
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

const formats = new Map<string, Format>();

/** The format for these settings, one for all screens: the browser's own formatters are slow to make. */
export function formatFor(zone: string, units: Units, hours: HourStyle, locale: string): Format {
  const key = [zone, units, hours, locale].join();
  const format = formats.get(key) ?? newFormat(zone, units, hours, locale);
  formats.set(key, format);
  return format;
}

/** Made when it is first needed. */
function later<T>(make: () => T): () => T {
  let made: T | undefined;
  return () => (made ??= make());
}

function newFormat(zone: string, units: Units, hours: HourStyle, locale: string): Format {
  const hour12 = hours === 'auto' ? undefined : hours === 'h12';
  const inDays = (options: Intl.DateTimeFormatOptions) =>
    later(() => new Intl.DateTimeFormat(locale, { timeZone: 'UTC', ...options }));
  const time = inDays({ hour: 'numeric', minute: '2-digit', hour12, timeZone: zone });
  const hour = inDays({ hour: 'numeric', hour12 });
  const long = inDays({ weekday: 'long', day: 'numeric', month: 'long' });
  const short = inDays({ day: 'numeric', month: 'short' });
  const weekday = inDays({ weekday: 'short', day: 'numeric' });
  const date = inDays({ day: 'numeric', month: 'short', year: 'numeric' });
  const twelve = later(() => hour().resolvedOptions().hour12 === true);
  const rules = later(() => new Intl.PluralRules('en'));
  const plural = (n: number, one: string, many: string): string => (rules().select(n) === 'one' ? one : many);
  const toDigits = new Map<number, Intl.NumberFormat>();
  const number = (value: number, digits = 0): string => {
    const format = toDigits.get(digits) ?? new Intl.NumberFormat(locale, { maximumFractionDigits: digits });
    toDigits.set(digits, format);
    return format.format(value);
  };
  const names = UNIT_NAMES[units];
  const asDate = (day: Day): number => atClock(day, 12, 'UTC');
  return {
    time: (ms) => time().format(ms),
    hour: (h) => {
      const ofDay = ((h % 24) + 24) % 24;
      return twelve() ? hour().format(ofDay * 3_600_000) : String(ofDay);
    },
    weekday: (day) => weekday().format(asDate(day)),
    day: (day) => long().format(asDate(day)).replace(',', ''),
    shortDay: (day) => short().format(asDate(day)),
    date: (day) => date().format(asDate(day)),
    number,
    percent: (share) => `${number(share * 100)} %`,
    length: (metres) => {
      const length = lengthIn(units, metres);
      return `${number(length, length < 100 ? 1 : 0)} ${names.length}`;
    },
    temperature: (celsius) => `${number(temperatureIn(units, celsius))} ${names.temperature}`,
    rain: (mm) => (units === 'metric' ? `${number(mm, 1)} mm` : `${number(mm / MM_PER_INCH, 2)} in`),
    size: (mm) => (units === 'metric' ? `${number(mm / 10, 1)} cm` : `${number(mm / MM_PER_INCH, 1)} in`),
    weight: (grams) =>
      units === 'imperial'
        ? `${number(grams / GRAMS_PER_OUNCE, 1)} oz`
        : grams < 1000
          ? `${number(grams, grams < 100 ? 1 : 0)} g`
          : `${number(grams / 1000, 2)} kg`,
    unit: names,
    typedLength: (metres) => String(lengthIn(units, metres)),
    typedTemperature: (celsius) => String(temperatureIn(units, celsius)),
    count: (n, one, many) => `${number(n)} ${plural(n, one, many)}`,
    plural,
  };
}
