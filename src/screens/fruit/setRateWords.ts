import type { Looks } from '@/core/crops/crop';
import type { SetRate } from '@/core/fruit/setRates';
import type { Format } from '../format/format';

/** `41 to 81 %`. */
export const sayRange = (low: number, high: number, f: Format): string =>
  `${f.number(low * 100)} to ${f.percent(high)}`;

/** `12 of 19, 63 % (41 to 81 %)`. */
export function sayRate({ hits, of, share, low, high }: SetRate, f: Format): string {
  if (share === undefined) return 'none to count yet';
  return `${f.number(hits)} of ${f.number(of)}, ${f.percent(share)} (${sayRange(low, high, f)})`;
}

/** What is not in the rate, and why. */
export function sayLeftOut({ leftOut, undatedDrops }: SetRate, f: Format): string {
  const parts = [
    leftOut.notYetDue > 0 ? `${f.number(leftOut.notYetDue)} not yet due` : '',
    leftOut.notLookedAt > 0 ? `${f.number(leftOut.notLookedAt)} not looked at` : '',
    leftOut.thinned > 0 ? `${f.number(leftOut.thinned)} thinned` : '',
    leftOut.lost > 0 ? `${f.number(leftOut.lost)} lost` : '',
  ].filter(Boolean);
  const out = parts.length > 0 ? `Left out: ${parts.join(', ')}.` : '';
  const undated =
    undatedDrops > 0
      ? ` ${f.count(undatedDrops, 'drop was found only later and counts', 'drops were found only later and count')} as failed by then.`
      : '';
  return out + undated;
}

/** The days of each look in words, `3 to 4`. */
export type LookDays = Readonly<Record<keyof Looks, string>>;

/** The days on which fruits are looked at, over all their crops. */
export function lookDays(looks: readonly Looks[]): LookDays {
  const span = (from: readonly number[], to: readonly number[]): string => {
    const [first, last] = [Math.min(...from), Math.max(...to)];
    return first === last ? `${first}` : `${first} to ${last}`;
  };
  const days = (stage: 'early' | 'set'): string =>
    span(
      looks.map((each) => each[stage].value[0]),
      looks.map((each) => each[stage].value[1]),
    );
  const kept = looks.map((each) => each.kept.value);
  return { early: days('early'), set: days('set'), kept: span(kept, kept) };
}
