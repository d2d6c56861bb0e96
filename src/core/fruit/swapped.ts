import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Bloom } from '../journal/state';
import { daysBetween } from '../time/calendar';

/** Tags of flowers farther apart than this are not mistaken for each other, days. Our default. */
const APART_DAYS = 60;

/**
 * Fruits whose tag may hang on this one by mistake, the likeliest first: those of its plant, then of its variety, then of
 * flowers of the days around.
 *
 * @example mayBeSwapped(journal, fruit).map(({ code }) => code) // ['K00B', 'K00C']
 */
export function mayBeSwapped(journal: Journal, { bloom, plant, day, keptOn, code }: Bloom): Bloom[] {
  if (code === '') return [];
  const plants = journal.all('plant');
  const opened = day ?? keptOn;
  const variety = plants.get(plant)?.variety;
  const away = (other: Bloom): number => {
    const others = other.day ?? other.keptOn;
    return opened === undefined || others === undefined ? APART_DAYS : Math.abs(daysBetween(opened, others));
  };
  const distance = (other: Bloom): number =>
    other.plant === plant ? 0 : plants.get(other.plant)?.variety === variety ? 1 : 2;
  return [...journal.all('bloom').values()]
    .filter(
      (other) =>
        other.bloom !== bloom &&
        other.code !== '' &&
        other.sex !== 'male' &&
        (other.pollination !== undefined || other.role === 'open') &&
        away(other) <= APART_DAYS,
    )
    .sort(
      (a, b) =>
        distance(a) - distance(b) || away(a) - away(b) || (a.code < b.code ? -1 : a.code > b.code ? 1 : 0),
    );
}

/**
 * Each of two fruits carries the other's tag, and goes by it from now on.
 *
 * @example tagsSwapped(one, other).length // 2
 */
export const tagsSwapped = (
  one: Pick<Bloom, 'bloom' | 'code'>,
  other: Pick<Bloom, 'bloom' | 'code'>,
): Fact[] =>
  [
    [one, other],
    [other, one],
  ].map(([from, to]) => ({
    kind: 'retagged',
    body: { bloom: from!.bloom, code: to!.code, was: 'swapped', other: to!.bloom },
  }));
