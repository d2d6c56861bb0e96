import type { Fact } from '../journal/entry';
import type { CoverFinding } from '../journal/kinds/roundBodies';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom } from '../journal/state';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';

/**
 * A cover that is not there any more, as it was found.
 *
 * @param day on which it came off, where that is known.
 * @example coverOff(bloom, 'torn', undefined).kind // 'uncovered'
 */
export const coverOff = (
  { bloom, plant }: Pick<Bloom, 'bloom' | 'plant'>,
  found: CoverFinding,
  day: Day | undefined,
): Fact => ({
  kind: 'uncovered',
  body: { bloom, plant, found, ...(day !== undefined && { day }) },
});

/** So many days back one remembers. Our default. */
const REMEMBERED_DAYS = 10;

/**
 * The days on which a cover that is found gone may have come off, the latest first: from the last pollination, under
 * which it was put back, to today.
 *
 * @example daysUncovered(bloom, '2026-07-19') // ['2026-07-19', '2026-07-18'] of one pollinated the day before
 */
export function daysUncovered(bloom: Bloom, today: Day): readonly Day[] {
  const from = pollinationsOf(bloom).at(-1)?.day ?? bloom.day ?? today;
  const days = Math.min(REMEMBERED_DAYS, Math.max(0, daysBetween(from, today)) + 1);
  return Array.from({ length: days }, (_, back) => addDays(today, -back));
}

/**
 * Fruit that had set by itself and was taken off a plant; 0 where there was none.
 *
 * @example stripped('p1', '2026-07-19', 2).kind // 'stripped'
 */
export const stripped = (plant: string, day: Day, count: number): Fact => ({
  kind: 'stripped',
  body: { plant, day, count, kept: [] },
});

/**
 * A fruit that had set by itself, was left on its plant and got a tag.
 *
 * @example keptOn('p1', '2026-07-19', { bloom: 'f', code: 'K123' }).kind // 'stripped'
 */
export const keptOn = (
  plant: string,
  day: Day,
  fruit: { readonly bloom: string; readonly code: string },
): Fact => ({ kind: 'stripped', body: { plant, day, count: 0, kept: [fruit] } });

/**
 * Fruit that was taken off by choice.
 *
 * @param count of a cohort; without it all that is left.
 * @example thinned('f').kind // 'removed'
 */
export const thinned = (bloom: string, count?: number): Fact => ({
  kind: 'removed',
  body: { bloom, how: 'thinned', ...(count !== undefined && { count }) },
});
