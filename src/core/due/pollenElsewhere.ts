import { cropOf, daysWorked, protocolFor } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { meantFor } from '../journal/matingOf';
import { mayTake, usesLeft, type FemaleBud, type MaleBud } from '../pairing/buds';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { canBeKept } from './keptPollen';

/** What is left to do for a female for whom there is no pollen on a day. */
export interface PollenElsewhere {
  /** The last day on which she takes some, where that is a later one. */
  readonly until?: Day;
  /** The variety that is to father her seed. */
  readonly father: string;
  /** Plants of it with pollen on that day that her cross does not name, and the cross. */
  readonly others: readonly string[];
  readonly mating?: string;
  /** Is its pollen worth keeping for such a day? */
  readonly keeps: boolean;
}

/**
 * A female without pollen is no dead end: she may take some tomorrow, or of another plant of the variety that is to
 * father her seed, and next time some may have been kept.
 *
 * @param males of the day.
 * @example pollenElsewhere(journal, female, [], '2026-07-19').until // '2026-07-20' of a pepper
 */
export function pollenElsewhere(
  journal: Journal,
  female: Pick<FemaleBud, 'bloom' | 'plant' | 'variety' | 'father' | 'suspect' | 'stand'>,
  males: readonly MaleBud[],
  today: Day,
): PollenElsewhere {
  const { bloom, plant, variety, father, suspect, stand } = female;
  const varieties = journal.all('variety');
  const crop = varieties.get(variety)?.crop;
  const meant = meantFor(journal, plant, today);
  const own = journal.all('bloom').get(bloom)?.day ?? today;
  const days = crop && meant ? daysWorked(cropOf(crop), protocolFor(cropOf(crop), meant)) : 1;
  const until = addDays(own, days - 1);
  const mother = {
    plant,
    ownPollen: 'never' as const,
    ...(suspect && { suspect }),
    ...(stand && { stand }),
  };
  const others = males.filter(
    (male) => male.variety === father && usesLeft(male) > 0 && male.plant !== '' && mayTake(mother, male),
  );
  const fathers = varieties.get(father)?.crop;
  return {
    father,
    ...(daysBetween(today, until) > 0 && { until }),
    others: meant?.fathers ? [...new Set(others.map((male) => male.plant))] : [],
    ...(meant?.mating !== undefined && { mating: meant.mating }),
    keeps: fathers !== undefined && canBeKept(cropOf(fathers)),
  };
}
