import { fathersOf } from '../journal/fathersOf';
import type { Journal } from '../journal/journal';
import { getsItsOwn, pollinationsOf } from '../journal/pollinations';
import type { Bloom } from '../journal/state';
import type { Dealer } from '../population/populationSoFar';
import { lotContents } from './lotContents';
import type { LotThen } from './sownAs';

/** A fruit with its parents: plants, or plants of a stand that nobody numbers (`dealtOut`). */
export interface Couple {
  readonly bloom: Bloom;
  readonly mother: string;
  /** Once for each male, the mother herself where it was selfed; nothing where it is not known whose pollen came. */
  readonly fathers: readonly string[];
  /** Of the lot, 0 to 1. */
  readonly share: number;
}

export interface Couples {
  readonly couples: readonly Couple[];
  /** The share of the lot of which no mother is known here. */
  readonly elsewhere: number;
}

/**
 * The parents of each fruit whose seed is in a lot. Of a stand each fruit, and each male, is taken to be of another
 * plant.
 *
 * @param nextOf deals them out: the same for lots that are looked at together.
 */
export function couplesOf(journal: Journal, { lot, until }: LotThen, nextOf: Dealer): Couples {
  const { contents } = lotContents(journal, lot, until);
  // In whatever order they are shown, the same are dealt out.
  const fruits = contents.flatMap((content) => (content.from === 'fruit' ? [content] : []));
  const known = fruits
    .toSorted((a, b) => (a.bloom < b.bloom ? -1 : 1))
    .flatMap(({ bloom: id, share }): Couple[] => {
      const bloom = journal.all('bloom').get(id);
      if (!bloom || bloom.plant === '') return [];
      const mother = nextOf(bloom.plant, 'mother');
      const given = fathersOf(journal, bloom);
      const selfed = pollinationsOf(bloom).some(({ donors }) => getsItsOwn(bloom, donors));
      const fathers = given.length > 0 && selfed ? [mother] : given.map((father) => nextOf(father, 'father'));
      return [{ bloom, mother, fathers, share }];
    });
  return { couples: known, elsewhere: Math.max(0, 1 - known.reduce((sum, { share }) => sum + share, 0)) };
}
