import { groupBy } from '../text/groupBy';
import type { FruitHistory } from './fruitHistory';
import { verdictByDay } from './setVerdict';

/** A flower of which it is known, and how many it stands for: itself, and its part of those that nobody looked at again. */
export interface ResolvedFlower {
  readonly history: FruitHistory;
  /** Was it growing on the day? */
  readonly yes: boolean;
  /** 1 or more. */
  readonly weight: number;
}

export interface Resolved {
  readonly flowers: readonly ResolvedFlower[];
  /** So many were growing when they were last seen, later than any of which it is known: nothing tells how they went on. */
  readonly unknown: number;
}

/**
 * What is known of pollinated flowers by a day of their lives. What fails is found by any look, what grows on only by one
 * on that day or later: were those left out that nobody looked at again, or that were thinned or lost before it, the share
 * would come out too low. Each of them counts like those that grew when it was last seen: it is shared out among them
 * [Efron 1967, The two sample problem with censored data; the product-limit estimate of Kaplan & Meier 1958], what
 * failed as on the day on which that was found.
 *
 * @param dayOf the day of its life by which a flower is judged; those that are not that old are not in it.
 * @example resolvedBy([], () => 7) // { flowers: [], unknown: 0 }
 */
export function resolvedBy(
  histories: readonly FruitHistory[],
  dayOf: (history: FruitHistory) => number,
): Resolved {
  const known: { readonly history: FruitHistory; readonly yes: boolean; readonly until: number }[] = [];
  const unseen: number[] = [];
  for (const history of histories) {
    const day = dayOf(history);
    if (history.age < day) continue;
    const verdict = verdictByDay(history, day);
    if (verdict === 'yes') known.push({ history, yes: true, until: Infinity });
    else if (verdict === 'no') known.push({ history, yes: false, until: Math.min(history.failed!, day) });
    else unseen.push(lastThere(history));
  }
  const days = [...known.map(({ until }) => until), ...unseen];
  // Each that was there after a day gets as much of what was last seen on it: what it has got by then is its weight.
  const shares: { readonly from: number; readonly share: number }[] = [];
  const weightOn = (day: number): number =>
    shares.reduce((sum, { from, share }) => (from < day ? sum + share : sum), 1);
  let unknown = 0;
  for (const [from, own] of [...groupBy(unseen, (day) => day)].sort(([a], [b]) => a - b)) {
    const mass = own.length * weightOn(from);
    const like = days.filter((day) => day > from).length;
    if (like === 0) unknown += mass;
    else shares.push({ from, share: mass / like });
  }
  return {
    flowers: known.map(({ history, yes, until }) => ({ history, yes, weight: weightOn(until) })),
    unknown,
  };
}

/** The last day on which it is known to have been there, growing: what was thinned was. */
const lastThere = ({ lastGrowing, ended }: FruitHistory): number =>
  ended?.how === 'thinned' ? Math.max(lastGrowing, ended.day) : lastGrowing;

/** What the flowers come to, of the known ones alone. */
export interface ResolvedShare {
  /** Of those that are known. */
  readonly hits: number;
  readonly of: number;
  /** With what each stands for; `undefined` where none is known. */
  readonly share: number | undefined;
  /** So many flowers that stand for one each say as much [Kish 1965, Survey Sampling, 11.7]. */
  readonly effective: number;
  /** How many they stand for together. */
  readonly weights: number;
}

/** @example shareOf([{ history, yes: true, weight: 1 }]) // { hits: 1, of: 1, share: 1, effective: 1, weights: 1 } */
export function shareOf(flowers: readonly ResolvedFlower[]): ResolvedShare {
  let [hits, yes, all, squares] = [0, 0, 0, 0];
  for (const { yes: isYes, weight } of flowers) {
    all += weight;
    squares += weight ** 2;
    if (!isYes) continue;
    hits += 1;
    yes += weight;
  }
  const of = flowers.length;
  return of === 0
    ? { hits, of, share: undefined, effective: 0, weights: 0 }
    : { hits, of, share: Math.min(1, yes / all), effective: all ** 2 / squares, weights: all };
}
