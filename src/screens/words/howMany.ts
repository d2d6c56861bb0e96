import type { HowMany } from '@/core/outcome/howMany';
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
