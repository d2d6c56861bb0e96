import type { Crop } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { SEXES, walkId, type Sex } from '../journal/kinds/walk';
import type { Plant } from '../journal/state';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';

/** How many flowers of a sex a plant opens on a mild day, as it is believed. */
export interface FlowersADay {
  readonly mean: number;
  /** Plants and days that were counted, the usual's weight included. */
  readonly of: number;
}

/** Flowers that a plant in flower opens on a mild day, before own counts speak, and how many counts that weighs. Our defaults. */
const USUAL: Readonly<Record<Sex, number>> = { female: 0.35, male: 1 };
const USUAL_WEIGHT = 3;
/** Counts further back say little of what comes. Our default. */
const COUNTED_DAYS = 28;

/**
 * The flowers that a plant opens on a mild day, as they were counted on walks and visits; drawn to what is usual as long
 * as that is little.
 *
 * @param plants of one planting.
 * @param mild how mild a day is: 1 for one of 15 °C to 25 °C.
 * @example flowersADay(journal, [], '2026-07-19', () => 1).female // { mean: 0.35, of: 3 }
 */
export function flowersADay(
  journal: Journal,
  plants: readonly Plant[],
  today: Day,
  mild: (day: Day) => number,
): Readonly<Record<Sex, FlowersADay>> {
  const walks = journal.all('walk');
  const seen: Record<Sex, number> = { female: 0, male: 0 };
  let of = 0;
  for (let ago = 0; ago < COUNTED_DAYS; ago += 1) {
    const day = addDays(today, -ago);
    const warmth = mild(day);
    for (const { plant, count = 1 } of plants) {
      const walk = walks.get(walkId(plant, day));
      if (walk?.scoutedEntry === undefined && walk?.open === undefined) continue;
      for (const sex of SEXES) seen[sex] += Math.max(walk.eve[sex], walk.open?.[sex] ?? 0);
      of += warmth * count;
    }
  }
  // Before it flowers, counts of none say nothing of how much it will.
  const counted = seen.female + seen.male > 0 ? of : 0;
  const ofSex = (sex: Sex): FlowersADay => ({
    mean: (seen[sex] + USUAL_WEIGHT * USUAL[sex]) / (counted + USUAL_WEIGHT),
    of: counted + USUAL_WEIGHT,
  });
  return { female: ofSex('female'), male: ofSex('male') };
}

/**
 * Days from the first flower of a planting, from and to, until it has flowers that bear; none where it has some.
 *
 * @param has does it bear already, as far as is known?
 * @example bearingAfter(cropOf('corn'), '2026-07-01', '2026-07-20', false) // [0, 0]: long since
 */
export function bearingAfter(
  { bearingAfterMales }: Crop,
  first: Day,
  today: Day,
  has: boolean,
): readonly [number, number] {
  const usual = bearingAfterMales?.value ?? [0, 0];
  return has || today > addDays(first, usual[1]) ? [0, 0] : usual;
}
