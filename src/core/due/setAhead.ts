import { ownSet } from '../fruit/ownSet';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import type { Expected } from '../opening/budModel';
import type { OpeningForecast } from '../opening/forecastOpenings';
import type { Day } from '../time/types';

/** How many of the flowers to expect of a variety set, if each is worked. */
export interface SetAhead {
  /** Flowers that bear, on all the days together. */
  readonly females: Expected;
  readonly set: number;
  /** Own flowers of which is known whether they set, and how much they weigh against the handbook's figure, 0 to 1. */
  readonly own: number;
  readonly ownWeight: number;
}

/**
 * What the flowers to expect are worth: how many of each variety's set, by its own figures and the handbook's.
 *
 * @param today whose figures are known.
 * @returns varieties of which no flower that bears is to be expected left out.
 * @example setAhead(journal, garden, '2026-07-19', { days: [], varieties: [] }).size // 0
 */
export function setAhead(
  journal: Journal,
  garden: Garden,
  today: Day,
  { varieties }: OpeningForecast,
): ReadonlyMap<string, SetAhead> {
  const setOf = ownSet(journal, garden, today);
  return new Map(
    varieties.flatMap(({ variety: id, flowers }): [string, SetAhead][] => {
      const variety = journal.all('variety').get(id);
      const bears = flowers.find(({ sex }) => sex === 'female');
      if (!variety || !bears || Math.round(bears.total.mean) === 0) return [];
      const { share, own, ownWeight } = setOf(id, variety.crop);
      return [[id, { females: bears.total, set: bears.total.mean * share, own, ownWeight }]];
    }),
  );
}
