import { beforeFrost, type BeforeFrost } from '@/core/fruit/beforeFrost';
import { isOnPlant, type FruitHistory } from '@/core/fruit/fruitHistory';
import { fruitsOf, looksDue, type Fruit } from '@/core/fruit/fruits';
import { ripeNow, type Ripe } from '@/core/fruit/ripe';
import { isOfFruit } from '@/core/journal/looks';
import { cohortOf } from '@/core/journal/cohort';
import type { Season } from '@/core/journal/state';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { formatTagCode } from '@/core/text/tagCode';
import { useView } from '@/data/hooks/useView';
import type { Format } from '../format/format';

export interface FruitView {
  readonly today: Day;
  readonly season: Season;
  /** Newest first. */
  readonly fruits: readonly Fruit[];
  readonly due: readonly Fruit[];
  readonly ripe: readonly Ripe[];
  readonly frost: BeforeFrost | undefined;
}

/** The season's fruits and those to look at today. */
export const useFruits = (): FruitView | undefined =>
  useView('fruits', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const season = seasonAt(journal, today);
    const fruits = fruitsOf(journal, garden, today, season);
    const earlyFrost = journal.all('surroundings').get('')?.earlyFrost;
    return {
      ...{ today, season, fruits, due: looksDue(fruits, garden, today) },
      ripe: ripeNow(journal, garden, fruits, today),
      frost: beforeFrost(journal, garden, fruits, { earlyFrost, today }),
    };
  });

/** A fruit by its tag, flowers without one by their count. */
export function fruitName({ bloom, count, history }: Fruit, f: Format): string {
  const cohort = cohortOf(bloom.bloom);
  if (cohort) {
    const flowers = f.count(count, 'flower', 'flowers');
    return cohort.part === 'truss' && cohort.mark ? `truss ${cohort.mark}, ${flowers}` : flowers;
  }
  const tag = bloom.code ? formatTagCode(bloom.code) : 'no tag';
  return history.followed === 'control' ? `${tag}, control` : tag;
}

const ENDED: Readonly<Record<NonNullable<FruitHistory['ended']>['how'], string>> = {
  thinned: 'thinned',
  lost: 'lost',
  frosted: 'there when frost came',
  eaten: 'eaten',
  unseen: 'gone, nobody knows since when',
};

/** How a fruit is doing, as a shape and a word. */
export function fruitStatus(fruit: Fruit): {
  glyph: 'fruit' | 'fruitYoung' | 'fruitFallen';
  word: string;
} {
  const { history, bloom, count, histories } = fruit;
  const growing = histories.filter(
    (each) => isOnPlant(each) && (each.lastGrowing > 0 || each.followed === 'found'),
  ).length;
  const picked = histories.filter(({ harvested }) => harvested !== undefined).length;
  if (count > 1 && (growing > 0 || (0 < picked && picked < count))) {
    const words = [
      ...(growing > 0 ? [`${growing} of ${count} growing on day ${history.lastGrowing}`] : []),
      ...(picked > 0 ? [`${picked}${growing > 0 ? '' : ` of ${count}`} picked`] : []),
    ];
    return { glyph: 'fruitYoung', word: words.join(', ') };
  }
  if (history.failed !== undefined) return { glyph: 'fruitFallen', word: `failed by day ${history.failed}` };
  if (history.harvested !== undefined)
    return { glyph: 'fruit', word: `harvested on day ${history.harvested}` };
  if (history.ended) {
    return { glyph: 'fruitFallen', word: ENDED[history.ended.how] };
  }
  if (history.lastGrowing >= history.looks.set.value[0])
    return { glyph: 'fruit', word: `growing on day ${history.lastGrowing}` };
  if (history.lastGrowing > 0)
    return { glyph: 'fruitYoung', word: `growing on day ${history.lastGrowing}, so far` };
  return {
    glyph: 'fruitYoung',
    word: bloom.looks.some(isOfFruit) ? 'could not tell yet' : 'not looked at yet',
  };
}
