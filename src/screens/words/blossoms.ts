import type { BlossomMoney } from '@/core/blossoms/blossomMoney';
import type { BlossomSeason } from '@/core/blossoms/blossomSeason';
import type { VarietyBlossoms } from '@/core/blossoms/surplus';
import type { BlossomPrice } from '@/core/journal/kinds/blossom';
import type { Format } from '../format/format';

/**
 * How many males there are, can be picked and stay.
 *
 * @example sayBlossoms(view, f) // '12 males: 7 can be picked, 5 stay for pollen.'
 */
export function sayBlossoms(
  { plants, surplus, needed, forUncounted, unseen, suspect }: VarietyBlossoms,
  f: Format,
): string {
  const seen = plants.reduce((sum, { males }) => sum + males, 0);
  const stay = seen - surplus;
  const uncounted = Math.min(stay, forUncounted);
  const stays = [
    ...(stay > 0 ? [`, ${f.number(stay)} ${stay === 1 ? 'stays' : 'stay'} for pollen`] : []),
    ...(uncounted > 0 ? [`, ${f.number(uncounted)} of these for females that nobody has counted`] : []),
  ].join('');
  return [
    seen === 0
      ? 'No male to pick.'
      : `${f.count(seen, 'male', 'males')}: ${f.number(surplus)} can be picked${stays}.`,
    ...(needed > seen ? [`${f.number(needed)} are wanted for pollen.`] : []),
    ...(unseen > 0
      ? [`Nobody has looked at ${f.count(unseen, 'plant', 'plants')} of it: nothing is picked there.`]
      : []),
    ...(suspect > 0
      ? [
          `${f.count(suspect, 'plant', 'plants')} that may be diseased ${suspect === 1 ? 'is' : 'are'} left out.`,
        ]
      : []),
  ].join(' ');
}

/** With the currency as the grower writes it. */
export const sayMoney = (money: number, currency: string, f: Format): string =>
  `${f.number(money, 2)}${currency === '' ? '' : ` ${currency}`}`;

/**
 * What some blossoms come to.
 *
 * @example saySold({ cases: 2, pieces: 3, money: 11.5, unpriced: 0 }, price, f) // '2 cases of 12 and 3 pieces: 11.5 €'
 */
export function saySold(
  { cases, pieces, money, unpriced }: BlossomMoney,
  { inCase, currency }: Pick<BlossomPrice, 'inCase' | 'currency'>,
  f: Format,
): string {
  const parts = [
    ...(cases > 0 ? [`${f.count(cases, 'case', 'cases')} of ${f.number(inCase ?? 0)}`] : []),
    ...(pieces > 0 ? [f.count(pieces, 'piece', 'pieces')] : []),
  ].join(' and ');
  if (cases === 0 && unpriced === pieces) return `${parts}: no price yet`;
  return `${parts}: ${sayMoney(money, currency, f)}${unpriced > 0 ? `, ${f.number(unpriced)} without a price` : ''}`;
}

/**
 * The price as it is set.
 *
 * @example sayPrice({ piece: 0.5, inCase: 12, case: 5, currency: '€' }, f) // '0.5 € each, 5 € for a case of 12'
 */
export function sayPrice(price: BlossomPrice | undefined, f: Format): string {
  if (!price) return 'Not told yet: by the piece, by the case, or both';
  const { piece, inCase, case: ofCase, currency } = price;
  return [
    ...(piece === undefined ? [] : [`${sayMoney(piece, currency, f)} each`]),
    ...(ofCase === undefined || inCase === undefined
      ? []
      : [`${sayMoney(ofCase, currency, f)} for a case of ${f.number(inCase)}`]),
  ].join(', ');
}

/**
 * What a season brought.
 *
 * @example sayBlossomSeason(season, f) // '24 eaten, 36 sold for 18 €.'
 */
export function sayBlossomSeason({ eaten, sold, money, unpriced }: BlossomSeason, f: Format): string {
  const sums = [...money].map(([currency, sum]) => sayMoney(sum, currency, f)).join(' and ');
  const without = unpriced > 0 ? `, ${f.number(unpriced)} of them without a price` : '';
  const parts = [
    ...(eaten > 0 ? [`${f.number(eaten)} eaten`] : []),
    ...(sold > 0 ? [`${f.number(sold)} sold${sums ? ` for ${sums}` : ''}${without}`] : []),
  ];
  return `${parts.join(', ')}.`;
}

/** What is watched at picking. */
export const BLOSSOM_CARE: readonly string[] = [
  'Pick at dawn, as soon as they open. Look for bees before you close a hand round one, open it wide and shake it: insects sit in it.',
  'Keep them cool and dry, and use or sell them the same day.',
  'Only from plants on which nothing was sprayed that keeps them from being eaten: the label says how long. Where they are sold, local food rules hold.',
  'Never of ornamental gourds, of plants that came up by themselves, or of one whose fruit was bitter.',
];
