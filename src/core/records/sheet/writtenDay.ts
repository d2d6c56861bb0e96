import { withoutAccents } from '../../text/withoutAccents';
import { daysBetween, isDay, MS_PER_DAY } from '../../time/calendar';
import type { Day } from '../../time/types';
import type { DateOrder } from '../dateOrder';

export interface DayReading {
  /** Missing where the table does not tell: 5/6 may be in May or in June. */
  readonly order: DateOrder | undefined;
  /** The year of days that are written without one; without it the one that lies nearest. */
  readonly year: number | undefined;
  readonly today: Day;
}

/** What was made of a written day. */
export type WrittenDay =
  | { readonly day: Day; readonly yearless: boolean }
  /** A day by every order, but not the same one. */
  | 'whichOrder'
  | 'none';

/** Languages whose names of months are read, in any of their spellings. */
const LANGUAGES = ['en', 'de', 'fr', 'es', 'it', 'nl', 'pt'];
/** Letters by which the name of a month may be cut short. */
const LEAST_LETTERS = 3;

/** Names of months without accents, by the numbers they stand for. By Unicode CLDR, as `Intl` has them. */
const MONTHS: readonly (readonly [name: string, month: number])[] = LANGUAGES.flatMap((language) =>
  (['long', 'short'] as const).flatMap((style) => {
    const format = new Intl.DateTimeFormat(language, { month: style, timeZone: 'UTC' });
    return Array.from({ length: 12 }, (_, i): [string, number] => [
      withoutAccents(format.format(Date.UTC(2026, i, 15))).replace(/[^a-z]/g, ''),
      i + 1,
    ]);
  }),
);

/** Names of weekdays; by Unicode CLDR too. */
const WEEKDAYS: readonly string[] = LANGUAGES.flatMap((language) => {
  const format = new Intl.DateTimeFormat(language, { weekday: 'long', timeZone: 'UTC' });
  return Array.from({ length: 7 }, (_, i) => withoutAccents(format.format(Date.UTC(2026, 0, 4 + i))));
});

/** A weekday, or the beginning of one. */
const isWeekday = (word: string): boolean =>
  word.length > 1 && WEEKDAYS.some((name) => name.startsWith(word.replace(/\.$/, '')));

/** `undefined` for what no month begins with, or several do. */
function monthCalled(word: string): number | undefined {
  const exact = new Set(MONTHS.filter(([name]) => name === word).map(([, month]) => month));
  if (exact.size === 1) return [...exact][0];
  if (word.length < LEAST_LETTERS) return undefined;
  const begun = new Set(MONTHS.filter(([name]) => name.startsWith(word)).map(([, month]) => month));
  return begun.size === 1 ? [...begun][0] : undefined;
}

/** Days since the last of 1899, as spreadsheets store a day: from 2000 to 2099. ECMA-376, part 1, 18.17.4 (from memory). */
const SERIAL = /^(3[6-9]|[4-6]\d|7[0-2])\d{3}(\.0+)?$/;
const SERIAL_EPOCH = Date.UTC(1899, 11, 30);
const CENTURY = 2000;

/**
 * The day that a cell names, in any common form: `2026-05-12`, `12.5.26`, `5/12/2026`, `12 May 2026`, `May 12th`,
 * `12. Mai`, `12 août 2026`, a time of day behind it or not. A word for about in front and what stands in brackets are
 * passed over.
 *
 * @example writtenDay('12. Mai 2026', { order: undefined, year: undefined, today: '2026-11-25' }) // { day: '2026-05-12', … }
 */
export function writtenDay(text: string, reading: DayReading): WrittenDay {
  const plain = withoutAccents(text)
    .replace(/\(.*?\)/g, ' ')
    .trim()
    .replace(/^(about|around|approx\.?|circa|ca?\.|ca|~|ungefahr|etwa|vers|hacia)\s*/, '')
    .replace(/[t ,]+\d{1,2}:\d{2}(:\d{2}(\.\d+)?)?\s*(z|am|pm|[+-]\d{2}:?\d{2})?$/, '')
    .trim();
  if (SERIAL.test(plain)) {
    const ms = SERIAL_EPOCH + Math.floor(Number(plain)) * MS_PER_DAY;
    return { day: new Date(ms).toISOString().slice(0, 10), yearless: false };
  }
  const found = inNumbers(plain, reading) ?? inWords(plain, reading) ?? 'none';
  const [first = '', ...rest] = plain.split(/[\s,]+/);
  // `Di. 7.4.2026`, `mar. 31 mars`: a weekday in front.
  return found === 'none' && rest.length > 0 && isWeekday(first)
    ? writtenDay(rest.join(' '), reading)
    : found;
}

