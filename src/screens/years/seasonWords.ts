import type { VarietySeason } from '@/core/years/seasonSummary';
import type { Format } from '../format/format';
import { sayRate } from '../fruit/setRateWords';
import { GRADES } from '../words/names';

/** What was pollinated, set and picked of a variety in a season, and how pure its seed is. */
export function sayVarietySeason(
  { pollinated, withoutPollen, set, picked, seed }: VarietySeason,
  f: Format,
): string {
  const grades = (Object.keys(GRADES) as (keyof typeof GRADES)[]).flatMap((grade) =>
    seed.picked[grade] > 0 ? [`${f.number(seed.picked[grade])} ${GRADES[grade].toLowerCase()}`] : [],
  );
  return [
    `${f.count(pollinated, 'flower', 'flowers')} pollinated.`,
    withoutPollen > 0 ? `${f.number(withoutPollen)} got no pollen: there was none.` : '',
    set.share === undefined ? '' : `Set: ${sayRate(set, f)}.`,
    picked.eat > 0 ? `${f.number(picked.eat)} picked to eat.` : '',
    picked.seed > 0 ? `${f.number(picked.seed)} picked for seed: ${grades.join(', ')}.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}
