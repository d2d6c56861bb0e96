import type { Crop } from '@/core/crops/catalogue';
import type { Mornings } from '@/core/outcome/morningsFor';
import { daysBetween } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import type { HowMany } from '@/core/outcome/howMany';
import type { LastUseful } from '@/core/outcome/lastUseful';
import type { Format } from '../format/format';
import { wordsOf } from './forms/forms';
import { sayOwnFigures } from './ownFigures';

/**
 * How many flowers to pollinate, and what that follows from.
 *
 * @example sayHowMany(answer, { wanted: 3, plants: 4 }, f).lead // 'Pollinate 7 flowers for 3 fruits.'
 */
export function sayHowMany(
  { pollinations, kept, own, ownWeight, carried, plantsNeeded }: HowMany,
  { wanted, plants }: { readonly wanted: number; readonly plants: number },
  f: Format,
): { readonly lead: string; readonly reasons: readonly string[] } {
  const fruits = f.count(wanted, 'fruit', 'fruits');
  const share = `Of 100 about ${f.number(Math.round(kept.share * 100))} are kept (${f.number(Math.round(kept.low * 100))} to ${f.number(Math.round(kept.high * 100))})`;
  const by = sayOwnFigures({ own, ownWeight }, f);
  const basis = own === 0 ? `${by}: none of your own has come so far yet.` : `${by}.`;
  const isTooMuch = carried !== undefined && carried < wanted;
  return {
    lead:
      pollinations === undefined
        ? `No number of flowers makes ${fruits} that sure.`
        : `Pollinate ${f.count(pollinations, 'flower', 'flowers')} for ${fruits}.`,
    reasons: [
      `${share}, ${basis}`,
      ...(isTooMuch
        ? [
            `${f.count(plants, 'plant ripens', 'plants ripen')} seed in ${f.count(carried, 'fruit', 'fruits')} at most: ${f.count(plantsNeeded!, 'plant is', 'plants are')} needed for that.`,
          ]
        : []),
    ],
  };
}

/**
 * In how many mornings so many flowers open, and whether there are males for them.
 *
 * @example sayMornings(mornings, { flowers: 8, crop }, f)[0] // 'About 1.4 females open a mild morning: 8 take about 7 mornings, …'
 */
export function sayMornings(
  { from, soon, likely, late, chance, females, males }: Mornings,
  { flowers, crop }: { readonly flowers: number; readonly crop: Crop },
  f: Format,
): readonly string[] {
  const { bearing, giver } = wordsOf(crop.flower);
  const rate = `About ${f.number(females, females < 10 ? 1 : 0)} ${bearing[1]} open a mild day`;
  const range =
    soon === undefined || late === undefined
      ? 'perhaps not in time'
      : `${f.shortDay(soon)} to ${f.shortDay(late)}`;
  const takes =
    likely === undefined
      ? `the chance that ${f.number(flowers)} open in time is ${f.percent(chance)}.`
      : `${f.number(flowers)} take about ${f.count(daysBetween(from, likely) + 1, 'morning', 'mornings')}, until ${f.shortDay(likely)} (${range}), if you work each.`;
  const isShort = males.expected < males.needed;
  return [
    `${rate}: ${takes}`,
    ...(isShort
      ? [
          `They take ${f.count(males.needed, ...giver)}, and about ${f.number(Math.round(males.expected))} open meanwhile: ${giver[1]} will be short.`,
        ]
      : []),
  ];
}

/**
 * Until when pollinating is worth while.
 *
 * @example sayLastUseful(last, '2026-07-19', f) // 'Worth while until 12 Aug: 50 days on the plant before an early frost on 1 Oct.'
 */
export function sayLastUseful({ day, days, coolDays, frost }: LastUseful, today: Day, f: Format): string {
  const until = today <= day ? `Worth while until ${f.shortDay(day)}` : `Too late since ${f.shortDay(day)}`;
  const cool = coolDays > 0 ? `, ${f.number(coolDays)} of them because it is cool then` : '';
  return `${until}: ${f.count(days, 'day', 'days')} on the plant before an early frost on ${f.shortDay(frost)}${cool}.`;
}
