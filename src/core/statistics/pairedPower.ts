import { logGamma } from './logGamma';

/** What a trial of pairs is planned for. */
export interface PowerQuestion {
  /** The shares that come off of each way, if they differ as is asked: 0 to 1. */
  readonly one: number;
  readonly other: number;
}

/** A trial shows a difference where dealing alone gives one as large in fewer than 5 of 100. */
const SHOWN = 0.05;

/**
 * The chance that a trial of so many pairs shows a difference, by exact sums over what may come of it: the two flowers of
 * a pair come off independently, and the test is McNemar's exact one. Flowers of one plant are more alike than that,
 * which only helps.
 *
 * @param pairs 0 or more.
 * @throws RangeError unless both shares are within 0 to 1.
 * @example pairedPower(20, { one: 0, other: 1 }) // 1
 */
export function pairedPower(pairs: number, { one, other }: PowerQuestion): number {
  for (const share of [one, other])
    if (!(share >= 0 && share <= 1)) throw new RangeError(`${share} is no share`);
  const [up, down] = [other * (1 - one), one * (1 - other)];
  const differ = up + down;
  if (differ === 0) return 0;
  let power = 0;
  for (let m = 0; m <= pairs; m += 1) {
    const few = mostFewThatShow(m);
    if (few < 0) continue;
    const share = up / differ;
    power += binomial(m, pairs, differ) * (below(few, m, share) + below(few, m, 1 - share));
  }
  return Math.min(1, power);
}

/** So many pairs are more than a garden has. */
const MOST_PAIRS = 500;

/**
 * The fewest pairs that show a difference with a chance.
 *
 * @param power the chance, 0 to 1.
 * @returns `undefined` where more than 500 would be needed.
 * @example pairsFor({ one: 0.4, other: 0.7 }, 0.8) // 43
 */
export function pairsFor(question: PowerQuestion, power: number): number | undefined {
  const isEnough = (pairs: number): boolean => pairedPower(pairs, question) >= power;
  if (!isEnough(MOST_PAIRS)) return undefined;
  let [few, enough] = [0, MOST_PAIRS];
  while (enough - few > 1) {
    const middle = (few + enough) >> 1;
    if (isEnough(middle)) enough = middle;
    else few = middle;
  }
  // The chance does not grow evenly: one of a few pairs less may do as well.
  for (let pairs = Math.max(1, enough - STEPS_BACK); pairs < enough; pairs += 1)
    if (isEnough(pairs)) return pairs;
  return enough;
}

const STEPS_BACK = 8;

const shownBy = new Map<number, number>();

/** Of so many pairs that differ: how few may go the other way for the difference to be shown; −1 where none. */
function mostFewThatShow(differing: number): number {
  const known = shownBy.get(differing) ?? countFewThatShow(differing);
  shownBy.set(differing, known);
  return known;
}

function countFewThatShow(differing: number): number {
  let tail = 0;
  for (let few = 0; few <= differing / 2; few += 1) {
    tail += binomial(few, differing, 0.5);
    if (2 * tail > SHOWN) return few - 1;
  }
  return -1;
}

const below = (most: number, of: number, share: number): number => {
  let sum = 0;
  for (let hits = 0; hits <= most; hits += 1) sum += binomial(hits, of, share);
  return sum;
};

/** The chance of so many hits. */
function binomial(hits: number, of: number, share: number): number {
  if (share === 0) return hits === 0 ? 1 : 0;
  if (share === 1) return hits === of ? 1 : 0;
  return Math.exp(
    logFactorial(of) -
      logFactorial(hits) -
      logFactorial(of - hits) +
      hits * Math.log(share) +
      (of - hits) * Math.log(1 - share),
  );
}

const logFactorials: number[] = [];
const logFactorial = (n: number): number => (logFactorials[n] ??= logGamma(n + 1));
