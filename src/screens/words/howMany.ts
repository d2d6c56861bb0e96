import type { Day } from '@/core/time/types';
import type { HowMany } from '@/core/outcome/howMany';
import type { LastUseful } from '@/core/outcome/lastUseful';
import type { Format } from '../format/format';

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
  const basis =
    own === 0
      ? 'by the field guide’s figure: none of your own has come so far yet.'
      : `by ${f.count(own, 'flower', 'flowers')} of your own, which weigh ${f.percent(ownWeight)}, and the field guide’s figure.`;
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
 * Until when pollinating is worth while.
 *
 * @example sayLastUseful(last, '2026-07-19', f) // 'Worth while until 12 Aug: 50 days on the plant before an early frost on 1 Oct.'
 */
export function sayLastUseful({ day, days, coolDays, frost }: LastUseful, today: Day, f: Format): string {
  const until = today <= day ? `Worth while until ${f.shortDay(day)}` : `Too late since ${f.shortDay(day)}`;
  const cool = coolDays > 0 ? `, ${f.number(coolDays)} of them for a cool autumn` : '';
  return `${until}: ${f.count(days, 'day', 'days')} on the plant before an early frost on ${f.shortDay(frost)}${cool}.`;
}
