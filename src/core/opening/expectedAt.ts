import type { Sex } from '../journal/kinds/walk';
import type { Day } from '../time/types';
import type { Expected } from './budModel';
import type { OpeningForecast } from './forecastOpenings';

/** What should open on a plant, by what was counted on it before. */
export type ExpectedBuds = Readonly<Record<Sex, Expected>>;

/**
 * What should be open at a plant on a day of a forecast.
 *
 * @returns `undefined` where the plant was not counted lately, or the day is none of the forecast's.
 * @example expectedAt({ days: [], varieties: [] }, { variety: 'v', plant: 'p1', day: '2026-07-19' }) // undefined
 */
export function expectedAt(
  { days, varieties }: OpeningForecast,
  { variety, plant, day }: { readonly variety: string; readonly plant: string; readonly day: Day },
): ExpectedBuds | undefined {
  const found = varieties
    .find((each) => each.variety === variety)
    ?.plants.find((each) => each.plant === plant);
  const at = days.indexOf(day);
  if (!found?.countedFor || at < 0) return undefined;
  const of = (sex: Sex): Expected => found.flowers.find((each) => each.sex === sex)!.days[at]!;
  return { female: of('female'), male: of('male') };
}
