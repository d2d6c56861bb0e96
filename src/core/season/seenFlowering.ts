import { pollinationsOf } from '../journal/pollinations';
import type { GardenView } from '../journal/gardenOn';
import type { Walk } from '../journal/state';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';

/** What all phones saw of a flowering. What nobody saw is expected, and proves nothing. */
export interface SeenFlowering {
  /** Days on which anybody saw a flower, the earliest first. */
  readonly days: readonly Day[];
  /** Those of them of which somebody said that it was the first flower: before them it had none. */
  readonly firsts?: readonly Day[];
  /** Days after which somebody found no more, the earliest first. */
  readonly over: readonly Day[];
}

/** Between two sightings of one flowering no more days lie: after that it is another. Our default. */
const SAME_FLOWERING_DAYS = 60;
/** Who noted its first flower says that it was not in flower for so long before. Our default. */
const FIRST_SPEAKS_DAYS = 100;
/** Who found that it was over says so of so many days after it: then the next season comes. Our default. */
const OVER_SPEAKS_DAYS = 150;

/**
 * The first flowering that was seen. Who said too early that it was over was mistaken: what is seen later counts.
 *
 * @returns `undefined` where nobody saw any.
 * @example firstFlowering({ days: ['2026-07-01', '2026-07-20'], over: [] }) // { first: '2026-07-01', last: '2026-07-20' }
 */
export function firstFlowering({ days, over }: SeenFlowering): {
  readonly first?: Day;
  readonly last?: Day;
  readonly over?: Day;
} {
  const gap = days.findIndex((day, i) => i > 0 && daysBetween(days[i - 1]!, day) > SAME_FLOWERING_DAYS);
  const [first, last, next] = [days[0], days.at(gap < 0 ? -1 : gap - 1), gap < 0 ? undefined : days[gap]];
  const end = over.find((day) => (last === undefined || last <= day) && (next === undefined || day < next));
  return { ...(first && { first }), ...(last && { last }), ...(end && { over: end }) };
}

/**
 * Was it in flower on a day, or so near to it that its pollen counts? Only what was seen answers that: a flower on the
 * day, or one before and one after it; its first flower later, noted as that; that it was over before. A flower that was
 * only counted later says nothing: nobody may have looked before.
 *
 * @param apart days between two flowerings from which they do not meet, 1 or more.
 * @returns `undefined` where nobody noted it.
 * @example wasInFlower({ days: ['2026-08-01'], firsts: ['2026-08-01'], over: [] }, '2026-07-19', 1) // false
 */
export function wasInFlower(
  { days, firsts = [], over }: SeenFlowering,
  day: Day,
  apart: number,
): boolean | undefined {
  if (days.some((seen) => Math.abs(daysBetween(seen, day)) < apart)) return true;
  const before = days.findLast((seen) => seen <= day);
  const after = days.find((seen) => day <= seen);
  const isOver = over.some((end) => {
    const since = daysBetween(end, day);
    // Who said so too early was mistaken.
    const wentOn = after !== undefined && daysBetween(end, after) <= SAME_FLOWERING_DAYS;
    return apart <= since && since <= OVER_SPEAKS_DAYS && (before ?? '') <= end && !wentOn;
  });
  if (isOver) return false;
  if (before === undefined) {
    const first = firsts.find((noted) => day < noted);
    return first !== undefined && daysBetween(day, first) <= FIRST_SPEAKS_DAYS ? false : undefined;
  }
  return after !== undefined && daysBetween(before, after) <= SAME_FLOWERING_DAYS ? true : undefined;
}

/** Was any flower seen that is open on the day of a walk? */
const sawFlowers = ({ eve, open, receptive }: Walk): boolean =>
  [eve, open].some((count) => count !== undefined && count.female + count.male > 0) || receptive.length > 0;

/**
 * The days between two on which flowers of each planting were counted, covered or pollinated; by the variety where plants
 * are of no planting in particular.
 *
 * @example markedDays(new Journal(), '2026-01-01', '2026-12-31').size // 0
 */
export function markedDays(journal: GardenView, from: Day, to: Day): Map<string, Set<Day>> {
  const plants = journal.all('plant');
  const days = new Map<string, Set<Day>>();
  const mark = (plant: string, day: Day | undefined): void => {
    const stands = plants.get(plant);
    const planting = stands?.planting ?? stands?.variety;
    if (!planting || !day) return;
    const held = days.get(planting);
    if (held) held.add(day);
    else days.set(planting, new Set([day]));
  };
  for (const bloom of journal.bloomsBetween(from, to)) {
    mark(bloom.plant, bloom.day);
    for (const { day } of pollinationsOf(bloom)) mark(bloom.plant, day);
  }
  for (const walk of journal.walksBetween(from, to)) if (sawFlowers(walk)) mark(walk.plant, walk.day);
  return days;
}
