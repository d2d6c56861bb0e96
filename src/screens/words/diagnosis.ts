import type { CropId } from '@/core/crops/catalogue';
import type { RankedCause } from '@/core/diagnosis/diagnose';
import type { CauseCount } from '@/core/diagnosis/failures';
import type { Format } from '../format/format';
import { causeWords, reasonWords } from './failing';
import { lowerFirst } from './lowerFirst';

const HARDLY = 0.01;

/**
 * How likely a cause is, and what speaks for it.
 *
 * @example sayCause(cause, 'melon', f) // '62 %: it had not grown, it got one male'
 */
export function sayCause({ chance, because }: RankedCause, crop: CropId, f: Format): string {
  const percent = chance < HARDLY ? `under ${f.percent(HARDLY)}` : f.percent(chance);
  const reasons = because.map(({ evidence, so }) => reasonWords(evidence, so, crop));
  return reasons.length === 0 ? percent : `${percent}: ${reasons.join(', ')}`;
}

/** A cause less likely than this beside the likeliest is not named with it. Our default. */
const NAMED_FROM = 0.2;

/**
 * The likeliest causes, each with its chance.
 *
 * @example sayLikeliest(causes, 'corn', f) // 'the last silk came later 50 %, too little pollen 29 %'
 */
export const sayLikeliest = (causes: readonly RankedCause[], crop: CropId, f: Format): string =>
  causes
    .filter(({ chance }, i) => i === 0 || chance >= NAMED_FROM)
    .map(({ cause, chance }) => `${lowerFirst(causeWords(cause, crop).name)} ${f.percent(chance)}`)
    .join(', ');

/**
 * How many failures a cause explains, of all.
 *
 * @example sayCauseCount({ cause: 'pest', expected: 4.2, low: 2, high: 7.8 }, 20, f) // 'about 4 of 20 (2 to 8)'
 */
export function sayCauseCount({ expected, low, high }: CauseCount, failed: number, f: Format): string {
  const [least, most] = [Math.round(low), Math.round(high)];
  const range = least === most ? '' : ` (${f.number(least)} to ${f.number(most)})`;
  return `${range ? 'about ' : ''}${f.number(Math.round(expected))} of ${f.number(failed)}${range}`;
}
