import type { Journal } from '../journal/journal';
import { grownThen } from '../journal/past';
import { leftWithoutPollen } from '../journal/pollinations';
import type { Season } from '../journal/state';

/**
 * Flowers of a season that opened and could not be pollinated, since there was no pollen, by variety. They are in no rate:
 * nobody pollinated them.
 *
 * @example withoutPollen(new Journal(), { from: '2026-03-01', to: '2026-11-30' }).size // 0
 */
export function withoutPollen(
  journal: Journal,
  { from, to }: Pick<Season, 'from' | 'to'>,
): ReadonlyMap<string, number> {
  const left = new Map<string, number>();
  for (const bloom of journal.bloomsBetween(from, to)) {
    const count = leftWithoutPollen(bloom);
    const variety = count > 0 ? grownThen(journal, bloom.plant, bloom.day)?.variety.variety : undefined;
    if (variety !== undefined) left.set(variety, (left.get(variety) ?? 0) + count);
  }
  return left;
}
