import { isFollowed, isOnPlant } from '../fruit/fruitHistory';
import { fruitsOf } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import { withCohortHistory } from '../journal/withCohortHistory';
import type { Bloom, Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import { wholeFruits } from '../seed/seedJobs';
import { byId } from '../text/byId';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';

/**
 * Flowers and fruits that wear a tag: females marked for a morning to come, fruits on their plants, and those that were
 * picked for seed and are still whole.
 */
export const TAGGED = ['marked', 'growing', 'picked'] as const;
export type Tagged = (typeof TAGGED)[number];

/** Flowers are marked so many days before they open, at most. Our default. */
const DAYS_AHEAD = 7;
/** What takes pollen for more than a day takes it for so long, at most. Our default. */
const DAYS_BACK = 14;

/**
 * What wears a tag now, by the tag.
 *
 * @example taggedNow(new Journal(), garden, today, 'growing') // []
 */
export function taggedNow(journal: Journal, garden: Garden, today: Day, which: Tagged): Bloom[] {
  return worn(journal, garden, today, which)
    .filter(({ code }) => code !== '')
    .map((bloom) => withCohortHistory(journal, bloom))
    .sort((a, b) => byId(a.code, b.code) || byId(a.bloom, b.bloom));
}

function worn(journal: Journal, garden: Garden, today: Day, which: Tagged): Bloom[] {
  switch (which) {
    case 'marked':
      return [
        ...journal.bloomsWaiting(),
        ...journal
          .bloomsBetween(addDays(today, -DAYS_BACK), addDays(today, DAYS_AHEAD))
          // A flower lasts its day; an ear, a truss or a head waits longer.
          .filter(({ day, part }) => part !== 'flower' || day === undefined || day >= today),
      ].filter((bloom) => isMarked(journal, bloom));
    case 'growing':
      return fruitsOf(journal, garden, today, seasonAt(journal, today))
        .filter(({ plant, history }) => !plant.removed && isOnPlant(history))
        .map(({ bloom }) => bloom);
    case 'picked':
      return wholeFruits(journal, garden, today).map(({ bloom }) => bloom);
  }
}

/** A female that waits for its pollen. */
const isMarked = (journal: Journal, bloom: Bloom): boolean =>
  bloom.sex !== 'male' &&
  !isFollowed(bloom) &&
  !bloom.missed &&
  !bloom.removed &&
  !journal.all('plant').get(bloom.plant)?.removed;
