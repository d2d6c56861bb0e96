import { fruitsOf, looksDue, seasonAt, type Fruit } from '@/core/fruit/fruits';
import type { Season } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useView } from '@/data/provider';

export interface FruitView {
  readonly today: Day;
  readonly season: Season;
  /** Newest first. */
  readonly fruits: readonly Fruit[];
  readonly due: readonly Fruit[];
}

/** The season's fruits and those to look at today. */
export const useFruits = (): FruitView | undefined =>
  useView('fruits', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const season = seasonAt(journal, today);
    const fruits = fruitsOf(journal, garden, today, season);
    return { today, season, fruits, due: looksDue(fruits, garden, today) };
  });

/** How a fruit stands, as a shape and a word. */
export function standing({ course, flower }: Fruit): {
  glyph: 'fruit' | 'fruitYoung' | 'fruitFallen';
  word: string;
} {
  if (course.failed !== undefined) return { glyph: 'fruitFallen', word: `failed by day ${course.failed}` };
  if (course.harvested !== undefined) return { glyph: 'fruit', word: `harvested on day ${course.harvested}` };
  if (course.ended) {
    return { glyph: 'fruitFallen', word: course.ended.how === 'thinned' ? 'thinned' : 'lost' };
  }
  if (course.lastGrowing >= 7) return { glyph: 'fruit', word: `growing on day ${course.lastGrowing}` };
  if (course.lastGrowing > 0)
    return { glyph: 'fruitYoung', word: `growing on day ${course.lastGrowing}, so far` };
  return { glyph: 'fruitYoung', word: flower.looks.length > 0 ? 'could not tell yet' : 'not looked at yet' };
}
