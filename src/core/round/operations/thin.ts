import { cropOf } from '../../crops/catalogue';
import { wantsSeed } from '../../crops/variety';
import type { Fruit } from '../../fruit/fruits';
import type { ThinStop } from '../../journal/kinds/stops';
import { GRADES_BEST_FIRST } from '../../journal/kinds/grades';
import { seasonAt } from '../../season/seasons';
import { groupBy } from '../../text/groupBy';
import type { Operation } from './operation';
import { becameOfEach, fruitOnPlants, WITHOUT_POLLEN } from './withoutPollen';

/**
 * A plant that is to ripen seed carries more fruit than it ripens: some come off, so that the rest fills; first those
 * whose seed is not to be kept, then the youngest. Only what was seen growing counts: of what nobody looked at some
 * falls by itself.
 */
export const THIN: Operation<ThinStop> = {
  ...WITHOUT_POLLEN,
  fields: ['blooms'],
  blooms: ({ blooms }) => blooms,
  when: 'anyTime',
  due(context) {
    const { journal, day, gradeOf } = context;
    const growing = fruitOnPlants(context, seasonAt(journal, day).from, () => true).filter(
      (fruit) => wantsSeed(fruit.variety.purpose) && isGrowing(fruit),
    );
    return [...groupBy(growing, ({ plant }) => plant.plant)].flatMap(([plant, fruits]) => {
      const { variety } = fruits[0]!;
      const most = cropOf(variety.crop).seedFruits?.value[1] ?? Infinity;
      if (fruits.length <= most) return [];
      const worth = new Map(
        fruits.map((fruit) => [fruit, GRADES_WORST_FIRST.indexOf(gradeOf?.(fruit.bloom) ?? 'unproven')]),
      );
      const leastFirst = fruits.toSorted(
        (a, b) => worth.get(a)! - worth.get(b)! || a.history.age - b.history.age,
      );
      const blooms = leastFirst.slice(0, fruits.length - most).map(({ bloom }) => bloom.bloom);
      return [{ kind: 'thin' as const, plant, variety: variety.variety, blooms }];
    });
  },
  became: ({ blooms }, seen) => becameOfEach(blooms, seen, ({ removed, harvest }) => removed ?? harvest),
};

const GRADES_WORST_FIRST = GRADES_BEST_FIRST.toReversed();

/** One by itself, not of a cohort: those are taken off by count. */
const isGrowing = ({ count, history }: Fruit): boolean => count === 1 && history.lastGrowing > 0;
