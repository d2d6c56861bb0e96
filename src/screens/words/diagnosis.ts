import type { RankedCause, Weight } from '@/core/diagnosis/diagnose';
import type { CauseCount } from '@/core/diagnosis/failures';
import type { EvidenceName } from '@/core/diagnosis/likelihoods';
import type { FruitSign } from '@/core/journal/kinds/fruit';
import type { Format } from '../format/format';

/** What is asked of a sign, and what it is called. */
export const SIGNS: Readonly<Record<FruitSign, { readonly asks: string; readonly name: string }>> = {
  wholeYellow: { asks: 'Is the whole fruitlet small and yellow?', name: 'whole fruitlet small and yellow' },
  tapered: { asks: 'Does it taper or bend, thin towards the flower end?', name: 'tapers or bends' },
  softTip: { asks: 'Is the tip soft or brown?', name: 'tip soft or brown' },
  darkPatch: {
    asks: 'Is there a dark, sunken, leathery patch at the flower end?',
    name: 'dark, sunken patch at the flower end',
  },
  petalRot: { asks: 'Do rotting petals stick to it?', name: 'rotting petals on it' },
  hole: { asks: 'Is it bitten, or is there a hole?', name: 'bitten, or a hole' },
  broken: { asks: 'Is it broken at the stalk?', name: 'broken at the stalk' },
  othersSwell: { asks: 'Do older fruits swell on the same plant?', name: 'older fruits swell on the plant' },
};

/** Each piece of evidence in words: where it is so, and where it is not. */
const EVIDENCE_WORDS: Readonly<Record<EvidenceName, readonly [string, string]>> = {
  wholeYellow: ['the whole fruitlet is small and yellow', 'it is not yellow as a whole'],
  tapered: ['it tapers or bends', 'it neither tapers nor bends'],
  softTip: ['its tip is soft or brown', 'its tip is sound'],
  darkPatch: ['it has a dark, sunken patch', 'it has no dark patch'],
  petalRot: ['rotting petals stick to it', 'no petals rot on it'],
  hole: ['it is bitten, or has a hole', 'it is not bitten'],
  broken: ['it broke at the stalk', 'it is not broken'],
  othersSwell: ['older fruits swell on the plant', 'no other fruit swells on the plant'],
  grew: ['it had grown', 'it had not grown'],
  fewMales: ['it got one male', 'it got two males or more'],
  late: ['it was pollinated late', 'it was pollinated in time'],
  rained: ['it rained that day', 'it was dry that day'],
  hotOrCold: ['the days around it were very hot or cold', 'the days around it were mild'],
};

const sayWeight = ({ evidence, so }: Weight): string => EVIDENCE_WORDS[evidence][so ? 0 : 1];

const HARDLY = 0.01;

/**
 * How likely a cause is, and what speaks for it.
 *
 * @example sayCause(cause, f) // '62 %: it had not grown, it got one male'
 */
export function sayCause({ chance, because }: RankedCause, f: Format): string {
  const percent = chance < HARDLY ? `under ${f.percent(HARDLY)}` : f.percent(chance);
  return because.length === 0 ? percent : `${percent}: ${because.map(sayWeight).join(', ')}`;
}

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
