import type { CropId } from '../crops/catalogue';
import type { Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import type { IsolationOf } from '../purity/guards';
import { purityOf } from '../purity/purityOf';
import type { Day } from '../time/types';
import { mayGiveSeed } from './seedStands';

/** Something that can be told of a season, and that seed waits for. */
export type SeedQuestion =
  | { readonly asks: 'lookedAround'; readonly crop: CropId; readonly metres: number; readonly day: Day }
  /** Whether a neighbour, of the garden or outside, was in flower. */
  | { readonly asks: 'flowering'; readonly source: string; readonly name: string; readonly day: Day }
  | { readonly asks: 'seedSource'; readonly variety: string; readonly name: string };

/** A question with the number of fruits that are not proven for want of an answer. */
export type AskedOf = SeedQuestion & { readonly fruits: number };

/**
 * What would have to be told for a fruit's seed to be proven; nothing for one that is proven, and for one that no answer
 * can help.
 *
 * @param isolationOf as for `purityOf`.
 * @example questionsOf(journal, garden, fruit, isolationOf) // [{ asks: 'lookedAround', crop: 'pepo', … }]
 */
export function questionsOf(
  journal: Journal,
  garden: Garden,
  fruit: Fruit,
  isolationOf: IsolationOf,
): SeedQuestion[] {
  const { bloom, variety } = fruit;
  if (!mayGiveSeed(journal, fruit)) return [];
  const purity = purityOf(journal, garden, bloom, { isolationOf });
  if (purity?.grade !== 'unproven') return [];
  const day = bloom.day ?? bloom.keptOn ?? fruit.history.since;
  const questions = purity.chain.flatMap(({ state, reasons }): SeedQuestion[] => {
    const [first] = reasons;
    if (state !== 'unknown' || !first) return [];
    switch (first.code) {
      case 'guard.notLooked':
        return [{ asks: 'lookedAround', crop: variety.crop, metres: Number(first.params['metres']), day }];
      case 'guard.notNoted':
        return [
          {
            ...{ asks: 'flowering', source: String(first.params['source']) },
            ...{ name: String(first.params['name']), day },
          },
        ];
      case 'seed.unknown':
      case 'seed.swapped':
        return [{ asks: 'seedSource', variety: variety.variety, name: variety.name }];
      default:
        return [];
    }
  });
  return [...new Map(questions.map((question) => [keyOf(question), question])).values()];
}

/** Questions asked at once. Our default: a grower answers few. */
const MOST_ASKED = 3;

/**
 * The few questions whose answer most fruits wait for; of a look around the farthest, on the latest day.
 *
 * @param ofFruits the questions of each fruit.
 * @example askFirst([[look], [look]]) // [{ ...look, fruits: 2 }]
 */
export function askFirst(ofFruits: readonly (readonly SeedQuestion[])[]): AskedOf[] {
  const asked = new Map<string, AskedOf>();
  for (const question of ofFruits.flat()) {
    const key = keyOf(question);
    const before = asked.get(key);
    asked.set(key, { ...joined(before, question), fruits: (before?.fruits ?? 0) + 1 });
  }
  return [...asked]
    .sort(([a, one], [b, other]) => other.fruits - one.fruits || (a < b ? -1 : 1))
    .slice(0, MOST_ASKED)
    .map(([, question]) => question);
}

function joined(before: SeedQuestion | undefined, question: SeedQuestion): SeedQuestion {
  if (!before || before.asks === 'seedSource' || question.asks === 'seedSource') return question;
  const day = before.day > question.day ? before.day : question.day;
  return before.asks === 'lookedAround' && question.asks === 'lookedAround'
    ? { ...question, day, metres: Math.max(before.metres, question.metres) }
    : { ...question, day };
}

const keyOf = (question: SeedQuestion): string => {
  switch (question.asks) {
    case 'lookedAround':
      return `looked ${question.crop}`;
    case 'flowering':
      return `flowering ${question.source}`;
    case 'seedSource':
      return `source ${question.variety}`;
  }
};
