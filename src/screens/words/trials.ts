import type { TrialComparison, TrialWay } from '@/core/journal/kinds/trial';
import type { TrialSize } from '@/core/trial/planTrial';
import type { TrialResult, Verdict } from '@/core/trial/trialResult';
import type { Format } from '../format/format';
import { lowerFirst } from './lowerFirst';
import { METHODS } from './names';

export const COMPARISON_NAMES: Readonly<
  Record<TrialComparison, { readonly name: string; readonly note: string }>
> = {
  males: { name: 'How many males a flower', note: 'With one male, all of a fruit’s seed has one father.' },
  method: { name: 'What brings the pollen', note: 'The same flowers, two tools.' },
  pollen: { name: 'Whose pollen', note: 'Of the same plant, or of another.' },
  hours: { name: 'Early or late', note: 'In the first half of the good hours, or in the second.' },
  insects: { name: 'By hand, or left to the insects', note: 'Whether the work is needed at all.' },
};

/**
 * A way of a trial, as one says it of a flower.
 *
 * @example sayWay({ males: 1 }, f) // 'With 1 male'
 */
export function sayWay({ males, method, pollen, hours, insects }: TrialWay, f: Format): string {
  if (insects) return 'Left to the insects';
  if (males !== undefined) return `With ${f.count(males, 'male', 'males')}`;
  if (method !== undefined) return `With ${lowerFirst(METHODS[method])}`;
  if (pollen !== undefined) return pollen === 'own' ? 'Pollen of its own plant' : 'Pollen of another plant';
  if (hours !== undefined) return hours === 'early' ? 'Early' : 'Late';
  return 'By hand';
}

/**
 * What a trial asks of a flower, on the card at which it is done.
 *
 * @param from when it is its turn, UTC milliseconds.
 */
export function sayTried(way: TrialWay, from: number | undefined, f: Format): string {
  if (way.insects) return 'Trial: leave these to the insects.';
  if (way.hours === 'late')
    return from === undefined ? 'Trial: its turn is late.' : `Trial: its turn is from ${f.time(from)} on.`;
  if (way.hours === 'early') return 'Trial: its turn is early, as soon as it is open.';
  return `Trial: ${lowerFirst(sayWay(way, f))}.`;
}

/** How many flowers a trial takes, and what that rests on. */
export function saySize(
  { pairs, mornings, expected }: TrialSize,
  difference: number,
  f: Format,
): { readonly lead: string; readonly reasons: readonly string[] } {
  const now = f.number(Math.round(expected.share.share * 100));
  const more = f.number(Math.round(difference * 100));
  const base =
    expected.own > 0
      ? `About ${now} of 100 set now: your own ${f.count(expected.own, 'flower', 'flowers')} count for ${f.number(Math.round(expected.ownWeight * 100))} of 100 of that, the handbook for the rest.`
      : `About ${now} of 100 set, by the handbook: none of your own is known yet.`;
  if (pairs === undefined)
    return { lead: 'No garden has so many flowers. Choose a larger difference.', reasons: [base] };
  return {
    lead: `${f.count(pairs, 'pair', 'pairs')}, ${f.number(2 * pairs)} flowers${mornings === undefined ? '' : `: about ${f.count(mornings, 'morning', 'mornings')} at the number that flower now`}.`,
    reasons: [
      base,
      `If one way really sets ${more} more of 100, the trial shows it in 8 of 10 such trials. A smaller difference it may miss.`,
    ],
  };
}

/** How a trial stands. */
export function sayStanding(result: TrialResult, wanted: number, f: Format): readonly string[] {
  const { known, waiting, lost } = result.pairs;
  const left = [
    waiting > 0 ? `${f.number(waiting)} more wait for a flower or a look` : '',
    lost > 0 ? `${f.count(lost, 'flower was', 'flowers were')} lost` : '',
  ].filter(Boolean);
  const counts = `${f.number(known)} of ${f.count(wanted, 'pair is', 'pairs are')} known${left.length > 0 ? `; ${left.join(', ')}` : ''}.`;
  switch (result.state) {
    case 'running':
      return [
        counts,
        'Which does better is said at the end: results in between would tempt to stop at a lucky moment.',
      ];
    case 'waiting':
      return [counts, 'Ended. What was dealt is still looked at; then it is judged.'];
    case 'empty':
      return ['It ended before both flowers of any pair were known. Nothing can be said.'];
    case 'done':
      return [
        `Judged by ${f.count(result.judged, 'pair', 'pairs')} of ${f.number(wanted)} planned, on ${f.count(result.plants, 'plant', 'plants')}.${lost > 0 ? ` ${f.count(lost, 'flower was', 'flowers were')} lost and left out.` : ''}`,
      ];
  }
}

const VERDICTS: Readonly<Record<Verdict, string>> = {
  one: '',
  other: '',
  alike: 'They do as well as each other: a difference as large as you asked about is not there.',
  open: 'It cannot be told: neither that one does better, nor that they are alike.',
};

/** The verdict of a trial: which way, how much, and how sure. */
export function sayVerdict(
  { sides, found, verdict, otherwise }: Extract<TrialResult, { state: 'done' }>,
  ways: readonly [TrialWay, TrialWay],
  f: Format,
): { readonly lead: string; readonly reasons: readonly string[] } {
  const better = found.difference >= 0 ? 1 : 0;
  const [least, most] = better === 1 ? [found.low, found.high] : [-found.high, -found.low];
  const per100 = (share: number): string => f.number(Math.round(share * 100));
  const by = `${per100(Math.abs(found.difference))} more of 100`;
  const rarely =
    found.chance < 0.001
      ? 'fewer than 1 of 1,000'
      : `${f.number(Math.max(1, Math.round(found.chance * 100)))} of 100`;
  const lead =
    verdict === 'one' || verdict === 'other' ? `${sayWay(ways[better], f)}: ${by} set.` : VERDICTS[verdict];
  return {
    lead,
    reasons: [
      ...([0, 1] as const).map(
        (side) =>
          `${sayWay(ways[side], f)}: ${f.number(sides[side].hits)} of ${f.number(sides[side].of)} set.`,
      ),
      `${sayWay(ways[better], f)}: most likely between ${sayFewerMore(least, f)} and ${sayFewerMore(most, f)} of 100 set than ${lowerFirst(sayWay(ways[better === 0 ? 1 : 0], f))} (95 % interval).`,
      `If the ways made no difference, chance alone would give one at least as large in ${rarely} trials.`,
      ...(otherwise > 0
        ? [
            `${f.count(otherwise, 'flower was', 'flowers were')} done another way than fell to them. They count with what fell to them, since leaving them out would let somebody choose.`,
          ]
        : []),
    ],
  };
}

const sayFewerMore = (share: number, f: Format): string =>
  share < 0 ? `${f.number(Math.round(-share * 100))} fewer` : `${f.number(Math.round(share * 100))} more`;
