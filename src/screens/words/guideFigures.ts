import type { Crop } from '@/core/crops/catalogue';
import type { Figure, FlowerHours, Span, Standing } from '@/core/crops/crop';
import type { FigureCode, GuideFigure } from '@/core/guide/guideFigures';
import type { Format } from '../format/format';
import { wordsOf } from './forms/forms';

/** The words of the field guide. */

export const STANDINGS: Readonly<Record<Standing, string>> = {
  practice: 'common practice, no source',
  memory: 'published, quoted from memory',
  default: 'our default',
};

export const sayStanding = ({ standing, source }: Figure<unknown>): string =>
  source ? `${STANDINGS[standing]}: ${source}` : STANDINGS[standing];

const FROM: Readonly<Record<FlowerHours['from'], string>> = {
  sunrise: 'sunrise',
  noon: 'noon by the sun',
  sunset: 'sunset',
};

function hours(from: number, to: number, f: Format): string {
  if (from !== to) return `${f.number(from, 1)} to ${f.number(to, 1)} hours`;
  return from < 1
    ? f.count(60 * from, 'minute', 'minutes')
    : `${f.number(from, 1)} ${f.plural(from, 'hour', 'hours')}`;
}

/**
 * Hours from the sun's mark, before or after it.
 *
 * @example sayFromSun([-0.5, 0.5], 'sunrise', f) // '30 minutes before to 30 minutes after sunrise'
 */
export function sayFromSun([from, to]: Span, mark: string, f: Format): string {
  if (from < 0 && to > 0) return `${hours(-from, -from, f)} before to ${hours(to, to, f)} after ${mark}`;
  if (to === 0) return `From ${hours(-from, -from, f)} before ${mark} to ${mark}`;
  if (to < 0) return `${hours(-to, -from, f)} before ${mark}`;
  return `${hours(from, to, f)} after ${mark}`;
}

const FIGURES: Readonly<Record<FigureCode, string>> = {
  base: 'Grows from',
  cap: 'Grows no faster above',
  toFlower: 'Warmth from sowing to the first flowers',
  bearingAfterMales: 'From the first males to the first females',
  floweringDays: 'Flowers for',
  opens: 'Opens',
  shuts: 'Shuts',
  doneByClock: 'To be safe, done by',
  floor: 'Opens late below',
  receptive: 'A female is good for',
  malesPerFemale: 'Males that come for each female',
  malesForFruit: 'Males to use on each, for fruit',
  malesForSeed: 'Males to use on each, for seed',
  routineEvery: 'Shake or brush every',
  routineTakes: 'At each flower',
  routineBest: 'Best between',
  routineForDays: 'For',
  hotDay: 'Trouble on days hotter than',
  hotNight: 'Trouble in nights warmer than',
  coldNight: 'Trouble in nights colder than',
  dewPointSign: 'Sign of such air: a dew point of',
  humidityBest: 'Best humidity at the work',
  humidityClumpsFrom: 'Pollen clumps from',
  humiditySticksPoorlyBelow: 'Pollen sticks poorly below',
  setPrior: 'Of ten flowers worked, that set',
  looksEarly: 'First look, after',
  looksSet: 'Set or not, after',
  looksKept: 'Kept for good, after',
  eatAfter: 'To eat, after',
  seedAfter: 'Seed ripe on the plant, after',
  seedFruits: 'Fruits for seed on a plant',
  outcrossing: 'Seed with another father, in a mixed open patch',
  distanceCasual: 'Isolation distance, seed for fun',
  distanceSaving: 'Isolation distance, to keep a variety',
  distanceRare: 'Isolation distance, rare or for sale',
  timeApart: 'Or isolated by time',
  mothersAny: 'Fewest mothers, for any seed',
  mothersKeep: 'Fewest mothers, to keep a variety',
  mothersConserve: 'Fewest mothers, to conserve it',
};

/** Figures whose words hang on what the crop bears. */
export const sayFigureName = (code: FigureCode, { flower, habit }: Crop): string => {
  const own = wordsOf(flower).figures[code];
  if (own !== undefined) return own;
  return habit === 'perfect' && code === 'receptive' ? 'A flower is good for' : FIGURES[code];
};

/** A figure with its unit. */
export function sayFigure({ code, figure }: GuideFigure, { hours: open }: Crop, f: Format): string {
  const { value, unit } = figure;
  const [from, to] = value;
  if (open && code === 'opens') return sayFromSun(value, FROM[open.from], f);
  if (open && code === 'shuts') {
    return sayFromSun(value, open.shutsFrom ? 'the next sunrise' : FROM[open.from], f);
  }
  if (code === 'doneByClock') return `${f.hour(from)} o’clock`;
  if (code === 'routineBest') return `${f.hour(from)} and ${f.hour(to)} o’clock`;
  if (code === 'setPrior') return f.number(10 * from, 1);
  const range = (say: (n: number) => string): string =>
    from === to ? say(from) : `${say(from)} to ${say(to)}`;
  switch (unit) {
    case 'h':
      return to > HOURS_AS_DAYS
        ? `${range((n) => f.number(n / 24))} ${f.plural(to / 24, 'day', 'days')}`
        : hours(from, to, f);
    case 'd':
      return `${range((n) => f.number(n))} ${f.plural(to, 'day', 'days')}`;
    case 's':
      return `${range((n) => f.number(n))} ${f.plural(to, 'second', 'seconds')}`;
    case 'min':
      return `${range((n) => f.number(n))} ${f.plural(to, 'minute', 'minutes')}`;
    case 'degC':
      return range((n) => f.temperature(n));
    case 'degCd':
      return `${range((n) => f.number(n))} degree days (°C)`;
    case 'share':
      return range((n) => `${f.number(100 * n, n < 0.02 ? 1 : 0)} %`);
    case 'percent':
      return range((n) => `${f.number(n)} %`);
    case 'm':
      return range((n) => f.length(n));
    case 'mm':
      return range((n) => f.size(n));
    case 'count':
      return range((n) => f.number(n, 1));
  }
}

/** Longer than this, hours are said in days. */
const HOURS_AS_DAYS = 24;
