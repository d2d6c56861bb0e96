import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { meantFor } from '../journal/matingOf';
import { techniqueOf } from '../outing/technique';
import type { OpenPlant } from './openNow';
import { openVisitFacts } from './openVisit';

/** What paper says of a plant: how many were open, and how many females got pollen. */
export interface OpenCount {
  readonly female: number;
  readonly male: number;
  readonly pollinated: number;
}

export type ReadCount =
  | { readonly ok: true; readonly count: OpenCount }
  | { readonly ok: false; readonly why: 'numbers' | 'pollen' | 'more' | 'many' };

/** More of one plant nobody counts. */
const MOST = 200;

/**
 * Reads what was written beside a plant: females, males, and how many females got pollen. `0` alone: none was open. How
 * many got pollen is never guessed.
 *
 * @example readOpenCount('2 3 1') // { ok: true, count: { female: 2, male: 3, pollinated: 1 } }
 */
export function readOpenCount(typed: string): ReadCount {
  const words = typed.trim().split(/[\s,;/]+/);
  if (words.length > 3 || !words.every((word) => /^\d{1,4}$/.test(word)))
    return { ok: false, why: 'numbers' };
  const [female = 0, male, pollinated] = words.map(Number);
  if (Math.max(female, male ?? 0) > MOST) return { ok: false, why: 'many' };
  if (male === undefined && female > 0) return { ok: false, why: 'numbers' };
  if (pollinated === undefined && female > 0) return { ok: false, why: 'pollen' };
  if ((pollinated ?? 0) > female) return { ok: false, why: 'more' };
  return { ok: true, count: { female, male: male ?? 0, pollinated: pollinated ?? 0 } };
}

/**
 * What is recorded of plants that somebody counted on paper. Whose pollen it was the paper does not say: it is not known.
 * Plants of a trial are left out, since a trial asks more than paper holds.
 *
 * @param counts by plant.
 * @param at when they were looked at, UTC milliseconds.
 */
export const openFromPaper = (
  journal: Journal,
  plants: readonly OpenPlant[],
  counts: ReadonlyMap<string, OpenCount>,
  at: number,
): Fact[] =>
  plants.flatMap((here) => {
    const count = counts.get(here.plant.plant);
    const meant = meantFor(journal, here.plant.plant, here.day);
    if (!count || !meant || here.tried) return [];
    const { female, male, pollinated } = count;
    const { method } = techniqueOf(journal, meant);
    return openVisitFacts(journal, here, {
      ...{ open: { female, male }, pollinated, method, fathers: [] },
    }).map((fact) => ({ ...fact, at }) as Fact);
  });
