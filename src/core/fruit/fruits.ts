import type { Journal } from '../journal/journal';
import type { Flower, Garden, Plant, Season, Variety } from '../journal/state';
import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { courseOf, nextLook, type Course, type DueLook } from './course';

/** A pollinated flower with all that is known of it. */
export interface Fruit {
  readonly flower: Flower;
  readonly plant: Plant;
  readonly variety: Variety;
  readonly course: Course;
  /** The look that comes next; due when `course.age >= look.from`. */
  readonly look: DueLook | undefined;
}

/** The season a day falls into; where none was named, the 200 days up to it. */
export function seasonAt(journal: Journal, day: Day): Season {
  const named = [...journal.all('season').values()].find(({ from, to }) => from <= day && day <= to);
  return named ?? { season: '', name: '', from: addDays(day, -200), to: day };
}

/** Pollinated flowers whose morning lies in a season, newest first. */
export function fruitsOf(journal: Journal, garden: Garden, today: Day, season: Season): Fruit[] {
  const fruits: Fruit[] = [];
  const last = season.to < today ? season.to : today;
  for (let morning = last; morning >= season.from; morning = addDays(morning, -1)) {
    for (const flower of journal.flowersOf(morning)) {
      const fruit = fruitOf(journal, garden, today, flower);
      if (fruit) fruits.push(fruit);
    }
  }
  return fruits;
}

/** One flower as a fruit; `undefined` when it was never pollinated or its plant is not known. */
export function fruitOf(journal: Journal, garden: Garden, today: Day, flower: Flower): Fruit | undefined {
  const course = courseOf(flower, today, garden.zone);
  const plant = journal.all('plant').get(flower.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  if (!course || !variety) return undefined;
  return { flower, plant, variety, course, look: nextLook(course, flower.looks, variety.crop) };
}

/** Fruits to look at today: their look's day has come and nobody has looked today. Overdue ones first. */
export function looksDue(fruits: readonly Fruit[], garden: Garden, today: Day): Fruit[] {
  return fruits
    .filter(({ look, course, flower }) => {
      const lookedToday = flower.looks.some(({ at }) => dayAt(toMs(at), garden.zone) === today);
      return look && course.age >= look.from && !lookedToday;
    })
    .sort((a, b) => a.look!.by - a.course.age - (b.look!.by - b.course.age));
}
