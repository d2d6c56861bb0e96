import type { NotPlayed } from '@/core/simulation/gardenToSimulate';
import type { OtherWay } from '@/core/simulation/otherWays';
import type { PlantsFor } from '@/core/simulation/fewestPlants';
import { chanceOf, type Fan, type PlayedVariety, type WayDifference } from '@/core/simulation/playSeasons';
import type { Day } from '@/core/time/types';
import type { Format } from '../format/format';

export const OTHER_WAY_NAMES: Readonly<Record<OtherWay, string>> = {
  helper: 'With one person more',
  later: 'Begun an hour later',
  fewerDays: 'On half as many days',
  uncovered: 'Without covers',
  plantFewer: 'One plant fewer',
  plantMore: 'One plant more',
};

export const NOT_PLAYED: Readonly<Record<NotPlayed, string>> = {
  notByHand: 'its flowers are not pollinated one by one',
  fewParts: 'a plant has few ears or heads, each of which is seen to',
  noTime: 'it flowers no more',
  notKnownWhen: 'it is not known when it was sown or when it flowers',
};

/**
 * What comes of a variety, in how many seasons.
 *
 * @example sayTotals(played, '2026-10-31', f) // '23 to 35 fruits by 31 Oct in 8 of 10 seasons; 27 to 32 in half of them.'
 */
export function sayTotals({ fan }: PlayedVariety, last: Day, f: Format): string {
  const [least, lower, , upper, most] = fan.at(-1)!;
  const by = `by ${f.shortDay(last)}`;
  if (most === 0) return `No ripe fruit ${by} in 9 of 10 seasons.`;
  if (least === most) return `${f.count(most, 'fruit', 'fruits')} ${by} in 8 of 10 seasons.`;
  const half = lower === upper ? f.number(lower) : `${f.number(lower)} to ${f.number(upper)}`;
  return `${f.number(least)} to ${f.count(most, 'fruit', 'fruits')} ${by} in 8 of 10 seasons; ${half} in half of them.`;
}

/** The chance of as many as are wanted; of seed, what the seed is. */
export function sayChance({ totals, covered }: PlayedVariety, wanted: number, f: Format): string {
  const chance = Math.round(100 * chanceOf(totals, wanted));
  const seed =
    covered === undefined || covered > 0.995
      ? ''
      : covered < 0.005
        ? ' None comes from a covered flower: of its seed nobody knows the father.'
        : ` ${f.percent(Math.round(covered * 100) / 100)} of all comes from covered flowers: of the rest nobody knows the father.`;
  return `${f.number(chance)} of 100 seasons bring ${f.number(wanted)} or more.${seed}`;
}

/** What becomes of the flowers of a season. */
export function sayFlowers({ opened, pollinated, late, withoutMale }: PlayedVariety, f: Format): string {
  const count = (n: number): string => f.number(Math.round(n));
  return [
    `About ${f.count(Math.round(opened), 'bearing flower opens', 'bearing flowers open')}; ${count(pollinated)} get pollen.`,
    ...(late >= 0.5 ? [`For ${count(late)} there is no time.`] : []),
    ...(withoutMale >= 0.5 ? [`For ${count(withoutMale)} there is no male.`] : []),
  ].join(' ');
}

/** A difference of less than this is none, fruits. */
const NOTHING = 0.05;

/**
 * What the other way brings more or less, in the same seasons.
 *
 * @example sayDifference({ mean: 4.2, low: 4, high: 4.4, more: 0.8, less: 0.1, … }, f)
 */
export function sayDifference({ mean, low, high, more, less }: WayDifference, f: Format): string {
  if (Math.abs(mean) < NOTHING && more < 0.01 && less < 0.01) return 'It makes no difference.';
  const size = `${f.number(Math.abs(mean), 1)} fruits ${mean < 0 ? 'fewer' : 'more'} on average`;
  const [near, far] = mean < 0 ? [-high, -low] : [low, high];
  const range = `(${f.number(near, 1)} to ${f.number(far, 1)})`;
  const share = (of: number): string => f.number(Math.round(of * 100));
  return `${size} ${range}: more in ${share(more)} of 100 seasons, fewer in ${share(less)}.`;
}

/**
 * How many plants to grow another year.
 *
 * @example sayPlants({ plants: 4, chance: 0.93 }, 10, f) // '4 plants: with them 93 of 100 seasons bring 10 or more.'
 */
export const sayPlants = (found: PlantsFor | undefined, wanted: number, f: Format): string =>
  found
    ? `${f.count(found.plants, 'plant', 'plants')}: with as many, ${f.number(Math.round(found.chance * 100))} of 100 seasons bring ${f.count(wanted, 'fruit', 'fruits')} or more.`
    : `No number of plants brings ${f.count(wanted, 'fruit', 'fruits')} in 9 of 10 seasons: there is too little time or pollen for them.`;

/** The fan as a table, a row every so many days and the last one. */
export function fanRows(fan: readonly Fan[], days: readonly Day[], every: number, f: Format): string[][] {
  return fan.flatMap((on, day) =>
    day % every === 0 || day === fan.length - 1
      ? [[f.shortDay(days[day]!), ...on.map((count) => f.number(count))]]
      : [],
  );
}

export const FAN_HEAD = [
  'Day',
  '9 of 10 have more',
  '3 of 4 have more',
  'In the middle',
  '1 of 4 has more',
  '1 of 10 has more',
];
