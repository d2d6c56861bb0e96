import type { FruitGrowth, GrowthState } from '@/core/fruit/growth';
import type { Growth } from '@/core/crops/crop';
import type { Format } from '../format/format';

/** What is measured, as a title and in a sentence. */
export const MEASURES: Readonly<
  Record<Growth['measured'], { readonly asks: string; readonly large: string; readonly compares: string }>
> = {
  length: { asks: 'How long is it?', large: 'long', compares: 'as long' },
  across: { asks: 'How far across is it?', large: 'across', compares: 'as far across' },
};

const STATES: Readonly<Record<GrowthState, string>> = {
  asUsual: 'Growing as it should',
  slow: 'Growing slowly',
  stopped: 'It has stopped growing',
  cannotTell: 'Its growth tells nothing now',
};

/**
 * How a fruit grows, and why that is said.
 *
 * @example sayGrowth(growth, { onPlant: true }, f) // ['Growing as it should: 3 times as long as on day 0; 2 to 6 times is usual.']
 */
export function sayGrowth(
  { measured, sizes, judged }: FruitGrowth,
  { onPlant }: { readonly onPlant: boolean },
  f: Format,
): string[] {
  const last = sizes.at(-1)!;
  const { large, compares } = MEASURES[measured];
  if (!judged)
    return [
      `${f.size(last.mm)} ${large} on day ${f.number(last.day)}.${onPlant ? ' Measured once more, it shows how it grows.' : ''}`,
    ];
  const { state, since, times, usual, reasons } = judged;
  const so = `${f.size(last.mm)} on day ${f.number(last.day)}, ${f.number(times, 1)} times ${compares} as on day ${f.number(since)}`;
  const expected = `${f.number(usual[0], 1)} to ${f.number(usual[1], 1)} times is usual`;
  const because = reasons.map(({ code }) => REASONS[code]);
  return [
    state === 'cannotTell'
      ? `${so}. ${STATES.cannotTell}: too little time between the two, or it is nearly full-grown.`
      : `${STATES[state]}: ${so}; ${expected}.`,
    ...because,
    ...(onPlant && ADVICE[state] ? [ADVICE[state]] : []),
  ];
}

const REASONS = {
  coolSince: 'It was cool since then, so less was to be expected.',
  olderFruit: 'Older fruit swells on the same plant and takes from it.',
} as const;

const ADVICE: Readonly<Partial<Record<GrowthState, string>>> = {
  slow: 'Measure again in a day or two.',
  stopped: 'Most that stop so early drop: look at its flower end and its stalk, and do not count on it.',
};