/** Three numbers, or day and month alone. */
function inNumbers(text: string, reading: DayReading): WrittenDay | undefined {
  const found = /^(\d{1,4})\s*[-/. ]\s*(\d{1,2})(?:\s*[-/. ]\s*(\d{2,4}))?\.?$/.exec(text);
  if (!found) return undefined;
  const [, first, second, third] = found as unknown as [string, string, string, string | undefined];
  if (first.length === 4) {
    return third === undefined ? 'none' : ofYear(yearOf(first), Number(second), Number(third));
  }
  if (first.length === 3) return 'none';
  const order = text.includes('.') ? 'dayFirst' : reading.order;
  const [a, b] = [Number(first), Number(second)];
  const yearFirst = shortYearFirst(text, reading);
  if (yearFirst) return yearFirst;
  const dayFirst = dated(third, b, a, reading);
  const monthFirst = dated(third, a, b, reading);
  if (order === 'dayFirst') return dayFirst;
  if (order === 'monthFirst') return monthFirst;
  if (dayFirst === 'none') return monthFirst;
  return monthFirst === 'none' || a === b ? dayFirst : 'whichOrder';
}

/** A table of a garden is about years near this one. Our default. */
const NEAR_YEARS = 3;

/** `26-05-12` where the last number would be a year far from now, and the first is one near it. */
function shortYearFirst(text: string, { today }: DayReading): WrittenDay | undefined {
  const found = /^(\d{2})-(\d{1,2})-(\d{2})$/.exec(text);
  if (!found) return undefined;
  const isNear = (year: string): boolean => Math.abs(yearOf(year) - Number(today.slice(0, 4))) <= NEAR_YEARS;
  const [, first, month, last] = found as unknown as [string, string, string, string];
  if (!isNear(first) || isNear(last)) return undefined;
  const day = ofYear(yearOf(first), Number(month), Number(last));
  return day === 'none' ? undefined : day;
}

/** Two numbers between which a day lies: `10-15 May`, `1. bis 5. Mai`. */
const FROM_TO = /\d\w*\.?\s*([-–—/+&]|to|bis|und|and|or|oder|a|au|al|et|y|e|tot|en)\s*\d/;

/** The name of a month, with the day before or behind it. */
function inWords(text: string, reading: DayReading): WrittenDay | undefined {
  const words = text
    .replace(/['’]/g, '')
    .split(/[\s,./-]+/)
    .filter((word) => !/^(of|de|del|den|le|the|el|il|o|)$/.test(word));
  // The name of a weekday may stand in front.
  const from = words.findIndex((word) => /\d/.test(word) || monthCalled(word) !== undefined);
  const parts = words.slice(Math.max(0, from));
  if (parts.length < 2 || parts.length > 3) return undefined;
  const at = parts.findIndex((word) => /^[a-z]+$/.test(word) && monthCalled(word) !== undefined);
  if (at < 0) return undefined;
  const numbers = parts.filter((_, i) => i !== at).map((word) => word.replace(/(st|nd|rd|th|er|e|o|º)$/, ''));
  if (!numbers.every((word) => /^\d{1,4}$/.test(word))) return undefined;
  // A year of two figures stands last, and nothing but it has an apostrophe.
  if (FROM_TO.test(text) && !numbers.some((word) => word.length === 4)) return 'none';
  if (numbers.length === 2 && at === parts.length - 1 && numbers.every((word) => word.length < 4))
    return 'none';
  const yearAt = numbers.findIndex((word) => word.length === 4);
  const [year, day] = yearAt === 0 ? [numbers[0], numbers[1]] : [numbers[1], numbers[0]];
  return day === undefined ? undefined : dated(year, monthCalled(parts[at]!)!, Number(day), reading);
}

const yearOf = (written: string): number =>
  written.length <= 2 ? CENTURY + Number(written) : Number(written);

function dated(year: string | undefined, month: number, day: number, reading: DayReading): WrittenDay {
  if (year !== undefined) return year.length === 3 ? 'none' : ofYear(yearOf(year), month, day);
  if (reading.year !== undefined) return yearless(ofYear(reading.year, month, day));
  const now = Number(reading.today.slice(0, 4));
  const near = [now - 1, now, now + 1].flatMap((each) => {
    const found = ofYear(each, month, day);
    return typeof found === 'string' ? [] : [found];
  });
  const gap = ({ day: each }: { readonly day: Day }): number => Math.abs(daysBetween(each, reading.today));
  return yearless(near.sort((a, b) => gap(a) - gap(b))[0] ?? 'none');
}

const yearless = (found: WrittenDay): WrittenDay =>
  typeof found === 'string' ? found : { ...found, yearless: true };

function ofYear(year: number, month: number, day: number): WrittenDay {
  const text = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return isDay(text) ? { day: text, yearless: false } : 'none';
}
