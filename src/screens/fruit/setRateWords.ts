import type { Looks } from '@/core/crops/crop';
import type { SetRate } from '@/core/fruit/setRates';
import type { Format } from '../format/format';

/** `41 to 81 %`. */
export const sayRange = (low: number, high: number, f: Format): string =>
  `${f.number(low * 100)} to ${f.percent(high)}`;

/** `12 of 19, 63 % (41 to 81 %)`; where others count as well, `about 63 % (41 to 81 %)`. */
export function sayRate({ hits, of, share, low, high, counted, unknown }: SetRate, f: Format): string {
  if (share === undefined)
    return of === 0
      ? 'none to count yet'
      : `not known, ${sayRange(low, high, f)}: ${f.number(unknown)} grew when last seen, and nobody has looked since`;
  const range = `${f.percent(share)} (${sayRange(low, high, f)})`;
  return counted || unknown > 0 ? `about ${range}` : `${f.number(hits)} of ${f.number(of)}, ${range}`;
}

const LEFT_OUT = {
  notYetDue: 'not yet due',
  notLookedAt: 'not looked at',
  thinned: 'thinned',
  lost: 'lost',
} as const satisfies Readonly<Record<keyof SetRate['leftOut'], string>>;

/** What is not in the rate, and why; or how it is in it. */
export function sayLeftOut(
  { leftOut, undatedDrops, hits, of, counted, unknown }: SetRate,
  f: Format,
): string {
  const say = (parts: readonly (keyof typeof LEFT_OUT)[]): string =>
    parts
      .flatMap((part) => (leftOut[part] > 0 ? `${f.number(leftOut[part])} ${LEFT_OUT[part]}` : []))
      .join(', ');
  // Those count like others that grew as long, or are told of where nothing says how they went on.
  const inside = counted ? say(['notLookedAt', 'thinned', 'lost']) : '';
  const isTold = counted || unknown > 0;
  const outside = say(isTold ? ['notYetDue'] : ['notYetDue', 'notLookedAt', 'thinned', 'lost']);
  const out = [
    inside &&
      `${f.number(hits)} of the ${f.number(of)} that are known; ${inside}: like others that grew as long.`,
    outside && `Left out: ${outside}.`,
  ]
    .filter(Boolean)
    .join(' ');
  const undated =
    undatedDrops > 0
      ? `${f.count(undatedDrops, 'drop was found only later and counts', 'drops were found only later and count')} as failed by then.`
      : '';
  return [out, undated].filter(Boolean).join(' ');
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
