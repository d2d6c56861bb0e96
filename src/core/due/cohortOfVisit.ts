import { bearingSexOf, cropOf } from '../crops/catalogue';
import { cohortId } from '../journal/cohort';
import type { Variety } from '../journal/state';
import type { Day } from '../time/types';

/**
 * The id of the flowers that a visit pollinates.
 *
 * @example cohortOfVisit('p1', melon, '2026-07-19') // 'p1|2026-07-19|flower|perfect'
 */
export function cohortOfVisit(plant: string, { crop, traits }: Variety, day: Day): string {
  return cohortId({ plant, day, part: 'flower', sex: bearingSexOf(cropOf(crop), traits) });
}
