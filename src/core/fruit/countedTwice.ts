import { cohortId, cohortOf } from '../journal/cohort';
import type { Journal } from '../journal/journal';
import type { Bloom } from '../journal/state';

/**
 * What may be the same flower: of one that is followed by itself those that were counted on its plant and day without a
 * tag, of those that were counted each that is followed by itself. Two phones may each have pollinated it, or one person
 * twice; only who was there can say.
 *
 * @returns none where it is known to be one of them.
 * @example maybeSame(new Journal(), flower) // []
 */
export function maybeSame(journal: Journal, bloom: Bloom): Bloom[] {
  const { plant, day, part, sex, of, pollination } = bloom;
  if (!pollination || of !== undefined || day === undefined || sex === undefined) return [];
  if (!cohortOf(bloom.bloom)) {
    const counted = journal.all('bloom').get(cohortId({ plant, day, part, sex }));
    return counted?.pollination ? [counted] : [];
  }
  return journal
    .bloomsOf(day)
    .filter(
      (each) =>
        each.plant === plant &&
        each.part === part &&
        each.sex === sex &&
        each.pollination !== undefined &&
        each.of === undefined &&
        !cohortOf(each.bloom),
    )
    .sort((a, b) => (a.bloom < b.bloom ? -1 : 1));
}
