import type { Figure } from '@/core/fruit/setFigures';
import type { Format } from '../format';

/** `12 of 19, 63 % (41 to 81 %)`. */
export function figureInWords({ hits, of, share, low, high }: Figure, f: Format): string {
  if (share === undefined) return 'none to count yet';
  return `${f.number(hits)} of ${f.number(of)}, ${f.percent(share)} (${f.number(low * 100)} to ${f.percent(high)})`;
}

/** What is not in the figure, and why. */
export function leftOutInWords({ leftOut, undatedDrops }: Figure, f: Format): string {
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
