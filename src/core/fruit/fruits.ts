import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Bloom, Garden, Plant, Season, Variety } from '../journal/state';
import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { fruitHistory, nextLook, type DueLook, type FruitHistory } from './fruitHistory';

/** A pollinated flower with all that is known of it. */
export interface Fruit {
  readonly bloom: Bloom;
  readonly plant: Plant;
  readonly variety: Variety;
  readonly history: FruitHistory;
  /** The look that comes next; due when `history.age >= look.from`. */
  readonly look: DueLook | undefined;
}

/**
 * Pollinated flowers whose morning lies in a season, newest first.
 *
 * @example fruitsOf(new Journal(), garden, today, season) // []
 */
export function fruitsOf(journal: Journal, garden: Garden, today: Day, season: Season): Fruit[] {
  const fruits: Fruit[] = [];
  const last = season.to < today ? season.to : today;
  for (let morning = last; morning >= season.from; morning = addDays(morning, -1)) {
    for (const flower of journal.bloomsOf(morning)) {
      const fruit = fruitOf(journal, garden, today, flower);
      if (fruit) fruits.push(fruit);
    }
  }
  return fruits;
}

/**
 * One flower as a fruit; `undefined` when it was never pollinated or its plant is not known.
 *
 * @example fruitOf(journal, garden, today, male) // undefined
 */
export function fruitOf(journal: Journal, garden: Garden, today: Day, flower: Bloom): Fruit | undefined {
  const plant = journal.all('plant').get(flower.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  const history = variety && fruitHistory(flower, cropOf(variety.crop).looks, today, garden.zone);
  if (!history) return undefined;
  return { bloom: flower, plant, variety, history, look: nextLook(history, flower.looks.length) };
}

/**
 * Fruits to look at today: their look's day has come and nobody has looked today. Overdue ones first.
 *
 * @example looksDue([], garden, today) // []
 */
export function looksDue(fruits: readonly Fruit[], garden: Garden, today: Day): Fruit[] {
  return fruits
    .filter(({ look, history, bloom }) => {
      const lookedToday = bloom.looks.some(({ at }) => dayAt(toMs(at), garden.zone) === today);
      return look && history.age >= look.from && !lookedToday;
    })
    .sort((a, b) => a.look!.by - a.history.age - (b.look!.by - b.history.age));
}
