import { cropOf } from '../crops/catalogue';
import type { Looks } from '../crops/crop';
import { cohortOf } from '../journal/cohort';
import { isOfFruit } from '../journal/looks';
import { withCohortHistory } from '../journal/withCohortHistory';
import type { Journal } from '../journal/journal';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom, Garden, Plant, Season, Variety } from '../journal/state';
import { addDays, isOnDay } from '../time/calendar';
import type { Day } from '../time/types';
import {
  cohortHistories,
  fruitHistory,
  isFollowed,
  nextLook,
  type DueLook,
  type FruitHistory,
  isOnPlant,
} from './fruitHistory';

/** A flower that is followed, or those of a cohort that have no tag, with all that is known of it. */
export interface Fruit {
  readonly bloom: Bloom;
  readonly plant: Plant;
  readonly variety: Variety;
  /** How many flowers it is about: more than one of a cohort. */
  readonly count: number;
  /** Of each flower; in a cohort the one that has come furthest is the first. */
  readonly histories: readonly [FruitHistory, ...FruitHistory[]];
  /** Of the first of them that is still on its plant, else of the first. */
  readonly history: FruitHistory;
  /** The look that comes next; due when `history.age >= look.from`. */
  readonly look: DueLook | undefined;
}

/**
 * Flowers that are followed and whose morning lies in a season, newest first.
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
 * One flower as a fruit; `undefined` when nobody follows it or its plant is not known.
 *
 * @example fruitOf(journal, garden, today, male) // undefined
 */
export function fruitOf(journal: Journal, garden: Garden, today: Day, raw: Bloom): Fruit | undefined {
  // Most flowers are males; one that got a tag may be followed since it was one of many.
  if (raw.of === undefined && !isFollowed(raw)) return undefined;
  const plant = journal.all('plant').get(raw.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  if (!variety) return undefined;
  const from = { plant, variety, today, zone: garden.zone };
  if (!standsAlone(journal, raw)) return newFruit(journal, raw, from);
  const held = known.get(raw);
  if (held && isSame(held.from, from)) return held.fruit;
  const fruit = newFruit(journal, raw, from);
  known.set(raw, { from, fruit });
  return fruit;
}

/** What a fruit is made from, besides its flower. */
interface MadeFrom {
  readonly plant: Plant;
  readonly variety: Variety;
  readonly today: Day;
  readonly zone: string;
}

const isSame = (a: MadeFrom, b: MadeFrom): boolean =>
  a.plant === b.plant && a.variety === b.variety && a.today === b.today && a.zone === b.zone;

/** Fruits that were made: one tap changes a flower or two of thousands, and what is folded again is another object. */
const known = new WeakMap<Bloom, { readonly from: MadeFrom; readonly fruit: Fruit | undefined }>();

/** Does nothing of it follow from other flowers, as it does for those of a cohort and of mixed pollen? */
function standsAlone(journal: Journal, flower: Bloom): boolean {
  if (flower.of !== undefined || cohortOf(flower.bloom)) return false;
  const mixes = journal.all('pollen');
  if (mixes.size === 0) return true;
  return !pollinationsOf(flower).some(({ donors }) => donors.some(({ bloom }) => mixes.has(bloom)));
}

function newFruit(
  journal: Journal,
  raw: Bloom,
  { plant, variety, today, zone }: MadeFrom,
): Fruit | undefined {
  const bloom = withCohortHistory(journal, raw);
  const [first, ...others] = historiesOf(journal, bloom, cropOf(variety.crop).looks, today, zone);
  if (!first) return undefined;
  // Those that were taken off or picked come first, and the others are looked at all the same.
  const history = isOnPlant(first) ? first : (others.find(isOnPlant) ?? first);
  return {
    bloom,
    plant,
    variety,
    count: 1 + others.length,
    histories: [first, ...others],
    history,
    // Nobody is sent to a plant that is gone.
    look: plant.removed ? undefined : nextLook(history, bloom.looks.filter(isOfFruit).length),
  };
}

function historiesOf(journal: Journal, bloom: Bloom, looks: Looks, today: Day, zone: string): FruitHistory[] {
  const one = fruitHistory(bloom, looks, today, zone);
  if (!one) return [];
  if (!cohortOf(bloom.bloom)) return [one];
  const members = bloom.members.flatMap((id) => {
    const member = journal.all('bloom').get(id);
    const history = member && fruitHistory(withCohortHistory(journal, member), looks, today, zone);
    return history ? [{ history, taggedAt: member.taggedAt }] : [];
  });
  return cohortHistories(bloom, members, looks, today, zone);
}

/**
 * Fruits to look at today: their look's day has come and nobody has looked today. Overdue ones first.
 *
 * @example looksDue([], garden, today) // []
 */
export function looksDue(fruits: readonly Fruit[], garden: Garden, today: Day): Fruit[] {
  return fruits
    .filter(({ look, history, bloom }) => {
      const lookedToday = bloom.looks.some(({ at }) => isOnDay(at, today, garden.zone));
      return look && history.age >= look.from && !lookedToday;
    })
    .sort((a, b) => a.look!.by - a.history.age - (b.look!.by - b.history.age));
}
