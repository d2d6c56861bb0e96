import type { Variety } from '@/core/journal/state';
import { requiredMothers } from '@/core/population/mothers';
import type { PopulationSoFar } from '@/core/population/populationSoFar';
import type { MotherReason, MotherStanding } from '@/core/seed/motherCandidates';
import type { Reason } from '@/core/text/reason';
import type { Format } from '../format/format';

export const STANDING_NAMES: Readonly<Record<MotherStanding, string>> = {
  good: 'Suits',
  notLooked: 'Look first',
  doubtful: 'Rather not',
  no: 'Not for seed',
};

type Say = (params: Reason['params'], f: Format) => string;

const REASONS: Readonly<Record<MotherReason, Say>> = {
  'mother.left': ({ note }) => (note ? `You leave it out: ${note}` : 'You leave it out'),
  'mother.chosen': ({ note }) => (note ? `You chose it: ${note}` : 'You chose it'),
  'mother.bitter': () => 'A fruit of it was bitter',
  'mother.offType': () => 'Not true to its variety, and pulled out',
  'mother.suspect': () => 'It may be diseased, and some diseases go on with the seed',
  'mother.doubtfulType': () => 'It may not be true to its variety',
  'mother.notNoted': () => 'Nobody noted whether it is healthy and true to its variety',
  'mother.healthy': () => 'Healthy, true to its variety',
  'mother.pest': ({ fruits }, f) => `${f.count(Number(fruits), 'fruit was', 'fruits were')} lost to a pest`,
  'mother.poorTaste': () => 'A fruit of it tasted poor',
  'mother.goodTaste': () => 'Its fruit tasted good',
  'mother.gave': ({ fruits }, f) => `${f.count(Number(fruits), 'fruit', 'fruits')} picked for seed`,
  'mother.bears': ({ fruits }, f) => `${f.count(Number(fruits), 'fruit', 'fruits')} growing for seed`,
  'mother.sets': ({ hits, of }, f) => `${f.number(Number(hits))} of ${f.number(Number(of))} set`,
};

/** Why a plant suits as a mother or does not: `Healthy, true to its variety. 2 fruits growing for seed. 2 of 3 set.` */
export const sayMotherReasons = (reasons: readonly Reason<MotherReason>[], f: Format): string =>
  reasons.map(({ code, params }) => `${REASONS[code](params, f)}.`).join(' ');

/** Who gave seed so far, and what that comes to. */
export const sayParentsSoFar = ({ fruits, mothers, fathers, size }: PopulationSoFar, f: Format): string =>
  `${f.count(fruits, 'fruit', 'fruits')} so far, of ${f.count(mothers, 'mother', 'mothers')} and ${f.count(fathers, 'father', 'fathers')}: worth as much as ${f.number(size, 1)} plants that each gave the same number of seeds (effective size).`;

/** Who gave seed so far counts, not who stands in the bed; nothing where no number is wanted. */
export function sayMothersWanted(
  { crop, purpose }: Pick<Variety, 'crop' | 'purpose'>,
  mothers: number,
  f: Format,
): string | undefined {
  const wanted = requiredMothers(crop, purpose);
  if (!wanted) return undefined;
  const [least, most] = wanted;
  const range = least === most ? f.number(least) : `${f.number(least)} to ${f.number(most)}`;
  const takes = `To keep the variety it takes ${range} mothers`;
  return mothers >= least ? `${takes}: there are enough.` : `${takes}: ${f.number(least - mothers)} more.`;
}
