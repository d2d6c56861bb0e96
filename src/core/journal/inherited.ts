import type { Journal } from './journal';
import { byTime } from './order';
import { pollinationsOf } from './pollinations';
import type { Bloom, Look } from './state';

/**
 * A bloom with what it inherits of the cohort it was one of: its pollinations, and looks by count that speak for all
 * of them, since all or none were growing.
 *
 * @example inherited(journal, bloom) === bloom // true for one that never was in a cohort
 */
export function inherited(journal: Journal, bloom: Bloom): Bloom {
  const cohort = bloom.of === undefined ? undefined : journal.all('bloom').get(bloom.of);
  if (!cohort) return bloom;
  const [first, ...later] = [...pollinationsOf(cohort), ...pollinationsOf(bloom)].sort(byTime);
  const looks = [...cohort.looks.filter(speaksForAll), ...bloom.looks].sort(byTime);
  return { ...bloom, ...(first && { pollination: first }), laterPollinations: later, looks };
}

const speaksForAll = ({ growing, of }: Look): boolean =>
  growing === undefined || growing === 0 || growing === of;
